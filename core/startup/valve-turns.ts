import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { figure, is, maybe, pick, schemaOf } from '@/core/form/field';
import { dewF } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { q } from '@/core/words/said';
import { checksBy } from './acceptance/checks';
import { tell } from './words';

/** What is read at the coil's outlet with the valve as it stands, and how it was turned after that; typed. */
export const VALVE_TURN_FIELDS = {
  outletF: figure(tell('startup.line-at-coil-outlet'), -20, 90, '°F'),
  outletPsig: figure(tell('startup.pressure-at-coil-outlet'), -5, 300, 'psig'),
  way: pick(tell('startup.then-turned'), {
    none: tell('startup.not-turned'),
    in: tell('startup.in-clockwise'),
    out: tell('startup.out-counterclockwise'),
  }),
  quarters: maybe(figure(tell('startup.by-quarter-turns'), 1, 8, '¼ turn', { when: is('way', 'in', 'out') })),
};
export const valveTurnSchema = schemaOf(VALVE_TURN_FIELDS);
export type ValveTurn = z.infer<typeof valveTurnSchema>;

/** Superheat at the coil's outlet (common practice; the maker's figure wins), °F. */
const BAND = { low: 8, high: 12 } as const;
/** Wait between a turn and the next reading (common practice), min. */
const WAIT_MIN = 15;
/** Never more at once; from so many off where it was found the valve is not what is wrong (common practice), quarter turns. */
const MOST_AT_ONCE = 2;
const MOST_IN_ALL = 6;
/** Of what the last turn teaches, so much is used (house rule), and a change smaller than this teaches nothing, °F. */
const TRUST = 0.7;
const LEAST_F = 0.5;

/** Turned in it closes: positive. */
const turnsOf = ({ way, quarters }: ValveTurn): number =>
  way === 'none' ? 0 : (way === 'in' ? 1 : -1) * (quarters ?? 1);

export const outletSuperheatF = (r: Refrigerant, { outletF, outletPsig }: ValveTurn, barometerPsia: number): number =>
  outletF - dewF(r, outletPsig + barometerPsia);

export type NextTurn = { quarters: number } | 'hold' | 'stop' | 'backward';

/**
 * What to do with an adjustable valve after these readings: hold, turn by so many quarters (in is positive), or stop turning.
 *
 * @param read superheat at the outlet before each turn, °F, and the turn that followed, quarters, oldest first
 * @source 8 to 12 °F at the coil's outlet, a quarter turn and a wait at a time: common practice. Not covered: balance-ported valves whose
 * maker forbids adjustment, electronic valves
 */
export function nextTurn(read: readonly { superheatF: number; turned: number }[]): NextTurn {
  const last = read.at(-1);
  if (!last) return 'hold';
  const { superheatF } = last;
  if (superheatF >= BAND.low && superheatF <= BAND.high) return 'hold';
  if (Math.abs(read.reduce((sum, x) => sum + x.turned, 0)) >= MOST_IN_ALL) return 'stop';
  const middle = (BAND.low + BAND.high) / 2;
  const wanted = middle - superheatF;
  const before = read.at(-2);
  if (!before?.turned) return { quarters: Math.sign(wanted) };
  const perQuarter = (superheatF - before.superheatF) / before.turned;
  if (Math.abs(superheatF - before.superheatF) < LEAST_F) return { quarters: Math.sign(wanted) };
  // Turned in, superheat rises: where it fell, the valve does not do what it is told.
  if (perQuarter < 0) return 'backward';
  const learned = Math.round((TRUST * wanted) / perQuarter);
  const quarters = Math.max(-MOST_AT_ONCE, Math.min(MOST_AT_ONCE, learned));
  return { quarters: quarters || Math.sign(wanted) };
}

/** The newest reading at the coil's outlet, and the next turn. */
export function judgeValve(
  turns: readonly ValveTurn[],
  { refrigerant, barometerPsia }: { refrigerant: Refrigerant; barometerPsia: number },
): Finding[] {
  const { found, add } = checksBy(tell('startup.outlet-superheat-common-practice'));
  const read = turns.map((t) => ({ superheatF: outletSuperheatF(refrigerant, t, barometerPsia), turned: turnsOf(t) }));
  const last = read.at(-1)!;
  if (!Number.isFinite(last.superheatF)) {
    add(
      'valve-superheat',
      'not-proven',
      tell('startup.outlet-pressure-has-no-dew-point'),
      tell('startup.saturation-is-undefined-there-wrong-refrigerant'),
      tell('startup.read-the-outlet-again'),
    );
    return found;
  }
  const claim = tell('startup.outlet-superheat-is', {
    superheat: q(last.superheatF, 'F'),
    low: BAND.low,
    high: q(BAND.high, 'F', 'as is'),
  });
  // What was turned after the last reading is not seen yet.
  const next = last.turned === 0 ? nextTurn(read) : undefined;
  if (next === 'hold') add('valve-superheat', 'good', claim, tell('startup.a-coil-that-is-used-and-a-dry-line'));
  else
    add(
      'valve-superheat',
      next === undefined ? 'not-proven' : 'look-again',
      claim,
      tell('startup.do-and-why', {
        what: askOf(next),
        why:
          next === 'backward'
            ? tell('startup.valve-does-not-follow')
            : tell('startup.one-turn-then-wait', { wait: q(WAIT_MIN, 'min', 'as is') }),
      }),
      askOf(next),
    );
  return found;
}

function askOf(next: Exclude<NextTurn, 'hold'> | undefined) {
  if (next === undefined) return tell('startup.wait-and-read-the-outlet-again', { wait: q(WAIT_MIN, 'min', 'as is') });
  if (next === 'stop') return tell('startup.turn-it-back-as-it-was-found');
  if (next === 'backward') return tell('startup.look-at-bulb-before-the-next-turn');
  const way = next.quarters > 0 ? tell('startup.in-clockwise') : tell('startup.out-counterclockwise');
  return tell('startup.turn-it-by-quarters', { quarters: String(Math.abs(next.quarters)), way });
}
