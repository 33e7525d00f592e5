import { describe, expect, it } from 'vitest';
import { cholesky, distance2, halfLogDeterminant, logStudent } from './student';

describe('spreads in several dimensions', () => {
  const a = [
    [4, 2],
    [2, 5],
  ];
  it('a = l·lᵀ, worked by hand: l = [[2, 0], [1, 2]]', () => {
    expect(cholesky(a)).toEqual([
      [2, 0],
      [1, 2],
    ]);
    expect(halfLogDeterminant(cholesky(a))).toBeCloseTo(0.5 * Math.log(16), 12);
  });
  it('distance² of (2, 3): xᵀ·a⁻¹·x = 2, by the inverse (5 −2; −2 4)/16', () => {
    expect(distance2(cholesky(a), [2, 3])).toBeCloseTo((5 * 4 - 2 * 2 * 2 * 3 + 4 * 9) / 16, 12);
  });
  it('Student’s tail falls slower than normal, and in one dimension is the known density ratio', () => {
    const l = cholesky([[1]]);
    // t with 8 degrees of freedom: f(3)/f(0) = (1 + 9/8)^(−4.5).
    expect(logStudent(l, [3], 8) - logStudent(l, [0], 8)).toBeCloseTo(-4.5 * Math.log(1 + 9 / 8), 12);
    expect(logStudent(l, [3], 8)).toBeGreaterThan(-4.5);
    expect(logStudent(cholesky([[4]]), [0], 8)).toBeCloseTo(-Math.log(2), 12);
  });
});
