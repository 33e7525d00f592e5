import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

export const lengthField = num(0.5, 600, 'in');

/**
 * The short side an opening must have for a face p × q, when its long side is a. Turning the face helps only when p > a.
 * Source: rectangle in a rectangle, Wetzel (2000), from memory; checked against a search over every angle.
 */
export function neededShortSide(p: number, q: number, a: number): number {
  if (p <= a) return q;
  // Never less than the face's own short side: without this a square would seem to pass any square opening.
  const turned = (2 * p * q * a + (p * p - q * q) * Math.sqrt(p * p + q * q - a * a)) / (p * p + q * q);
  return Math.max(q, turned);
}

/**
 * Does a rectangular face pass a rectangular opening, turned if need be?
 *
 * @param pIn, qIn the face · @param aIn, bIn the opening, 0.5 to 600; which side is which does not matter
 * @returns fits, and neededIn: the short side the opening would need
 * @example faceThroughOpening({ pIn: 24.5, qIn: 21, aIn: 22, bIn: 22 }) // needs 25.35: does not fit
 */
export const faceThroughOpening = calculation({
  id: 'face-through-opening',
  title: 'A face through an opening',
  what: 'Whether one face of a unit passes a door, gate or hatch, straight or turned.',
  formula: 'p ≤ a and q ≤ b; or p > a, q ≤ b and b ≥ (2pqa + (p² − q²)√(p² + q² − a²))/(p² + q²)',
  source: 'rectangle in a rectangle, Wetzel, edition not checked',
  notCovered: 'Hands and packaging (deduct them first), and whether there is room behind the opening.',
  input: z.strictObject({ pIn: lengthField, qIn: lengthField, aIn: lengthField, bIn: lengthField }),
  compute: ({ pIn, qIn, aIn, bIn }) => {
    const a = Math.max(aIn, bIn);
    const b = Math.min(aIn, bIn);
    const neededIn = neededShortSide(Math.max(pIn, qIn), Math.min(pIn, qIn), a);
    return ok({ fits: neededIn <= b + 1e-9, neededIn });
  },
  example: {
    input: { pIn: 24.5, qIn: 21, aIn: 22, bIn: 22 },
    expected: { fits: false, neededIn: 25.35 },
    tolerance: 0.01,
  },
});
