import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Finding } from '@/core/finding/finding';
import { english } from '@/core/words/testing/english';
import { type Curb, EMPTY_CURB, judgeCurb, openingFits } from './curb/judge-curb';
import { type DrainSheet, EMPTY_DRAIN, judgeDrain, panAtTrip } from './drain/drain-sheet';
import { clearancesOf, judgePlacement, standNeeded } from './outdoor/judge-placement';
import { EMPTY_PLACEMENT, type Placement } from './outdoor/placement';
import { boxNeeded, crossing, EMPTY_PACKAGED, judgePackaged, type Packaged, seenFromYard } from './packaged/duct-sides';
import { judgeStack } from './stack/judge-stack';
import { EMPTY_STACK, type Stack, stackEnds } from './stack/stack';

const of = (findings: readonly Finding[], id: string) => findings.find((c) => c.id === id);
const drain = (change: Partial<DrainSheet>, id: string) => of(judgeDrain({ ...EMPTY_DRAIN, ...change }), id);
const place = (change: Partial<Placement>, id: string) => of(judgePlacement({ ...EMPTY_PLACEMENT, ...change }), id);
const curb = (change: Partial<Curb>, id: string) => of(judgeCurb({ ...EMPTY_CURB, ...change }), id);
const packaged = (change: Partial<Packaged>, id: string) => of(judgePackaged({ ...EMPTY_PACKAGED, ...change }), id);
const stack = (change: Partial<Stack>, id: string) => of(judgeStack({ ...EMPTY_STACK, ...change }), id);

describe('a drain', () => {
  // An eighth of an inch a foot is the least, a quarter is preferred (IMC 307, from memory): over 24 ft 3 in and 6 in.
  it.each([
    [2.9, 'look-again', /too flat/],
    [3, 'good', /enough for the code/i],
    [5.9, 'good', /enough for the code/i],
    [6, 'good', /falls well/],
    [-1, 'look-again', /too flat/],
  ])('falling %d in over 24 ft: %s', (fallIn, verdict, claim) => {
    const found = drain({ runFt: 24, fallIn }, 'slope')!;
    expect(found.verdict).toBe(verdict);
    expect(english(found.claim)).toMatch(claim);
  });
  it('that sags is rehung however well it falls; one nobody measured is not proven', () => {
    expect(drain({ runFt: 24, fallIn: 12, sags: true }, 'slope')!.verdict).toBe('look-again');
    expect(drain({ fallIn: null }, 'slope')!.verdict).toBe('not-proven');
  });
  it('has a trap by its suction; one inside the appliance needs no second, a blow-through coil the maker’s', () => {
    expect(drain({ trapInside: true }, 'trap')!.verdict).toBe('good');
    expect(drain({ arrangement: 'blow-through', negativeStaticInWc: 1 }, 'trap')!.verdict).toBe('not-proven');
    expect(drain({ negativeStaticInWc: null }, 'trap')!.verdict).toBe('not-proven');
    // H = suction + 1, J = H / 2 (common practice).
    expect(english(drain({ negativeStaticInWc: 1 }, 'trap')!.claim)).toMatch(/2 in.*1 in/);
  });
  it('over a finished ceiling a pan and its floats are a stop, elsewhere a second look', () => {
    expect(drain({ pan: null }, 'pan')!.verdict).toBe('stop');
    expect(drain({ pan: null, overFinishedSpace: false }, 'pan')).toBeUndefined();
    const float = (primaryFloat: DrainSheet['primaryFloat'], overFinishedSpace = true) =>
      drain({ primaryFloat, overFinishedSpace }, 'primary-float')!.verdict;
    expect([float('none'), float('none', false)]).toEqual(['stop', 'look-again']);
    expect([float('wired'), float('tested with water')]).toEqual(['not-proven', 'good']);
    expect(drain({ pan: null }, 'pan-float')).toBeUndefined();
    expect(drain({ panFloat: 'tested with water' }, 'pan-float')!.verdict).toBe('good');
  });
  it('a secondary drain is seen at its own end', () => {
    expect(drain({ secondary: 'none' }, 'secondary')!.verdict).toBe('look-again');
    expect(drain({ secondary: 'own conspicuous termination' }, 'secondary')).toBeUndefined();
    expect(drain({ secondary: 'none', overFinishedSpace: false }, 'secondary')).toBeUndefined();
  });
  it('the first ten feet in a hot attic are insulated, or all of a shorter one', () => {
    const insulated = (runFt: number, insulatedFt: number) => drain({ runFt, insulatedFt }, 'insulation')?.verdict;
    expect([insulated(25, 9.9), insulated(25, 10)]).toEqual(['look-again', 'good']);
    expect([insulated(6, 5.9), insulated(6, 6)]).toEqual(['look-again', 'good']);
    expect(drain({ hotAttic: false, insulatedFt: 0 }, 'insulation')).toBeUndefined();
  });
  it('a pump moves twice the water at its lift, with its switch wired (common practice)', () => {
    // 9,000 Btu/h latent / 1060 / 8.345 lb a gallon is 1.017 gal/h.
    const pump = (gphAtLift: number, switchWired = true) => drain({ pump: { gphAtLift, switchWired } }, 'pump')!;
    expect([pump(2.02).verdict, pump(2.05).verdict]).toEqual(['look-again', 'good']);
    expect(pump(50, false).verdict).toBe('look-again');
    expect(drain({ belowDrain: true }, 'pump')!.verdict).toBe('look-again');
    expect(drain({}, 'pump')).toBeUndefined();
  });
  it('what stands in the pan when its float trips is a volume of water, and takes longer with less condensate', () => {
    const pan = { widthIn: 30, lengthIn: 36, tripDepthIn: 1 };
    const trip = panAtTrip({ ...EMPTY_DRAIN, pan })!;
    // 231 in³ a gallon, 8.345 lb a gallon.
    expect(trip.gal).toBeCloseTo((30 * 36) / 231, 6);
    expect(trip.lb).toBeCloseTo(trip.gal * 8.345, 1);
    expect(panAtTrip({ ...EMPTY_DRAIN, pan, latentBtuh: 4500 })!.minutes).toBeCloseTo(2 * trip.minutes, 6);
    expect(panAtTrip({ ...EMPTY_DRAIN, pan: null })).toBeUndefined();
    expect(panAtTrip({ ...EMPTY_DRAIN, latentBtuh: 0 })).toBeUndefined();
  });
  it('a condensing furnace, a trap in the frost', () => {
    expect(drain({ furnaceInputBtuh: 80_000 }, 'acid')!.verdict).toBe('look-again');
    expect(drain({}, 'acid')).toBeUndefined();
    expect([drain({ outdoorTrapFreezes: true }, 'freeze')!.verdict, drain({}, 'freeze')]).toEqual([
      'look-again',
      undefined,
    ]);
  });
});

