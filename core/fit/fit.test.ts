import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Finding } from '@/core/finding/finding';
import { value } from '@/core/finding/testing/value';
import { english, told } from '@/core/words/testing/english';
import { areaIn2, curbOverlap, intersection, transitionSlope } from './curb/curb-overlap';
import { EMPTY_CURB, judgeCurb, openingFits } from './curb/judge-curb';
import { condensate, furnaceCondensate } from './drain/condensate';
import { drainSlope, drainTrap, floatTrip } from './drain/drain-line';
import { EMPTY_DRAIN, judgeDrain } from './drain/drain-sheet';
import { footprint, gapsOf, gateSweep } from './outdoor/gaps';
import { clearancesOf, judgePlacement, standNeeded } from './outdoor/judge-placement';
import { EMPTY_PLACEMENT, type Placement } from './outdoor/placement';
import { floodStand, padSlope, snowStand } from './outdoor/stand';
import { crossoverBox } from './packaged/crossover-box';
import { crossing, EMPTY_PACKAGED, judgePackaged } from './packaged/duct-sides';
import { judgeStack } from './stack/judge-stack';
import { closeEnd, EMPTY_STACK, stackEnds } from './stack/stack';

describe('outdoor placement', () => {
  it('flood 21.6 → order 22; snow 30; pad 3/8 over 36 holds', () => {
    expect(value(floodStand({ designFloodFt: 104, freeboardFt: 1, gradeFt: 103.2 }))).toMatchObject({ orderIn: 22 });
    expect(value(snowStand({ designSnowIn: 24 })).standIn).toBe(30);
    expect(value(padSlope({ riseIn: 0.375, runIn: 36 }))).toEqual({ slopeInPerFt: 0.125, holds: true });
  });
  it('the gap to the house wall is what a tape would read', () => {
    const south = gapsOf(EMPTY_PLACEMENT).find((g) => g.compass === 'south')!;
    expect(south.availableIn).toBeCloseTo(40 - 15, 9);
    expect(south.side).toBe('rear');
  });
  it('a gate that clears when closed can hit when it swings', () => {
    const gate = { id: 'g', label: 'Garden gate', hingeXIn: 25, hingeYIn: 90, widthIn: 40, closedDeg: 0, swingDeg: 0 };
    const closed: Placement = { ...EMPTY_PLACEMENT, gates: [gate] };
    const swinging: Placement = { ...EMPTY_PLACEMENT, gates: [{ ...gate, swingDeg: -90 }] };
    const east = (p: Placement) => clearancesOf(p).find((c) => c.compass === 'east')!;
    expect(east(closed).availableIn).toBeUndefined();
    expect(east(swinging).availableIn).toBeCloseTo(10, 6);
    expect(east(swinging).check.verdict).toBe('look-again');
    expect(gateSweep(swinging.gates[0]!).length).toBeGreaterThan(10);
  });
  it('moving the unit away from a wall adds exactly that to the gap', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        (yIn, d) => {
          const gap = (y: number) =>
            gapsOf({ ...EMPTY_PLACEMENT, yIn: y }).find((g) => g.compass === 'south')!.availableIn!;
          expect(gap(yIn + d) - gap(yIn)).toBeCloseTo(d, 6);
        },
      ),
    );
  });
  it('turning the unit swaps which side needs what, never the footprint’s area', () => {
    for (const front of ['north', 'east', 'south', 'west'] as const) {
      const p: Placement = { ...EMPTY_PLACEMENT, front, unit: { ...EMPTY_PLACEMENT.unit, widthIn: 40, depthIn: 14 } };
      expect(areaIn2(footprint(p))).toBeCloseTo(560, 9);
      expect(new Set(clearancesOf(p).map((c) => c.side)).size).toBe(4);
    }
  });
  it('the new base against the old pad, per side', () => {
    const at = (xIn: number) =>
      judgePlacement({ ...EMPTY_PLACEMENT, xIn, oldPad: { x0: -18, y0: 22, x1: 18, y1: 58 } });
    expect(english(at(0).find((c) => c.id === 'pad-fit')!.claim)).toMatch(/3 in to the edge/);
    expect(english(at(5).find((c) => c.id === 'pad-east')!.claim)).toBe(
      'The new base overhangs the old pad 2 in to the east.',
    );
  });
  it('the front of a side-discharge unit is not proven until the book is read', () => {
    const p: Placement = { ...EMPTY_PLACEMENT, unit: { ...EMPTY_PLACEMENT.unit, discharge: 'side' } };
    expect(clearancesOf(p).find((c) => c.side === 'front')!.check.verdict).toBe('not-proven');
  });
  it('the stand is the greater of flood and snow, and an eave counts the stand in', () => {
    const p: Placement = {
      ...EMPTY_PLACEMENT,
      flood: { designFloodFt: 104, freeboardFt: 1, gradeFt: 103.2 },
      designSnowIn: 24,
      overheadIn: 120,
      standIn: 30,
    };
    expect(standNeeded(p).standIn).toBe(30);
    expect(english(judgePlacement(p).find((c) => c.id === 'above')!.claim)).toBe('Only 54 in under the eave.');
  });
});

