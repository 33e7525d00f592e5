import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Outcome } from '@/core/finding/outcome';
import { bendAllowance } from './bend';
import { exactSheets } from './exact-nest';
import { greedySheets, leastSheets, type Piece } from './guillotine';
import { hoodFall } from './hood-fall';
import { nest } from './nest';
import { panBlank } from './pan-blank';
import { squareToRoundPattern, trueLengths } from './square-to-round';
import { sidesOf, transitionPattern } from './transition';

function value<T extends Record<string, unknown>>(r: Outcome<T>): T {
  if (!r.ok) throw new Error(`${r.refused.field}: ${JSON.stringify(r.refused.message)}`);
  return r.value;
}
type Point = readonly [number, number, number];
const apart = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
const minus = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const cross = (a: Point, b: Point): Point => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const area3 = (a: Point, b: Point, c: Point): number => apart(cross(minus(b, a), minus(c, a)), [0, 0, 0]) / 2;

const inches = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const shape = fc.record({
  bottomIn: fc.tuple(inches(6, 60), inches(6, 60)),
  topIn: fc.tuple(inches(6, 60), inches(6, 60)),
  heightIn: inches(3, 40),
  offsetIn: fc.tuple(inches(-20, 20), inches(-20, 20)),
});

describe('a rectangular transition', () => {
  // Worked cases of the trade.
  it.each([
    [{ bottomIn: [20, 20], topIn: [14, 14], heightIn: 12, offsetIn: [0, 0] }, [12.369, 12.369, 12.369, 12.369], 5.841],
    [{ bottomIn: [24, 20], topIn: [18, 16], heightIn: 12, offsetIn: [3, 2] }, [12.649, 12, 12, 13.416], 6.772],
  ] as const)('%o', (input, slants, areaFt2) => {
    const r = value(
      transitionPattern({
        bottomIn: [...input.bottomIn],
        topIn: [...input.topIn],
        heightIn: input.heightIn,
        offsetIn: [...input.offsetIn],
      }),
    );
    slants.forEach((s, i) => {
      expect(r.slantsIn[i]).toBeCloseTo(s, 3);
    });
    expect(r.areaFt2).toBeCloseTo(areaFt2, 3);
  });
  it('folded up in space each side has the area and the slant of its flat piece', () => {
    fc.assert(
      fc.property(shape, (s) => {
        const [a, b] = s.bottomIn;
        const [c, d] = s.topIn;
        const [ox, oy] = s.offsetIn;
        const below: Point[] = [
          [-a / 2, -b / 2, 0],
          [a / 2, -b / 2, 0],
          [a / 2, b / 2, 0],
          [-a / 2, b / 2, 0],
        ];
        const above: Point[] = [
          [ox - c / 2, oy - d / 2, s.heightIn],
          [ox + c / 2, oy - d / 2, s.heightIn],
          [ox + c / 2, oy + d / 2, s.heightIn],
          [ox - c / 2, oy + d / 2, s.heightIn],
        ];
        sidesOf(s).forEach((side, i) => {
          const [p, q] = [below[i]!, below[(i + 1) % 4]!];
          const [u, v] = [above[i]!, above[(i + 1) % 4]!];
          const inSpace = area3(p, q, v) + area3(p, v, u);
          expect(((side.belowIn + side.aboveIn) / 2) * side.slantIn).toBeCloseTo(inSpace, 6);
        });
      }),
    );
  });
  it('leans as its steepest side; a top wholly beside the bottom is allowed', () => {
    const r = value(transitionPattern({ bottomIn: [10, 10], topIn: [10, 10], heightIn: 10, offsetIn: [30, 0] }));
    expect(r.maxSlopeDeg).toBeCloseTo(71.565, 3);
    expect(transitionPattern({ bottomIn: [10, 0], topIn: [10, 10], heightIn: 10, offsetIn: [0, 0] }).ok).toBe(false);
  });
});

