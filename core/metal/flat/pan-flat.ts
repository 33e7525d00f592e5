import { bendOf } from '@/core/metal/bend';
import { GAUGES, type Gauge } from '@/core/metal/sheet-gauge';
import { type Bend, type Corner, type Facet, type Piece, type Point, rectangle } from './piece';

/** A bottom with walls folded up on all sides, or on the two long ones alone; their rims hemmed over. */
export type PanShape = {
  lengthIn: number;
  widthIn: number;
  wallIn: number;
  hemIn: number;
  gauge: Gauge;
  /** Walls along the length alone: a side cap. */
  longSidesOnly?: boolean;
};

/** One wall: where it begins on the sheet, outward, and in space, by its corners along the bottom. */
type Side = { along: number; place: (s: number, out: number) => Point; folded: (s: number, up: number) => Corner };

/**
 * A pan, a cap or a side cap as one flat piece: corners notched out, each right bend as wide as its allowance.
 *
 * @param shape outside lengths, in · @param id of the piece
 * @returns bottom, walls and hems; the bend lines lie in the middle of each bend
 * @source bend allowance with k 0.44 and a radius of the thickness (common practice); a shop calibrates its own brake
 */
export function flatPan({ lengthIn: l, widthIn: w, wallIn, hemIn, gauge, longSidesOnly }: PanShape, id: string): Piece {
  const t = GAUGES[gauge].thicknessIn;
  const { allowanceIn } = bendOf(t, t, 90);
  // Flat lengths end where the bend begins: inside radius and thickness short of the outside corner.
  const s = 2 * t;
  const wide = longSidesOnly ? l : l - 2 * s;
  const deep = w - 2 * s;
  const rise = wallIn - s;
  const x0 = longSidesOnly ? 0 : s;
  const bottom: Facet = {
    neat: rectangle(0, 0, wide, deep),
    folded: [
      [x0, s, 0],
      [x0 + wide, s, 0],
      [x0 + wide, s + deep, 0],
      [x0, s + deep, 0],
    ],
  };
  const sides: Side[] = [
    { along: wide, place: (u, out) => [u, -out], folded: (u, up) => [x0 + u, 0, up] },
    { along: wide, place: (u, out) => [wide - u, deep + out], folded: (u, up) => [x0 + wide - u, w, up] },
    ...(longSidesOnly
      ? []
      : ([
          { along: deep, place: (u, out) => [wide + out, u], folded: (u, up) => [l, s + u, up] },
          { along: deep, place: (u, out) => [-out, deep - u], folded: (u, up) => [0, s + deep - u, up] },
        ] satisfies Side[])),
  ];
  const wallOut = allowanceIn + rise;
  const facets: Facet[] = [bottom];
  const bends: Bend[] = [];
  for (const { along, place, folded } of sides) {
    const strip = (from: number, to: number, upFrom: number, upTo: number): Facet => ({
      neat: [place(0, to), place(along, to), place(along, from), place(0, from)],
      folded: [folded(0, upTo), folded(along, upTo), folded(along, upFrom), folded(0, upFrom)],
    });
    facets.push(strip(allowanceIn, wallOut, s, wallIn));
    const bend = (out: number, angleDeg: number): Bend => ({
      a: place(0, out),
      b: place(along, out),
      up: true,
      angleDeg,
    });
    bends.push(bend(allowanceIn / 2, 90));
    if (hemIn > 0) {
      facets.push(strip(wallOut, wallOut + hemIn, wallIn, wallIn - hemIn));
      bends.push(bend(wallOut, 180));
    }
  }
  const out = wallOut + hemIn;
  const cut: Point[] = longSidesOnly
    ? rectangle(0, -out, wide, deep + 2 * out)
    : [
        [0, -out],
        [wide, -out],
        [wide, 0],
        [wide + out, 0],
        [wide + out, deep],
        [wide, deep],
        [wide, deep + out],
        [0, deep + out],
        [0, deep],
        [-out, deep],
        [-out, 0],
        [0, 0],
      ];
  return {
    id,
    facets,
    cut,
    bends,
    rings: [],
    lines: [],
    lengths: [
      { at: [wide / 2, -out + 0.3], in: longSidesOnly ? wide : wide + 2 * out },
      { at: [wide / 2, deep / 2], in: deep + 2 * out },
    ],
  };
}
