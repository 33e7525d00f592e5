import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { tell } from '@/core/fit/words';
import { IN2_PER_FT2 } from '@/core/units/units';
import { q } from '@/core/words/said';

/** Return air round a duct in a box: faster is noisy and costs pressure (common practice), fpm. */
export const CROSSOVER_LIMIT_FPM = 700;

/**
 * The open area left in a return box that the supply duct crosses.
 *
 * @param boxAIn across the duct, @param boxBIn along it, inside · @param supplyOdIn of the crossing duct with its insulation
 * @param cfm return air
 * @returns openIn2, fpm, holds (700 fpm or less)
 * @example crossoverBox({ boxAIn: 30, boxBIn: 24, supplyOdIn: 17, cfm: 1200 }) // 312 in², 554 fpm
 */
export const crossoverBox = calculation({
  id: 'crossover-box',
  title: 'Crossover box',
  what: 'Whether return air gets past the supply duct inside a crossover box.',
  formula: 'open = A × B − OD × B; fpm = CFM / open area; 700 fpm or less',
  source: 'conservation of flow; 700 fpm common practice',
  notCovered: 'Leaks of the inner joints: they short-circuit the air and must be sealed and insulated.',
  input: z.strictObject({
    boxAIn: num(6, 120, 'in'),
    boxBIn: num(6, 120, 'in'),
    supplyOdIn: num(4, 60, 'in'),
    cfm: num(100, 20000, 'CFM'),
  }),
  compute: ({ boxAIn, boxBIn, supplyOdIn, cfm }) => {
    if (supplyOdIn >= boxAIn)
      return refuse(
        'supplyOdIn',
        tell('fit.duct-fills-box'),
        tell('fit.less-than', { boxAIn: q(boxAIn, 'in', 'as is') }),
      );
    const openIn2 = boxAIn * boxBIn - supplyOdIn * boxBIn;
    const fpm = cfm / (openIn2 / IN2_PER_FT2);
    return ok({ openIn2, fpm, holds: fpm <= CROSSOVER_LIMIT_FPM });
  },
  example: {
    input: { boxAIn: 30, boxBIn: 24, supplyOdIn: 17, cfm: 1200 },
    expected: { openIn2: 312, fpm: 553.8, holds: true },
    tolerance: 0.1,
  },
});
