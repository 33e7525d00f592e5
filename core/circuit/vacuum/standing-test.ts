import { z } from 'zod';
import { tell } from '@/core/circuit/vacuum/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { fitWindow } from '@/core/numeric/window';
import { q, type Said } from '@/core/words/said';
import { fitDecay } from './decay-fit';
import { sparseStanding } from './sparse-standing';
import { HOLDS_PER_MIN, ICE_DOUBT_F, iceDoubt, LEAK_RATIO, type Standing } from './standing';
import { waterMicrons } from './water-saturation';

/** A standing test shorter than this proves nothing; its first minute is pressure evening out (common practice), min. */
const LEAST_MIN = 10;
const SETTLE_MIN = 1;
/** Windows of the early and the late slope (trade practice), min. */
const EARLY = { from: 1, to: 4 } as const;
const LATE_MIN = 3;
/** A test this long is compared with its own middle: what moved early has settled by then (design default), min. */
const LONG_MIN = 20;
/** How the late slope compares with the early one where it levels off (design default). */
const MOISTURE_RATIO = 0.3;
/** Scatter beyond the larger of these makes the gauge unreliable. */
const SCATTER = { microns: 25, share: 0.1 } as const;
const DEFAULT_LIMIT_MICRONS = 500;
const ROOM_F = 70;
/** Fewer readings after the first minute than this are judged as typed ones, from the four minutes asked for. */
const LEAST_SAMPLES = 8;
/** A live gauge always moves a little: so many readings of one and the same value are a frozen one (design default). */
const FROZEN_SAMPLES = 60;
/** A silence longer than the larger of these hides what the vacuum did (design defaults), min and share of the test. */
const SILENCE = { min: 3, share: 0.1 } as const;
const SECONDS = 60;

const sample = z.tuple([num(0, 3000, 'min'), num(1, 800_000, 'µm')]);

export { HOLDS_PER_MIN, type Standing } from './standing';

const found = (standing: Standing) => ok(standing);

/**
 * What a standing-vacuum test shows: tight, moisture, a leak, or nothing certain.
 *
 * @param samples [minute, microns], in order, the pump valved off at minute 0; streamed, or typed at 0, 2, 5 and 10 min
 * @param limitMicrons the pressure it must stay under, default 500 · @param coldestPipeF default 70
 * @returns classification; leakMicronsPerMin for a leak; plateauMicrons where it levels off; slopes, scatter, why
 * @example standingTest({ samples: [[0, 300], [1, 355], … [10, 850]] }) // leak, 55 µm/min
 */
