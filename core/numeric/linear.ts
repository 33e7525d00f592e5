/** Solves the dense system `a·x = b` by elimination with partial pivoting. Both are used up. Unsolvable rows give NaN. */
export function solveLinear(a: number[][], b: number[]): number[] {
  const n = b.length;
  for (let col = 0; col < n; col++) {
    let pivot = col;
    for (let row = col + 1; row < n; row++) if (Math.abs(a[row]![col]!) > Math.abs(a[pivot]![col]!)) pivot = row;
    [a[col], a[pivot]] = [a[pivot]!, a[col]!];
    [b[col], b[pivot]] = [b[pivot]!, b[col]!];
    for (let row = col + 1; row < n; row++) {
      const factor = a[row]![col]! / a[col]![col]!;
      if (factor === 0) continue;
      for (let k = col; k < n; k++) a[row]![k]! -= factor * a[col]![k]!;
      b[row]! -= factor * b[col]!;
    }
  }
  for (let row = n - 1; row >= 0; row--) {
    for (let k = row + 1; k < n; k++) b[row]! -= a[row]![k]! * b[k]!;
    b[row]! /= a[row]![row]!;
  }
  return b;
}
