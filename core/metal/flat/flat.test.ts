import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { panBlank } from '@/core/metal/pan-blank';
import { GAUGES, type Gauge } from '@/core/metal/sheet-gauge';
import { squareToRoundPattern } from '@/core/metal/square-to-round';
import { transitionPattern } from '@/core/metal/transition';
import { flatBox } from './box-flat';
import { BRAKE_IN, splitForBrake } from './brake';
import { foldedSvg } from './folded-svg';
import { DRIP_IN, flatHood } from './hood-flat';
import { flatPan } from './pan-flat';
import { drawPart, NEEDS, PART_KINDS, type PartFigures, shopFigures } from './part';
import { patternSvg, setOut } from './pattern-svg';
import { areaOf, boxOf, type Piece, type Point } from './piece';
import { flatRound } from './round-flat';
import { MOST_OFF_IN, selfTest } from './self-test';
import { flatTransition } from './transition-flat';

const side = fc.integer({ min: 4, max: 60 });
const gauge = fc.constantFrom(...(Object.keys(GAUGES).map(Number) as Gauge[]));
const shape = fc.record({
  bottomIn: fc.tuple(side, side),
  topIn: fc.tuple(side, side),
  heightIn: fc.integer({ min: 2, max: 48 }),
  offsetIn: fc.tuple(fc.integer({ min: -20, max: 20 }), fc.integer({ min: -20, max: 20 })),
});
const neatFt2 = (pieces: readonly Piece[]): number =>
  pieces.flatMap((p) => p.facets).reduce((sum, f) => sum + areaOf(f.neat), 0) / 144;
const good = { unmatched: 0, overlaps: 0, holds: true };

describe('a transition laid flat', () => {
  it('folds back: lengths, areas and seams as in space, whatever its ends and its offset', () => {
    fc.assert(
      fc.property(shape, (s) => {
        const pieces = flatTransition(s);
        const test = selfTest(pieces);
        expect(test).toMatchObject(good);
        expect(test.worstIn).toBeLessThan(1e-9);
        // The sheet that the calculation says, and its slants: the height of each flat piece.
        const r = transitionPattern(s as never);
        if (!r.ok) throw new Error('refused');
        expect(neatFt2(pieces)).toBeCloseTo(r.value.areaFt2, 6);
        for (const [i, p] of pieces.entries()) expect(p.lengths[2]!.in).toBeCloseTo(r.value.slantsIn[i]!, 9);
      }),
    );
  });
  it('of 20 × 20 to 14 × 14 in 12: slant 12.369, side edges 12.728, 5.841 ft² (worked case)', () => {
    const pieces = flatTransition({ bottomIn: [20, 20], topIn: [14, 14], heightIn: 12, offsetIn: [0, 0] });
    const [f] = pieces[0]!.facets;
    expect(f!.neat[2]![1]).toBeCloseTo(12.369, 3);
    expect(Math.hypot(f!.neat[3]![0], f!.neat[3]![1])).toBeCloseTo(12.728, 3);
    expect(neatFt2(pieces)).toBeCloseTo(5.841, 3);
  });
  it('a pattern that is off is caught: a length, a seam, a part over another', () => {
    const pieces = flatTransition({ bottomIn: [20, 16], topIn: [14, 14], heightIn: 12, offsetIn: [2, 1] });
    const [f] = pieces[0]!.facets;
    const bent = (by: number): Piece[] => [
      {
        ...pieces[0]!,
        facets: [{ folded: f!.folded, neat: f!.neat.map(([x, y], i): Point => [i === 2 ? x + by : x, y]) }],
      },
      ...pieces.slice(1),
    ];
    expect(selfTest(bent(0.004)).holds).toBe(true);
    expect(selfTest(bent(0.05))).toMatchObject({ holds: false });
    expect(selfTest(bent(0.5)).unmatched).toBeGreaterThan(0);
    expect(selfTest(bent(0.05)).worstIn).toBeGreaterThan(MOST_OFF_IN);
    const twice: Piece = { ...pieces[0]!, facets: [f!, f!] };
    expect(selfTest([twice])).toMatchObject({ overlaps: 1, holds: false });
  });
  it('allowances lie outside the neat edges, by their own width, and leave them as they are', () => {
    fc.assert(
      fc.property(shape, (s) => {
        for (const p of flatTransition(s)) {
          const [f] = p.facets;
          expect(areaOf(p.cut)).toBeGreaterThan(areaOf(f!.neat));
          // The first edge is moved down by the drive's inch.
          expect(p.cut[0]![1]).toBeCloseTo(-1, 9);
          expect(p.cut[1]![1]).toBeCloseTo(-1, 9);
          expect(boxOf(p.cut).top).toBeCloseTo(f!.neat[2]![1] + 1, 9);
        }
      }),
    );
    const plain = flatTransition({ bottomIn: [10, 10], topIn: [10, 10], heightIn: 8, offsetIn: [0, 0] })[0]!;
    // 10 × 8 with an inch above and below and the pocket on both sides.
    expect(areaOf(plain.cut)).toBeCloseTo((10 + 2 * 1.125) * (8 + 2), 9);
  });
});

