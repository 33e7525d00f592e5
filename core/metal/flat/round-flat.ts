import type { RoundShape } from '@/core/metal/square-to-round';
import { ALLOWANCE_IN } from './allowances';
import { type Bend, between, type Corner, type Facet, middle, movedOut, type Piece, type Point } from './piece';

/**
 * A square-to-round in two halves: strips of triangles unrolled one after the other, from a seam in the middle of one side to the middle
 * of the opposite one. A collar at the circle, a flange at the rectangle, a lap at the last seam.
 *
 * @param shape as of its calculation, in; the circle is centered
 * @returns both halves, seen from outside; every bend is soft, a few degrees
 * @source triangulation; allowances are common practice
 */
export const flatRound = (shape: RoundShape): Piece[] => [half(shape, 1, 'A'), half(shape, -1, 'B')];

function half({ squareIn: [a, b], diameterIn, heightIn, points }: RoundShape, turn: 1 | -1, id: string): Piece {
  const at = (x: number, y: number, z: number): Corner => [turn * x, turn * y, z];
  const below = [at(a / 2, 0, 0), at(a / 2, b / 2, 0), at(-a / 2, b / 2, 0), at(-a / 2, 0, 0)];
  const above = Array.from({ length: points / 2 + 1 }, (_, k) => {
    const angle = (2 * Math.PI * k) / points;
    return at((diameterIn / 2) * Math.cos(angle), (diameterIn / 2) * Math.sin(angle), heightIn);
  });
  // The strip, as pairs of a step below or above: each step closes one triangle with the edge that stands open.
  const quarter = points / 4;
  const steps: ('below' | 'above')[] = [
    'below',
    ...Array<'above'>(quarter).fill('above'),
    'below',
    ...Array<'above'>(quarter).fill('above'),
    'below',
  ];
  const low: Point[] = [[0, 0]];
  const high: Point[] = [[0, between(below[0]!, above[0]!)]];
  const facets: Facet[] = [];
  const bends: Bend[] = [];
  for (const step of steps) {
    const [lo, hi] = [low.length - 1, high.length - 1];
    const [pl, ph] = [low[lo]!, high[hi]!];
    if (facets.length) bends.push({ a: pl, b: ph, up: false, angleDeg: 0 });
    const next = step === 'below' ? below[lo + 1]! : above[hi + 1]!;
    const placed = rightOf(pl, ph, between(below[lo]!, next), between(above[hi]!, next));
    facets.push({ neat: [pl, placed, ph], folded: [below[lo]!, next, above[hi]!] });
    if (step === 'below') low.push(placed);
    else high.push(placed);
  }
  const outline = [...low, ...[...high].reverse()];
  const rim = low.length - 1;
  return {
    id,
    facets,
    cut: movedOut(
      outline,
      outline
        .map((_, i) => (i < rim ? ALLOWANCE_IN.flange : i === rim ? ALLOWANCE_IN.lap : ALLOWANCE_IN.flange))
        .map((out, i) => (i === outline.length - 1 ? 0 : out)),
    ),
    bends: bends.map((x) => ({ ...x, angleDeg: 360 / points })),
    rings: [],
    lines: [],
    lengths: low.slice(1).map((p, i) => ({ at: middle(low[i]!, p), in: between(low[i]!, p) })),
  };
}

/** The point at these distances from two others, to the right of the way from the first to the second. */
function rightOf(p: Point, q: Point, fromP: number, fromQ: number): Point {
  const d = between(p, q);
  const along = (fromP ** 2 - fromQ ** 2 + d ** 2) / (2 * d);
  const off = Math.sqrt(Math.max(0, fromP ** 2 - along ** 2));
  const [ux, uy] = [(q[0] - p[0]) / d, (q[1] - p[1]) / d];
  return [p[0] + along * ux + off * uy, p[1] + along * uy - off * ux];
}
