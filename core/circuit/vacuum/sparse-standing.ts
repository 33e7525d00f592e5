import { tell } from '@/core/circuit/vacuum/words';
import { list, type Said, value } from '@/core/words/said';
import { HOLDS_PER_MIN, ICE_DOUBT_F, iceDoubt, LEAK_RATIO, type Standing, TYPED_STANDING_MIN } from './standing';
import { waterMicrons } from './water-saturation';

/** A reading counts for a minute when it was taken this near to it; the last one may be later (design default), min. */
const NEAR_MIN = 1;

type Point = readonly [minute: number, microns: number];

/**
 * A standing test read by hand at 0, 2, 5 and 10 min: tight, a leak, or not proven.
 *
 * The slope from 2 to 5 min stands for the early one, from 5 to 10 min for the late one. Four readings cannot tell
 * moisture from a small leak: what slows down is not proven. Source: the streamed test's thresholds carried over (design
 * default). Not covered: a gauge that wanders between the readings.
 *
 * @param samples [minute, microns] in order, the pump valved off at minute 0
 * @param limitMicrons µm, what it must stay under · @param coldestPipeF °F
 */
export function sparseStanding(samples: readonly Point[], limitMicrons: number, coldestPipeF: number): Standing {
  const endMicrons = samples.at(-1)![1];
  const nothing = (why: Said): Standing => ({ classification: 'inconclusive', why, endMicrons });
  const lastMin = TYPED_STANDING_MIN.at(-1)!;
  const at = (minute: number): Point | undefined =>
    minute === lastMin
      ? samples.findLast(([t]) => t >= minute)
      : samples.find(([t]) => Math.abs(t - minute) <= NEAR_MIN);
  const missing = TYPED_STANDING_MIN.filter((m) => at(m) === undefined);
  if (missing.length)
    return nothing(
      tell('vacuum.no-reading-at-min-test-read', {
        missing: list(missing, value('and')),
        typedStandingMin: list(TYPED_STANDING_MIN),
      }),
    );
  const [start, second, middle, end] = TYPED_STANDING_MIN.map((m) => at(m)!) as [Point, Point, Point, Point];
  const slope = (a: Point, b: Point): number => (b[1] - a[1]) / (b[0] - a[0]);
  const early = slope(second, middle);
  const late = slope(middle, end);
  const figures = { endMicrons, earlyMicronsPerMin: early, lateMicronsPerMin: late };
  if ([second, middle, end].every(([, microns]) => microns === start[1]))
    return nothing(tell('vacuum.gauge-never-moved-frozen-or-disconnected'));
  if (end[1] > waterMicrons(coldestPipeF))
    return {
      classification: 'leak',
      why: tell('vacuum.it-rose-past-what-water-at'),
      leakMicronsPerMin: late,
      ...figures,
    };
  if (end[1] <= limitMicrons && late <= HOLDS_PER_MIN)
    return coldestPipeF < ICE_DOUBT_F
      ? { classification: 'inconclusive', why: iceDoubt(coldestPipeF), ...figures }
      : { classification: 'tight', why: tell('vacuum.it-stays-under-limit-and-hardly'), ...figures };
  if (late > HOLDS_PER_MIN && late >= LEAK_RATIO * early)
    return {
      classification: 'leak',
      why: tell('vacuum.it-rises-as-fast-from-5'),
      leakMicronsPerMin: late,
      ...figures,
    };
  return {
    classification: 'inconclusive',
    why: tell('vacuum.it-slows-down-but-does-not'),
    ...figures,
  };
}
