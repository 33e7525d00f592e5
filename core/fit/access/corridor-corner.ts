import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { lengthField } from './face-through-opening';

const STEPS = 1800;

/** The thickest thing of this length that turns the corner: the least gap over every angle of the turn. */
export function cornerLimit(a: number, b: number, length: number): { limitIn: number; atDeg: number } {
  let limitIn = Number.POSITIVE_INFINITY;
  let atDeg = 0;
  for (let k = 0; k <= STEPS; k++) {
    const t = ((Math.PI / 2) * k) / STEPS;
    const gap = a * Math.sin(t) + b * Math.cos(t) - length * Math.sin(t) * Math.cos(t);
    if (gap < limitIn) {
      limitIn = gap;
      atDeg = (90 * k) / STEPS;
    }
  }
  return { limitIn, atDeg };
}

/**
 * A box round a right-angled corridor corner, kept upright.
 *
 * @param aIn, bIn widths of the two corridors · @param lengthIn, thicknessIn of the box in plan
 * @returns fits, limitIn (the thickest box of that length that turns), atDeg the tightest moment
 * @example corridorCorner({ aIn: 36, bIn: 36, lengthIn: 56, thicknessIn: 21 }) // limit 22.9 in: fits
 */
export const corridorCorner = calculation({
  id: 'corridor-corner',
  title: 'Round a corridor corner',
  what: 'Whether a long unit can be carried round a right-angled corner.',
  formula: 'least of a sinθ + b cosθ − L sinθ cosθ over the turn ≥ thickness',
  source: 'plane geometry (the moving-ladder problem with thickness)',
  notCovered: 'Standing the unit on end, which is often the better way.',
  input: z.strictObject({ aIn: lengthField, bIn: lengthField, lengthIn: lengthField, thicknessIn: lengthField }),
  compute: ({ aIn, bIn, lengthIn, thicknessIn }) => {
    const { limitIn, atDeg } = cornerLimit(aIn, bIn, lengthIn);
    return ok({ fits: thicknessIn <= limitIn + 1e-9, limitIn: Math.max(0, limitIn), atDeg });
  },
  example: {
    input: { aIn: 36, bIn: 36, lengthIn: 56, thicknessIn: 26 },
    expected: { fits: false, limitIn: 22.91 },
    tolerance: 0.01,
  },
});
