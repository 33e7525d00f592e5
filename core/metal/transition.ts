import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { IN2_PER_FT2 } from './sheet-gauge';

export const sideField = num(1, 240, 'in');
const offset = num(-240, 240, 'in');
/** Two lengths: along x, along y. */
const pair = (one: z.ZodNumber) => z.tuple([one, one]).describe('two lengths');

export type TransitionShape = {
  bottomIn: readonly [number, number];
  topIn: readonly [number, number];
  heightIn: number;
  offsetIn: readonly [number, number];
};

/** One plane side of a transition: its edge below and above, how far it leans, its length along the slope, in. */
export type Side = { belowIn: number; aboveIn: number; runIn: number; slantIn: number };

/** The four sides in the order −y, +x, +y, −x. Each is a plane trapezoid: its two edges are parallel. */
export function sidesOf({ bottomIn: [a, b], topIn: [c, d], heightIn, offsetIn: [ox, oy] }: TransitionShape): Side[] {
  const side = (belowIn: number, aboveIn: number, runIn: number): Side => ({
    belowIn,
    aboveIn,
    runIn,
    slantIn: Math.hypot(heightIn, runIn),
  });
  return [
    side(a, c, oy + (b - d) / 2),
    side(b, d, (a - c) / 2 - ox),
    side(a, c, (b - d) / 2 - oy),
    side(b, d, ox + (a - c) / 2),
  ];
}

/**
 * A rectangular transition, flat.
 *
 * @param bottomIn, topIn along x and along y · @param heightIn between them · @param offsetIn between their centers, along x, y
 * @returns slantsIn of the sides −y, +x, +y, −x; areaFt2 without seams; maxSlopeDeg of the side that leans most
 * @example transitionPattern({ bottomIn: [24, 20], topIn: [18, 16], heightIn: 12, offsetIn: [3, 2] }) // 12.65, 12, 12, 13.42 in
 */
export const transitionPattern = calculation({
  id: 'transition-pattern',
  title: 'Rectangular transition',
  what: 'The slanted lengths, the sheet and the steepest side of a transition from one rectangle to another.',
  formula: 'slant = √(height² + run²); area = Σ (edge below + edge above)/2 × slant; slope = atan(|run|/height)',
  source: 'geometry of plane trapezoids',
  notCovered: 'Ends that are twisted against each other; seams and flanges, which are drawn apart.',
  input: z.strictObject({
    bottomIn: pair(sideField),
    topIn: pair(sideField),
    heightIn: num(0.5, 240, 'in'),
    offsetIn: pair(offset),
  }),
  compute: (shape) => {
    const sides = sidesOf(shape);
    return ok({
      slantsIn: sides.map((s) => s.slantIn),
      areaFt2: sides.reduce((sum, s) => sum + ((s.belowIn + s.aboveIn) / 2) * s.slantIn, 0) / IN2_PER_FT2,
      maxSlopeDeg: Math.max(...sides.map((s) => (Math.atan2(Math.abs(s.runIn), shape.heightIn) * 180) / Math.PI)),
    });
  },
  example: {
    input: { bottomIn: [24, 20], topIn: [18, 16], heightIn: 12, offsetIn: [3, 2] },
    expected: { slantsIn: [12.65, 12, 12, 13.42], areaFt2: 6.772, maxSlopeDeg: 26.565 },
    tolerance: 0.001,
  },
});
