import type { PieceData } from './chebyshev';

/** Coefficients of the series that meets f at the Chebyshev points of the first kind: n of them, degree n − 1. */
export function coefficients(f: (x: number) => number, low: number, high: number, n: number): number[] {
  const angle = (k: number): number => (Math.PI * (k + 0.5)) / n;
  const values = Array.from({ length: n }, (_, k) => f((low + high) / 2 + ((high - low) / 2) * Math.cos(angle(k))));
  return values.map((_, j) => {
    const sum = values.reduce((s, v, k) => s + v * Math.cos(j * angle(k)), 0);
    return ((j === 0 ? 1 : 2) * sum) / n;
  });
}

const rounded = (v: number, step: number): number => Number((Math.round(v / step) * step).toPrecision(15));

/** Coefficients kept to a tenth of what they are good for; those that add nothing are left off. */
export function trimmed(c: readonly number[], tolerance: number): number[] {
  const largest = Math.max(...c.map(Math.abs), 1e-300);
  const step = 10 ** Math.floor(Math.log10(largest * tolerance) - 1);
  const kept = c.map((v) => rounded(v, step));
  while (kept.length > 1 && Math.abs(kept.at(-1)!) < largest * tolerance * 0.1) kept.pop();
  return kept;
}

/**
 * Pieces that hold f within `tolerance` of its size: an interval is halved until the last two coefficients of a series of
 * `n` say that it has settled (the dyadic splitting of published superancillary equations).
 *
 * @source Bell and Alpert, "Exceptionally reliable density-solving algorithms …" and the superancillary equations built on
 * it, Fluid Phase Equilibria (2018, 2021), from memory
 */
export function fitPieces(
  f: (x: number) => number,
  low: number,
  high: number,
  tolerance: number,
  n: number,
): PieceData[] {
  const c = coefficients(f, low, high, n);
  const largest = Math.max(...c.map(Math.abs));
  if (Math.max(Math.abs(c[n - 1]!), Math.abs(c[n - 2]!)) <= tolerance * largest)
    return [[low, high, ...trimmed(c, tolerance)]];
  const middle = (low + high) / 2;
  return [...fitPieces(f, low, middle, tolerance, n), ...fitPieces(f, middle, high, tolerance, n)];
}

/** A surface of n × m coefficients, each row trimmed. */
export function fitSurface(
  f: (x: number, y: number) => number,
  [x0, x1]: readonly [number, number],
  [y0, y1]: readonly [number, number],
  [n, m]: readonly [number, number],
  tolerance: number,
): number[][] {
  // First along y at each x point, then along x for each of the y coefficients.
  const xs = Array.from({ length: n }, (_, k) => Math.cos((Math.PI * (k + 0.5)) / n));
  const along = xs.map((t) => coefficients((y) => f((x0 + x1) / 2 + ((x1 - x0) / 2) * t, y), y0, y1, m));
  const rows = xs.map((_, i) =>
    Array.from({ length: m }, (_, j) => {
      const sum = along.reduce((s, row, k) => s + row[j]! * Math.cos((i * Math.PI * (k + 0.5)) / n), 0);
      return ((i === 0 ? 1 : 2) * sum) / n;
    }),
  );
  const largest = Math.max(...rows.flat().map(Math.abs));
  const step = 10 ** Math.floor(Math.log10(largest * tolerance) - 1);
  const kept = rows.map((row) => {
    const r = row.map((v) => rounded(v, step));
    while (r.length > 1 && Math.abs(r.at(-1)!) < largest * tolerance * 0.1) r.pop();
    return r;
  });
  while (kept.length > 1 && kept.at(-1)!.every((v) => Math.abs(v) < largest * tolerance * 0.1)) kept.pop();
  return kept;
}
