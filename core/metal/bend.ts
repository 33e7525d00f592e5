import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** Where the length of a bend stays as it is, as a share of the thickness (common practice; a shop calibrates its own brake). */
export const NEUTRAL = 0.44;
const DEG = Math.PI / 180;

/** Allowance of a bend along its neutral line, and what two outside flanges lose by it, in. */
export function bendOf(thicknessIn: number, radiusIn: number, angleDeg: number, k = NEUTRAL) {
  const allowanceIn = angleDeg * DEG * (radiusIn + k * thicknessIn);
  const setbackIn = Math.tan((angleDeg * DEG) / 2) * (radiusIn + thicknessIn);
  return { allowanceIn, deductionIn: 2 * setbackIn - allowanceIn };
}

/**
 * What a bend takes of a flat piece.
 *
 * @param thicknessIn of the sheet · @param radiusIn inside of the bend · @param angleDeg through which it is bent, below 180
 * @param k share of the thickness at which the length stays, 0.44 by default
 * @returns allowanceIn along the bend, deductionIn off the two outside lengths
 * @example bendAllowance({ thicknessIn: 0.0276, radiusIn: 0.0276, angleDeg: 90 }) // 0.0624 and 0.0480 in
 */
export const bendAllowance = calculation({
  id: 'bend-allowance',
  title: 'Bend allowance',
  what: 'How much of a flat piece a bend takes, and how much two outside lengths lose by it.',
  formula: 'allowance = θ (R + kT); deduction = 2 tan(θ/2)(R + T) − allowance',
  source: 'geometry; k 0.44 common practice, calibrated on the shop’s own brake',
  notCovered: 'Springback, hems, bends of 180 degrees.',
  input: z.strictObject({
    thicknessIn: num(0.005, 0.5, 'in'),
    radiusIn: num(0.001, 12, 'in'),
    angleDeg: num(0.1, 179.9, '°'),
    k: num(0.1, 0.6, '').default(NEUTRAL),
  }),
  compute: ({ thicknessIn, radiusIn, angleDeg, k }) => ok(bendOf(thicknessIn, radiusIn, angleDeg, k)),
  example: {
    input: { thicknessIn: 0.0276, radiusIn: 0.0276, angleDeg: 90 },
    expected: { allowanceIn: 0.0624, deductionIn: 0.048 },
    tolerance: 0.0001,
  },
});