describe('working space at the disconnect (NEC 110.26, from memory)', () => {
  it.each([
    [null, 'not-proven'],
    [{ widthIn: 30, depthIn: 36 }, 'good'],
    [{ widthIn: 40, depthIn: 30 }, 'look-again'],
  ])('%j: %s', (disconnectSpace, verdict) =>
    expect(judgePlacement({ ...EMPTY_PLACEMENT, disconnectSpace }).find((c) => c.id === 'working-space')!.verdict).toBe(
      verdict,
    ),
  );
});

describe('packaged unit', () => {
  it('a 14 in flex (17 in with its cover) across a 24 × 30 box leaves 312 in²: 554 fpm', () => {
    const r = value(crossoverBox({ boxAIn: 30, boxBIn: 24, supplyOdIn: 17, cfm: 1200 }));
    expect(r.openIn2).toBe(312);
    expect(r.fpm).toBeCloseTo(554, 0);
  });
  it('left seen from inside is right from the yard: the mirror is caught', () => {
    expect(crossing(EMPTY_PACKAGED)).toBe('crossed');
    expect(crossing({ ...EMPTY_PACKAGED, house: { supply: 'left', viewedFrom: 'the yard' } })).toBe('straight');
    expect(crossing({ ...EMPTY_PACKAGED, house: { supply: 'upper', viewedFrom: 'inside the house' } })).toBe('turned');
  });
  it('a 26 in hood falls 1 1/8 in at half an inch a foot, rounded up', () => {
    expect(english(judgePackaged({ ...EMPTY_PACKAGED, hoodRunIn: 26 }).find((c) => c.id === 'hood')!.claim)).toMatch(
      /1\u00a01\/8 in/,
    );
  });
  it('a taller stand lifts openings and drain', () => {
    const low = judgePackaged({ ...EMPTY_PACKAGED, standIn: 0, unitDrainIn: 2, drainInletIn: 4 });
    const high = judgePackaged({ ...EMPTY_PACKAGED, standIn: 6, unitDrainIn: 2, drainInletIn: 4 });
    expect(low.find((c) => c.id === 'unit-drain')!.verdict).toBe('look-again');
    expect(high.find((c) => c.id === 'unit-drain')!.verdict).toBe('good');
  });
});

