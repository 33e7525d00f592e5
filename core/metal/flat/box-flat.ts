import type { Gauge } from '@/core/metal/sheet-gauge';
import { ALLOWANCE_IN } from './allowances';
import { flatPan } from './pan-flat';
import { type Corner, type Facet, type Piece, rectangle } from './piece';

/** A box of two ends and a wrapper, with round collars along its top. */
export type BoxShape = {
  lengthIn: number;
  widthIn: number;
  heightIn: number;
  collars: number;
  collarIn: number;
  gauge: Gauge;
};

/**
 * A crossover or distribution box: a wrapper of four walls closed by a Pittsburgh lock, and two ends that slip over it. Where the
 * collars go is marked on the top, cut to the collar.
 *
 * @returns wrapper, bottom, top; undefined where the collars do not go onto the top
 * @source geometry; allowances are common practice
 */
export function flatBox({
  lengthIn: l,
  widthIn: w,
  heightIn: h,
  collars,
  collarIn,
  gauge,
}: BoxShape): Piece[] | undefined {
  // A collar keeps an inch to the rim and to the next one (common practice).
  if (collars > 0 && (collarIn + 2 > w || collars * (collarIn + 1) + 1 > l)) return undefined;
  const corners: [number, number][] = [
    [0, 0],
    [l, 0],
    [l, w],
    [0, w],
  ];
  let x = 0;
  const starts: number[] = [];
  const facets = corners.map(([ax, ay], i): Facet => {
    const [bx, by] = corners[(i + 1) % 4]!;
    const long = Math.hypot(bx - ax, by - ay);
    const at = x;
    starts.push(at);
    x += long;
    const folded: Corner[] = [
      [ax, ay, 0],
      [bx, by, 0],
      [bx, by, h],
      [ax, ay, h],
    ];
    return { neat: rectangle(at, 0, long, h), folded };
  });
  const wrapper: Piece = {
    id: 'wrapper',
    facets,
    cut: rectangle(-ALLOWANCE_IN.pocket, 0, x + ALLOWANCE_IN.pocket + ALLOWANCE_IN.pocketFlange, h),
    bends: starts.slice(1).map((at) => ({ a: [at, 0], b: [at, h], up: false, angleDeg: 90 })),
    rings: [],
    lines: [],
    lengths: facets.map((f, i) => ({ at: [(f.neat[0]![0] + f.neat[1]![0]) / 2, h / 2], in: i % 2 ? w : l })),
  };
  const end = (id: string): Piece =>
    flatPan({ lengthIn: l, widthIn: w, wallIn: ALLOWANCE_IN.flange, hemIn: 0, gauge }, id);
  const top = end('top');
  const rings = Array.from({ length: collars }, (_, i) => ({
    at: [(l * (i + 1)) / (collars + 1), w / 2] as const,
    diameterIn: collarIn,
  }));
  // The top lies on the box turned over.
  const over = top.facets.map((f) => ({ ...f, folded: f.folded.map(([fx, fy, fz]): Corner => [fx, w - fy, h - fz]) }));
  return [wrapper, end('bottom'), { ...top, facets: over, rings }];
}
