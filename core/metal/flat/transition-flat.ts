import type { TransitionShape } from '@/core/metal/transition';
import { ALLOWANCE_IN } from './allowances';
import { type Corner, laidFlat, movedOut, type Piece } from './piece';

export const TRANSITION_SIDES = ['-y', '+x', '+y', '-x'] as const;

/** The corners of a rectangle in space, counterclockwise from above, from −x −y. */
const rectangleAt = ([w, d]: readonly [number, number], [x, y]: readonly [number, number], z: number): Corner[] => [
  [x - w / 2, y - d / 2, z],
  [x + w / 2, y - d / 2, z],
  [x + w / 2, y + d / 2, z],
  [x - w / 2, y + d / 2, z],
];

/**
 * A rectangular transition as four flat pieces: each a plane trapezoid with its edges below and above parallel. Drives at both ends;
 * the seams are Pittsburgh locks, pockets on the sides across y, flanges on those across x.
 *
 * @param shape as of the transition's calculation, in
 * @returns the sides −y, +x, +y, −x, seen from outside, the edge below along x from the origin
 * @source geometry of plane trapezoids; allowances are common practice
 */
export function flatTransition(shape: TransitionShape): Piece[] {
  const below = rectangleAt(shape.bottomIn, [0, 0], 0);
  const above = rectangleAt(shape.topIn, shape.offsetIn, shape.heightIn);
  return TRANSITION_SIDES.map((id, i): Piece => {
    const j = (i + 1) % 4;
    const folded = [below[i]!, below[j]!, above[j]!, above[i]!];
    const neat = laidFlat(folded);
    const seam = i % 2 === 0 ? ALLOWANCE_IN.pocket : ALLOWANCE_IN.pocketFlange;
    const [a, b, c, d] = neat as [(typeof neat)[0], (typeof neat)[0], (typeof neat)[0], (typeof neat)[0]];
    return {
      id,
      facets: [{ neat, folded }],
      cut: movedOut(neat, [ALLOWANCE_IN.drive, seam, ALLOWANCE_IN.drive, seam]),
      bends: neat.map((p, k) => ({ a: p, b: neat[(k + 1) % 4]!, up: k % 2 === 1, angleDeg: 90 })),
      rings: [],
      lines: [],
      lengths: [
        { at: [(a[0] + b[0]) / 2, 0.25], in: b[0] - a[0] },
        { at: [(c[0] + d[0]) / 2, c[1] - 1.5], in: c[0] - d[0] },
        { at: [(a[0] + b[0] + c[0] + d[0]) / 4, c[1] / 2], in: c[1] },
      ],
    };
  });
}