describe('the place of the outdoor unit', () => {
  const wall = (y: number) => [{ id: 'w', label: 'Wall', kind: 'wall' as const, x0: -120, y0: y, x1: 120, y1: y }];
  // The unit's rear is 25 in from y = 0; 10 in are wanted behind it, and within an inch it is measured again.
  it.each([
    [0, 'good'],
    [14, 'good'],
    [14.1, 'look-again'],
    [15.2, 'look-again'],
    [26, 'look-again'],
  ])('a wall at %d in behind it: %s', (y, verdict) => {
    const side = clearancesOf({ ...EMPTY_PLACEMENT, obstacles: wall(y) }).find((s) => s.side === 'rear')!;
    expect(side.availableIn).toBeCloseTo(25 - y, 9);
    expect(side.check.verdict).toBe(verdict);
  });
  it('a side with nothing before it is good, one the maker must say is not proven', () => {
    const sides = clearancesOf({ ...EMPTY_PLACEMENT, obstacles: [] });
    expect(sides.every((s) => s.check.verdict === 'good')).toBe(true);
    const slim = { ...EMPTY_PLACEMENT, obstacles: [], unit: { ...EMPTY_PLACEMENT.unit, discharge: 'side' as const } };
    expect(clearancesOf(slim).find((s) => s.side === 'front')!.check.verdict).toBe('not-proven');
  });
  // 36 in of unit on 6 in of stand, 60 in wanted above: 102 in, and the inch.
  it.each([
    [103, 'good'],
    [102.9, 'look-again'],
    [101, 'look-again'],
    [null, 'good'],
  ])('an eave at %s in: %s', (overheadIn, verdict) =>
    expect(place({ overheadIn, standIn: 6 }, 'above')!.verdict).toBe(verdict),
  );
  it('only a unit that blows upward asks for room above', () =>
    expect(place({ overheadIn: 40, unit: { ...EMPTY_PLACEMENT.unit, discharge: 'side' } }, 'above')).toBeUndefined());
  it('stands on the greater of flood and snow; snow only where it defrosts', () => {
    const need = (change: Partial<Placement>) => standNeeded({ ...EMPTY_PLACEMENT, ...change }).standIn;
    const flood = { designFloodFt: 101, freeboardFt: 1, gradeFt: 100 };
    expect(need({ flood, designSnowIn: null })).toBe(24);
    // Six inches stay clear under it for its own water (common practice).
    expect(need({ flood: null, designSnowIn: 20 })).toBe(26);
    expect(need({ flood, designSnowIn: 20 })).toBe(26);
    expect(need({ flood, designSnowIn: 10 })).toBe(24);
    expect(need({ designSnowIn: 20, heatPump: false })).toBe(0);
    expect(need({})).toBe(3);
    expect([place({ standIn: 3 }, 'stand')!.verdict, place({ standIn: 2.9 }, 'stand')!.verdict]).toEqual([
      'good',
      'look-again',
    ]);
  });
  it.each([
    [{ looseFill: true }, 'loose-fill', 'look-again'],
    [{ underRunoff: true }, 'runoff', 'look-again'],
    [{ dischargesOnto: 'walkway' as const }, 'discharge', 'look-again'],
    [{ padRiseIn: null }, 'pad', 'not-proven'],
    [{ weightLb: null }, 'weight', 'not-proven'],
  ])('%j: %s %s', (change, id, verdict) => {
    expect(place(change as Partial<Placement>, id)!.verdict).toBe(verdict);
    if (id !== 'pad' && id !== 'weight') expect(place({}, id)).toBeUndefined();
  });
  it('a vent terminal nearby is looked up in the adopted code, never passed by', () => {
    const vent = { id: 'v', label: 'Gas relief', kind: 'vent' as const, x0: 60, y0: 0, x1: 62, y1: 2 };
    expect(place({ obstacles: [vent] }, 'vent')!.verdict).toBe('not-proven');
  });
});

