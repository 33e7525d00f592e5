import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BIN_FIGURES, BIN_TEMPS, binsOf } from './bin-hours';
import { cents } from './cents';
import { offerPrice } from './offer-price';
import { price } from './price';

const SOLD = { equipment: 4000, materials: 600, work: 1740, fees: 150 };
const TERMS = { taxPct: 7.25, taxOn: 'materials', depositPct: 30, depositCap: 0 };

describe('what an offer asks for', () => {
  it('tax on equipment and materials, or on the work too; never on fees (worked by hand)', () => {
    // 7.25 % of 4,600 is 333.50; of 6,340 it is 459.65.
    expect(offerPrice(SOLD, TERMS)).toMatchObject({ before: 6490, tax: 333.5, total: 6823.5 });
    expect(offerPrice(SOLD, { ...TERMS, taxOn: 'all' })).toMatchObject({ tax: 459.65, total: 6949.65 });
    expect(offerPrice({ ...SOLD, fees: 0 }, TERMS).tax).toBe(333.5);
  });
  it('a cap holds the deposit, and none where none is set', () => {
    expect(offerPrice(SOLD, TERMS).deposit).toBe(2047.05);
    expect(offerPrice(SOLD, { ...TERMS, depositCap: 1000 })).toMatchObject({ deposit: 1000, rest: 5823.5 });
    expect(offerPrice(SOLD, { ...TERMS, depositCap: 5000 }).deposit).toBe(2047.05);
  });
  it('agrees with the price of a job where everything is taxed and nothing is earned on it', () => {
    const money = fc.integer({ min: 0, max: 3_000_000 }).map((c) => c / 100);
    fc.assert(
      fc.property(
        money,
        money,
        fc.integer({ min: 0, max: 120 }),
        money,
        fc.integer({ min: 0, max: 20 }),
        (e, m, h, f, t) => {
          const mine = offerPrice(
            { equipment: e, materials: m, work: h * 100, fees: f },
            { taxPct: t, taxOn: 'all', depositPct: 30, depositCap: 0 },
          );
          const r = price({
            equipment: e,
            materials: m,
            hours: h,
            wagePerH: 100,
            overheadPerH: 0,
            marginPct: 0,
            passThrough: f,
            taxPct: t,
            depositPct: 30,
          });
          if (!r.ok) throw new Error('refused');
          expect(mine.total).toBeCloseTo(r.value.total, 1);
          expect(cents(mine.deposit + mine.rest)).toBe(mine.total);
        },
      ),
    );
  });
});

describe('hours of a winter', () => {
  it('are those the company entered, warmest first; without any there is no bill', () => {
    expect(binsOf({})).toEqual([]);
    expect(binsOf({ bin12F: 30, bin57F: 700, bin22F: 0 })).toEqual([
      { outdoorF: 57, hours: 700 },
      { outdoorF: 12, hours: 30 },
    ]);
    expect(BIN_FIGURES.map((f) => f.id)).toHaveLength(BIN_TEMPS.length);
  });
});
