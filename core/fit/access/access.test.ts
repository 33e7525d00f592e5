import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { value } from '@/core/finding/testing/value';
import { english } from '@/core/words/testing/english';
import { cornerLimit, corridorCorner } from './corridor-corner';
import { faceThroughOpening, neededShortSide } from './face-through-opening';
import { hatchPass } from './hatch-pass';
import { EMPTY_ROUTE, fitsOf, judgeRoute, type Route } from './route';

/** Turned by t, a p × q rectangle has these extents; it passes a × b when some angle has both inside. */
function passesByTurning(p: number, q: number, a: number, b: number): boolean {
  for (let k = 0; k <= 3600; k++) {
    const t = (Math.PI / 2) * (k / 3600);
    const w = p * Math.cos(t) + q * Math.sin(t);
    const h = p * Math.sin(t) + q * Math.cos(t);
    if ((w <= a && h <= b) || (w <= b && h <= a)) return true;
  }
  return false;
}

describe('a face through an opening (Wetzel, from memory)', () => {
  it.each([
    [24.5, 21, 22, 22, false, 25.35],
    [30.5, 2, 30, 22.5, true, 9.72],
    [31, 18, 30, 22.5, false, 35.78],
  ])('%d × %d into %d × %d', (pIn, qIn, aIn, bIn, fits, neededIn) => {
    const r = value(faceThroughOpening({ pIn, qIn, aIn, bIn }));
    expect(r.fits).toBe(fits);
    expect(r.neededIn).toBeCloseTo(neededIn, 1);
  });
  it('agrees with turning the face through every angle', () => {
    const side = fc.oneof(fc.double({ min: 5, max: 60, noNaN: true }), fc.integer({ min: 5, max: 30 }));
    fc.assert(
      fc.property(side, side, side, side, (p, q, a, b) => {
        const { fits, neededIn } = value(faceThroughOpening({ pIn: p, qIn: q, aIn: a, bIn: b }));
        // The search has a grid of its own: leave the last hundredth of an inch to it.
        fc.pre(Math.abs(neededIn - Math.min(a, b)) > 0.02);
        expect(passesByTurning(p, q, a, b)).toBe(fits);
      }),
      { numRuns: 150 },
    );
  });
  it('a square face never passes a smaller square opening', () => {
    for (const [face, opening] of [
      [24, 21],
      [22, 21.5],
      [30, 8],
    ] as const) {
      expect(value(faceThroughOpening({ pIn: face, qIn: face, aIn: opening, bIn: opening }))).toEqual({
        fits: false,
        neededIn: face,
      });
    }
    expect(value(faceThroughOpening({ pIn: 21, qIn: 21, aIn: 21, bIn: 21 })).fits).toBe(true);
  });
  it('turning never needs less than the face’s short side nor helps a face that is not longer', () => {
    expect(neededShortSide(20, 10, 30)).toBe(10);
    expect(neededShortSide(30.5, 2, 30)).toBeGreaterThan(2);
  });
});