describe('roof curb', () => {
  it('432 in² and 90 %; 1333 fpm at 4000 CFM', () => {
    const [supply] = openingFits(EMPTY_CURB);
    expect(supply!.overlapIn2).toBe(432);
    expect(supply!.overlapPct).toBe(90);
    expect(supply!.fpm).toBeCloseTo(1333, 0);
  });
  it.each([
    [14, 29.7],
    [20, 21.8],
  ])('8 in of offset over %d in is %d°', (heightIn, deg) => {
    const r = value(transitionSlope({ offsetIn: 8, heightIn }));
    expect(r.slopeDeg).toBeCloseTo(deg, 1);
    expect(r.heightFor20In).toBeCloseTo(22, 1);
  });
  it('an intersection is never larger than either, and the same both ways', () => {
    const c = fc.integer({ min: -50, max: 50 });
    const rect = fc
      .tuple(c, c, fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 60 }))
      .map(([x0, y0, w, h]) => ({ x0, y0, x1: x0 + w, y1: y0 + h }));
    fc.assert(
      fc.property(rect, rect, (a, b) => {
        const both = areaIn2(intersection(a, b));
        expect(both).toBeLessThanOrEqual(Math.min(areaIn2(a), areaIn2(b)));
        expect(areaIn2(intersection(b, a))).toBe(both);
        expect(value(curbOverlap({ unitOpening: a, curbOpening: a })).overlapPct).toBe(100);
      }),
    );
  });
  it('the lift is not proven until its list is gone through', () => {
    expect(judgeCurb(EMPTY_CURB).find((c) => c.id === 'lift')!.verdict).toBe('not-proven');
  });
});

describe('drain', () => {
  it('9000 Btu/h of latent heat is 8.49 lb and 1.02 gal an hour', () => {
    const r = value(condensate({ latentBtuh: 9000 }));
    expect(r.lbPerH).toBeCloseTo(8.49, 2);
    expect(r.galPerH).toBeCloseTo(1.02, 2);
    expect(value(condensate({ latentBtuh: 2400 })).galPerH).toBeCloseTo(0.27, 2);
    expect(value(furnaceCondensate({ inputBtuh: 80000 })).galPerH).toBeCloseTo(0.9, 2);
  });
  it('25 ft needs 3 1/8 in, likes 6 1/4', () => {
    expect(told(value(drainSlope({ runFt: 25, fallIn: 0 })))).toMatchObject({
      leastFallIn: 3.125,
      preferredFallIn: 6.25,
      state: 'too flat',
    });
  });
  it('0.9 in. w.c. wants a 1.9 in drop and 0.95 in seal; blow-through is refused', () => {
    expect(value(drainTrap({ negativeStaticInWc: 0.9 }))).toMatchObject({
      outletDropIn: 1.9,
      sealIn: 0.95,
      makeOutletDropIn: 2,
      makeSealIn: 1,
    });
    expect(drainTrap({ negativeStaticInWc: 0.9, arrangement: 'blow-through' })).toMatchObject({
      ok: false,
      refused: { field: 'arrangement' },
    });
    expect(drainTrap({ negativeStaticInWc: 0.9, trapInside: true })).toMatchObject({
      ok: false,
      refused: { field: 'trapInside' },
    });
  });
  it('an inch in a 30 by 36 pan is 4.7 gal and 39 lb', () => {
    const r = value(floatTrip({ widthIn: 30, lengthIn: 36, tripDepthIn: 1, lbPerH: 8.49 }));
    expect(r.gal).toBeCloseTo(4.68, 1);
    expect(r.lb).toBeCloseTo(39, 0);
  });
  it('no float over a finished ceiling stops; wired but untested is not proven', () => {
    const at = (primaryFloat: 'none' | 'wired' | 'tested with water') =>
      judgeDrain({ ...EMPTY_DRAIN, primaryFloat }).find((c) => c.id === 'primary-float')!.verdict;
    expect([at('none'), at('wired'), at('tested with water')]).toEqual(['stop', 'not-proven', 'good']);
  });
});

