import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { EMPTY_ROUTE, fitsOf, type Route, type RouteStage } from '@/core/fit/access/route';
import { toScale } from '@/web/bench/sheet/scale';
import { lengthOf, type Point } from '@/web/bench/sheet/shapes';
import { stageShape, turned } from './route-layout';

const side = fc.integer({ min: 8, max: 60 });
const piece = fc.record({ lengthIn: side, widthIn: side, heightIn: side });
const wide = fc.integer({ min: 10, max: 90 });
const stage: fc.Arbitrary<RouteStage> = fc.oneof(
  fc.record({
    kind: fc.constant('opening' as const),
    id: fc.constant('o'),
    label: fc.constant('Door'),
    widthIn: wide,
    heightIn: wide,
  }),
  fc.record({
    kind: fc.constant('corner' as const),
    id: fc.constant('c'),
    label: fc.constant('Hall'),
    aIn: wide,
    bIn: wide,
  }),
  fc.record({
    kind: fc.constant('hatch' as const),
    id: fc.constant('h'),
    label: fc.constant('Hatch'),
    lengthIn: wide,
    widthIn: wide,
    curbIn: fc.integer({ min: 0, max: 14 }),
    headroomIn: fc.integer({ min: 30, max: 110 }),
  }),
);
const route = fc.record({ piece, stage, keepUpright: fc.boolean() }).map(
  (r): Route => ({
    ...EMPTY_ROUTE,
    keepUpright: r.keepUpright,
    piece: { label: 'x', ...r.piece },
    stages: [r.stage],
  }),
);
const far = ([ax, ay]: Point, [bx, by]: Point): number => Math.hypot(ax - bx, ay - by);
const shapeOf = (r: Route) => {
  const fit = fitsOf(r)[0]!;
  return { fit, shape: stageShape(fit, r) };
};

describe('a narrow place, drawn', () => {
  it('the piece keeps its size however it is turned', () => {
    fc.assert(
      fc.property(side, side, fc.integer({ min: -180, max: 180 }), (w, h, deg) => {
        const [a, b, c, d] = turned(w, h, [3, -4], deg) as [Point, Point, Point, Point];
        expect(far(a, b)).toBeCloseTo(w, 9);
        expect(far(b, c)).toBeCloseTo(h, 9);
        expect(far(a, c)).toBeCloseTo(Math.hypot(w, h), 9);
        expect((a[0] + c[0]) / 2).toBeCloseTo(3, 9);
        expect((b[1] + d[1]) / 2).toBeCloseTo(-4, 9);
      }),
    );
  });
  it('shows the piece as it is held, in any place: two of its three sides, at a right angle', () => {
    fc.assert(
      fc.property(route, (r) => {
        const { fit, shape } = shapeOf(r);
        const [a, b, c] = shape.piece as [Point, Point, Point];
        const drawn = [far(a, b), far(b, c)].sort((x, y) => x - y);
        const { l, w, h } = fit.held;
        const held = fit.stage.kind === 'opening' ? [w, h] : fit.stage.kind === 'corner' ? [l, w] : [l, h];
        expect(drawn[0]).toBeCloseTo(Math.min(...held), 6);
        expect(drawn[1]).toBeCloseTo(Math.max(...held), 6);
        expect(far(a, c)).toBeCloseTo(Math.hypot(...held), 6);
      }),
    );
  });
  it('a piece that passes straight lies within its opening; round a corner it touches both outer walls and no more', () => {
    fc.assert(
      fc.property(route, (r) => {
        const { fit, shape } = shapeOf(r);
        const { stage: s } = fit;
        const xs = shape.piece.map(([x]) => x);
        const ys = shape.piece.map(([, y]) => y);
        if (s.kind === 'opening' && fit.spareIn >= 0 && ys[0] === ys[1]) {
          expect(Math.max(...xs.map(Math.abs))).toBeLessThanOrEqual(s.widthIn / 2 + 1e-9);
          expect(Math.max(...ys)).toBeLessThanOrEqual(s.heightIn + 1e-9);
          expect(Math.min(...ys)).toBeCloseTo(0, 9);
        }
        if (s.kind === 'corner') {
          expect(Math.min(...xs)).toBeCloseTo(0, 9);
          expect(Math.min(...ys)).toBeCloseTo(0, 9);
        }
      }),
    );
  });
  it('a tilted piece stays under the roof that its angle was found for', () => {
    const hatch = {
      kind: 'hatch' as const,
      id: 'h',
      label: 'Hatch',
      lengthIn: 30,
      widthIn: 24,
      curbIn: 8,
      headroomIn: 60,
    };
    const r: Route = {
      ...EMPTY_ROUTE,
      handlingIn: 0,
      piece: { label: 'x', lengthIn: 21, widthIn: 22, heightIn: 49 },
      stages: [hatch],
    };
    const { fit, shape } = shapeOf(r);
    expect(fit.tiltDeg).toBeDefined();
    expect(Math.max(...shape.piece.map(([, y]) => y))).toBeLessThan(hatch.headroomIn);
    expect(shape.roof?.every(([, y]) => y === 60)).toBe(true);
  });
  it('the measures are those of the place, and everything but a piece that is too large lies on the paper', () => {
    fc.assert(
      fc.property(route, (r) => {
        const { fit, shape } = shapeOf(r);
        const { stage: st } = fit;
        const told =
          st.kind === 'opening'
            ? [st.widthIn, st.heightIn]
            : st.kind === 'corner'
              ? [st.bIn, st.aIn]
              : [st.lengthIn, st.headroomIn];
        for (const [i, m] of shape.measures.entries()) expect(lengthOf(m)).toBeCloseTo(told[i]!, 9);
        expect(shape.measures).toHaveLength(2);
        const { x0, x1, y0, y1 } = shape.frame;
        for (const [x, y] of [...shape.walls.flat(), ...(shape.roof ?? [])]) {
          expect(x).toBeGreaterThanOrEqual(x0 - 1e-9);
          expect(x).toBeLessThanOrEqual(x1 + 1e-9);
          expect(y).toBeGreaterThanOrEqual(y0 - 1e-9);
          expect(y).toBeLessThanOrEqual(y1 + 1e-9);
        }
        const s = toScale(shape.frame, 260, 190, { left: 40, right: 12, top: 14, bottom: 36 });
        expect(s.x(x0)).toBeGreaterThanOrEqual(40 - 1e-6);
        expect(s.y(y0)).toBeLessThanOrEqual(190 - 36 + 1e-6);
      }),
    );
  });
});