describe('a hatch under a low roof (plane geometry)', () => {
  const at = (lengthIn: number, thicknessIn: number, headroomIn: number) =>
    value(hatchPass({ lengthIn, thicknessIn, openingIn: 30, curbIn: 8, headroomIn }));
  it('49 × 21 passes under 60 in to 32.5°, and not under 48 although it is narrower than the opening', () => {
    const r = at(49, 21, 60);
    expect(r.fromDeg).toBe(0);
    expect(r.toDeg).toBeCloseTo(32.5, 1);
    expect(at(49, 21, 48).fits).toBe(false);
  });
  it('56 × 10 passes under 48 in tilted 42.6 to 56.3°, and not under 34', () => {
    const r = at(56, 10, 48);
    expect(r.fromDeg).toBeCloseTo(42.6, 1);
    expect(r.toDeg).toBeCloseTo(56.3, 1);
    expect(at(56, 10, 34).fits).toBe(false);
  });
  it('a lower roof or a longer box never helps', () => {
    const len = fc.double({ min: 20, max: 80, noNaN: true });
    fc.assert(
      fc.property(len, fc.double({ min: 4, max: 28, noNaN: true }), len, (lengthIn, thicknessIn, headroomIn) => {
        const fits = at(lengthIn, thicknessIn, headroomIn).fits;
        if (!fits) {
          expect(at(lengthIn, thicknessIn, headroomIn - 1).fits).toBe(false);
          expect(at(lengthIn + 1, thicknessIn, headroomIn).fits).toBe(false);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('round a corridor corner', () => {
  it('two 36 in corridors let 22.91 in of thickness round at 56 in', () => {
    expect(value(corridorCorner({ aIn: 36, bIn: 36, lengthIn: 56, thicknessIn: 21 }))).toMatchObject({ fits: true });
    const r = value(corridorCorner({ aIn: 36, bIn: 36, lengthIn: 56, thicknessIn: 26 }));
    expect(r.fits).toBe(false);
    expect(r.limitIn).toBeCloseTo(22.91, 2);
  });
  it('a thin plank obeys the ladder formula (a^⅔ + b^⅔)^1.5', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 24, max: 60, noNaN: true }),
        fc.double({ min: 24, max: 60, noNaN: true }),
        (a, b) => {
          const longest = (a ** (2 / 3) + b ** (2 / 3)) ** 1.5;
          expect(cornerLimit(a, b, longest).limitIn).toBeCloseTo(0, 1);
          expect(cornerLimit(a, b, longest * 0.99).limitIn).toBeGreaterThan(0);
        },
      ),
    );
  });
});

describe('a whole route', () => {
  const route: Route = {
    ...EMPTY_ROUTE,
    piece: { label: 'Air handler', lengthIn: 21, widthIn: 22, heightIn: 49 },
    handlingIn: 0,
    stages: [
      { kind: 'opening', id: 'door', label: 'Back door', widthIn: 32, heightIn: 80 },
      { kind: 'hatch', id: 'hatch', label: 'Attic hatch', lengthIn: 30, widthIn: 22.5, curbIn: 8, headroomIn: 48 },
    ],
  };
  it('names the hatch as what stops it and offers ways out', () => {
    const [first] = judgeRoute(route);
    expect(first).toMatchObject({ id: 'stage-hatch', verdict: 'look-again' });
    expect(english(first!.claim)).toMatch(/Attic hatch: .* short/);
    expect(english(first!.next!.say)).toMatch(/modules/);
  });
  it('under a higher roof the same hatch passes and the tilt is told', () => {
    const high = { ...route, stages: route.stages.map((s) => (s.kind === 'hatch' ? { ...s, headroomIn: 60 } : s)) };
    const [, hatch] = fitsOf(high);
    expect(hatch!.spareIn).toBeGreaterThanOrEqual(0);
    expect(hatch!.tiltDeg).toBeDefined();
  });
  it('a hatch under 20 by 30 in is too small to serve an attic by (IMC 306, from memory)', () => {
    const access = (widthIn: number) =>
      judgeRoute({
        ...route,
        stages: [{ kind: 'hatch', id: 'h', label: 'Hatch', lengthIn: 30, widthIn, curbIn: 4, headroomIn: 80 }],
      }).find((c) => c.id === 'access-h')!.verdict;
    expect([access(19), access(20)]).toEqual(['look-again', 'good']);
  });
  it('round a corner: 36 in halls turn 22.9 in of a 56 in box, less a hand of half an inch on each side', () => {
    const corner = (handlingIn: number) =>
      fitsOf({
        ...EMPTY_ROUTE,
        keepUpright: true,
        handlingIn,
        piece: { label: 'x', lengthIn: 56, widthIn: 21, heightIn: 90 },
        stages: [{ kind: 'corner', id: 'c', label: 'Hall', aIn: 36, bIn: 36 }],
      })[0]!.spareIn;
    expect(corner(0)).toBeCloseTo(1.91, 1);
    // Each inch off both halls takes the square root of two off the gap at 45 degrees.
    expect(corner(0) - corner(0.5)).toBeCloseTo(Math.SQRT2, 2);
  });
  it("the survey's narrowest place is among the measured ones, within the half inch that two tapes differ", () => {
    const corner = { kind: 'corner' as const, id: 'turn', label: 'Hall', aIn: 40, bIn: 26 };
    const verdict = (narrowestIn: number, stages: Route['stages'] = route.stages) =>
      judgeRoute({ ...route, stages }, narrowestIn).find((c) => c.id === 'narrowest')?.verdict;
    expect([verdict(21.9), verdict(22), verdict(22.5), verdict(24)]).toEqual(['not-proven', 'good', 'good', 'good']);
    expect([verdict(25.4, [corner]), verdict(25.5, [corner])]).toEqual(['not-proven', 'good']);
    expect(judgeRoute(route).some((c) => c.id === 'narrowest')).toBe(false);
    expect(judgeRoute(EMPTY_ROUTE, 22).map((c) => c.id)).toEqual(['route']);
  });
  it('the piece is held as one of its own three ways, and a misfit stays one for a larger piece or a smaller opening', () => {
    const side = fc.integer({ min: 8, max: 60 });
    fc.assert(
      fc.property(
        side,
        side,
        side,
        fc.integer({ min: 14, max: 60 }),
        fc.integer({ min: 20, max: 84 }),
        fc.boolean(),
        (l, w, h, widthIn, heightIn, keepUpright) => {
          const at = (piece: { l: number; w: number; h: number }, width: number) =>
            fitsOf({
              ...EMPTY_ROUTE,
              keepUpright,
              piece: { label: 'x', lengthIn: piece.l, widthIn: piece.w, heightIn: piece.h },
              stages: [{ kind: 'opening', id: 'd', label: 'Door', widthIn: width, heightIn }],
            })[0]!;
          const now = at({ l, w, h }, widthIn);
          expect([now.held.l, now.held.w, now.held.h].sort()).toEqual([l, w, h].sort());
          if (keepUpright) expect(now.held.h).toBe(h);
          if (now.spareIn >= 0) return;
          expect(at({ l: l + 2, w: w + 2, h: h + 2 }, widthIn).spareIn).toBeLessThan(1e-9);
          expect(at({ l, w, h }, widthIn - 2).spareIn).toBeLessThan(1e-9);
        },
      ),
      { numRuns: 120 },
    );
  });
  it('nothing measured is not proven', () => {
    expect(judgeRoute(EMPTY_ROUTE)[0]).toMatchObject({ verdict: 'not-proven' });
  });
});
