/** A piece as it is cut; it may be turned. */
export type Piece = { w: number; h: number };
export type Sheet = { w: number; h: number };

/** Lengths that differ by less are the same, in. */
const SAME_IN = 1e-9;
const fits = (a: number, b: number): boolean => a <= b + SAME_IN;

export const fitsSheet = ({ w, h }: Piece, sheet: Sheet): boolean =>
  (fits(w, sheet.w) && fits(h, sheet.h)) || (fits(h, sheet.w) && fits(w, sheet.h));

/** No pattern takes fewer sheets than this: by area, each piece with the gap beside it. */
export function leastSheets(pieces: readonly Piece[], sheet: Sheet, gapIn: number): number {
  const area = pieces.reduce((sum, p) => sum + (p.w + gapIn) * (p.h + gapIn), 0);
  return Math.max(1, Math.ceil(area / ((sheet.w + gapIn) * (sheet.h + gapIn)) - SAME_IN));
}

/**
 * Sheets by a quick rule: pieces largest first, each into the free rectangle that it fills best, the rest cut through on its
 * shorter side. Every cut goes from edge to edge.
 */
export function greedySheets(pieces: readonly Piece[], sheet: Sheet, gapIn: number): number {
  const orders: ((a: Piece, b: Piece) => number)[] = [
    (a, b) => b.w * b.h - a.w * a.h,
    (a, b) => Math.max(b.w, b.h) - Math.max(a.w, a.h) || b.w * b.h - a.w * a.h,
    (a, b) => Math.min(b.w, b.h) - Math.min(a.w, a.h) || b.w * b.h - a.w * a.h,
  ];
  const ways = orders.flatMap((order) =>
    [true, false].map((shorter) => oneGreedy([...pieces].sort(order), sheet, gapIn, shorter)),
  );
  return Math.min(...ways);
}

function oneGreedy(pieces: readonly Piece[], sheet: Sheet, gapIn: number, shorter: boolean): number {
  const free: Sheet[] = [];
  let sheets = 0;
  for (const piece of pieces) {
    const best = bestPlace(piece, free);
    if (best) {
      const [rest] = free.splice(best.at, 1);
      free.push(...cut(rest!, best.piece, gapIn, shorter));
      continue;
    }
    sheets += 1;
    const { piece: turned } = bestPlace(piece, [sheet])!;
    free.push(...cut(sheet, turned, gapIn, shorter));
  }
  return sheets;
}

function bestPlace(piece: Piece, free: readonly Sheet[]): { at: number; piece: Piece } | undefined {
  let best: { at: number; piece: Piece; left: number } | undefined;
  for (const [at, f] of free.entries())
    for (const p of [piece, { w: piece.h, h: piece.w }]) {
      if (!fits(p.w, f.w) || !fits(p.h, f.h)) continue;
      const left = Math.min(f.w - p.w, f.h - p.h);
      if (!best || left < best.left) best = { at, piece: p, left };
    }
  return best;
}

/** What is left of a rectangle once a piece is cut out of its corner, the gap lost beside it. */
function cut(from: Sheet, p: Piece, gapIn: number, shorter: boolean): Sheet[] {
  const right = from.w - p.w - gapIn;
  const above = from.h - p.h - gapIn;
  // Cut through on the shorter or on the longer side of what is left.
  const across = right < above === shorter;
  const parts = across
    ? [
        { w: right, h: p.h },
        { w: from.w, h: above },
      ]
    : [
        { w: right, h: from.h },
        { w: p.w, h: above },
      ];
  return parts.filter((x) => x.w > SAME_IN && x.h > SAME_IN);
}
