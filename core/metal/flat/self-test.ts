import { areaOf, between, type Panel } from './panel';

/** Flat and folded lengths may differ by this much, in (mandatory before anything is cut; design default). */
export const MOST_OFF_IN = 0.005;

/** What a pattern is held against before it is drawn: the most that any length is off, and edges that meet and do not match. */
export type SelfTest = { worstIn: number; areaOffIn2: number; unmatched: number; holds: boolean };

/**
 * Folds a pattern back: every distance between corners of a panel must be the same flat and in space, its area that of the surface,
 * and panels that share an edge must have it equally long.
 *
 * @param panels flat panels with their corners in space
 */
export function selfTest(panels: readonly Panel[]): SelfTest {
  let worstIn = 0;
  let areaOffIn2 = 0;
  for (const { neat, folded } of panels) {
    for (let i = 0; i < neat.length; i++)
      for (let j = i + 1; j < neat.length; j++)
        worstIn = Math.max(worstIn, Math.abs(between(neat[i]!, neat[j]!) - between(folded[i]!, folded[j]!)));
    areaOffIn2 = Math.max(areaOffIn2, Math.abs(areaOf(neat) - surfaceOf(folded)));
  }
  const unmatched = unmatchedEdges(panels);
  return { worstIn, areaOffIn2, unmatched, holds: worstIn <= MOST_OFF_IN && areaOffIn2 <= 0.05 && unmatched === 0 };
}

/** Area of a plane polygon in space, by triangles from its first corner. */
function surfaceOf(corners: Panel['folded']): number {
  const [a] = corners;
  let area = 0;
  for (let i = 1; i + 1 < corners.length; i++) {
    const u = corners[i]!.map((v, k) => v - a![k]!);
    const v = corners[i + 1]!.map((w, k) => w - a![k]!);
    area += Math.hypot(u[1]! * v[2]! - u[2]! * v[1]!, u[2]! * v[0]! - u[0]! * v[2]!, u[0]! * v[1]! - u[1]! * v[0]!) / 2;
  }
  return area;
}

/** Seams: an edge of one panel whose corners in space are another's too, and whose flat lengths differ. */
function unmatchedEdges(panels: readonly Panel[]): number {
  const edges = panels.flatMap((p) =>
    p.folded.map((a, i) => {
      const j = (i + 1) % p.folded.length;
      return { panel: p.id, a, b: p.folded[j]!, flat: between(p.neat[i]!, p.neat[j]!) };
    }),
  );
  let off = 0;
  for (const [i, e] of edges.entries())
    for (const f of edges.slice(i + 1))
      if (
        e.panel !== f.panel &&
        between(e.a, f.b) < 1e-6 &&
        between(e.b, f.a) < 1e-6 &&
        Math.abs(e.flat - f.flat) > MOST_OFF_IN
      )
        off += 1;
  return off;
}
