import { tell } from '@/core/startup/words';
import { q, type Said } from '@/core/words/said';
import type { Quantity } from './quantities';
import { DEFAULT_STEADY, type SteadyResult, type SteadySettings } from './steady-state';

/** One complete typed round of readings, and when it was taken. */
export type TypedRound = { atMin: number; values: Partial<Record<Quantity, number>> };

/** Two rounds at least this far apart must agree. */
const LEAST_APART_MIN = 5;
/** Agreement between two rounds: five minutes of the slope that a streamed run may show, plus a gauge's resolution. */
const AGREE: Partial<Record<Quantity, number>> = {
  suctionPsig: 3.5,
  liquidPsig: 7.5,
  suctionLineF: 1.5,
  liquidLineF: 1.5,
  returnDryBulbF: 1,
  supplyDryBulbF: 1,
};

/**
 * Steadiness without instruments: the compressor has run its least time and two typed rounds, 5 min or more apart, agree.
 * Source: the streamed detector's limits carried over (design default). Not covered: hunting between the rounds.
 */
export function steadyFromRepeats(
  rounds: readonly TypedRound[],
  runMinutes: number | undefined,
  settings: SteadySettings = DEFAULT_STEADY,
  /** Now, on the clock of the rounds, min: tells how long until the next round. */
  nowMin?: number,
): SteadyResult {
  const result = (state: SteadyResult['state'], say: Said, waitS: number, steadyForS = 0): SteadyResult => ({
    state,
    say,
    waitS,
    steadyForS,
    channels: {},
  });
  if (runMinutes === undefined)
    return result('starting', tell('startup.type-how-long-compressor-has-run-2'), settings.minRunMin * 60);
  if (runMinutes < settings.minRunMin) {
    return result(
      'settling',
      tell('startup.min-left-of-of-compressor-run', {
        minRunMin: Math.ceil(settings.minRunMin - runMinutes),
        minRunMin2: q(settings.minRunMin, 'min', 'as is'),
      }),
      (settings.minRunMin - runMinutes) * 60,
    );
  }
  const last = rounds[rounds.length - 1];
  const before = [...rounds].reverse().find((r) => last && last.atMin - r.atMin >= LEAST_APART_MIN);
  const leftS =
    last && nowMin !== undefined ? Math.max(0, (last.atMin + LEAST_APART_MIN - nowMin) * 60) : LEAST_APART_MIN * 60;
  if (!last) return result('settling', tell('startup.record-first-round'), 0);
  if (!before)
    return result(
      'settling',
      tell('startup.take-second-round-after-first', { leastApartMin: q(LEAST_APART_MIN, 'min', 'as is') }),
      leftS,
    );
  const moved = (Object.keys(AGREE) as Quantity[]).filter((name) => {
    const a = last.values[name];
    const b = before.values[name];
    return a === undefined || b === undefined || !(Math.abs(a - b) <= AGREE[name]!);
  });
  if (moved.length) return result('settling', tell('startup.last-two-rounds-differ-take-another'), leftS);
  const forMin = last.atMin - before.atMin;
  return result(
    'steady',
    tell('startup.two-typed-rounds-agree-over-min', { forMin: Math.round(forMin) }),
    0,
    forMin * 60,
  );
}
