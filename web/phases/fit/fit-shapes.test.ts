import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Verdict } from '@/core/finding/finding';
import { anyOf } from '@/core/finding/testing/any-of';
import { curbSchema, openingFits } from '@/core/fit/curb/judge-curb';
import { drainSheetSchema } from '@/core/fit/drain/drain-sheet';
import { footprint } from '@/core/fit/outdoor/gaps';
import { clearancesOf } from '@/core/fit/outdoor/judge-placement';
import { placementSchema } from '@/core/fit/outdoor/placement';
import { EMPTY_PACKAGED, packagedSchema } from '@/core/fit/packaged/duct-sides';
import { FIT_EMPTY } from '@/core/fit/sheets';
import { newStackIn, stackEnds, stackSchema } from '@/core/fit/stack/stack';
import { balancePoint, capacityAt, lossAt } from '@/core/sizing/balance-point';
import type { Bounds } from '@/web/bench/sheet/scale';
import { holds, type Line, lengthOf, type Measure, type Point, reachOf, type Shape } from '@/web/bench/sheet/shapes';
import { adapterShapes, curbShapes } from './curb-shapes';
import { drainShapes } from './drain-shapes';
import { crossBoxShapes, levelShapes, openingSpots } from './packaged-shapes';
import { placementShapes, strip } from './placement-shapes';
import { heatPumpLines, selectionLines } from './selection-lines';
import { stackShapes } from './stack-shapes';

const good = (): Verdict => 'good';
const dims = (shapes: readonly Shape[]): Measure[] => shapes.filter((s): s is Measure => s.is === 'dim');
const lines = (shapes: readonly Shape[]): Line[] => shapes.filter((s): s is Line => s.is === 'line');
const sorted = (numbers: readonly number[]): number[] => [...numbers].sort((a, b) => a - b);
const spans = (shapes: readonly Shape[]): number[] => sorted(dims(shapes).map(lengthOf));
const near = (found: readonly number[], wanted: readonly number[]): void => {
  expect(found).toHaveLength(wanted.length);
  for (const [i, w] of sorted(wanted).entries()) expect(found[i]).toBeCloseTo(w, 6);
};
const finite = (shapes: readonly Shape[]): boolean => reachOf(shapes).flat().every(Number.isFinite);
const within = (frame: Bounds, shapes: readonly Shape[]): boolean => reachOf(shapes).every((p) => holds(frame, p));

describe('old and new equipment, drawn', () => {
  it('figures are those of the sheet, and everything stands on the paper', () => {
    fc.assert(
      fc.property(anyOf(stackSchema), (stack) => {
        const d = stackShapes(stack, good);
        const all = [...d.house, ...d.old, ...d.unit, ...d.closing];
        expect(finite(all)).toBe(true);
        expect(within(d.frame, all)).toBe(true);
        near(spans(d.old), [stack.old.heightIn]);
        near(spans(d.closing), [
          newStackIn(stack),
          Math.abs(stackEnds(stack)[0].gapIn),
          Math.abs(stack.plenumIn - stack.returnTopIn),
        ]);
        // Past the plenum it should end at: told with a minus.
        expect(dims(d.closing).some((m) => m.minus === true)).toBe(stackEnds(stack)[0].gapIn < 0);
      }),
    );
  });
  it('a transition joins the unit’s own opening to the one that stays, above and below, whichever way the air goes', () => {
    fc.assert(
      fc.property(anyOf(stackSchema), (stack) => {
        const gaps = lines(stackShapes(stack, good).closing);
        const foot = stack.returnTopIn + stack.raiseIn;
        const [top, bottom] =
          stack.flow === 'up' ? [stack.new.supply, stack.new.return] : [stack.new.return, stack.new.supply];
        const widthAt = (y: number): number[] =>
          gaps.flatMap(({ points }) => {
            const xs = points.filter((p) => Math.abs(p[1] - y) < 1e-9).map(([x]) => x);
            return xs.length > 0 ? [Math.max(...xs) - Math.min(...xs)] : [];
          });
        expect(gaps).toHaveLength((stack.raiseIn > 0 ? 1 : 0) + (stackEnds(stack)[0].gapIn === 0 ? 0 : 1));
        if (stack.raiseIn > 0) {
          expect(widthAt(foot).some((w) => Math.abs(w - bottom.widthIn) < 1e-6)).toBe(true);
          expect(widthAt(stack.returnTopIn).some((w) => Math.abs(w - stack.returnOpening.widthIn) < 1e-6)).toBe(true);
        }
        if (stackEnds(stack)[0].gapIn !== 0) {
          expect(widthAt(foot + newStackIn(stack)).some((w) => Math.abs(w - top.widthIn) < 1e-6)).toBe(true);
          expect(widthAt(stack.plenumIn).some((w) => Math.abs(w - stack.plenum.widthIn) < 1e-6)).toBe(true);
        }
      }),
    );
  });
});

