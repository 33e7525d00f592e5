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
  const result = (state: SteadyResult['state'], say: string, waitS: number, steadyForS = 0): SteadyResult => ({
    state,
    say,
    waitS,
    steadyForS,
    channels: {},
  });
  if (runMinutes === undefined)
    return result('starting', 'Type how long the compressor has run', settings.minRunMin * 60);
  if (runMinutes < settings.minRunMin) {
    return result(
      'settling',
      `${Math.ceil(settings.minRunMin - runMinutes)} min left of ${settings.minRunMin} min of compressor run`,
      (settings.minRunMin - runMinutes) * 60,
    );
  }
  const last = rounds[rounds.length - 1];
  const before = [...rounds].reverse().find((r) => last && last.atMin - r.atMin >= LEAST_APART_MIN);
  const leftS =
    last && nowMin !== undefined ? Math.max(0, (last.atMin + LEAST_APART_MIN - nowMin) * 60) : LEAST_APART_MIN * 60;
  if (!last) return result('settling', 'Record the first round', 0);
  if (!before) return result('settling', `Take a second round ${LEAST_APART_MIN} min after the first`, leftS);
  const moved = (Object.keys(AGREE) as Quantity[]).filter((name) => {
    const a = last.values[name];
    const b = before.values[name];
    return a === undefined || b === undefined || !(Math.abs(a - b) <= AGREE[name]!);
  });
  if (moved.length) return result('settling', 'The last two rounds differ: take another in 5 min', leftS);
  const forMin = last.atMin - before.atMin;
  return result('steady', `Two typed rounds agree over ${Math.round(forMin)} min`, 0, forMin * 60);
}
