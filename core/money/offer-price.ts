import { cents } from './cents';

const PERCENT = 100;

/** What is sold, each before tax. */
export type Sold = {
  equipment: number;
  materials: number;
  /** Hours at the rate they are sold at. */
  work: number;
  /** Permit and the like: passed on as they are, never taxed. */
  fees: number;
};
export type Terms = {
  taxPct: number;
  /** 'all' taxes work too; anything else equipment and materials. */
  taxOn: string;
  depositPct: number;
  /** What a law or the company allows at most; 0 for no cap. */
  depositCap: number;
};
export type OfferPrice = { before: number; tax: number; total: number; deposit: number; rest: number };

/**
 * What an offer asks for: sum, tax, total, deposit and rest, to the cent, half up; the rest takes the last cent.
 *
 * @source business arithmetic; what is taxed and what a deposit may be is law of the place, set by the company
 */
export function offerPrice({ equipment, materials, work, fees }: Sold, terms: Terms): OfferPrice {
  const before = cents(equipment + materials + work + fees);
  const taxed = equipment + materials + (terms.taxOn === 'all' ? work : 0);
  const tax = cents((taxed * terms.taxPct) / PERCENT);
  const total = cents(before + tax);
  const asked = cents((total * terms.depositPct) / PERCENT);
  const deposit = terms.depositCap > 0 ? Math.min(asked, terms.depositCap) : asked;
  return { before, tax, total, deposit, rest: cents(total - deposit) };
}