describe('a curb', () => {
  const opening = (x0: number) => ({ x0, y0: 0, x1: x0 + 20, y1: 20 });
  // Half an inch to the side of twenty leaves 97.5 %, an inch 95 %, a little more is less.
  it.each([
    [0, 100, 'good'],
    [1, 95, 'good'],
    [1.1, 94.5, 'look-again'],
    [4, 80, 'look-again'],
    [25, 0, 'look-again'],
  ])('supply %d in off: %d %% open, %s', (x0, pct, verdict) => {
    const c = { ...EMPTY_CURB, cfm: 1000, unitSupply: opening(x0), curbSupply: opening(0) };
    expect(openingFits(c)[0]!.overlapPct).toBeCloseTo(pct, 6);
    expect(of(judgeCurb(c), 'overlap-Supply')!.verdict).toBe(verdict);
  });
  it('air through an opening stays under 1,500 fpm (common practice)', () => {
    // 400 in² is 2.778 ft²: 1,500 fpm is 4,167 CFM.
    const at = (cfm: number) =>
      curb({ cfm, unitSupply: opening(0), curbSupply: opening(0) }, 'overlap-Supply')!.verdict;
    expect([at(4166), at(4170)]).toEqual(['good', 'look-again']);
  });
  it('a side steeper than 20° is looked at again', () => {
    // 14 in tall: 5.096 in sideways is 20°.
    const at = (x0: number) =>
      curb({ adapterHeightIn: 14, unitSupply: opening(x0), curbSupply: opening(0) }, 'slope-Supply')!.verdict;
    expect([at(5.09), at(5.1)]).toEqual(['good', 'look-again']);
  });
  it('supply over return mixes, a rectangle turned inside out has no area', () => {
    expect(curb({ unitSupply: opening(0), curbReturn: opening(19) }, 'mixed')!.verdict).toBe('look-again');
    expect(
      curb(
        { unitSupply: opening(0), curbReturn: opening(20), unitReturn: opening(60), curbSupply: opening(0) },
        'mixed',
      ),
    ).toBeUndefined();
    expect(curb({ unitSupply: { x0: 5, y0: 0, x1: 5, y1: 9 } }, 'area-Unit supply')!.verdict).toBe('not-proven');
    expect(curb({}, 'area-Unit supply')).toBeUndefined();
  });
});

