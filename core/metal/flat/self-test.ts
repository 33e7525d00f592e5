import { areaOf, between, type Facet, type Piece } from './piece';

/** Flat and folded lengths may differ by this much, in (mandatory before anything is cut; design default). */
export const MOST_OFF_IN = 0.005;
const MOST_AREA_OFF_IN2 = 0.05;

/** What a pattern is held against before it is drawn. */
export type SelfTest = {
  /** The most that any length is off. */
  worstIn: number;
  areaOffIn2: number;
  /** Edges that meet in space and are not equally long on the sheet. */
  unmatched: number;
  /** Parts of a piece that lie over each other on the sheet. */
  overlaps: number;
  holds: boolean;
};

/**
 * Folds a pattern back: every distance between corners of a facet must be the same flat and in space, its area that of the surface, edges
 * that meet must be equally long, and no part of a piece may lie over another on the sheet.
 *
 * @param pieces flat, with their corners in space
 */
export function selfTest(pieces: readonly Piece[]): SelfTest {
  const facets = pieces.flatMap((p) => p.facets);
  let worstIn = 0;
  let areaOffIn2 = 0;
  for (const { neat, folded } of facets) {
    for (let i = 0; i < neat.length; i++)
      for (let j = i + 1; j < neat.length; j++)
        worstIn = Math.max(worstIn, Math.abs(between(neat[i]!, neat[j]!) - between(folded[i]!, folded[j]!)));
    areaOffIn2 = Math.max(areaOffIn2, Math.abs(areaOf(neat) - surfaceOf(folded)));
  }
  const unmatched = unmatchedEdges(facets);
  const overlaps = pieces.reduce((sum, p) => sum + overlapsOf(p.facets), 0);
  return {
    worstIn,
    areaOffIn2,
    unmatched,
    overlaps,
    holds: worstIn <= MOST_OFF_IN && areaOffIn2 <= MOST_AREA_OFF_IN2 && unmatched + overlaps === 0,
  };
}

/** Area of a plane polygon in space, by triangles from its first corner. */
function surfaceOf(corners: Facet['folded']): number {
  const [a] = corners;
  let area = 0;
  for (let i = 1; i + 1 < corners.length; i++) {
    const u = corners[i]!.map((v, k) => v - a![k]!);
    const v = corners[i + 1]!.map((w, k) => w - a![k]!);
    area += Math.hypot(u[1]! * v[2]! - u[2]! * v[1]!, u[2]! * v[0]! - u[0]! * v[2]!, u[0]! * v[1]! - u[1]! * v[0]!) / 2;
  }
  return area;
}

/** Seams: an edge of one facet whose corners in space are another's too, and whose flat lengths differ. */
function unmatchedEdges(facets: readonly Facet[]): number {
  const edges = facets.flatMap((f, facet) =>
    f.folded.map((a, i) => {
      const j = (i + 1) % f.folded.length;
      return { facet, a, b: f.folded[j]!, flat: between(f.neat[i]!, f.neat[j]!) };
    }),
  );
  let off = 0;
  for (const [i, e] of edges.entries())
    for (const f of edges.slice(i + 1))
      if (
        e.facet !== f.facet &&
        between(e.a, f.b) < 1e-6 &&
        between(e.b, f.a) < 1e-6 &&
        Math.abs(e.flat - f.flat) > MOST_OFF_IN
      )
        off += 1;
  return off;
}

/** Pairs of plane parts that lie over each other: no line parts them (they are convex). */
function overlapsOf(facets: readonly Facet[]): number {
  let n = 0;
  for (const [i, a] of facets.entries())
    for (const b of facets.slice(i + 1)) if (!parted(a, b) && !parted(b, a)) n += 1;
  return n;
}
function parted(a: Facet, b: Facet): boolean {
  return a.neat.some(([x, y], i) => {
    const [nx, ny] = a.neat[(i + 1) % a.neat.length]!;
    // All of the other lies to the right of this edge, outside.
    return b.neat.every(([px, py]) => (nx - x) * (py - y) - (ny - y) * (px - x) <= 1e-6);
  });
}
