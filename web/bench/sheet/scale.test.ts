import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { around, toScale } from './scale';

const n = fc.double({ min: -500, max: 500, noNaN: true });
describe('one scale for a drawing', () => {
  it('every corner lands inside the paper and comes back to its inches', () => {
    fc.assert(
      fc.property(
        n,
        n,
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.boolean(),
        (x0, y0, w, h, up) => {
          const bounds = around([
            { x: x0, y: y0 },
            { x: x0 + w, y: y0 + h },
          ]);
          const s = toScale(bounds, 640, 420, { left: 20, right: 20, top: 20, bottom: 20 }, up);
          for (const [x, y] of [
            [bounds.x0, bounds.y0],
            [bounds.x1, bounds.y1],
          ] as const) {
            expect(s.x(x)).toBeGreaterThanOrEqual(20 - 1e-6);
            expect(s.x(x)).toBeLessThanOrEqual(620 + 1e-6);
            expect(s.y(y)).toBeGreaterThanOrEqual(20 - 1e-6);
            expect(s.y(y)).toBeLessThanOrEqual(400 + 1e-6);
            const back = s.toIn(s.x(x), s.y(y));
            expect(back.x).toBeCloseTo(x, 6);
            expect(back.y).toBeCloseTo(y, 6);
          }
          // Up means up.
          expect(s.y(bounds.y1) < s.y(bounds.y0)).toBe(up);
        },
      ),
    );
  });
});
