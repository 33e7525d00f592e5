import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { value } from '@/core/finding/testing/value';
import { told } from '@/core/words/testing/english';
import { capacityOf, ductCapacity } from './airflow-per-ton';
import { flexMultiplier } from './flex';
import { frictionOf, ROUGHNESS_FT, roundDuctFriction } from './friction';
import { frictionRate } from './friction-rate';
import { furnaceRise } from './furnace-rise';
import { equivalentDiameter, rectangularDuctSize } from './rectangular';
import { filterFace, returnArea } from './return-filter';
import { roundDuctSize } from './round-size';
import { trunkSections } from './trunk';
import { zoneBypass, zoneMinimum } from './zoning';

describe('friction in round duct, against the ASHRAE chart values (from memory)', () => {
  it.each([
    [900, 14, 842, 0.073],
    [1200, 14, 1123, 0.124],
    [100, 6, 509, 0.083],
  ])('%d CFM in %d in', (cfm, diameterIn, fpm, loss) => {
    const r = value(roundDuctFriction({ cfm, diameterIn }));
    expect(r.fpm).toBeCloseTo(fpm, -0.5);
    expect(Math.abs(r.inWcPer100ft - loss)).toBeLessThan(0.001);
  });
  it.each([
    [800, 13.14, 14],
    [900, 13.74, 14],
    [1200, 15.3, 16],
  ])('%d CFM at 0.08 wants %d in', (cfm, diameterIn, trade) => {
    const r = value(roundDuctSize({ cfm, inWcPer100ft: 0.08 }));
    expect(r.diameterIn).toBeCloseTo(diameterIn, 1);
    expect(r.tradeSizeIn).toBe(trade);
  });
  it.each([
    [12, 627],
    [14, 946],
    [16, 1350],
  ])('an old %d in duct carries about %d CFM at 0.08', (diameterIn, cfm) => {
    expect(Math.abs(value(ductCapacity({ diameterIn })).cfm - cfm) / cfm).toBeLessThan(0.005);
  });
  it('agrees with Altshul–Tsal’s explicit factor within 3 % (ASHRAE Fundamentals, from memory)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 8000 }), fc.integer({ min: 6, max: 36 }), (cfm, diameterIn) => {
        const { fpm, reynolds, inWcPer100ft } = frictionOf(cfm, diameterIn, ROUGHNESS_FT.metal);
        fc.pre(reynolds > 8000);
        const f1 = 0.11 * ((12 * ROUGHNESS_FT.metal) / diameterIn + 68 / reynolds) ** 0.25;
        const f = f1 >= 0.018 ? f1 : 0.85 * f1 + 0.0028;
        const loss = ((1200 * f) / diameterIn) * 0.075 * (fpm / 1097) ** 2;
        expect(Math.abs(loss / inWcPer100ft - 1)).toBeLessThan(0.03);
      }),
    );
  });
  it('sizing and friction are each other’s inverse, and more air always costs more', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 80, max: 9000, noNaN: true }),
        fc.double({ min: 0.03, max: 0.3, noNaN: true }),
        (cfm, rate) => {
          const r = roundDuctSize({ cfm, inWcPer100ft: rate });
          fc.pre(r.ok);
          const { diameterIn, tradeSizeIn } = value(r);
          expect(frictionOf(cfm, diameterIn, ROUGHNESS_FT.metal).inWcPer100ft).toBeCloseTo(rate, 6);
          expect(tradeSizeIn).toBeGreaterThanOrEqual(diameterIn - 1e-6);
          expect(capacityOf(diameterIn, rate) / cfm).toBeCloseTo(1, 5);
        },
      ),
    );
  });
  it('flow too slow for the formula is refused, not guessed', () => {
    expect(roundDuctFriction({ cfm: 10, diameterIn: 40 })).toMatchObject({ ok: false, refused: { field: 'cfm' } });
  });
});

describe('rectangular duct (Huebscher)', () => {
  it.each([
    [12, 12, 13.12],
    [20, 8, 13.48],
  ])('%d by %d', (aIn, bIn, d) => expect(value(equivalentDiameter({ aIn, bIn })).diameterIn).toBeCloseTo(d, 2));
  it('900 CFM at 0.08 in 8 in of height', () =>
    expect(value(rectangularDuctSize({ cfm: 900, inWcPer100ft: 0.08, heightIn: 8 }))).toMatchObject({
      madeWidthIn: 22,
    }));
  it('flatter than 4 to 1 is refused and says which side', () =>
    expect(told(equivalentDiameter({ aIn: 30, bIn: 6 }))).toMatchObject({
      ok: false,
      refused: { field: 'bIn', allowed: 'at least 7\u00a01/2 in against 30 in' },
    }));
});

