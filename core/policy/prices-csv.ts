import { PRICE_PARTS, PRICE_RANGE, type PriceKey, type Prices, WORKS, type Work } from './prices';

/** Columns of a price list; the name is for who reads it and is not read back. */
export const PRICE_COLUMNS = ['work', 'name', 'hours', 'materials', 'currency'] as const;
export type PriceRow = Record<(typeof PRICE_COLUMNS)[number], string>;

export const priceRow = (prices: Prices, work: Work, name: string, currency: string): PriceRow => ({
  work,
  name,
  hours: String(prices[`hours-${work}`]),
  materials: String(prices[`materials-${work}`]),
  currency,
});

/** Why a row of a list is not taken: which row (1 is the first after the head), which field, and what is allowed. */
export type PriceTrouble = { row: number; field: 'work' | 'currency' | 'hours' | 'materials'; allowed: string };

/**
 * A price list as it was read from a file: figures that may be put, and rows that may not. Nothing is taken from a list that
 * is in another currency than the company's: nothing is ever converted.
 */
export function readPrices(
  rows: readonly Partial<Record<string, string>>[],
  currency: string,
): { change: Partial<Prices>; troubles: PriceTrouble[] } {
  const change: Partial<Prices> = {};
  const troubles: PriceTrouble[] = [];
  for (const [i, row] of rows.entries()) {
    const work = WORKS.find((w) => w === row.work?.trim());
    if (!work) {
      troubles.push({ row: i + 1, field: 'work', allowed: WORKS.join(', ') });
      continue;
    }
    const theirs = row.currency?.trim();
    if (theirs && theirs !== currency) {
      troubles.push({ row: i + 1, field: 'currency', allowed: currency });
      continue;
    }
    for (const part of PRICE_PARTS) {
      const text = row[part]?.trim() ?? '';
      if (text === '') continue;
      const { low, high } = PRICE_RANGE[part];
      const value = Number(text);
      if (Number.isFinite(value) && value >= low && value <= high) change[`${part}-${work}` as PriceKey] = value;
      else troubles.push({ row: i + 1, field: part, allowed: `${low} – ${high}` });
    }
  }
  return { change, troubles };
}
