import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/**
 * How far three phases lie apart, volts or amps.
 *
 * @param values the three readings of one kind, in order
 * @returns mean; imbalancePct: the largest distance from the mean, of the mean
 * @example imbalance({ values: [208, 215, 203] }) // 3.04 %
 */
export const imbalance = calculation({
  id: 'imbalance',
  title: 'Phase imbalance',
  what: 'How far three phases lie apart: little in the volts is much in the heat of a motor.',
  formula: '100 × largest |x − mean| / mean',
  source: 'NEMA MG 1, edition not checked',
  notCovered: 'Phase angle; single-phasing, where one reading is near nothing.',
  input: z.strictObject({
    values: z
      .array(num(0.01, 100_000, ''))
      .length(3)
      .describe('three readings'),
  }),
  compute: ({ values }) => {
    const mean = values.reduce((sum, x) => sum + x, 0) / values.length;
    return ok({ mean, imbalancePct: (100 * Math.max(...values.map((x) => Math.abs(x - mean)))) / mean });
  },
  example: { input: { values: [208, 215, 203] }, expected: { mean: 208.67, imbalancePct: 3.035 }, tolerance: 0.005 },
});
