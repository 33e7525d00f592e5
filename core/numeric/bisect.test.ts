import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bisect } from './bisect';
import { leastSquares } from './least-squares';

describe('halving', () => {
  it('closes in on the place from both sides, whatever it is', () => {
    fc.assert(
      fc.property(fc.double({ min: -99, max: 99, noNaN: true }), fc.integer({ min: 1, max: 50 }), (place, steps) => {
        const found = bisect((x) => x < place, -100, 100, steps);
        const within = 200 / 2 ** steps + 1e-9;
        expect(found.above - found.below).toBeLessThanOrEqual(within);
        expect(Math.abs(found.middle - place)).toBeLessThanOrEqual(within);
      }),
    );
  });
  it('where nothing turns it ends at an end', () => {
    expect(bisect(() => true, 0, 8).middle).toBeCloseTo(8, 9);
    expect(bisect(() => false, 0, 8).middle).toBeCloseTo(0, 9);
  });
});

describe('least squares', () => {
  it('finds the line that points lie on, and says how far they are off', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.double({ min: -9, max: 9, noNaN: true }),
        (a, b) => {
          const t = Float64Array.from({ length: 12 }, (_, i) => i);
          const one = new Float64Array(12).fill(1);
          const fit = leastSquares(
            t.map((x) => a + b * x),
            [one, t],
          )!;
          expect(fit.x[0]).toBeCloseTo(a, 6);
          expect(fit.x[1]).toBeCloseTo(b, 6);
          expect(fit.sse).toBeLessThan(1e-9);
        },
      ),
    );
  });
  it('has no answer where two columns are the same', () => {
    const t = Float64Array.from([0, 1, 2, 3]);
    expect(leastSquares(t, [t, t])).toBeUndefined();
  });
  // Anscombe 1973, first set, a published worked example: y = 3.00 + 0.500 x.
  it('gives Anscombe’s line', () => {
    const x = Float64Array.from([10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5]);
    const y = Float64Array.from([8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68]);
    const fit = leastSquares(y, [new Float64Array(11).fill(1), x])!;
    expect(fit.x[0]).toBeCloseTo(3.0, 2);
    expect(fit.x[1]).toBeCloseTo(0.5, 3);
  });
});