describe('a square-to-round unrolled', () => {
  const round = fc.record({
    squareIn: fc.tuple(side, side),
    diameterIn: fc.integer({ min: 4, max: 40 }),
    heightIn: fc.integer({ min: 4, max: 40 }),
    points: fc.constantFrom(16, 48),
  });
  it('folds back, and has the sheet of its calculation (triangles by Heron against triangles unrolled)', () => {
    fc.assert(
      fc.property(round, (s) => {
        const pieces = flatRound(s);
        const test = selfTest(pieces);
        expect(test.worstIn).toBeLessThan(1e-6);
        expect(test.unmatched).toBe(0);
        const r = squareToRoundPattern(s as never);
        if (!r.ok) throw new Error('refused');
        expect(neatFt2(pieces)).toBeCloseTo(r.value.areaFt2, 6);
      }),
    );
  });
  it('16 × 16 to 14 round, 10 high: 3.840 ft², 2 × 10 triangles, no part over another (worked case)', () => {
    const pieces = flatRound({ squareIn: [16, 16], diameterIn: 14, heightIn: 10, points: 16 });
    expect(neatFt2(pieces)).toBeCloseTo(3.84, 3);
    expect(pieces.map((p) => p.facets.length)).toEqual([11, 11]);
    expect(selfTest(pieces)).toMatchObject(good);
    // Both halves are the same piece.
    expect(boxOf(pieces[0]!.cut).widthIn).toBeCloseTo(boxOf(pieces[1]!.cut).widthIn, 9);
  });
});

describe('a pan, a cap, a side cap', () => {
  it('a pan has the blank of its calculation, and folds back', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 6, max: 60 }),
        fc.integer({ min: 6, max: 60 }),
        fc.integer({ min: 1, max: 6 }),
        fc.constantFrom(0, 0.5),
        gauge,
        (lengthIn, widthIn, wallIn, hemIn, g) => {
          const pan = flatPan({ lengthIn, widthIn, wallIn, hemIn, gauge: g }, 'pan');
          const r = panBlank({ lengthIn, widthIn, wallIn, hemIn, gauge: g });
          if (!r.ok) throw new Error('refused');
          const box = boxOf(pan.cut);
          expect(box.widthIn).toBeCloseTo(r.value.blankIn[0]!, 6);
          expect(box.heightIn).toBeCloseTo(r.value.blankIn[1]!, 6);
          // A hem lies on its wall when it is folded: on the sheet nothing lies over anything.
          expect(selfTest([pan])).toMatchObject({ worstIn: expect.closeTo(0, 9), overlaps: 0, holds: true });
        },
      ),
    );
  });
  it('36 × 30 with 2 in walls and half-inch hems in 24 gauge: 40.904 × 34.904, 11.3 lb (worked case)', () => {
    const pan = flatPan({ lengthIn: 36, widthIn: 30, wallIn: 2, hemIn: 0.5, gauge: 24 }, 'pan');
    expect(boxOf(pan.cut).widthIn).toBeCloseTo(40.904, 3);
    expect(boxOf(pan.cut).heightIn).toBeCloseTo(34.904, 3);
    expect(Math.abs(shopFigures([pan], 24).weightLb - 11.3)).toBeLessThan(0.1);
    expect(pan.bends.filter((b) => b.angleDeg === 180)).toHaveLength(4);
  });
  it('a side cap has flanges along its length alone', () => {
    const cap = flatPan({ lengthIn: 30, widthIn: 6, wallIn: 1, hemIn: 0, gauge: 26, longSidesOnly: true }, 'side cap');
    expect(boxOf(cap.cut).widthIn).toBe(30);
    expect(cap.bends).toHaveLength(2);
    expect(selfTest([cap])).toMatchObject(good);
  });
});

