import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitWindow, movingMean } from '@/core/numeric/window';
import { fFromKelvin, kelvinFromF, paFromPsia, psiaFromPa, STANDARD_PSIA } from './units';

describe('conversions against their definitions', () => {
  it('freezing, boiling and absolute zero', () => {
    expect(kelvinFromF(32)).toBeCloseTo(273.15, 9);
    expect(kelvinFromF(212)).toBeCloseTo(373.15, 9);
    expect(kelvinFromF(-459.67)).toBeCloseTo(0, 9);
  });
  it('one standard atmosphere is 101,325 Pa', () => expect(paFromPsia(STANDARD_PSIA)).toBeCloseTo(101_325, 3));
  it('there and back is the same', () => {
    fc.assert(
      fc.property(fc.double({ min: -400, max: 400, noNaN: true }), (x) => {
        expect(fFromKelvin(kelvinFromF(x))).toBeCloseTo(x, 9);
        expect(psiaFromPa(paFromPsia(x))).toBeCloseTo(x, 9);
      }),
    );
  });
});

describe('windows', () => {
  it('recover the slope of any straight line, and no scatter around a constant', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 5, noNaN: true }),
        fc.double({ min: -100, max: 100, noNaN: true }),
        (perMin, start) => {
          const t = Array.from({ length: 120 }, (_, i) => i * 2);
          const fit = fitWindow(
            t,
            t.map((s) => start + (perMin * s) / 60),
          );
          expect(fit.slopePerMin).toBeCloseTo(perMin, 6);
          expect(
            fitWindow(
              t,
              t.map(() => start),
            ).sd,
          ).toBeCloseTo(0, 9);
        },
      ),
    );
  });
  it('nothing in gives nothing out; one point has no slope', () => {
    expect(fitWindow([], [])).toMatchObject({ count: 0 });
    expect(fitWindow([1], [7])).toMatchObject({ count: 1, mean: 7, slopePerMin: 0, sd: 0 });
  });
  it('a moving mean stays within what it averages and takes the edge off noise', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -10, max: 10, noNaN: true }), { minLength: 20, maxLength: 80 }), (y) => {
        const t = y.map((_, i) => i);
        const smooth = movingMean(t, y, 15);
        expect(Math.max(...smooth)).toBeLessThanOrEqual(Math.max(...y) + 1e-9);
        expect(Math.min(...smooth)).toBeGreaterThanOrEqual(Math.min(...y) - 1e-9);
      }),
    );
  });
});
