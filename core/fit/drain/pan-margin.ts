import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

const IN3_PER_GAL = 231;
/** A pan reaches this far past the unit on every side (a code may mean 3 in total: the stricter is kept), in. */
export const PAN_MARGIN_IN = 3;

/**
 * A secondary pan under an indoor unit: its margin on each side, and what it holds before its float trips.
 *
 * @param offsetLengthIn, offsetWidthIn how far the unit stands off the middle of the pan
 * @returns lengthMarginIn, widthMarginIn: the smaller of the two sides; leastIn of all; gal up to the float
 * @example panMargin({ panLengthIn: 36, panWidthIn: 30, unitLengthIn: 24.5, unitWidthIn: 21, floatIn: 0.75 }) // 5.75 and 4.5 in, 3.5 gal
 */
export const panMargin = calculation({
  id: 'pan-margin',
  title: 'Pan under the unit',
  what: 'Whether the secondary pan reaches past the unit on every side, and how much water it holds before the float trips.',
  formula: '(pan − unit)/2 − offset, each side ≥ 3 in; gal = length × width × float height/231',
  source: 'geometry; 3 in common practice and a mechanical code, edition not checked',
  notCovered: 'Slope of the pan: lift the float and pour at the low corner as well.',
  input: z.strictObject({
    panLengthIn: num(6, 200, 'in'),
    panWidthIn: num(6, 200, 'in'),
    unitLengthIn: num(4, 200, 'in'),
    unitWidthIn: num(4, 200, 'in'),
    offsetLengthIn: num(0, 50, 'in').default(0),
    offsetWidthIn: num(0, 50, 'in').default(0),
    floatIn: num(0.1, 6, 'in').default(0.75),
  }),
  compute: (i) => {
    const lengthMarginIn = (i.panLengthIn - i.unitLengthIn) / 2 - i.offsetLengthIn;
    const widthMarginIn = (i.panWidthIn - i.unitWidthIn) / 2 - i.offsetWidthIn;
    return ok({
      lengthMarginIn,
      widthMarginIn,
      leastIn: Math.min(lengthMarginIn, widthMarginIn),
      gal: (i.panLengthIn * i.panWidthIn * i.floatIn) / IN3_PER_GAL,
    });
  },
  example: {
    input: { panLengthIn: 36, panWidthIn: 30, unitLengthIn: 24.5, unitWidthIn: 21, floatIn: 0.75 },
    expected: { lengthMarginIn: 5.75, widthMarginIn: 4.5, leastIn: 4.5, gal: 3.5 },
    tolerance: 0.01,
  },
});
