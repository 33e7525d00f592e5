import { callsOf, wiredFor } from '@/core/controls/control-network';
import type { Measured, Seen } from '@/core/controls/diagnose';
import type { FaultCode } from '@/core/controls/fault-codes';
import { safetiesOf } from '@/core/controls/make-plan';
import { nodesOf } from '@/core/controls/meter';
import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { RUN_WORDS } from '@/core/phases/wire/names';
import { type Cabinet, ohmsIn, pullsIn, voltsIn } from '@/core/plant/cabinet/cabinet';
import { list, lower, q, type Said } from '@/core/words/said';
import { CABINET_MIN, type CabinetRound, namesFor } from './cabinet-round';
import { addHarm, type Harm } from './harm';
import type { Move } from './moves';
import { tell } from './words';

/** A round at a cabinet as it stands after some moves; changed in place. */
export type CabinetPlay = {
  round: CabinetRound;
  cabinet: Cabinet;
  seen: Seen[];
  measured: Measured[];
  done: { atMin: number; move: Move; showed?: Said }[];
  minutes: { measuring: number; working: number };
  harm: Harm[];
  named: FaultCode | 'none' | undefined;
  finished: boolean;
};

export const startCabinet = (round: CabinetRound): CabinetPlay => ({
  round,
  cabinet: { spec: round.spec, seed: round.seed, mended: [] },
  seen: [],
  measured: [],
  done: [],
  minutes: { measuring: 0, working: 0 },
  harm: [],
  named: undefined,
  finished: false,
});

export const cabinetMin = ({ minutes }: CabinetPlay): number => minutes.measuring + minutes.working;
/** Makes one move at a cabinet, or says why it cannot be made. */
export function applyCabinet(p: CabinetPlay, move: Move): Outcome<CabinetPlay> {
  const why = refusalOf(p, move);
  if (why) return refuse('moves', ...why);
  const atMin = cabinetMin(p);
  const showed = make(p, move);
  p.done.push({ atMin, move, ...(showed ? { showed } : {}) });
  return ok(p);
}

function refusalOf(p: CabinetPlay, move: Move): [Said, Said] | undefined {
  const { spec } = p.round;
  if (p.finished) return [tell('practice.round-is-over'), tell('practice.begin-another')];
  const nodes = nodesOf(wiredFor(spec).plan);
  const devices = safetiesOf(spec).map((s): string => s.device);
  const list_ = tell('practice.what-the-list-shows');
  switch (move.kind) {
    case 'try':
      return callsOf(spec).includes(move.call) && move.open.every((d) => devices.includes(d))
        ? undefined
        : [tell('practice.no-such-call-here'), list_];
    case 'volts':
      return nodes.has(move.a) && nodes.has(move.b) && callsOf(spec).includes(move.call)
        ? undefined
        : [tell('practice.no-such-terminal'), list_];
    case 'ohms':
      return nodes.has(move.a) && nodes.has(move.b) ? undefined : [tell('practice.no-such-terminal'), list_];
    case 'mend':
      return namesFor(p.round).includes(move.code) ? undefined : [tell('practice.no-such-fault-here'), list_];
    case 'name-wiring':
      if (p.named) return [tell('practice.named-already'), tell('practice.put-right-or-hand-over')];
      return namesFor(p.round).includes(move.code) ? undefined : [tell('practice.no-such-fault-here'), list_];
    case 'finish':
      return p.named ? undefined : [tell('practice.nothing-named'), tell('practice.name-it-first')];
    default:
      return [tell('practice.only-a-cabinet-here'), list_];
  }
}

function make(p: CabinetPlay, move: Move): Said | undefined {
  switch (move.kind) {
    case 'try': {
      const trial = { call: move.call, open: move.open };
      p.minutes.measuring += CABINET_MIN.try;
      const runs = pullsIn(p.cabinet, trial);
      p.seen.push({ ...trial, runs });
      // A fuse that blew once is told by the first call; more calls only blow more of them.
      if (p.round.hidden === 'RC_SHORT' && p.cabinet.mended.length === 0 && p.seen.length > SHORT_TRIES)
        addHarm(p.harm, 'tried-on-a-short', cabinetMin(p));
      return runs.length
        ? tell('practice.pulled-in', { loads: list(runs.map((r) => lower(RUN_WORDS[r]))) })
        : tell('practice.nothing-pulled-in');
    }
    case 'volts': {
      p.minutes.measuring += CABINET_MIN.volts;
      const { call, open, a, b } = move;
      const volts = voltsIn(p.cabinet, { call, open }, { a, b });
      p.measured.push({ call, open, a, b, volts });
      return tell('practice.meter-shows', { reading: q(volts, 'V', 1) });
    }
    case 'ohms': {
      p.minutes.measuring += CABINET_MIN.ohms;
      const ohms = ohmsIn(p.cabinet, move);
      return ohms === undefined
        ? tell('practice.line-is-open')
        : tell('practice.meter-shows-ohms', { ohms: q(ohms, 'number', 1) });
    }
    case 'mend':
      p.minutes.working += CABINET_MIN.mend;
      if (move.code !== p.round.hidden) addHarm(p.harm, 'wire-moved-for-nothing', cabinetMin(p));
      p.cabinet = { ...p.cabinet, mended: [...p.cabinet.mended, move.code] };
      // What was seen before it was mended says nothing of it now.
      p.seen = [];
      p.measured = [];
      return undefined;
    case 'name-wiring':
      p.named = move.code;
      return undefined;
    case 'finish':
      p.finished = true;
      return undefined;
    default:
      return undefined;
  }
}
/** Calls until a blown fuse has said what it says (house rule). */
const SHORT_TRIES = 3;

/** Whether every call now does what it must. */
export const isWiredRight = ({ round, cabinet }: CabinetPlay): boolean =>
  round.hidden === 'none' || cabinet.mended.includes(round.hidden);

/** Right by its name, or by one that nothing seen or measured in this cabinet could tell from it. */
export const wiringFound = (
  round: CabinetRound,
  named: FaultCode | 'none',
  alike: readonly (FaultCode | 'none')[],
): number => (named === round.hidden || (alike.includes(named) && alike.includes(round.hidden)) ? 1 : 0);
