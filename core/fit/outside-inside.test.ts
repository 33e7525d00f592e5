import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FITTING_KINDS, fittingLength } from '@/core/air/duct/fitting-length';
import { value } from '@/core/finding/testing/value';
import { panMargin } from './drain/pan-margin';
import { bracketLoad } from './outdoor/bracket-load';
import { outdoorSound } from './outdoor/outdoor-sound';

describe('sound at a window (spherical spreading; AHRI 275, edition not checked)', () => {
  const dba = (powerDb: number, q: number, ft: number, more: object = {}) =>
    value(outdoorSound({ powerDb, q, ft, ...more })).dba;
  it.each([
    [72, 4, 20, 51.3],
    [68, 2, 30, 40.8],
  ])('%d dB, Q %d, %d ft: %d dBA', (power, q, ft, at) => expect(dba(power, q, ft)).toBeCloseTo(at, 1));
  it('both together by energy, a barrier takes five', () => {
    expect(dba(72, 4, 20, { besideDba: 40.8 })).toBeCloseTo(51.7, 1);
    expect(dba(72, 4, 20) - dba(72, 4, 20, { barrier: true })).toBeCloseTo(5, 9);
  });
  it('half the way is six decibels more, a wall three', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 400, noNaN: true }), (ft) => {
        expect(dba(70, 2, ft / 2) - dba(70, 2, ft)).toBeCloseTo(20 * Math.log10(2), 9);
        expect(dba(70, 4, ft) - dba(70, 2, ft)).toBeCloseTo(10 * Math.log10(2), 9);
      }),
    );
  });
});

describe('wall bracket (statics)', () => {
  const LOAD = { unitLb: 175, iceLb: 60, standoffIn: 11, spanIn: 14, brackets: 2, tensionLb: 470, shearLb: 400 };
  it('175 and 60 lb at 11 in over 14 in on two: 138.5 lb pull, 176.3 lb shear, 0.735 of its strength', () => {
    const r = value(bracketLoad(LOAD));
    expect([r.pullLb, r.shearLoadLb, r.use].map((x) => Number(x.toFixed(3)))).toEqual([138.482, 176.25, 0.735]);
  });
  it('moments balance: pull × span × brackets = 1.5 × weight × standoff', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 900, noNaN: true }),
        fc.double({ min: 4, max: 30, noNaN: true }),
        fc.integer({ min: 1, max: 6 }),
        (unitLb, standoffIn, brackets) => {
          const r = value(bracketLoad({ ...LOAD, unitLb, iceLb: 0, standoffIn, brackets }));
          expect(r.pullLb * 14 * brackets).toBeCloseTo(1.5 * unitLb * standoffIn, 6);
          expect(r.shearLoadLb * brackets).toBeCloseTo(1.5 * unitLb, 6);
        },
      ),
    );
  });
});

describe('pan under the unit', () => {
  const pan = (unitLengthIn: number, unitWidthIn: number, more: object = {}) =>
    value(panMargin({ panLengthIn: 36, panWidthIn: 30, unitLengthIn, unitWidthIn, ...more }));
  it('36 × 30 under 24.5 × 21: 5.75 and 4.5; under 31.5 × 24: 2.25 and 3', () => {
    expect(pan(24.5, 21)).toMatchObject({ lengthMarginIn: 5.75, widthMarginIn: 4.5, leastIn: 4.5 });
    expect(pan(31.5, 24)).toMatchObject({ lengthMarginIn: 2.25, widthMarginIn: 3, leastIn: 2.25 });
    expect(pan(24.5, 21, { offsetWidthIn: 2 }).leastIn).toBe(2.5);
    expect(pan(24.5, 21, { offsetLengthIn: 4 }).leastIn).toBe(1.75);
  });
  it('3.5 gal stand in it at three quarters of an inch', () => expect(pan(24.5, 21).gal).toBeCloseTo(3.5, 1));
});

describe('fittings as feet of duct', () => {
  it('cost with the square of the speed, and a box at 700 fpm costs 57 ft', () => {
    expect(value(fittingLength({ fitting: 'distribution box', fpm: 700 })).equivalentFt).toBeCloseTo(57.3, 1);
    for (const fitting of FITTING_KINDS) {
      const ft = (fpm: number) => value(fittingLength({ fitting, fpm })).equivalentFt;
      expect(ft(1200) / ft(600)).toBeCloseTo(4, 9);
    }
  });
  // One C at 0.08 in. w.c. per 100 ft: 900 fpm 63.1 ft, 700 fpm 38.2, 600 fpm 28.1 (velocity pressure, by hand).
  it.each([
    [900, 63.1],
    [700, 38.2],
    [600, 28.1],
  ])('at %d fpm a C of one is %d ft', (fpm, ft) =>
    expect(value(fittingLength({ fitting: 'tap, straight', fpm })).equivalentFt).toBeCloseTo(ft, 1),
  );
});
