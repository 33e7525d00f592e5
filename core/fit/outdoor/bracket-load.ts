import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** A running unit shakes its bracket: loads are taken this much higher (design default). */
const VIBRATION = 1.5;

/**
 * Use of the upper anchors of wall brackets under an outdoor unit.
 *
 * @param standoffIn wall to center of gravity · @param spanIn upper bolt to lower bearing
 * @param tensionLb, shearLb what one anchor may carry in this wall, by its maker's table
 * @returns pullLb and shearLoadLb an anchor, use: their linear sum against what is allowed; 1 is all of it
 * @example bracketLoad({ unitLb: 175, iceLb: 60, standoffIn: 11, spanIn: 14, brackets: 2, tensionLb: 470, shearLb: 400 }) // 0.735
 */
export const bracketLoad = calculation({
  id: 'bracket-load',
  title: 'Wall bracket',
  what: 'Whether the anchors of a wall bracket carry an outdoor unit, with ice on it and shaking.',
  formula: 'T = 1.5·W·standoff/(span·brackets); V = 1.5·W/brackets; use = T/Ta + V/Va ≤ 1',
  source: 'statics; vibration factor and linear sum are design defaults; allowed loads from the anchor’s own table',
  notCovered: 'Wind, snow on top, and walls nobody knows: veneer, siding and foam carry nothing.',
  input: z.strictObject({
    unitLb: num(10, 1000, 'lb'),
    iceLb: num(0, 500, 'lb').default(0),
    standoffIn: num(2, 60, 'in'),
    spanIn: num(3, 60, 'in'),
    brackets: num(1, 6, 'brackets'),
    tensionLb: num(10, 10000, 'lb'),
    shearLb: num(10, 10000, 'lb'),
  }),
  compute: ({ unitLb, iceLb, standoffIn, spanIn, brackets, tensionLb, shearLb }) => {
    const each = (VIBRATION * (unitLb + iceLb)) / brackets;
    const pullLb = (each * standoffIn) / spanIn;
    return ok({ pullLb, shearLoadLb: each, use: pullLb / tensionLb + each / shearLb });
  },
  example: {
    input: { unitLb: 175, iceLb: 60, standoffIn: 11, spanIn: 14, brackets: 2, tensionLb: 470, shearLb: 400 },
    expected: { pullLb: 138.5, shearLoadLb: 176.25, use: 0.735 },
    tolerance: 0.05,
  },
});