describe('a packaged unit', () => {
  const side = fc.constantFrom('left' as const, 'right' as const, 'upper' as const, 'lower' as const);
  const from = fc.constantFrom('the yard' as const, 'inside the house' as const);
  it('whoever looks from wherever: turning both views keeps what meets what', () => {
    const other = { 'the yard': 'inside the house', 'inside the house': 'the yard' } as const;
    const mirror = { left: 'right', right: 'left', upper: 'upper', lower: 'lower' } as const;
    fc.assert(
      fc.property(side, from, side, from, (us, uf, hs, hf) => {
        const unit = { supply: us, viewedFrom: uf };
        const house = { supply: hs, viewedFrom: hf };
        const turned = { supply: mirror[us], viewedFrom: other[uf] };
        expect(seenFromYard(turned)).toBe(seenFromYard(unit));
        const now = crossing({ ...EMPTY_PACKAGED, unit, house });
        expect(crossing({ ...EMPTY_PACKAGED, unit: turned, house })).toBe(now);
        expect(now === 'straight').toBe(seenFromYard(unit) === seenFromYard(house));
        expect(of(judgePackaged({ ...EMPTY_PACKAGED, unit, house }), 'crossing') === undefined).toBe(
          now === 'straight',
        );
      }),
    );
  });
  it('crossed ducts: the variant, then below with six inches, then the box', () => {
    expect(boxNeeded(EMPTY_PACKAGED)).toBe(true);
    expect(boxNeeded({ ...EMPTY_PACKAGED, mirroredVariant: true })).toBe(false);
    expect([22.9, 23].map((clearBelowIn) => boxNeeded({ ...EMPTY_PACKAGED, clearBelowIn }))).toEqual([true, false]);
    // 13 × 24 in beside a 17 in duct are 312 in², 2.167 ft²: 700 fpm is 1,516 CFM.
    expect([1516, 1518].map((cfm) => packaged({ cfm }, 'crossing')!.verdict)).toEqual(['good', 'look-again']);
    expect(packaged({ box: { aIn: 17, bIn: 24 } }, 'crossing')!.verdict).toBe('look-again');
  });
  it('openings may lie apart up to 20°, a drain falls or does not', () => {
    // 30 in to the wall: 10.92 in of height are 20°.
    const level = (unitOpeningIn: number) =>
      packaged({ standIn: 0, houseOpeningIn: 20, unitOpeningIn }, 'opening-level')!;
    expect([level(30.9), level(31), level(9.1), level(9)].map((f) => f.verdict)).toEqual([
      'good',
      'look-again',
      'good',
      'look-again',
    ]);
    expect(english(level(20.4).claim)).toMatch(/level/);
    const falls = (unitDrainIn: number) =>
      packaged({ standIn: 4, unitDrainIn, drainInletIn: 6 }, 'unit-drain')!.verdict;
    expect([falls(2), falls(2.1)]).toEqual(['look-again', 'good']);
    expect(packaged({ hoodRunIn: 0 }, 'hood')!.verdict).toBe('not-proven');
  });
});

describe('a stack', () => {
  it('what closes the gap: flange, cap, transition, and what does not fit', () => {
    const gap = (gapIn: number, step = 0) =>
      stackEnds({
        ...EMPTY_STACK,
        // Raised so that the whole gap is above.
        plenumIn: EMPTY_STACK.returnTopIn + 49 + gapIn,
        plenum: { widthIn: 16 + 2 * step, depthIn: 18 },
        returnOpening: { widthIn: 16, depthIn: 18 },
        new: { ...EMPTY_STACK.new, heightIn: 49 },
      })[0];
    expect(gap(0.5).closing).toBe('flange');
    expect(gap(2).closing).toBe('cap');
    expect(gap(-2).closing).toBe('cut back');
    expect(gap(12, 3).closing).toBe('transition');
    expect(gap(2, 6).closing).toBe('new plenum');
  });
  it.each([
    [19.5, 'good'],
    [19.4, 'look-again'],
    [17, 'look-again'],
  ])('a closet of %d in around 17.5 in: %s', (closetWidthIn, verdict) =>
    expect(stack({ closetWidthIn }, 'closet')!.verdict).toBe(verdict),
  );
  it('a coil over an oil furnace has its own pan; the pan under it is three inches larger than the unit', () => {
    expect(stack({ coilOnOilFurnace: true, coilHeightIn: 18 }, 'oil-pan')!.verdict).toBe('look-again');
    expect(stack({ coilOnOilFurnace: true, coilHeightIn: null }, 'oil-pan')).toBeUndefined();
    expect(english(stack({}, 'pan-size')!.claim)).toMatch(/23\.5.*27 in/);
    expect(english(stack({ new: { ...EMPTY_STACK.new, heightIn: 60 } }, 'stack-height')!.claim)).toMatch(/taller/);
    expect(english(stack({}, 'stack-height')!.claim)).toMatch(/shorter/);
  });
});
