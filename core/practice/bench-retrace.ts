import { BENCH_ACTS, type BenchActId, type BenchFault, type BenchName, hidesIn } from './bench-round';

/** One look that parts what may be wrong: how long it takes and what it leaves. */
export type BenchStep = { did: BenchActId | 'watch'; minutes: number; left: readonly BenchFault[] };

/** A line is watched for so long before it says anything (common practice), min. */
export const WATCH_MIN = 15;

/**
 * What each look shows of each thing that may be wrong; alike where it shows the same. Under vacuum the pump's own level parts
 * nothing: water, a leak, a hose and soaked oil all keep it up.
 */
const SHOWS: Record<
  BenchName,
  readonly { did: BenchActId | 'watch'; minutes: number; as: Partial<Record<BenchFault, string>> }[]
> = {
  hold: [
    { did: 'watch', minutes: WATCH_MIN, as: { sound: 'explained', 'pipe-leak': 'falls', 'hose-leak': 'falls' } },
    {
      did: 'hoses-off',
      minutes: BENCH_ACTS['hoses-off'].minutes + WATCH_MIN,
      as: { sound: 'explained', 'pipe-leak': 'falls', 'hose-leak': 'explained' },
    },
  ],
  vacuum: [
    {
      did: 'isolate',
      minutes: BENCH_ACTS.isolate.minutes + WATCH_MIN,
      as: {
        sound: 'holds deep',
        wet: 'levels off',
        'pipe-leak': 'climbs on',
        'hose-leak': 'holds shallow',
        'pump-oil': 'holds shallow',
        gauge: 'wanders',
      },
    },
    {
      did: 'blank-off',
      minutes: BENCH_ACTS['blank-off'].minutes,
      as: {
        'hose-leak': 'deep',
        'pump-oil': 'shallow',
        wet: 'shallow',
        sound: 'deep',
        'pipe-leak': 'deep',
        gauge: 'deep',
      },
    },
  ],
};

/** The looks that part what may be wrong, one after the other, until one is left. */
export function retraceBench(bench: BenchName, hidden: BenchFault): { steps: BenchStep[]; minutes: number } {
  const steps: BenchStep[] = [];
  let left: readonly BenchFault[] = hidesIn(bench);
  for (const { did, minutes, as } of SHOWS[bench]) {
    if (left.length === 1) break;
    left = left.filter((f) => as[f] === as[hidden]);
    steps.push({ did, minutes, left });
  }
  return { steps, minutes: steps.reduce((sum, s) => sum + s.minutes, 0) };
}