describe('a square to round', () => {
  const round = fc.record({
    squareIn: fc.tuple(inches(6, 60), inches(6, 60)),
    diameterIn: inches(4, 60),
    heightIn: inches(3, 40),
    points: fc.constantFrom(16, 20, 48, 96),
  });
  it('folded up in space the triangles have the area of the pattern', () => {
    fc.assert(
      fc.property(round, (s) => {
        const [a, b] = s.squareIn;
        const r = s.diameterIn / 2;
        const on = (k: number): Point => {
          const t = (2 * Math.PI * k) / s.points;
          return [r * Math.cos(t), r * Math.sin(t), s.heightIn];
        };
        const corners: Point[] = [
          [a / 2, b / 2, 0],
          [-a / 2, b / 2, 0],
          [-a / 2, -b / 2, 0],
          [a / 2, -b / 2, 0],
        ];
        const quarter = s.points / 4;
        let inSpace = 0;
        for (let i = 0; i < 4; i++) {
          const corner = corners[i]!;
          for (let k = i * quarter; k < (i + 1) * quarter; k++) inSpace += area3(corner, on(k), on(k + 1));
          inSpace += area3(corner, corners[(i + 1) % 4]!, on((i + 1) * quarter));
        }
        const flat = value(squareToRoundPattern({ ...s, squareIn: [...s.squareIn] }));
        expect(flat.areaFt2 * 144).toBeCloseTo(inSpace, 5);
        expect(
          trueLengths(s)
            .map((l, k) => l - apart(corners[0]!, on(k)))
            .every((x) => Math.abs(x) < 1e-9),
        ).toBe(true);
        expect(flat.chordIn).toBeCloseTo(apart(on(0), on(1)), 9);
        expect(flat.chordPerimeterIn).toBeLessThan(flat.perimeterIn);
      }),
    );
  });
  it.each([12, 18, 15.5, 364])('refuses %d points', (points) => {
    expect(squareToRoundPattern({ squareIn: [16, 16], diameterIn: 14, heightIn: 10, points })).toMatchObject({
      ok: false,
      refused: { field: 'points' },
    });
  });
});

describe('bends, pans, hoods', () => {
  it('what a bend takes and what it saves make the two outside lengths', () => {
    fc.assert(
      fc.property(inches(0.01, 0.2), inches(0.01, 2), inches(1, 170), (thicknessIn, radiusIn, angleDeg) => {
        const r = value(bendAllowance({ thicknessIn, radiusIn, angleDeg }));
        const setback = Math.tan((angleDeg * Math.PI) / 360) * (radiusIn + thicknessIn);
        expect(r.allowanceIn + r.deductionIn).toBeCloseTo(2 * setback, 9);
      }),
    );
    expect(bendAllowance({ thicknessIn: 0.03, radiusIn: 0.03, angleDeg: 180 }).ok).toBe(false);
    // A brake that a shop has calibrated.
    const soft = value(bendAllowance({ thicknessIn: 0.0276, radiusIn: 0.0276, angleDeg: 90, k: 0.5 }));
    expect(soft.allowanceIn).toBeCloseTo(0.06503, 5);
  });
  it('a pan without hems, of another gauge', () => {
    const r = value(panBlank({ lengthIn: 36, widthIn: 30, wallIn: 2, hemIn: 0, gauge: 26 }));
    // Two bends of 0.0217 in at their own radius: 40 − 2 × 0.0377.
    expect(r.blankIn[0]).toBeCloseTo(39.9245, 3);
    expect(r.weightLb).toBeCloseTo(((39.9245 * 33.9245 - 16) / 144) * 0.906, 3);
    expect(panBlank({ lengthIn: 36, widthIn: 30, wallIn: 2, hemIn: 0, gauge: 25 })).toMatchObject({
      ok: false,
      refused: { field: 'gauge' },
    });
  });
  it.each([
    [26, 0.5, 1.125],
    [24, 0.5, 1],
    [12, 0.25, 0.25],
    [12.1, 0.25, 0.3125],
    [3, 0.3125, 0.125],
  ])('%d in at %d in/ft falls %d in', (runIn, fallInPerFt, fallIn) => {
    expect(value(hoodFall({ runIn, fallInPerFt })).fallIn).toBe(fallIn);
  });
});

/** Sheets by trying every guillotine pattern in another way: cutting rectangles down, not joining them up (a few pieces only). */
function byCutting(pieces: readonly Piece[], sheet: Piece, gap: number): number {
  const whole = pieces.map((_, i) => i);
  const memo = new Map<string, boolean>();
  const fitsIn = (lot: readonly number[], w: number, h: number): boolean => {
    if (!lot.length) return true;
    const key = `${lot.join()}|${w.toFixed(4)}|${h.toFixed(4)}`;
    const known = memo.get(key);
    if (known !== undefined) return known;
    const found = lot.length === 1 ? one(pieces[lot[0]!]!, w, h) : split(lot, w, h);
    memo.set(key, found);
    return found;
  };
  const one = (p: Piece, w: number, h: number): boolean =>
    (p.w <= w + 1e-9 && p.h <= h + 1e-9) || (p.h <= w + 1e-9 && p.w <= h + 1e-9);
  const split = (lot: readonly number[], w: number, h: number): boolean => {
    // Every cut that matters lies at a sum of sides.
    const sums = new Set<number>();
    const add = (i: number, s: number): void => {
      if (i === lot.length) return;
      add(i + 1, s);
      for (const side of [pieces[lot[i]!]!.w, pieces[lot[i]!]!.h]) {
        sums.add(s + side);
        add(i + 1, s + side + gap);
      }
    };
    add(0, 0);
    for (let mask = 1; mask < 2 ** lot.length - 1; mask++) {
      const left = lot.filter((_, k) => mask & (1 << k));
      const right = lot.filter((_, k) => !(mask & (1 << k)));
      for (const at of sums) {
        if (at + gap < w && fitsIn(left, at, h) && fitsIn(right, w - at - gap, h)) return true;
        if (at + gap < h && fitsIn(left, w, at) && fitsIn(right, w, h - at - gap)) return true;
      }
    }
    return false;
  };
  const fewest = (lot: readonly number[]): number => {
    if (!lot.length) return 0;
    let best = lot.length;
    for (let mask = 1; mask < 2 ** lot.length; mask++) {
      if (!(mask & 1)) continue;
      const part = lot.filter((_, k) => mask & (1 << k));
      if (fitsIn(part, sheet.w, sheet.h)) best = Math.min(best, 1 + fewest(lot.filter((x) => !part.includes(x))));
    }
    return best;
  };
  return fewest(whole);
}

