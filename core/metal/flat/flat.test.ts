import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { transitionPattern } from '@/core/metal/transition';
import { BRAKE_IN, splitForBrake } from './brake';
import { areaOf, cutOutline, type Panel, type Point, STANDARD_ALLOWANCE_IN } from './panel';
import { patternSvg } from './pattern-svg';
import { MOST_OFF_IN, selfTest } from './self-test';
import { flatTransition } from './transition-flat';

const side = fc.integer({ min: 4, max: 60 });
const shape = fc.record({
  bottomIn: fc.tuple(side, side),
  topIn: fc.tuple(side, side),
  heightIn: fc.integer({ min: 2, max: 48 }),
  offsetIn: fc.tuple(fc.integer({ min: -20, max: 20 }), fc.integer({ min: -20, max: 20 })),
});

describe('a transition laid flat', () => {
  it('folds back: lengths, areas and seams as in space, whatever its ends and its offset', () => {
    fc.assert(
      fc.property(shape, (s) => {
        const panels = flatTransition(s);
        const test = selfTest(panels);
        expect(test).toMatchObject({ unmatched: 0, holds: true });
        expect(test.worstIn).toBeLessThan(1e-9);
        // The sheet that the calculation says, and its slants: the height of each flat panel.
        const r = transitionPattern(s as never);
        if (!r.ok) throw new Error('refused');
        const sheet = panels.reduce((sum, p) => sum + areaOf(p.neat), 0) / 144;
        expect(sheet).toBeCloseTo(r.value.areaFt2, 6);
        for (const [i, p] of panels.entries()) expect(p.neat[2]![1]).toBeCloseTo(r.value.slantsIn[i]!, 9);
      }),
    );
  });
  it('of 20 × 20 to 14 × 14 in 12: slant 12.369, side edges 12.728, 5.841 ft² (worked case)', () => {
    const panels = flatTransition({ bottomIn: [20, 20], topIn: [14, 14], heightIn: 12, offsetIn: [0, 0] });
    const [p] = panels;
    expect(p!.neat[2]![1]).toBeCloseTo(12.369, 3);
    expect(Math.hypot(p!.neat[3]![0], p!.neat[3]![1])).toBeCloseTo(12.728, 3);
    expect(panels.reduce((sum, x) => sum + areaOf(x.neat), 0) / 144).toBeCloseTo(5.841, 3);
  });
  it('a pattern that is off is caught: a length, a seam', () => {
    const panels = flatTransition({ bottomIn: [20, 16], topIn: [14, 14], heightIn: 12, offsetIn: [2, 1] });
    const bent = (by: number): Panel[] => [
      { ...panels[0]!, neat: panels[0]!.neat.map(([x, y], i): Point => [i === 2 ? x + by : x, y]) },
      ...panels.slice(1),
    ];
    expect(selfTest(bent(0.004)).holds).toBe(true);
    expect(selfTest(bent(0.05))).toMatchObject({ holds: false });
    expect(selfTest(bent(0.5)).unmatched).toBeGreaterThan(0);
    expect(selfTest(bent(0.05)).worstIn).toBeGreaterThan(MOST_OFF_IN);
  });
  it('allowances lie outside the neat edges, by their own width, and leave them as they are', () => {
    fc.assert(
      fc.property(shape, (s) => {
        for (const p of flatTransition(s)) {
          const cut = cutOutline(p);
          expect(areaOf(cut)).toBeGreaterThan(areaOf(p.neat));
          // The first edge is moved down by the drive's inch.
          expect(cut[0]![1]).toBeCloseTo(-STANDARD_ALLOWANCE_IN['drive slip'], 9);
          expect(cut[1]![1]).toBeCloseTo(-STANDARD_ALLOWANCE_IN['drive slip'], 9);
          expect(Math.max(...cut.map(([, y]) => y))).toBeCloseTo(p.neat[2]![1] + 1, 9);
        }
      }),
    );
    const plain = flatTransition({ bottomIn: [10, 10], topIn: [10, 10], heightIn: 8, offsetIn: [0, 0] })[0]!;
    // 10 × 8 with an inch above and below and the pocket on both sides.
    expect(areaOf(cutOutline(plain))).toBeCloseTo((10 + 2 * 1.125) * (8 + 2), 9);
    expect(areaOf(cutOutline({ ...plain, added: [] }))).toBeCloseTo(80, 9);
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
    const panels = flatTransition({ bottomIn: [20, 16], topIn: [14.5, 14], heightIn: 12, offsetIn: [0, 0] });
    const svg = patternSvg(panels, { title: 'a < b & c', warning: 'w', panel: (id) => id });
    const [, width, height] = /width="([\d.]+)in" height="([\d.]+)in" viewBox="0 0 \1 \2"/.exec(svg) ?? [];
    // Two rows of two: the wider of the sides twice, the slant twice.
    expect(Number(width)).toBeGreaterThan(2 * 20);
    expect(Number(height)).toBeGreaterThan(2 * 12);
    for (const layer of ['CUT', 'BEND_UP', 'TEXT', 'MARK']) expect(svg).toContain(`<g id="${layer}"`);
    expect(svg.match(/<path/g)).toHaveLength(2 * 4 + 1);
    expect(svg).toContain('h10');
    expect(svg).toContain('>14 1/2<');
    expect(svg).toContain('a &lt; b &amp; c');
    expect(svg).not.toMatch(/NaN|undefined|Infinity/);
  });
});
