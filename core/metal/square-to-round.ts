import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { IN2_PER_FT2 } from './sheet-gauge';
import { sideField } from './transition';

const LEAST_POINTS = 16;
const MOST_POINTS = 360;

export type RoundShape = { squareIn: readonly [number, number]; diameterIn: number; heightIn: number; points: number };

/** From a corner to the points of its quarter, from the +x to the +y quadrant point, in. */
export function trueLengths({ squareIn: [a, b], diameterIn, heightIn, points }: RoundShape): number[] {
  const r = diameterIn / 2;
  return Array.from({ length: points / 4 + 1 }, (_, k) => {
    const at = (2 * Math.PI * k) / points;
    return Math.hypot(a / 2 - r * Math.cos(at), b / 2 - r * Math.sin(at), heightIn);
  });
}

/** Area of a triangle from its sides (Heron). */
function triangle(a: number, b: number, c: number): number {
  const s = (a + b + c) / 2;
  return Math.sqrt(Math.max(0, s * (s - a) * (s - b) * (s - c)));
}

/**
 * A square-to-round, flat: triangles from each corner to its quarter of the circle, and one flat triangle a side.
 *
 * @param squareIn along x and y · @param diameterIn of the round end, centered · @param heightIn between them · @param points on
 * the circle: 16 or more, a multiple of 4
 * @returns trueLengthsIn from a corner to the points of its quarter, from +x to +y; chordIn between points; areaFt2 without seams;
 * chordPerimeterIn against perimeterIn of the true circle
 * @example squareToRoundPattern({ squareIn: [16, 16], diameterIn: 14, heightIn: 10, points: 16 }) // 12.845, 11.431, 10.891 …
 */
export const squareToRoundPattern = calculation({
  id: 'square-to-round-pattern',
  title: 'Square to round',
  what: 'True lengths to lay out a fitting from a rectangle to a centered circle, and the sheet it takes.',
  formula: 'true length = √(Δx² + Δy² + h²); chord = D sin(π/N); area by Heron over all triangles',
  source: 'triangulation, geometry',
  notCovered: 'Offset round ends; seams, which are drawn apart. Cutting files want 48 points or more.',
  input: z.strictObject({
    squareIn: z.tuple([sideField, sideField]).describe('two lengths'),
    diameterIn: num(1, 240, 'in'),
    heightIn: num(0.5, 240, 'in'),
    points: z
      .number()
      .int()
      .min(LEAST_POINTS)
      .max(MOST_POINTS)
      .refine((n) => n % 4 === 0, 'a multiple of 4')
      .meta({ allowed: `16, 20, 24 … ${MOST_POINTS}` }),
  }),
  compute: (shape) => {
    const {
      squareIn: [a, b],
      diameterIn,
      heightIn,
      points,
    } = shape;
    const lengths = trueLengths(shape);
    const chordIn = diameterIn * Math.sin(Math.PI / points);
    const corner = lengths.slice(1).reduce((sum, l, k) => sum + triangle(lengths[k]!, l, chordIn), 0);
    const flat = a * Math.hypot(heightIn, (b - diameterIn) / 2) + b * Math.hypot(heightIn, (a - diameterIn) / 2);
    return ok({
      trueLengthsIn: lengths,
      chordIn,
      areaFt2: (4 * corner + flat) / IN2_PER_FT2,
      chordPerimeterIn: points * chordIn,
      perimeterIn: Math.PI * diameterIn,
    });
  },
  example: {
    input: { squareIn: [16, 16], diameterIn: 14, heightIn: 10, points: 16 },
    expected: {
      trueLengthsIn: [12.85, 11.43, 10.89, 11.43, 12.85],
      chordIn: 2.731,
      areaFt2: 3.84,
      chordPerimeterIn: 43.7,
      perimeterIn: 43.982,
    },
    tolerance: 0.001,
  },
});