describe('a hood', () => {
  it('26 in out at half an inch a foot: falls 1 1/8, top 26.02 along its slope, sides lower in front (worked case)', () => {
    const pieces = flatHood({ widthIn: 40, runIn: 26, backIn: 12, fallInPerFt: 0.5 })!;
    const [top, right, left] = pieces;
    expect(top!.lengths[1]!.in).toBeCloseTo(Math.hypot(26, 1.125), 9);
    expect(right!.lengths[1]!.in).toBeCloseTo(12 - 1.125, 9);
    expect(left!.lengths[1]!.in).toBeCloseTo(12 - 1.125, 9);
    expect(selfTest(pieces)).toMatchObject(good);
    // Drip edge in front, flange under the siding behind, a cross-break between.
    expect(boxOf(top!.cut).low).toBe(-DRIP_IN);
    expect(top!.lines).toHaveLength(2);
  });
  it('folds back for any run and fall; where the front would lie below its lower edge there is none', () => {
    fc.assert(
      fc.property(side, side, side, fc.constantFrom(0.25, 0.5, 1, 3), (widthIn, runIn, backIn, fallInPerFt) => {
        const pieces = flatHood({ widthIn, runIn, backIn, fallInPerFt });
        if (!pieces) expect((runIn / 12) * fallInPerFt).toBeGreaterThan(backIn - 1 / 16);
        else expect(selfTest(pieces)).toMatchObject(good);
      }),
    );
  });
});

describe('a box', () => {
  it('folds back; collars stand on its top, an inch from each other and from the rim', () => {
    const pieces = flatBox({ lengthIn: 36, widthIn: 16, heightIn: 14, collars: 3, collarIn: 8, gauge: 26 })!;
    expect(selfTest(pieces)).toMatchObject(good);
    expect(pieces[2]!.rings.map((r) => r.at[0])).toEqual([9, 18, 27]);
    expect(flatBox({ lengthIn: 36, widthIn: 16, heightIn: 14, collars: 4, collarIn: 8, gauge: 26 })).toBeUndefined();
    expect(flatBox({ lengthIn: 36, widthIn: 9, heightIn: 14, collars: 1, collarIn: 8, gauge: 26 })).toBeUndefined();
    // The wrapper is as long as the four walls, with a pocket and its flange.
    expect(boxOf(pieces[0]!.cut).widthIn).toBeCloseTo(2 * (36 + 16) + 1.125 + 0.25, 9);
  });
});

const NONE: PartFigures = {
  lengthIn: null,
  widthIn: null,
  topLengthIn: null,
  topWidthIn: null,
  diameterIn: null,
  heightIn: null,
  offsetXIn: null,
  offsetYIn: null,
  wallIn: null,
  hemIn: null,
  runIn: null,
  backIn: null,
  fallInPerFt: null,
  collars: null,
  collarIn: null,
};
const SOME: PartFigures = {
  ...NONE,
  lengthIn: 24,
  widthIn: 20,
  topLengthIn: 18,
  topWidthIn: 16,
  diameterIn: 14,
  heightIn: 12,
  wallIn: 2,
  runIn: 26,
  backIn: 12,
  fallInPerFt: 0.5,
};