describe('the place outdoors, drawn', () => {
  it('the unit, its gaps and its strips lie on the paper; each gap is the one that is judged', () => {
    fc.assert(
      fc.property(anyOf(placementSchema), (p) => {
        const d = placementShapes(p, good);
        expect(finite([...d.obstacles.flat(), ...d.gates, ...d.needed, ...d.unit, ...d.gaps, ...d.behind])).toBe(true);
        expect(within(d.frame, d.unit)).toBe(true);
        expect(within(d.frame, d.gates)).toBe(true);
        const sides = clearancesOf(p);
        near(
          spans(d.gaps),
          sides.flatMap((s) => (s.availableIn === undefined ? [] : [Math.abs(s.availableIn)])),
        );
        expect(d.needed).toHaveLength(sides.filter((s) => s.requiredIn !== null).length);
        expect(d.obstacles).toHaveLength(p.obstacles.length);
      }),
    );
  });
  it('a strip lies before its own side, touches the unit along all of it, and is as deep as asked', () => {
    const side = fc.constantFrom('north' as const, 'south' as const, 'east' as const, 'west' as const);
    fc.assert(
      fc.property(anyOf(placementSchema), side, fc.integer({ min: 0, max: 120 }), (p, compass, deep) => {
        const u = footprint(p);
        const s = strip(u, compass, deep);
        const [wide, high] = [s.x1 - s.x0, s.y1 - s.y0];
        const upright = compass === 'north' || compass === 'south';
        expect(upright ? high : wide).toBeCloseTo(deep, 9);
        expect(upright ? wide : high).toBeCloseTo(upright ? u.x1 - u.x0 : u.y1 - u.y0, 9);
        const shared = { north: [s.y0, u.y1], south: [s.y1, u.y0], east: [s.x0, u.x1], west: [s.x1, u.x0] }[compass];
        expect(shared[0]).toBe(shared[1]);
      }),
    );
  });
  it('the front is marked on the side it faces', () => {
    const front = (facing: 'north' | 'east' | 'south' | 'west'): readonly Point[] =>
      lines(placementShapes({ ...FIT_EMPTY.placement, front: facing }, good).unit).at(-1)!.points;
    // The empty sheet: 30 by 30 in, its middle 40 in from the wall.
    expect(front('north')).toEqual([
      [-15, 55],
      [15, 55],
    ]);
    expect(front('south')).toEqual([
      [-15, 25],
      [15, 25],
    ]);
    expect(front('east')).toEqual([
      [15, 25],
      [15, 55],
    ]);
    expect(front('west')).toEqual([
      [-15, 25],
      [-15, 55],
    ]);
  });
});

describe('a curb and its adapter, drawn', () => {
  it('what is open through both is filled, and lies in either opening', () => {
    fc.assert(
      fc.property(anyOf(curbSchema), (c) => {
        const d = curbShapes(c, good);
        expect(finite([...d.curb, ...d.unit, ...d.figures])).toBe(true);
        expect(within(d.frame, lines(d.unit).slice(0, 1))).toBe(true);
        const fits = openingFits(c);
        const open = lines(d.curb).filter((l) => typeof l.ink.fill === 'object' && 'hatchOf' in l.ink.fill);
        expect(open).toHaveLength(fits.filter((f) => f.overlapIn2 > 0).length);
        for (const shape of open)
          expect(fits.some((f) => [f.unit, f.curb].every((r) => shape.points.every((p) => holds({ ...r }, p))))).toBe(
            true,
          );
        near(spans(d.figures), [Math.abs(c.unitBase.x1 - c.unitBase.x0), Math.abs(c.unitBase.y1 - c.unitBase.y0)]);
      }),
    );
  });
  it('the adapter’s section is the steepest side: its height, its way sideways, its angle', () => {
    fc.assert(
      fc.property(anyOf(curbSchema), (c) => {
        const d = adapterShapes(c, good);
        const fits = openingFits(c);
        expect(d === undefined).toBe(fits.length === 0);
        if (!d) return;
        const steepest = fits.reduce((a, b) => (b.slopeDeg > a.slopeDeg ? b : a));
        expect(fits.find((f) => f.name === d.name)!.slopeDeg).toBe(steepest.slopeDeg);
        near(spans(d.shapes), [c.adapterHeightIn, steepest.offsetIn]);
        expect(within(d.frame, d.shapes)).toBe(true);
      }),
    );
  });
});