describe('the stack', () => {
  const opening = (widthIn: number, depthIn = widthIn) => ({ widthIn, depthIn });
  it.each([
    [0.5, 20, 'flange'],
    [2.5, 20, 'cap'],
    [12, 14, 'transition'],
    [2, 14, 'new plenum'],
    [-3, 20, 'cut back'],
  ])('%d in of gap and a %d in opening under 20 in: %s', (gap, from, closing) => {
    expect(closeEnd('plenum', gap, opening(from), opening(20)).closing).toBe(closing);
  });
  it('the gap is the room less the new stack, coil and oil gap counted', () => {
    const [upper] = stackEnds({
      ...EMPTY_STACK,
      plenumIn: 80,
      returnTopIn: 18,
      new: { ...EMPTY_STACK.new, heightIn: 40 },
      coilHeightIn: 12,
      coilOnOilFurnace: true,
    });
    expect(upper.gapIn).toBe(80 - 18 - 40 - 12 - 6);
  });
  it('whatever stands there: gap above, what it is raised by, and the new stack fill the room between plenum and return', () => {
    const n = fc.integer({ min: 4, max: 60 });
    fc.assert(
      fc.property(n, n, n, fc.integer({ min: 0, max: 20 }), (heightIn, widthIn, returnTopIn, raiseIn) => {
        const stack = {
          ...EMPTY_STACK,
          plenumIn: 120,
          returnTopIn,
          raiseIn,
          new: { ...EMPTY_STACK.new, heightIn, widthIn },
        };
        const [upper, lower] = stackEnds(stack);
        expect(upper.gapIn + lower.gapIn + heightIn).toBeCloseTo(120 - returnTopIn, 9);
        for (const c of judgeStack(stack)) expect(JSON.stringify(c)).not.toMatch(/:null|undefined/);
      }),
    );
  });
  it('a steeper step always asks for more height, and 20° is met at the height it names', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 20, noNaN: true }), (step) => {
        const e = closeEnd('plenum', 10, opening(20), opening(20 + 2 * step));
        expect((Math.atan(step / e.wantedIn) * 180) / Math.PI).toBeCloseTo(20, 6);
      }),
    );
  });
  it('room in front that nobody measured is not proven', () => {
    expect(judgeStack(EMPTY_STACK).find((c) => c.id === 'service-room')!.verdict).toBe('not-proven');
  });
});

describe('limits of the fit sheets, on the limit and beside it', () => {
  const of = (findings: readonly Finding[], id: string) => findings.find((c) => c.id === id)!;
  it.each([
    [24, 24, 'good'],
    [23.9, 24, 'look-again'],
    [30, 24, 'good'],
  ])('room in front %d in where %d in are wanted: %s', (frontRoomIn, frontNeededIn, verdict) => {
    const found = of(judgeStack({ ...EMPTY_STACK, frontRoomIn, frontNeededIn }), 'service-room');
    expect(found.verdict).toBe(verdict);
    expect(found.next === undefined).toBe(verdict === 'good');
  });
  it.each([
    [500, 500, 'good', /Not heavier/],
    [500, 501, 'look-again', /1 lb heavier/],
  ])('roof: %d lb out, %d lb in: %s', (oldWeightLb, newWeightLb, verdict, claim) => {
    const found = of(judgeCurb({ ...EMPTY_CURB, oldWeightLb, newWeightLb }), 'weight');
    expect(found.verdict).toBe(verdict);
    expect(english(found.claim)).toMatch(claim);
  });
  // A quarter inch in a foot over 36 in is 0.75 in.
  it.each([
    [0.75, 'good', /level enough/],
    [0.8, 'look-again', /out of level/],
  ])('pad %d in out over 36 in: %s', (padRiseIn, verdict, claim) => {
    const unit = { ...EMPTY_PLACEMENT.unit, widthIn: 36 };
    const found = of(judgePlacement({ ...EMPTY_PLACEMENT, unit, padRiseIn }), 'pad');
    expect(found.verdict).toBe(verdict);
    expect(english(found.claim)).toMatch(claim);
  });
  // 50 lb a person, 100 lb two (common practice).
  it.each([
    [50, /one person/],
    [51, /two people/],
    [100, /two people/],
    [101, /hoist/],
  ])('%d lb is for %s', (weightLb, way) =>
    expect(english(of(judgePlacement({ ...EMPTY_PLACEMENT, weightLb }), 'weight').claim)).toMatch(way),
  );
});
