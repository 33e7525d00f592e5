import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { english, told } from '@/core/words/testing/english';
import { balancePoint, capacityAt, lossAt } from './balance-point';
import { EMPTY_SELECTION, judgeSelection } from './selection';
import { sizeCheck } from './size-check';

const base = { capacity47Btuh: 34000, capacity17Btuh: 21000, heatLossBtuh: 36000, designF: 17, noLoadF: 65 };
const balance = (change: Partial<typeof base> & { frostDent?: boolean }) => {
  const r = balancePoint({ ...base, ...change });
  if (!r.ok) throw new Error(english(r.refused.message));
  return r.value;
};

describe('balance point', () => {
  it('against the closed form, and 4.4 kW missing at design', () => {
    const ua = 36000 / (65 - 17);
    const m = (34000 - 21000) / 30;
    const closed = (ua * 65 - 21000 + 17 * m) / (ua + m);
    expect(balance({}).balanceF).toBeCloseTo(closed, 6);
    expect(balance({}).balanceF).toBeCloseTo(29.7, 1);
    expect(balance({}).auxKw).toBeCloseTo(4.4, 1);
  });
  it('a pump large enough: 13.1 °F, nothing missing at 17, and read below 17 it is not proven', () => {
    const r = balance({ capacity47Btuh: 46000, capacity17Btuh: 34000, heatLossBtuh: 30000 });
    expect(r.balanceF).toBeCloseTo(13.1, 1);
    expect(r.auxKw).toBe(0);
    expect(r.extrapolated).toBe(true);
  });
  it('at the balance point the two lines meet, with and without the frost dent', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 18000, max: 60000, noNaN: true }),
        fc.double({ min: 0.45, max: 0.9, noNaN: true }),
        fc.boolean(),
        (capacity47Btuh, share, frostDent) => {
          const i = { ...base, capacity47Btuh, capacity17Btuh: capacity47Btuh * share, frostDent };
          const r = balance(i);
          fc.pre(r.balanceF > 5 && r.balanceF < 60);
          // With the dent there may be a jump at 45 °F, where the pump defrosts no more.
          fc.pre(Math.abs(r.balanceF - 45) > 0.01);
          expect(capacityAt(i, r.balanceF) / lossAt(i, r.balanceF)).toBeCloseTo(1, 4);
        },
      ),
    );
  });
  it('swapped ratings and a no-load below design are refused with the fix', () => {
    expect(balancePoint({ ...base, capacity17Btuh: 34000 })).toMatchObject({
      ok: false,
      refused: { field: 'capacity17Btuh' },
    });
    expect(told(balancePoint({ ...base, designF: 60, noLoadF: 50 }))).toMatchObject({
      ok: false,
      refused: { field: 'noLoadF', allowed: 'above 60 °F' },
    });
  });
});

describe('size against the load', () => {
  it.each([
    [2100, 3.5, 600, true],
    [1500, 5, 300, false],
  ])('%d ft² and %d tons', (areaFt2, tons, perTon, usual) => {
    expect(sizeCheck({ tons, areaFt2, coolingLoadBtuh: tons * 12000 })).toMatchObject({
      ok: true,
      value: { ft2PerTon: perTon, areaUsual: usual },
    });
  });
  it('without a load nothing is called right', () => {
    expect(judgeSelection(EMPTY_SELECTION, { elevationFt: 0 })[0]).toMatchObject({ id: 'load', verdict: 'not-proven' });
  });
  it('ducts that serve less are flagged, never resized', () => {
    expect(
      judgeSelection(EMPTY_SELECTION, { elevationFt: 0, ductTons: 2.3 }).some(
        (c) => c.id === 'duct-tons' && c.verdict === 'look-again',
      ),
    ).toBe(true);
  });
});
