import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** Above this the regression is not valid: the highest band, whatever it says, °F. */
const VALID_TO_F = 112;
/** Full sun stands for so much more (National Weather Service), °F. */
export const FULL_SUN_F = 15;

/** Minutes of work and rest an hour by the heat index up to each; above the last half of the work, two people, early (design defaults). */
const BANDS = [
  { belowF: 80, workMin: 60, restMin: 0 },
  { belowF: 90, workMin: 60, restMin: 0 },
  { belowF: 103, workMin: 50, restMin: 10 },
  { belowF: 115, workMin: 40, restMin: 20 },
  { belowF: Number.POSITIVE_INFINITY, workMin: 20, restMin: 40 },
] as const;
export const bandOf = (heatIndexF: number) => BANDS.find((b) => heatIndexF < b.belowF)!;

/** Air that feels so hot, in shade: the simple mean below 80 °F, the regression above it with its two corrections. */
export function heatIndexF(t: number, r: number): number {
  const simple = 0.5 * (t + 61 + 1.2 * (t - 68) + 0.094 * r);
  if ((simple + t) / 2 < 80) return (simple + t) / 2;
  const full =
    -42.379 +
    2.04901523 * t +
    10.14333127 * r -
    0.22475541 * t * r -
    0.00683783 * t * t -
    0.05481717 * r * r +
    0.00122874 * t * t * r +
    0.00085282 * t * r * r -
    0.00000199 * t * t * r * r;
  if (r < 13 && t >= 80 && t <= 112) return full - ((13 - r) / 4) * Math.sqrt((17 - Math.abs(t - 95)) / 17);
  if (r > 85 && t >= 80 && t <= 87) return full + ((r - 85) / 10) * ((87 - t) / 5);
  return full;
}

/**
 * How hot it feels, and how much of an hour is worked in it.
 *
 * @param airF in shade · @param humidityPct · @param fullSun on a roof
 * @returns heatIndexF, workMin and restMin of an hour; proven: false above 112 °F, where the formula ends and the highest band counts
 * @example heatIndex({ airF: 95, humidityPct: 50 }) // 105.2 °F: 40 min of work, 20 of rest
 */
export const heatIndex = calculation({
  id: 'heat-index',
  title: 'Heat index',
  what: 'How hot the air feels to a crew, and how much of an hour it works in it.',
  formula:
    'below 80 °F the mean of T and 0.5 (T + 61 + 1.2 (T − 68) + 0.094 RH); above, the regression with its corrections',
  source: 'US National Weather Service; work and rest are design defaults',
  notCovered: 'Wind, clothing, people not used to heat: a fifth of the day on the first.',
  input: z.strictObject({
    airF: num(40, 160, '°F'),
    humidityPct: num(0, 100, '%'),
    fullSun: z.boolean().default(false),
  }),
  compute: ({ airF, humidityPct, fullSun }) => {
    const feelsF = heatIndexF(airF, humidityPct) + (fullSun ? FULL_SUN_F : 0);
    const proven = airF <= VALID_TO_F;
    const { workMin, restMin } = proven ? bandOf(feelsF) : BANDS.at(-1)!;
    return ok({ heatIndexF: feelsF, workMin, restMin, proven });
  },
  example: {
    input: { airF: 95, humidityPct: 50 },
    expected: { heatIndexF: 105.2, workMin: 40, restMin: 20, proven: true },
    tolerance: 0.05,
  },
});
