/** A polynomial on [low, high] in t, from −1 to 1 over the interval: Σ c[k]·t^k. */
export type Piece = { low: number; high: number; c: Float64Array };

/** As kept in a file: low, high, then the Chebyshev coefficients. */
export type PieceData = readonly number[];

/**
 * Chebyshev coefficients as powers of t: read twice as fast, and at the degrees that are kept here (12 at most) it costs
 * a hundred-thousandth of the 1e-8 that is promised.
 */
export function powersOf(chebyshev: readonly number[]): Float64Array {
  const n = chebyshev.length;
  const powers = new Float64Array(n);
  let before: number[] = [1];
  let now: number[] = [0, 1];
  for (let k = 0; k < n; k++) {
    const t = k === 0 ? [1] : now;
    t.forEach((v, j) => {
      powers[j]! += chebyshev[k]! * v;
    });
    if (k === 0) continue;
    const next = [0, ...now.map((v) => 2 * v)];
    before.forEach((v, j) => {
      next[j]! -= v;
    });
    before = now;
    now = next;
  }
  return powers;
}

export const pieceFrom = (data: PieceData): Piece => ({
  low: data[0]!,
  high: data[1]!,
  c: powersOf(data.slice(2)),
});

/** Σ c[k]·t^k, even and odd powers side by side. */
export function powerSum(c: Float64Array, t: number): number {
  const tt = t * t;
  let even = 0;
  let odd = 0;
  let k = c.length - 1;
  if (k % 2 === 0) even = c[k--]!;
  for (; k > 0; k -= 2) {
    odd = odd * tt + c[k]!;
    even = even * tt + c[k - 1]!;
  }
  return even + t * odd;
}

/** The value at x of pieces that follow one another; at the edges and beyond, the outer piece goes on. */
export function readPieces(pieces: readonly Piece[], x: number): number {
  let i = 0;
  while (i < pieces.length - 1 && x > pieces[i]!.high) i++;
  const { low, high, c } = pieces[i]!;
  return powerSum(c, (2 * x - low - high) / (high - low));
}

/** A surface over a rectangle: a row of powers of the second way for each power of the first. */
export type Surface = { x: readonly [number, number]; y: readonly [number, number]; rows: Float64Array[] };

/** From Chebyshev coefficients, a row for each along x. */
export function surfaceFrom(
  x: readonly [number, number],
  y: readonly [number, number],
  rows: readonly (readonly number[])[],
): Surface {
  const width = Math.max(...rows.map((r) => r.length));
  const inY = rows.map((r) => powersOf(r));
  const columns = Array.from({ length: width }, (_, j) => powersOf(inY.map((r) => r[j] ?? 0)));
  return { x, y, rows: rows.map((_, i) => Float64Array.from(columns, (c) => c[i]!)) };
}

const scaled = (v: number, [low, high]: readonly [number, number]): number =>
  Math.min(1, Math.max(-1, (2 * v - low - high) / (high - low)));

/** The value of a surface; outside its rectangle the edge holds. */
export function readSurface({ x, y, rows }: Surface, atX: number, atY: number): number {
  const s = scaled(atX, x);
  const t = scaled(atY, y);
  let sum = 0;
  for (let i = rows.length - 1; i >= 0; i--) sum = sum * s + powerSum(rows[i]!, t);
  return sum;
}
