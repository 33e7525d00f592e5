import type { TransitionShape } from '@/core/metal/transition';
import { type Corner, type Panel, type Point, STANDARD_ALLOWANCE_IN } from './panel';

export const TRANSITION_SIDES = ['-y', '+x', '+y', '-x'] as const;

/** The corners of a rectangle in space, counterclockwise from above, from −x −y. */
const rectangle = ([w, d]: readonly [number, number], [x, y]: readonly [number, number], z: number): Corner[] => [
  [x - w / 2, y - d / 2, z],
  [x + w / 2, y - d / 2, z],
  [x + w / 2, y + d / 2, z],
  [x - w / 2, y + d / 2, z],
];

/**
 * A rectangular transition as four flat panels: each a plane trapezoid with its edges below and above parallel. Drives at both ends;
 * the seams are Pittsburgh locks, pockets on the sides across y, flanges on those across x.
 *
 * @param shape as of the transition's calculation, in · @param allowances of the shop
 * @returns the panels −y, +x, +y, −x, seen from outside, the edge below along x from the origin
 * @source geometry of plane trapezoids; allowances are common practice
 */
export function flatTransition(shape: TransitionShape, allowances = STANDARD_ALLOWANCE_IN): Panel[] {
  const below = rectangle(shape.bottomIn, [0, 0], 0);
  const above = rectangle(shape.topIn, shape.offsetIn, shape.heightIn);
  return TRANSITION_SIDES.map((id, i): Panel => {
    const j = (i + 1) % 4;
    const folded = [below[i]!, below[j]!, above[j]!, above[i]!];
    const seam = i % 2 === 0 ? 'Pittsburgh pocket' : 'Pittsburgh flange';
    return {
      id,
      folded,
      neat: laidFlat(folded),
      added: [
        { edge: 0, in: allowances['drive slip'], what: 'drive slip' },
        { edge: 1, in: allowances[seam], what: seam },
        { edge: 2, in: allowances['drive slip'], what: 'drive slip' },
        { edge: 3, in: allowances[seam], what: seam },
      ],
    };
  });
}

/** A plane piece laid on the sheet: its first edge along x, the rest above it. */
function laidFlat(corners: readonly Corner[]): Point[] {
  const [o, a] = corners as [Corner, Corner];
  const sub = (p: Corner): Corner => [p[0] - o[0], p[1] - o[1], p[2] - o[2]];
  const dot = (u: Corner, v: Corner): number => u[0] * v[0] + u[1] * v[1] + u[2] * v[2];
  const along = sub(a);
  const length = Math.sqrt(dot(along, along));
  const unit: Corner = [along[0] / length, along[1] / length, along[2] / length];
  return corners.map((p): Point => {
    const v = sub(p);
    const x = dot(v, unit);
    return [x, Math.sqrt(Math.max(0, dot(v, v) - x * x))];
  });
}