describe('flex, budget, returns, trunk, zones, rise', () => {
  it.each([
    [8, 4, 1.85],
    [8, 15, 4.18],
    [8, 30, 7.35],
    [14, 15, 2.49],
  ])('%d in flex, %d % slack: times %d', (diameterIn, compressionPct, times) =>
    expect(value(flexMultiplier({ diameterIn, compressionPct })).multiplier).toBeCloseTo(times, 1),
  );
  it('no pressure left is refused with the loss to cut', () => {
    const r = frictionRate({
      ratedEspInWc: 0.5,
      coilInWc: 0.25,
      filterInWc: 0.2,
      grilleInWc: 0.03,
      registerInWc: 0.03,
      longestFt: 220,
    });
    expect(told(r)).toMatchObject({
      ok: false,
      refused: { field: 'coilInWc', message: 'No pressure left for the ducts; cut component losses.' },
    });
  });
  it('3 tons want 432 free, 617 gross and 576 in² of filter; a 20 by 25 filter is too fast', () => {
    expect(value(returnArea({ cfm: 1200 }))).toMatchObject({ freeIn2: 432, filterIn2: 576 });
    expect(value(filterFace({ cfm: 1200, widthIn: 20, heightIn: 25 })).fpm).toBeCloseTo(346, 0);
  });
  it('take-offs at the plenum leave the trunk: 14 in, not 16', () => {
    expect(
      value(trunkSections({ totalCfm: 1200, plenumCfm: [100, 100, 100], inWcPer100ft: 0.08 })).firstTradeSizeIn,
    ).toBe(14);
    expect(value(trunkSections({ totalCfm: 1200, inWcPer100ft: 0.08 })).firstTradeSizeIn).toBe(16);
  });
  it('a trunk only gets smaller and what goes in comes out', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 50, max: 300 }), { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 100, max: 400 }),
        (takeOffsCfm, spare) => {
          const totalCfm = takeOffsCfm.reduce((s, q) => s + q, 0) + spare;
          const r = value(trunkSections({ totalCfm, takeOffsCfm, inWcPer100ft: 0.08 }));
          expect(r.leftCfm).toBeCloseTo(spare, 6);
          for (let k = 1; k < r.sections.length; k++)
            expect(r.sections[k]!.diameterIn).toBeLessThan(r.sections[k - 1]!.diameterIn);
        },
      ),
    );
  });
  it('smallest zone of a 4-ton system: 1.09 with variable speed, 0.51 single-stage', () => {
    expect(value(zoneMinimum({ minZoneCfm: 700, nominalCfm: 1600, equipmentMinCfm: 640 })).ratio).toBeCloseTo(1.09, 2);
    expect(value(zoneMinimum({ minZoneCfm: 700, nominalCfm: 1600 })).ratio).toBeCloseTo(0.51, 2);
  });
  it.each([
    [0.2, 70.5, 52.5, 'holds'],
    [0.4, 63, 45, 'holds'],
    [0.5625, 51.9, 33.9, 'freeze'],
  ])('bypass %d: in %d, out %d', (bypassShare, coilInF, coilOutF, state) => {
    const r = value(zoneBypass({ returnF: 75, coilDropF: 18, bypassShare }));
    expect(r.coilInF).toBeCloseTo(coilInF, 1);
    expect(r.coilOutF).toBeCloseTo(coilOutF, 1);
    expect(r.state).toBe(state);
  });
  it('bypass conserves energy: the mixture of return and bypassed air is what enters the coil', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        fc.double({ min: 5, max: 35, noNaN: true }),
        (bypassShare, coilDropF) => {
          const r = value(zoneBypass({ returnF: 75, coilDropF, bypassShare }));
          expect((1 - bypassShare) * 75 + bypassShare * r.coilOutF).toBeCloseTo(r.coilInF, 6);
        },
      ),
    );
  });
  it('furnace rise 58.6 °F at sea level, more where the air is thin', () => {
    expect(value(furnaceRise({ outputBtuh: 76000, cfm: 1200 })).riseF).toBeCloseTo(58.6, 1);
    expect(value(furnaceRise({ outputBtuh: 76000, cfm: 1200, elevationFt: 5000 })).riseF).toBeGreaterThan(68);
  });
});
