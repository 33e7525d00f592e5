import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { binCost } from './bin-cost';
import { cents } from './cents';
import { laterCost } from './later-cost';
import { marginOf, price } from './price';

const JOB = { equipment: 4180, materials: 640, hours: 14.5, wagePerH: 42, overheadPerH: 38.52 };
const priced = (more: object) => {
  const r = price({ ...JOB, ...more } as never);
  if (!r.ok) throw new Error(r.refused.message.id);
  return r.value;
};

describe('money to the cent', () => {
  it.each([
    [2.165, 2.17],
    [2.164999, 2.16],
    [1.005, 1.01],
    [0, 0],
    [7484.425, 7484.43],
  ])('%d is %d', (amount, to) => expect(cents(amount)).toBe(to));
});

describe('the price of a job (worked case of the trade)', () => {
  it('a margin of 20 %, then a markup of 20 %, which is a margin of 16.7', () => {
    expect(priced({ marginPct: 20 })).toMatchObject({ cost: 5987.54, price: 7484.43 });
    expect(priced({ markupPct: 20 }).price).toBe(7185.05);
    expect(priced({ markupPct: 20 }).marginPct).toBeCloseTo(16.67, 2);
    expect(priced({ marginPct: 40 }).markupPct).toBeCloseTo(66.67, 2);
  });
  it('fees carry no margin and no tax; deposit and rest make the whole', () => {
    const all = priced({ marginPct: 20, passThrough: 150, taxPct: 7.25, depositPct: 30 });
    expect(all.price).toBe(7634.43);
    expect(all.tax).toBe(cents(7484.43 * 0.0725));
    expect(all.total).toBe(cents(all.price + all.tax));
    expect(cents(all.deposit + all.rest)).toBe(all.total);
  });
  it('one of margin and markup, never both or neither', () => {
    for (const more of [{}, { marginPct: 20, markupPct: 20 }])
      expect(price({ ...JOB, ...more })).toMatchObject({ ok: false, refused: { field: 'marginPct' } });
    expect(price({ ...JOB, marginPct: 100 }).ok).toBe(false);
  });
  it('sold at its margin, the margin is kept, to the cent of the price', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 90 }), fc.integer({ min: 1, max: 50_000 }), (marginPct, equipment) => {
        const r = priced({ equipment, marginPct });
        expect((r.price - r.cost) / r.price).toBeCloseTo(marginPct / 100, 3);
        expect(marginOf(r.markupPct / 100)).toBeCloseTo(marginPct / 100, 6);
      }),
    );
  });
});

describe('doing it later', () => {
  const LATER = {
    part: 980,
    hours: 8,
    ratePerH: 135,
    trip: 95,
    lostLb: 0.94,
    perLb: 28,
    supplies: 80,
    growthPct: 3,
    years: 4,
  };
  const cost = (more: object) => {
    const r = laterCost({ ...LATER, ...more });
    if (!r.ok) throw new Error('refused');
    return r.value;
  };
  it('a coil in four years is 2.15 times the coil of today (worked case)', () => {
    expect(cost({ nowCost: 1182.5 }).times).toBeCloseTo(2.152, 3);
    expect('times' in cost({})).toBe(false);
    expect(cost({ years: 0 }).later).toBeCloseTo(2261.32, 2);
  });
});

const BINS: [number, number][] = [
  [57, 700],
  [52, 680],
  [47, 650],
  [42, 620],
  [37, 580],
  [32, 500],
  [27, 300],
  [22, 160],
  [17, 80],
  [12, 30],
];
const HOUSE = {
  capacity47Btuh: 35000,
  capacity17Btuh: 21000,
  cop47: 3.6,
  cop17: 2.3,
  heatLossBtuh: 38000,
  designF: 12,
  bins: BINS.map(([outdoorF, hours]) => ({ outdoorF, hours })),
  perKwh: 0.16,
};
const bill = (more: object = {}) => {
  const r = binCost({ ...HOUSE, ...more } as never);
  if (!r.ok) throw new Error(r.refused.message.id);
  return r.value as Record<string, number | boolean>;
};

describe('a winter by bins (worked case of the trade)', () => {
  it('59.65 MMBtu, 6,144 kWh and 1,015 of strips, COP 2.44, 1,145 within 916 and 1,375', () => {
    const b = bill();
    expect(b.heatMmbtu).toBeCloseTo(59.65, 1);
    expect(Math.abs(Number(b.pumpKwh) - 6144)).toBeLessThan(15);
    expect(Math.abs(Number(b.auxKwh) - 1015)).toBeLessThan(15);
    expect(b.seasonalCop).toBeCloseTo(2.44, 2);
    expect(Math.round(Number(b.costLow))).toBeCloseTo(916, -1);
    expect(Math.round(Number(b.costHigh))).toBeCloseTo(1375, -1);
    expect('fuelCost' in b).toBe(false);
  });
  it('gas at 95 %: 628 therms, 879 within 747 and 1,011; no clear winner, break-even at COP 3.18', () => {
    const b = bill({ fuelPerTherm: 1.4, fuelEfficiency: 0.95 });
    expect(b.fuelTherms).toBeCloseTo(628, 0);
    expect(b.fuelCost).toBeCloseTo(879, 0);
    expect(b.breakEvenCop).toBeCloseTo(3.18, 2);
    expect(b.clearWinner).toBe(false);
    expect(bill({ perKwh: 0.05, fuelPerTherm: 1.4, fuelEfficiency: 0.95 }).clearWinner).toBe(true);
  });
  it('all the heat is given by pump and strips: what is not the pump’s is the strips’', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -10, max: 59 }),
        fc.integer({ min: 5000, max: 90_000 }),
        (outdoorF, heatLossBtuh) => {
          const b = bill({ heatLossBtuh, bins: [{ outdoorF, hours: 100 }] });
          const heat = Number(b.heatMmbtu) * 1e6;
          const strips = Number(b.auxKwh) * 3412.142;
          expect(strips).toBeGreaterThanOrEqual(-1e-6);
          expect(strips).toBeLessThanOrEqual(heat + 1);
          // Without strips the pump gave it all: no more than 3.6 for one, and above what the cold leaves.
          if (strips === 0 && heat > 0) expect(Number(b.seasonalCop)).toBeLessThan(4.4);
        },
      ),
    );
  });
  it('refuses a pump that gives more in the cold, and half a fuel', () => {
    expect(binCost({ ...HOUSE, capacity17Btuh: 36000 })).toMatchObject({
      ok: false,
      refused: { field: 'capacity17Btuh' },
    });
    expect(binCost({ ...HOUSE, fuelPerTherm: 1.4 })).toMatchObject({ ok: false, refused: { field: 'fuelEfficiency' } });
    expect(binCost({ ...HOUSE, bins: [] }).ok).toBe(false);
  });
});