describe('a packaged unit, drawn', () => {
  it('levels stand on the ground at the heights that are judged', () => {
    fc.assert(
      fc.property(anyOf(packagedSchema), (p) => {
        const d = levelShapes(p, good);
        expect(finite(d.shapes)).toBe(true);
        near(spans(d.shapes), [p.standIn + p.unitOpeningIn, p.houseOpeningIn]);
        expect(d.frame.y1).toBeGreaterThan(Math.max(p.houseOpeningIn, p.standIn + p.unitOpeningIn));
        const wall = lines(d.shapes)[1]!;
        expect(Math.min(...wall.points.map(([x]) => x))).toBe(0);
      }),
    );
  });
  it('the supply duct runs through the middle of the box, at its diameter', () => {
    fc.assert(
      fc.property(anyOf(packagedSchema), (p) => {
        const d = crossBoxShapes(p, good);
        const ys = lines(d.shapes)[1]!.points.map(([, y]) => y);
        expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(p.supplyOdIn, 6);
        expect((Math.max(...ys) + Math.min(...ys)) / 2).toBeCloseTo(p.box.aIn / 2, 6);
        near(spans(d.shapes), [p.box.aIn, p.box.bIn]);
        expect(within(d.frame, d.shapes)).toBe(true);
      }),
    );
  });
  it('supply and return lie opposite, and the hood falls away from the wall', () => {
    for (const supply of ['left', 'right', 'upper', 'lower'] as const) {
      const { supply: s, return: r } = openingSpots(supply);
      expect([s.x + r.x, s.y + r.y]).toEqual([1, 1]);
    }
    const [from, to, lip] = lines(levelShapes({ ...EMPTY_PACKAGED, hoodRunIn: 24 }, good).shapes).at(-1)!.points as [
      Point,
      Point,
      Point,
    ];
    // ½ in per foot over two feet.
    expect(from[1] - to[1]).toBeCloseTo(1, 9);
    expect(lip[1]).toBeLessThan(to[1]);
  });
});

describe('a drain in profile', () => {
  it('begins at the unit, ends where it was measured, and never leaves the paper downwards without a sag', () => {
    fc.assert(
      fc.property(anyOf(drainSheetSchema), (d) => {
        const { frame, shapes } = drainShapes(d, good);
        expect(finite(shapes)).toBe(true);
        const pipe = lines(shapes).find((l) => l.ink.width === 5)!;
        expect(pipe.points[0]!.map(Math.abs)).toEqual([0, 0]);
        expect(pipe.points.at(-1)![0]).toBeCloseTo(d.runFt, 9);
        if (d.fallIn !== null) expect(-pipe.points.at(-1)![1]).toBeCloseTo(d.fallIn, 9);
        // The line's length in feet and, where known, its fall in inches.
        near(spans(shapes), [d.runFt, ...(d.fallIn === null ? [] : [Math.abs(d.fallIn)])]);
        expect(frame.y0).toBeLessThanOrEqual(-(d.fallIn ?? 0));
        // A sag hangs below the straight line between its ends.
        if (d.sags) {
          const [x, y] = pipe.points[pipe.points.length >> 1]!;
          const straight = pipe.points.at(-1)![1] * (x / d.runFt);
          expect(y).toBeLessThan(straight);
        }
      }),
    );
  });
  it('the two slopes it is held against are a quarter and an eighth of an inch per foot (IPC 314.2: at least 1/8)', () => {
    const [code, preferred] = lines(drainShapes({ ...FIT_EMPTY.drain, runFt: 40 }, good).shapes);
    expect(code!.points.at(-1)).toEqual([40, -5]);
    expect(preferred!.points.at(-1)).toEqual([40, -10]);
  });
});

describe('pump against house, drawn', () => {
  const record = {
    ...FIT_EMPTY.selection,
    load: { coolingBtuh: 30000, heatLossBtuh: 42000, winterDesignF: 5, source: 'x' },
  } as never;
  it('nothing to draw without a load or a heat pump', () => {
    expect(heatPumpLines({ ...FIT_EMPTY.selection, load: null })).toBeUndefined();
    expect(heatPumpLines({ ...(record as object), heatPump: null } as never)).toBeUndefined();
  });
  it('lines follow what is computed; what is missing closes at the balance point and is widest on the design day', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 24, max: 60 }),
        fc.integer({ min: 12, max: 23 }),
        fc.integer({ min: 30, max: 90 }),
        fc.integer({ min: -10, max: 20 }),
        (at47, at17, loss, designF) => {
          const given = {
            capacity47Btuh: at47 * 1000,
            capacity17Btuh: at17 * 1000,
            heatLossBtuh: loss * 1000,
            designF,
            noLoadF: 65,
            frostDent: false,
          };
          const found = balancePoint(given);
          if (!found.ok) return;
          const { balanceF } = found.value;
          const d = selectionLines(given, found.value);
          expect(d.lowF).toBeLessThan(Math.min(designF, balanceF));
          for (const [t, btuh] of d.loss) expect(btuh).toBeCloseTo(lossAt(given, t), 6);
          for (const [t, btuh] of d.pump) expect(btuh).toBeCloseTo(capacityAt(given, t), 6);
          expect(d.mostBtuh).toBeGreaterThan(Math.max(...[...d.loss, ...d.pump].map(([, btuh]) => btuh)) * 0.99);
          if (balanceF <= designF) return expect(d.missing).toEqual([]);
          const gap = (t: number): number => lossAt(given, t) - capacityAt(given, t);
          expect(Math.abs(gap(balanceF))).toBeLessThan(gap(designF) + 1);
          expect(d.missing[0]![0]).toBeCloseTo(designF, 9);
          expect(d.missing.at(-1)![0]).toBeCloseTo(designF, 9);
        },
      ),
    );
  });
});
