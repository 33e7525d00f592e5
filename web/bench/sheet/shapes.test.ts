import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { box, closed, holds, lengthOf, line, reachOf, type Shape } from './shapes';

const at = fc.tuple(fc.integer({ min: -200, max: 200 }), fc.integer({ min: -200, max: 200 }));

describe('shapes of a drawing', () => {
  it('a box has four right corners, whichever two were given', () => {
    fc.assert(
      fc.property(at, at, (a, b) => {
        const { points, closed: shut } = box({}, a, b);
        expect(points).toHaveLength(4);
        expect(shut).toBe(true);
        for (const [i, p] of points.entries()) {
          const q = points[(i + 1) % 4]!;
          // Each side is upright or level: it changes one coordinate only.
          expect(p[0] === q[0] || p[1] === q[1]).toBe(true);
        }
        expect(points).toContainEqual(a);
        expect(points).toContainEqual(b);
      }),
    );
  });
  it('a dimension tells the distance it spans, by Pythagoras', () => {
    expect(lengthOf({ from: [1, 2], to: [4, 6] })).toBe(5);
    fc.assert(
      fc.property(at, at, (from, to) => {
        expect(lengthOf({ from, to })).toBe(lengthOf({ from: to, to: from }));
        expect(lengthOf({ from, to })).toBeGreaterThanOrEqual(Math.abs(to[0] - from[0]));
      }),
    );
  });
  it('reach is every end, corner and word, and the four sides of a circle', () => {
    const shapes: Shape[] = [
      line({}, [0, 0], [1, 2]),
      closed({}, [5, 5], [6, 6], [7, 5]),
      { is: 'dim', from: [-3, 0], to: [-3, 9] },
      { is: 'word', at: [2, 2], text: 'x' },
      { is: 'circle', at: [10, 10], r: 4, ink: {} },
    ];
    const reach = reachOf(shapes);
    expect(reach).toHaveLength(2 + 3 + 2 + 1 + 2);
    const frame = { x0: -3, x1: 14, y0: 0, y1: 14 };
    expect(reach.every((p) => holds(frame, p))).toBe(true);
    expect(reach.every((p) => holds({ ...frame, x1: 13 }, p))).toBe(false);
    expect(reach.every((p) => holds({ ...frame, y0: 1 }, p))).toBe(false);
  });
});
