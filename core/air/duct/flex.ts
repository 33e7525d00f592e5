import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/**
 * How many times more pressure a flexible duct costs when it is not pulled taut.
 *
 * @param diameterIn 5 to 24 · @param compressionPct 0 (taut) to 30
 * @returns multiplier on the friction of the same duct pulled taut
 * @example flexMultiplier({ diameterIn: 8, compressionPct: 15 }) // 4.18
 */
export const flexMultiplier = calculation({
  id: 'flex-multiplier',
  title: 'Slack in flexible duct',
  what: 'How many times more pressure a flexible duct costs when it is left slack.',
  formula: '1 + 0.58 c e^(−0.126 D), c in percent of compression',
  source: 'ASHRAE Handbook Fundamentals, Duct Design, edition not checked',
  notCovered: 'Sag between straps and bends tighter than one diameter, which cost extra.',
  input: z.strictObject({ diameterIn: num(5, 24, 'in'), compressionPct: num(0, 30, '%') }),
  compute: ({ diameterIn, compressionPct }) =>
    ok({ multiplier: 1 + 0.58 * compressionPct * Math.exp(-0.126 * diameterIn) }),
  example: { input: { diameterIn: 8, compressionPct: 15 }, expected: { multiplier: 4.18 }, tolerance: 0.01 },
});
