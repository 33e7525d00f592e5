import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { bendOf } from './bend';
import { GAUGES, gaugeField, IN2_PER_FT2 } from './sheet-gauge';
import { sideField } from './transition';

/**
 * The flat blank of a pan: four walls folded up, their rims hemmed over.
 *
 * @param lengthIn, widthIn outside of its bottom · @param wallIn height of the walls · @param hemIn turned over at the rim, 0 for
 * none · @param gauge 28 to 18; bends at a radius of the thickness
 * @returns blankIn length and width, weightLb with the corners notched out
 * @example panBlank({ lengthIn: 36, widthIn: 30, wallIn: 2, hemIn: 0.5, gauge: 24 }) // 40.904 × 34.904 in, 11.3 lb
 */
export const panBlank = calculation({
  id: 'pan-blank',
  title: 'Pan blank',
  what: 'The flat piece that a drain pan is folded from, and what it weighs.',
  formula:
    'side + 2 × (wall + hem) − 2 × deduction of a right bend; weight of the blank less four corners of (wall + hem)²',
  source: 'geometry; k 0.44, radius of the thickness: common practice; weights of the gauge table, edition not checked',
  notCovered: 'Drain fittings, soldered corners; a hem counts by its own width.',
  input: z.strictObject({
    lengthIn: sideField,
    widthIn: sideField,
    wallIn: num(0.25, 24, 'in'),
    hemIn: num(0, 2, 'in'),
    gauge: gaugeField,
  }),
  compute: ({ lengthIn, widthIn, wallIn, hemIn, gauge }) => {
    const { lbFt2, thicknessIn } = GAUGES[gauge];
    const foldedIn = 2 * (wallIn + hemIn) - 2 * bendOf(thicknessIn, thicknessIn, 90).deductionIn;
    const [length, width] = [lengthIn + foldedIn, widthIn + foldedIn];
    const notchedIn2 = 4 * (wallIn + hemIn) ** 2;
    return ok({ blankIn: [length, width], weightLb: ((length * width - notchedIn2) / IN2_PER_FT2) * lbFt2 });
  },
  example: {
    input: { lengthIn: 36, widthIn: 30, wallIn: 2, hemIn: 0.5, gauge: 24 },
    expected: { blankIn: [40.9, 34.9], weightLb: 11.26 },
    tolerance: 0.001,
  },
});
