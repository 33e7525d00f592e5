import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pieceFrom, powerSum, powersOf, readPieces, readSurface, surfaceFrom } from './chebyshev';
import { coefficients, fitPieces, fitSurface, trimmed } from './chebyshev-fit';

describe('Chebyshev series', () => {
  it('T_k at known points: T_3(0.5) = −1, T_2(0.5) = −0.5 (definition, cos k·acos t)', () => {
    expect(powerSum(powersOf([0, 0, 0, 1]), 0.5)).toBeCloseTo(-1, 14);
    expect(powerSum(powersOf([0, 0, 1]), 0.5)).toBeCloseTo(-0.5, 14);
    expect(powerSum(powersOf([3]), 0.7)).toBe(3);
    // T_k(cos a) = cos k·a, to the degree that is kept.
    for (let k = 0; k <= 12; k++) {
      const only = Array.from({ length: k + 1 }, (_, i) => (i === k ? 1 : 0));
      expect(powerSum(powersOf(only), Math.cos(0.7))).toBeCloseTo(Math.cos(k * 0.7), 10);
    }
  });

  it('a polynomial of lower degree comes back exactly: x³ = (3·T₁ + T₃)/4 on −1 … 1', () => {
    const c = coefficients((x) => x ** 3, -1, 1, 6);
    [0, 0.75, 0, 0.25, 0, 0].forEach((v, k) => {
      expect(c[k]).toBeCloseTo(v, 14);
    });
  });

  it('pieces hold a function that one series cannot, at any point', () => {
    const f = (x: number): number => Math.sqrt(x - 0.9);
    const pieces = fitPieces(f, 1, 30, 1e-10, 13).map(pieceFrom);
    expect(pieces.length).toBeGreaterThan(3);
    fc.assert(
      fc.property(fc.double({ min: 1, max: 30, noNaN: true }), (x) => {
        expect(Math.abs(readPieces(pieces, x) - f(x)) / f(30)).toBeLessThan(1e-8);
      }),
    );
    expect(fitPieces((x) => x, 0, 1, 1e-10, 13)).toEqual([[0, 1, 0.5, 0.5]]);
  });

  it('leaves off what adds nothing and keeps digits that are good', () => {
    expect(trimmed([1, 0.25, 1e-13, -1e-14], 1e-10)).toEqual([1, 0.25]);
    expect(trimmed([1, 0.123456789123456], 1e-6)).toEqual([1, 0.1234568]);
  });

  it('a surface: exp(x)·cos(y) to a millionth, its edge held outside', () => {
    const f = (x: number, y: number): number => Math.exp(x) * Math.cos(y);
    const rows = fitSurface(f, [0, 2], [-1, 1], [14, 14], 1e-8);
    const surface = surfaceFrom([0, 2], [-1, 1], rows);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 2, noNaN: true }), fc.double({ min: -1, max: 1, noNaN: true }), (x, y) => {
        expect(Math.abs(readSurface(surface, x, y) - f(x, y))).toBeLessThan(1e-6);
      }),
    );
    expect(readSurface(surface, 5, 0)).toBeCloseTo(Math.exp(2), 6);
    expect(readSurface(surface, 0, -3)).toBeCloseTo(Math.cos(1), 6);
  });
});
