import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { tell } from '@/core/fit/words';
import { POLICY } from '@/core/policy/figures';
import { IN2_PER_FT2 } from '@/core/units/units';

const coordinate = num(-600, 600, 'in');
/** A rectangle on the plan: two opposite corners on one origin. */
export const rectangleSchema = z
  .strictObject({ x0: coordinate, y0: coordinate, x1: coordinate, y1: coordinate })
  .describe('a rectangle {x0, y0, x1, y1} in inches, x1 > x0 and y1 > y0');
export type Rectangle = z.infer<typeof rectangleSchema>;

export const areaIn2 = (r: Rectangle): number => Math.max(0, r.x1 - r.x0) * Math.max(0, r.y1 - r.y0);

export function intersection(a: Rectangle, b: Rectangle): Rectangle {
  return { x0: Math.max(a.x0, b.x0), y0: Math.max(a.y0, b.y0), x1: Math.min(a.x1, b.x1), y1: Math.min(a.y1, b.y1) };
}

/** Good from here; between the two the opening is trimmed or given a transition; below, redesign (design defaults). */
export const OVERLAP_GOOD_PCT = POLICY.overlapGoodPct.value;
export const OVERLAP_LEAST_PCT = POLICY.overlapLeastPct.value;
/** Sides of a transition steeper than this separate the air (common practice); never beyond the second. */
export const SLOPE_LOOK_DEG = 20;
export const SLOPE_LIMIT_DEG = 30;

/**
 * How much of two openings, one above the other, is open through both.
 *
 * @param unitOpening, curbOpening rectangles in inches on one origin
 * @returns overlapIn2, and overlapPct of the smaller opening
 * @example curbOverlap({ unitOpening: {x0:10,y0:12,x1:46,y1:32}, curbOpening: {x0:18,y0:10,x1:42,y1:30} }) // 432 in², 90 %
 */
export const curbOverlap = calculation({
  id: 'curb-overlap',
  title: 'Openings of unit and curb',
  what: 'How much of the unit’s opening lies over the curb’s opening.',
  formula: 'area of the intersection / area of the smaller opening',
  source: 'plane geometry; 95 % good and 80 % least are design defaults',
  notCovered: 'Flanges and insulation that narrow an opening: enter the clear sizes.',
  input: z.strictObject({ unitOpening: rectangleSchema, curbOpening: rectangleSchema }),
  compute: ({ unitOpening, curbOpening }) => {
    for (const [field, r] of Object.entries({ unitOpening, curbOpening })) {
      if (!(areaIn2(r) > 0))
        return refuse(
          field,
          tell('fit.has-no-area-corner-is-on', { field }),
          tell('fit.x1-greater-than-x0-y1-greater'),
        );
    }
    const overlapIn2 = areaIn2(intersection(unitOpening, curbOpening));
    return ok({ overlapIn2, overlapPct: (100 * overlapIn2) / Math.min(areaIn2(unitOpening), areaIn2(curbOpening)) });
  },
  example: {
    input: { unitOpening: { x0: 10, y0: 12, x1: 46, y1: 32 }, curbOpening: { x0: 18, y0: 10, x1: 42, y1: 30 } },
    expected: { overlapIn2: 432, overlapPct: 90 },
    tolerance: 1e-9,
  },
});

/**
 * Slope of one side of a transition, and the height that brings it to 20°.
 * @param offsetIn sideways, 0 to 200 · @param heightIn 1 to 200
 * @example transitionSlope({ offsetIn: 8, heightIn: 14 }) // 29.7°; 22 in would do
 */
export const transitionSlope = calculation({
  id: 'transition-slope',
  title: 'Slope of a transition',
  what: 'How steep one side of a curb adapter or transition is, and how tall it would have to be.',
  formula: 'atan(offset / height); height for 20° = offset / tan 20°',
  source: '20° look again, 30° limit: common practice',
  notCovered: 'Turning vanes, and makers’ own adapters.',
  input: z.strictObject({ offsetIn: num(0, 200, 'in'), heightIn: num(1, 200, 'in') }),
  compute: ({ offsetIn, heightIn }) => {
    const slopeDeg = (Math.atan(offsetIn / heightIn) * 180) / Math.PI;
    return ok({
      slopeDeg,
      heightFor20In: offsetIn / Math.tan((SLOPE_LOOK_DEG * Math.PI) / 180),
      holds: slopeDeg <= SLOPE_LOOK_DEG,
    });
  },
  example: {
    input: { offsetIn: 8, heightIn: 14 },
    expected: { slopeDeg: 29.7, heightFor20In: 21.98 },
    tolerance: 0.06,
  },
});

/** Air speed through an area, fpm. */
export const fpmThrough = (cfm: number, throughIn2: number): number => cfm / (throughIn2 / IN2_PER_FT2);