export const standingTest = calculation({
  id: 'standing-test',
  title: 'Standing-vacuum test',
  what: 'Tells a leak from moisture by the shape of the rise after the pump is valved off.',
  formula: 'least-squares slopes at 1–4 min and over the last 3 min; line, plateau and both fitted, best by AICc',
  source: 'least squares; corrected Akaike criterion; thresholds common practice and design defaults',
  notCovered:
    'A vacuum tests one atmosphere only: it never replaces the pressure test. A valve or hose that leaks by itself.',
  input: z.strictObject({
    samples: z.array(sample).min(1).max(100_000).describe('pairs of minutes (0 to 3000) and microns (1 to 800000)'),
    limitMicrons: num(50, 2000, 'µm').default(DEFAULT_LIMIT_MICRONS),
    coldestPipeF: num(-40, 150, '°F').default(ROOM_F),
  }),
  compute: ({ samples, limitMicrons, coldestPipeF }) => {
    for (let i = 1; i < samples.length; i++) {
      if (samples[i]![0] < samples[i - 1]![0])
        return refuse(`samples.${i}.0`, tell('vacuum.minutes-run-backwards'), tell('vacuum.minutes-in-order'));
    }
    const end = samples[samples.length - 1]![0];
    const settled = thin(samples.filter(([t]) => t >= SETTLE_MIN));
    const last = samples[samples.length - 1]![1];
    const nothing = (why: Said) => found({ classification: 'inconclusive', why, endMicrons: last });
    if (end < LEAST_MIN)
      return nothing(tell('vacuum.only-at-least-are-asked-for', { end: q(end, 'min', 1), leastMin: LEAST_MIN }));
    if (settled.length < LEAST_SAMPLES) return found(sparseStanding(samples, limitMicrons, coldestPipeF));
    if (settled.length >= FROZEN_SAMPLES && settled.every(([, v]) => v === settled[0]![1]))
      return nothing(tell('vacuum.gauge-never-moved-frozen-or-disconnected'));
    const silence = Math.max(...settled.slice(1).map(([t], i) => t - settled[i]![0]));
    if (silence > Math.max(SILENCE.min, SILENCE.share * end))
      return nothing(tell('vacuum.gauge-was-silent-for-what-happened', { silence: q(silence, 'min') }));
    const early =
      end < LONG_MIN
        ? slopeOf(settled, EARLY.from, EARLY.to)
        : slopeOf(settled, (end - LATE_MIN) / 2, (end + LATE_MIN) / 2);
    const late = slopeOf(settled, end - LATE_MIN, end);
    const fits = fitDecay(settled);
    const [best] = fits;
    const mean = settled.reduce((s, [, y]) => s + y, 0) / settled.length;
    const figures = {
      earlyMicronsPerMin: early,
      lateMicronsPerMin: late,
      scatterMicrons: best!.sd,
      endMicrons: last,
      model: best!.model,
    };
    if (best!.sd > Math.max(SCATTER.microns, SCATTER.share * mean))
      return found({
        classification: 'inconclusive',
        why: tell('vacuum.gauge-wanders-clean-it-prove-it'),
        ...figures,
      });
    const boils = waterMicrons(coldestPipeF);
    if (last > boils)
      return found({
        classification: 'leak',
        why: tell('vacuum.it-rose-past-what-water-at'),
        leakMicronsPerMin: late,
        ...figures,
      });
    if (last <= limitMicrons && late <= HOLDS_PER_MIN) {
      return coldestPipeF < ICE_DOUBT_F
        ? found({
            classification: 'inconclusive',
            why: iceDoubt(coldestPipeF),
            ...figures,
          })
        : found({
            classification: 'tight',
            why: tell('vacuum.it-stays-under-limit-and-hardly-2'),
            plateauMicrons: best!.plateauMicrons ?? last,
            ...figures,
          });
    }
    const ratio = early > 1e-6 ? late / early : late > HOLDS_PER_MIN ? Number.POSITIVE_INFINITY : 1;
    if (late > HOLDS_PER_MIN && ratio >= LEAK_RATIO)
      return found({
        classification: 'leak',
        why: tell('vacuum.it-rises-as-fast-at-end'),
        leakMicronsPerMin: late,
        ...figures,
      });
    // The level is read off the plateau model even where a small slope fits a hair better.
    const level = fits.find((f) => f.model === 'plateau');
    const plateau =
      level && level.sd <= Math.max(SCATTER.microns, SCATTER.share * mean) ? level.plateauMicrons : undefined;
    if (ratio <= MOISTURE_RATIO && plateau !== undefined && plateau > limitMicrons && plateau < boils) {
      return found({
        classification: 'moisture',
        why: tell('vacuum.it-slows-down-towards-level-below'),
        plateauMicrons: plateau,
        ...figures,
      });
    }
    return found({
      classification: 'inconclusive',
      why: tell('vacuum.neither-steady-rise-nor-clear-level'),
      ...figures,
    });
  },
  example: {
    input: { samples: Array.from({ length: 41 }, (_, i): [number, number] => [i / 4, 300 + (55 * i) / 4]) },
    expected: { classification: 'leak', leakMicronsPerMin: 55 },
    tolerance: 0.5,
  },
});

const slopeOf = (points: readonly (readonly [number, number])[], from: number, to: number): number => {
  const inside = points.filter(([t]) => t >= from && t <= to);
  return fitWindow(
    inside.map(([t]) => t * SECONDS),
    inside.map(([, y]) => y),
  ).slopePerMin;
};

/** Enough points for a fit; a day at 1 Hz says no more about the shape than these. */
const MOST_POINTS = 600;
function thin(points: readonly (readonly [number, number])[]): readonly (readonly [number, number])[] {
  if (points.length <= MOST_POINTS) return points;
  const step = (points.length - 1) / (MOST_POINTS - 1);
  return Array.from({ length: MOST_POINTS }, (_, i) => points[Math.round(i * step)]!);
}
