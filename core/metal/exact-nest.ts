import type { Piece, Sheet } from './guillotine';

/** Lengths that differ by less are the same, in. */
const SAME_IN = 1e-9;

type Kind = Piece & { count: number };
/** Outer sizes that a lot of pieces can be brought to; none is both wider and higher than another. */
type Front = readonly Piece[];

/**
 * The fewest sheets that any guillotine pattern takes: every way to cut a lot in two is a way to cut its pieces.
 *
 * What: for each lot of pieces the outer sizes it can be brought to, by joining two smaller lots side by side or one above the
 * other with the gap between; a lot that comes within the sheet is one sheet. Then the fewest lots. Grows threefold with each
 * further piece: for up to a dozen.
 *
 * @returns the number of sheets; every piece must fit by itself
 */
export function exactSheets(pieces: readonly Piece[], sheet: Sheet, gapIn: number): number {
  const kinds = kindsOf(pieces);
  const steps = kinds.map((_, i) => kinds.slice(0, i).reduce((n, k) => n * (k.count + 1), 1));
  const lots = kinds.reduce((n, k) => n * (k.count + 1), 1);
  const countsOf = (lot: number): number[] => kinds.map((k, i) => Math.floor(lot / steps[i]!) % (k.count + 1));
  const counts = Array.from({ length: lots }, (_, lot) => countsOf(lot));
  const area = (lot: number): number => counts[lot]!.reduce((sum, n, i) => sum + n * kinds[i]!.w * kinds[i]!.h, 0);
  const fronts: Front[] = Array.from({ length: lots }, () => []);
  /** Parts of a lot, each once with its rest: the part with the smaller number. */
  const partsOf = (lot: number): number[] => partsWithin(counts[lot]!, steps).filter((p) => p > 0 && p <= lot - p);

  for (let lot = 1; lot < lots; lot++) {
    if (area(lot) > sheet.w * sheet.h + SAME_IN) continue;
    const sizes = single(counts[lot]!, kinds);
    for (const part of partsOf(lot)) joined(fronts[part]!, fronts[lot - part]!, gapIn, sheet, sizes);
    fronts[lot] = frontOf(sizes, sheet);
  }

  const fewest: number[] = [0];
  for (let lot = 1; lot < lots; lot++) {
    fewest[lot] = Number.POSITIVE_INFINITY;
    for (const part of [lot, ...partsWithin(counts[lot]!, steps)])
      if (part > 0 && fronts[part]!.length) fewest[lot] = Math.min(fewest[lot]!, fewest[lot - part]! + 1);
  }
  return fewest[lots - 1]!;
}

function kindsOf(pieces: readonly Piece[]): Kind[] {
  const kinds: Kind[] = [];
  for (const { w, h } of pieces) {
    const [a, b] = w <= h ? [w, h] : [h, w];
    const same = kinds.find((k) => Math.abs(k.w - a) < SAME_IN && Math.abs(k.h - b) < SAME_IN);
    if (same) same.count += 1;
    else kinds.push({ w: a, h: b, count: 1 });
  }
  return kinds;
}

/** Numbers of every lot that lies within these counts. */
function partsWithin(counts: readonly number[], steps: readonly number[]): number[] {
  let parts = [0];
  for (const [i, most] of counts.entries())
    parts = parts.flatMap((p) => Array.from({ length: most + 1 }, (_, n) => p + n * steps[i]!));
  return parts;
}

/** A lot of one piece, both ways. */
function single(counts: readonly number[], kinds: readonly Kind[]): Piece[] {
  if (counts.reduce((a, b) => a + b, 0) !== 1) return [];
  const { w, h } = kinds[counts.indexOf(1)]!;
  return [
    { w, h },
    { w: h, h: w },
  ];
}

/** Two lots side by side, and one above the other: for each height the narrowest of both, for each width the lowest. */
function joined(a: Front, b: Front, gapIn: number, sheet: Sheet, out: Piece[]): void {
  if (!a.length || !b.length) return;
  // Both fronts run from narrow and high to wide and low: as the height falls, each widens in steps.
  for (let i = 0, j = 0; i < a.length && j < b.length; ) {
    const [x, y] = [a[i]!, b[j]!];
    const w = x.w + gapIn + y.w;
    if (w > sheet.w + SAME_IN) break;
    out.push({ w, h: Math.max(x.h, y.h) });
    if (x.h >= y.h) i += 1;
    if (y.h >= x.h) j += 1;
  }
  for (let i = a.length - 1, j = b.length - 1; i >= 0 && j >= 0; ) {
    const [x, y] = [a[i]!, b[j]!];
    const h = x.h + gapIn + y.h;
    if (h > sheet.h + SAME_IN) break;
    out.push({ w: Math.max(x.w, y.w), h });
    if (x.w >= y.w) i -= 1;
    if (y.w >= x.w) j -= 1;
  }
}

/** Of sizes within the sheet, those that none is smaller than in both ways. */
function frontOf(sizes: Piece[], sheet: Sheet): Front {
  const inside = sizes
    .filter((p) => p.w <= sheet.w + SAME_IN && p.h <= sheet.h + SAME_IN)
    .sort((a, b) => a.w - b.w || a.h - b.h);
  const front: Piece[] = [];
  for (const p of inside) if (!front.length || p.h < front.at(-1)!.h - SAME_IN) front.push(p);
  return front;
}
