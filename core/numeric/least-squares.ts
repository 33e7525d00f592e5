/** Solves a small symmetric system by elimination; undefined when it is singular. */
function solve(a: number[][], b: number[]): number[] | undefined {
  const n = b.length;
  const m = a.map((row, i) => [...row, b[i]!]);
  for (let c = 0; c < n; c++) {
    let pivot = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(m[r]![c]!) > Math.abs(m[pivot]![c]!)) pivot = r;
    if (Math.abs(m[pivot]![c]!) < 1e-12) return undefined;
    [m[c], m[pivot]] = [m[pivot]!, m[c]!];
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const f = m[r]![c]! / m[c]![c]!;
      for (let k = c; k <= n; k++) m[r]![k]! -= f * m[c]![k]!;
    }
  }
  return m.map((row, i) => row[n]! / row[i]!);
}

/** Linear least squares of y on given columns: their factors and the sum of squares left; undefined when two columns are alike. */
export function leastSquares(
  y: Float64Array,
  columns: readonly Float64Array[],
): { x: number[]; sse: number } | undefined {
  const dot = (p: Float64Array, q: Float64Array): number => {
    let sum = 0;
    for (let i = 0; i < p.length; i++) sum += p[i]! * q[i]!;
    return sum;
  };
  const x = solve(
    columns.map((c) => columns.map((d) => dot(c, d))),
    columns.map((c) => dot(c, y)),
  );
  if (!x) return undefined;
  let sse = 0;
  for (let i = 0; i < y.length; i++) {
    let model = 0;
    for (let k = 0; k < columns.length; k++) model += x[k]! * columns[k]![i]!;
    sse += (y[i]! - model) ** 2;
  }
  return { x, sse };
}
