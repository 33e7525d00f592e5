/** Lower triangle of a symmetric positive matrix: a = l·lᵀ. */
export function cholesky(a: readonly (readonly number[])[]): number[][] {
  const n = a.length;
  const l = a.map(() => new Array<number>(n).fill(0));
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = a[i]![j]!;
      for (let k = 0; k < j; k++) sum -= l[i]![k]! * l[j]![k]!;
      l[i]![j] = i === j ? Math.sqrt(Math.max(sum, 1e-12)) : sum / l[j]![j]!;
    }
  return l;
}

/** Squared distance of x from a middle, in spreads: (x − m)ᵀ·a⁻¹·(x − m), with a = l·lᵀ. */
export function distance2(l: readonly (readonly number[])[], difference: readonly number[]): number {
  const y: number[] = [];
  let sum = 0;
  for (let i = 0; i < difference.length; i++) {
    let v = difference[i]!;
    for (let k = 0; k < i; k++) v -= l[i]![k]! * y[k]!;
    y.push(v / l[i]![i]!);
    sum += y[i]! ** 2;
  }
  return sum;
}

export const halfLogDeterminant = (l: readonly (readonly number[])[]): number =>
  l.reduce((sum, row, i) => sum + Math.log(row[i]!), 0);

/**
 * Log density of Student’s t in several dimensions, without the part that only dimension and freedom set: heavier tails
 * than normal, so that one odd reading does not outvote the rest.
 */
export function logStudent(l: readonly (readonly number[])[], difference: readonly number[], freedom: number): number {
  const n = difference.length;
  return -halfLogDeterminant(l) - ((freedom + n) / 2) * Math.log(1 + distance2(l, difference) / freedom);
}
