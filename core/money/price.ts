import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { cents } from './cents';
import { tell } from './words';

const money = num(0, 10_000_000, '');
const PERCENT = 100;

/**
 * What a job is sold for, so that its margin is what was meant: a markup is on the cost, a margin on the price.
 *
 * @param equipment, materials what they cost · @param hours worked · @param wagePerH, overheadPerH of each hour
 * @param marginPct of the price, or @param markupPct of the cost: one of them · @param passThrough permit and fees, without margin
 * @param taxPct on the price without them · @param depositPct asked for beforehand
 * @returns cost, price (with fees), tax, total, marginPct and markupPct, deposit and rest: all money to the cent, half up; the rest takes
 * the last cent
 * @example price({ equipment: 4180, materials: 640, hours: 14.5, wagePerH: 42, overheadPerH: 38.52, marginPct: 20, passThrough: 150, depositPct: 30 }) // 7,634.43
 */
export const price = calculation({
  id: 'price',
  title: 'Price of a job',
  what: 'Cost, price and deposit of a job from equipment, materials and hours, at a margin of the price or a markup on the cost.',
  formula:
    'price = cost/(1 − margin) + fees; margin = markup/(1 + markup); cost = equipment + materials + hours × (wage + overhead)',
  source: 'business arithmetic',
  notCovered: 'What a law allows as a deposit, taxes by line, discounts.',
  input: z.strictObject({
    equipment: money,
    materials: money,
    hours: num(0, 10_000, 'h'),
    wagePerH: num(0, 1000, ''),
    overheadPerH: num(0, 1000, ''),
    marginPct: num(0, 99.9, '%').optional(),
    markupPct: num(0, 1000, '%').optional(),
    passThrough: money.default(0),
    taxPct: num(0, 30, '%').default(0),
    depositPct: num(0, 100, '%').default(0),
  }),
  compute: (i) => {
    if ((i.marginPct === undefined) === (i.markupPct === undefined))
      return refuse('marginPct', tell('money.margin-or-markup'), tell('money.one-of-the-two'));
    const cost = cents(i.equipment + i.materials + i.hours * (i.wagePerH + i.overheadPerH));
    const margin = i.marginPct === undefined ? marginOf(i.markupPct! / PERCENT) : i.marginPct / PERCENT;
    const sold = cents(cost / (1 - margin));
    const before = cents(sold + i.passThrough);
    const tax = cents((sold * i.taxPct) / PERCENT);
    const total = cents(before + tax);
    const deposit = cents((total * i.depositPct) / PERCENT);
    return ok({
      cost,
      price: before,
      tax,
      total,
      marginPct: margin * PERCENT,
      markupPct: (margin / (1 - margin)) * PERCENT,
      deposit,
      rest: cents(total - deposit),
    });
  },
  example: {
    input: {
      equipment: 4180,
      materials: 640,
      hours: 14.5,
      wagePerH: 42,
      overheadPerH: 38.52,
      marginPct: 20,
      passThrough: 150,
      depositPct: 30,
    },
    expected: { cost: 5987.54, price: 7634.43, deposit: 2290.33, rest: 5344.1 },
    tolerance: 0.001,
  },
});

/** A markup on the cost as a margin of the price; both as shares. */
export const marginOf = (markup: number): number => markup / (1 + markup);