describe('a part by its figures', () => {
  it.each(PART_KINDS)('%s is drawn from what it needs, and names what is missing', (kind) => {
    const drawn = drawPart(kind, SOME, 26);
    if (!drawn.ok) throw new Error('refused');
    expect(shopFigures(drawn.pieces, 26).test.holds).toBe(true);
    for (const field of NEEDS[kind])
      expect(drawPart(kind, { ...SOME, [field]: null }, 26)).toMatchObject({ ok: false, refused: { field } });
    const svg = patternSvg(drawn.pieces, { title: 'a < b & c', warning: 'w', piece: (id) => id });
    expect(svg).not.toMatch(/NaN|undefined|Infinity/);
    expect(foldedSvg(drawn.pieces, 35)).not.toMatch(/NaN|undefined|Infinity/);
  });
  it('refuses what does not go: collars, a front below its edge', () => {
    expect(drawPart('box', { ...SOME, collars: 9, collarIn: 8 }, 26)).toMatchObject({ refused: { field: 'collars' } });
    expect(drawPart('box', { ...SOME, collars: 1 }, 26)).toMatchObject({ refused: { field: 'collarIn' } });
    expect(drawPart('hood', { ...SOME, backIn: 1 }, 26)).toMatchObject({ refused: { field: 'backIn' } });
  });
  it('a bend longer than the brake is split; soft bends need none', () => {
    const long = drawPart('cap', { ...SOME, lengthIn: 58 }, 24);
    if (!long.ok) throw new Error('refused');
    expect(shopFigures(long.pieces, 24).split?.pieces).toBe(2);
    const round = drawPart('square to round', { ...SOME, heightIn: 60 }, 24);
    if (!round.ok) throw new Error('refused');
    expect(shopFigures(round.pieces, 24)).toMatchObject({ longestBendIn: 0, split: undefined });
  });
});

describe('a bend too long for the brake', () => {
  it('58 in is two pieces of 29 3/4 (worked case); what fits is not split', () => {
    expect(splitForBrake(58)).toEqual({ pieces: 2, eachIn: 29.75 });
    expect(splitForBrake(BRAKE_IN)).toBeUndefined();
    expect(splitForBrake(BRAKE_IN + 0.1)?.pieces).toBe(2);
  });
  it('every piece fits the brake, and together they cover the bend with their laps', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 400, noNaN: true }), fc.integer({ min: 24, max: 120 }), (bend, brake) => {
        const split = splitForBrake(bend, brake);
        if (!split) {
          expect(bend).toBeLessThanOrEqual(brake);
          return;
        }
        expect(split.eachIn).toBeLessThanOrEqual(brake);
        expect(split.pieces * split.eachIn - (split.pieces - 1) * 1.5).toBeCloseTo(bend, 6);
      }),
    );
  });
});

describe('the drawing', () => {
  it('is one inch to the inch, with its layers, its lengths and a bar of ten inches', () => {
    const pieces = flatTransition({ bottomIn: [20, 16], topIn: [14.5, 14], heightIn: 12, offsetIn: [0, 0] });
    const svg = patternSvg(pieces, { title: 'a < b & c', warning: 'w', piece: (id) => id });
    const [, width, height] = /width="([\d.]+)in" height="([\d.]+)in" viewBox="0 0 \1 \2"/.exec(svg) ?? [];
    // Two rows of two: the wider of the sides twice, the slant twice.
    expect(Number(width)).toBeGreaterThan(2 * 20);
    expect(Number(height)).toBeGreaterThan(2 * 12);
    for (const layer of ['CUT', 'BEND_UP', 'BEND_DOWN', 'TEXT', 'MARK']) expect(svg).toContain(`<g id="${layer}"`);
    expect(svg).toContain('h10');
    expect(svg).toContain('>14 1/2<');
    expect(svg).toContain('a &lt; b &amp; c');
  });
  it('sets pieces out so that none lies over another', () => {
    const pieces = flatBox({ lengthIn: 36, widthIn: 16, heightIn: 14, collars: 0, collarIn: 0, gauge: 26 })!;
    const { starts, widthIn, heightIn } = setOut(pieces);
    const boxes = pieces.map((p, i) => {
      const b = boxOf(p.cut);
      return {
        l: starts[i]![0] + b.left,
        r: starts[i]![0] + b.right,
        b: starts[i]![1] + b.low,
        t: starts[i]![1] + b.top,
      };
    });
    for (const [i, a] of boxes.entries()) {
      expect(Math.min(a.l, a.b)).toBeGreaterThan(0);
      expect(a.r).toBeLessThan(widthIn);
      expect(a.t).toBeLessThan(heightIn);
      for (const b of boxes.slice(i + 1)) expect(a.r <= b.l || b.r <= a.l || a.t <= b.b || b.t <= a.b).toBe(true);
    }
  });
});
