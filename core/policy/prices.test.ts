import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkSettings } from '@/core/job/settings';
import { DEFAULT_SCOPE_SCHOOLS, scopeSchools } from '@/core/scope/schools';
import { costOf, PRICE_PARTS, PRICE_RANGE, type Prices, priceSetting, STANDARD_PRICES, WORKS } from './prices';
import { priceRow, readPrices } from './prices-csv';

const figure = (part: 'hours' | 'materials') =>
  fc
    .double({ min: PRICE_RANGE[part].low, max: PRICE_RANGE[part].high, noNaN: true })
    .map((v) => Math.round(v * 100) / 100);

describe('a company’s prices', () => {
  it('stand in the place of the placeholders, work by work', () => {
    const own = scopeSchools({ 'hours-flex': 7.5, 'materials-flex': 512 });
    expect(costOf(own, 'flex')).toEqual({ hours: 7.5, materials: 512 });
    expect(costOf(own, 'return')).toEqual(costOf(DEFAULT_SCOPE_SCHOOLS, 'return'));
  });
  it.each([
    ['hours-flex', -0.1],
    ['hours-flex', 200.1],
    ['materials-flex', 100_001],
    ['hours-flex', 'six'],
    ['hours-nothing', 1],
  ])('%s of %s is refused with its field, and never taken', (id, value) => {
    expect(checkSettings({ [id]: value })).toMatchObject({ field: id });
    expect(scopeSchools({ [id]: value })).toEqual(DEFAULT_SCOPE_SCHOOLS);
  });
  it('the edges of the range are inside it', () => {
    for (const part of PRICE_PARTS)
      for (const value of [PRICE_RANGE[part].low, PRICE_RANGE[part].high])
        expect(checkSettings({ [`${part}-flex`]: value })).toBeUndefined();
  });
  it('every setting’s name leads back to its work', () => {
    for (const work of WORKS)
      for (const part of PRICE_PARTS) expect(priceSetting(`${part}-${work}`)).toEqual({ part, work });
  });
});

describe('a price list as CSV', () => {
  it('comes back as it went out, whatever the prices', () => {
    fc.assert(
      fc.property(
        fc.tuple(figure('hours'), figure('materials'), fc.constantFrom(...WORKS)),
        ([hours, materials, work]) => {
          const prices: Prices = { ...STANDARD_PRICES, [`hours-${work}`]: hours, [`materials-${work}`]: materials };
          const rows = WORKS.map((w) => priceRow(prices, w, 'any', 'USD'));
          const read = readPrices(rows, 'USD');
          expect(read.troubles).toEqual([]);
          expect({ ...STANDARD_PRICES, ...read.change }).toEqual(prices);
        },
      ),
    );
  });
  it('names the row, the field and what is allowed; the other rows are taken', () => {
    const rows = [
      { work: 'flex', hours: '8', materials: '' },
      { work: 'flux', hours: '8' },
      { work: 'return', hours: 'four', materials: '200' },
      { work: 'drain', hours: '1', currency: 'CAD' },
    ];
    const { change, troubles } = readPrices(rows, 'USD');
    expect(change).toEqual({ 'hours-flex': 8, 'materials-return': 200 });
    expect(troubles.map(({ row, field }) => [row, field])).toEqual([
      [2, 'work'],
      [3, 'hours'],
      [4, 'currency'],
    ]);
  });
});