describe('nesting', () => {
  const SHEET = { w: 48, h: 96 };
  it.each<[number, [number, number], number, number]>([
    [5, [48, 96], 2, 47.74],
    [5, [48, 120], 1, 76.39],
    [4, [48, 96], 1, 76.39],
    [1, [96, 48], 1, 19.1],
  ])('%d of 22 × 40 on %o: %d sheets', (count, sheetIn, sheets, pct) => {
    const r = value(nest({ pieces: [{ w: 22, h: 40, count }], sheetIn }));
    expect(r).toMatchObject({ sheets, exact: true });
    expect(r.utilisationPct).toBeCloseTo(pct, 1);
  });
  it('a sheet cut into its own parts is one sheet, however they are listed', () => {
    // Cut at random from edge to edge: a pattern that is provably the best.
    const cuts = fc.array(fc.tuple(fc.nat(9), fc.boolean(), inches(0.25, 0.75)), { minLength: 1, maxLength: 7 });
    fc.assert(
      fc.property(cuts, (made) => {
        let parts: Piece[] = [SHEET];
        for (const [k, across, at] of made) {
          const p = parts[k % parts.length]!;
          if (Math.max(p.w, p.h) < 8) continue;
          const halves = across
            ? [
                { w: p.w * at, h: p.h },
                { w: p.w * (1 - at), h: p.h },
              ]
            : [
                { w: p.w, h: p.h * at },
                { w: p.w, h: p.h * (1 - at) },
              ];
          parts = [...parts.filter((x) => x !== p), ...halves];
        }
        expect(exactSheets(parts, SHEET, 0)).toBe(1);
      }),
      { numRuns: 60 },
    );
  });
  it('up to a dozen pieces it is what trying every cut gives', () => {
    const piece = fc.record({ w: fc.integer({ min: 8, max: 47 }), h: fc.integer({ min: 8, max: 90 }) });
    fc.assert(
      fc.property(fc.array(piece, { minLength: 2, maxLength: 4 }), fc.constantFrom(0, 0.125), (pieces, gap) => {
        const exact = exactSheets(pieces, SHEET, gap);
        expect(exact).toBe(byCutting(pieces, SHEET, gap));
        expect(greedySheets(pieces, SHEET, gap)).toBeGreaterThanOrEqual(exact);
        expect(leastSheets(pieces, SHEET, gap)).toBeLessThanOrEqual(exact);
      }),
      { numRuns: 40 },
    );
  });
  it('beyond a dozen it says whether it is proven', () => {
    const full = value(nest({ pieces: [{ w: 24, h: 24, count: 16 }], sheetIn: [48, 96], gapIn: 0 }));
    expect(full).toEqual({ sheets: 2, utilisationPct: 100, exact: true });
    const odd = value(nest({ pieces: [{ w: 31, h: 50, count: 14 }], sheetIn: [48, 96] }));
    expect(odd).toMatchObject({ sheets: 14, exact: false });
  });
  it('refuses what fits neither way, and no pieces', () => {
    expect(nest({ pieces: [{ w: 50, h: 60, count: 1 }], sheetIn: [48, 96] })).toMatchObject({
      ok: false,
      refused: { field: 'pieces', message: { id: 'metal.piece-fits-neither-way' } },
    });
    expect(value(nest({ pieces: [{ w: 90, h: 40, count: 1 }], sheetIn: [48, 96] })).sheets).toBe(1);
    expect(nest({ pieces: [], sheetIn: [48, 96] }).ok).toBe(false);
  });
});
