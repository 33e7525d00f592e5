import type { Piece, Sheet } from './guillotine';

/** Where a piece lies on its sheet, from a corner, in; `of` is its place in the list. */
export type Placed = Piece & { x: number; y: number; of: number };
/** What is left of a sheet in one piece. */
export type Offcut = Piece & { x: number; y: number };
export type SheetLayout = { placed: Placed[]; left: Offcut[] };

/** Lengths that differ by less are the same, in. */
const SAME_IN = 1e-9;
/** Orders that are tried beyond the usual ones until the fewest sheets are met. */
const MOST_TRIES = 400;
const fits = (a: number, b: number): boolean => a <= b + SAME_IN;

type Free = Offcut & { sheet: number };
/** `stands`: it is cut as it is here, not turned. */
type Numbered = Piece & { of: number; stands?: boolean };

/**
 * Where each piece is cut out, every cut from edge to edge: the usual orders first, then seeded ones, until no more than `fewest` sheets
 * are taken; where none is found, the best of them.
 *
 * @param pieces w and h of each, in; each fits the sheet by itself · @param gapIn lost between pieces, none along the edge
 * @param fewest as few as another count proved
 * @returns a layout for each sheet; it may take more sheets than the fewest
 */
export function layOut(pieces: readonly Piece[], sheet: Sheet, gapIn: number, fewest: number): SheetLayout[] {
  const numbered = pieces.map((p, of): Numbered => ({ ...p, of }));
  let best: SheetLayout[] | undefined;
  for (let tried = 0; tried < MOST_TRIES && (best?.length ?? Number.POSITIVE_INFINITY) > fewest; tried++) {
    const laid = one(ordered(numbered, tried), sheet, gapIn, tried % 2 === 0);
    if (!best || laid.length < best.length) best = laid;
  }
  return best ?? [];
}

/** Largest first by area, by the longer side, by the shorter; then shuffled, all upright, all lying or some of each; the same each time. */
function ordered(pieces: readonly Numbered[], tried: number): Numbered[] {
  const keys: ((p: Piece) => number)[] = [(p) => p.w * p.h, (p) => Math.max(p.w, p.h), (p) => Math.min(p.w, p.h)];
  const key = keys[Math.floor(tried / 2)];
  if (key) return [...pieces].sort((a, b) => key(b) - key(a) || b.w * b.h - a.w * a.h);
  let seed = tried;
  const next = (): number => {
    // Park and Miller's generator: small, and the same everywhere.
    seed = (seed * 48_271) % 2_147_483_647;
    return seed / 2_147_483_647;
  };
  const way = WAYS[tried % WAYS.length]!;
  return pieces
    .map((p) => ({ p: held(p, way === 'mixed' ? (next() < 0.5 ? 'upright' : 'lying') : way), at: next() }))
    .sort((a, b) => a.at - b.at)
    .map(({ p }) => p);
}

const WAYS = ['upright', 'lying', 'free', 'mixed'] as const;

/** A piece that is cut with its long side up, or across; or as it fits. */
function held(p: Numbered, way: 'upright' | 'lying' | 'free'): Numbered {
  if (way === 'free') return p;
  const [short, long] = p.w <= p.h ? [p.w, p.h] : [p.h, p.w];
  return way === 'upright' ? { ...p, w: short, h: long, stands: true } : { ...p, w: long, h: short, stands: true };
}

function one(pieces: readonly Numbered[], sheet: Sheet, gapIn: number, shorter: boolean): SheetLayout[] {
  const sheets: SheetLayout[] = [];
  const free: Free[] = [];
  for (const piece of pieces) {
    let best = bestPlace(piece, free);
    if (!best) {
      // One that does not go on a sheet as it was to stand is turned.
      const { stands: _, ...turns } = piece;
      free.push({ x: 0, y: 0, w: sheet.w, h: sheet.h, sheet: sheets.length });
      sheets.push({ placed: [], left: [] });
      best = bestPlace(piece, free) ?? bestPlace(turns, free)!;
    }
    const [from] = free.splice(best.at, 1) as [Free];
    sheets[from.sheet]!.placed.push({ ...best.piece, x: from.x, y: from.y, of: piece.of });
    free.push(...cut(from, best.piece, gapIn, shorter));
  }
  for (const { sheet: of, ...left } of free) sheets[of]!.left.push(left);
  return sheets.filter((s) => s.placed.length > 0);
}

function bestPlace(
  piece: Piece & { stands?: boolean },
  free: readonly Free[],
): { at: number; piece: Piece } | undefined {
  let best: { at: number; piece: Piece; left: number } | undefined;
  for (const [at, f] of free.entries())
    for (const p of [{ w: piece.w, h: piece.h }, ...(piece.stands ? [] : [{ w: piece.h, h: piece.w }])]) {
      if (!fits(p.w, f.w) || !fits(p.h, f.h)) continue;
      const left = Math.min(f.w - p.w, f.h - p.h);
      if (!best || left < best.left) best = { at, piece: p, left };
    }
  return best;
}

/** What is left of a rectangle once a piece is cut out of its corner, the gap lost beside it. */
function cut({ x, y, w, h, sheet }: Free, p: Piece, gapIn: number, shorter: boolean): Free[] {
  const right = w - p.w - gapIn;
  const above = h - p.h - gapIn;
  const across = right < above === shorter;
  const beside = { x: x + p.w + gapIn, y, w: right, h: across ? p.h : h, sheet };
  const over = { x, y: y + p.h + gapIn, w: across ? w : p.w, h: above, sheet };
  return [beside, over].filter((f) => f.w > SAME_IN && f.h > SAME_IN);
}
