import { z } from 'zod';
import { upTo } from '@/core/finding/allow';
import { chars, num, oneOf } from '@/core/finding/quantity-field';
import { USUAL_FRICTION } from './airflow-per-ton';
import { FITTING_KINDS, fittingFt } from './fitting-length';
import { flexMultiplier } from './flex';

const id = chars(1, 40);
const fitting = z.strictObject({
  id,
  side: oneOf(['supply', 'return']),
  kind: oneOf(FITTING_KINDS),
  fpm: num(50, 3000, 'fpm'),
  count: num(1, 20, ''),
});

/** The longest way of the air: straight duct, flex, and every fitting on it. */
export const pathSchema = z.strictObject({
  supplyFt: num(1, 500, 'ft'),
  returnFt: num(0, 500, 'ft'),
  flexFt: num(0, 200, 'ft'),
  flexIn: num(5, 24, 'in'),
  slackPct: num(0, 30, '%'),
  fittings: z.array(fitting).max(40).meta(upTo(40, 'fittings')),
});
export type DuctPath = z.infer<typeof pathSchema>;

/** Total effective length of the longest supply and return together, ft; fittings as feet at the usual friction rate. */
export function effectiveFt(path: DuctPath): { straightFt: number; fittingsFt: number; totalFt: number } {
  const slack = flexMultiplier({ diameterIn: path.flexIn, compressionPct: path.slackPct });
  const straightFt = path.supplyFt + path.returnFt + path.flexFt * (slack.ok ? slack.value.multiplier : 1);
  const fittingsFt = path.fittings.reduce((sum, f) => sum + f.count * fittingFt(f.kind, f.fpm, USUAL_FRICTION), 0);
  return { straightFt, fittingsFt, totalFt: straightFt + fittingsFt };
}
