import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { EMPTY_AIR } from '@/core/air/duct/air-sheet';
import { judgeAir } from '@/core/air/duct/judge-air';
import { runsTogether } from '@/core/air/duct/old-runs';
import { effectiveFt } from '@/core/air/duct/path';
import { planAir } from '@/core/air/duct/plan-air';
import type { Finding } from '@/core/finding/finding';
import { english } from '@/core/words/testing/english';
import { peopleFor } from './access/carrying';
import { EMPTY_ROUTE, fitsOf, judgeRoute, type Route, stageFit } from './access/route';
import { curbMargins } from './curb/curb-more';
import { type Curb, EMPTY_CURB, judgeCurb } from './curb/judge-curb';
import { type DrainSheet, EMPTY_DRAIN, judgeDrain } from './drain/drain-sheet';
import { judgePlacement } from './outdoor/judge-placement';
import { EMPTY_PLACEMENT, type Placement } from './outdoor/placement';
import { judgeStack } from './stack/judge-stack';
import { EMPTY_STACK, type Stack, stackEnds } from './stack/stack';

const of = (checks: readonly Finding[], id: string): string | undefined => checks.find((c) => c.id === id)?.verdict;
const place = (change: Partial<Placement>, id: string) => of(judgePlacement({ ...EMPTY_PLACEMENT, ...change }), id);

describe('around the outdoor unit', () => {
  const SOUND = {
    powerDb: 72,
    stands: 'wall',
    bedroomFt: 20,
    neighborFt: null,
    barrier: false,
    limitDba: 55,
  } as const;
  // 72 dB at a wall, 20 ft off: 51.3 dBA, with its 3 dB 54.3.
  it('its sound with its spread stays under the limit, or is looked at; without a rating nobody knows', () => {
    const at = (change: object, id = 'sound-bedroom') => place({ sound: { ...SOUND, ...change } }, id);
    expect(at({})).toBe('good');
    expect(at({ limitDba: 54.4 })).toBe('good');
    expect(at({ limitDba: 54.2 })).toBe('look-again');
    expect(at({ limitDba: 54.2, barrier: true })).toBe('good');
    expect(at({ stands: 'corner' })).toBe('look-again');
    expect(at({}, 'sound-neighbor')).toBeUndefined();
    expect(at({ neighborFt: 5 }, 'sound-neighbor')).toBe('look-again');
    expect(at({ powerDb: null }, 'sound')).toBe('not-proven');
    expect(place({}, 'sound')).toBeUndefined();
  });
  it.each([
    [14, 10, 'good'],
    [14, 20, 'look-again'],
    [24, 20, 'good'],
    [12, 12, 'good'],
    [11.9, 5, 'look-again'],
    [12, 12.1, 'look-again'],
  ])('a soffit %d in above, %d in out over a side-discharge unit: %s', (soffitAboveIn, projectionIn, verdict) => {
    const unit = { ...EMPTY_PLACEMENT.unit, discharge: 'side' as const };
    expect(place({ unit, eave: { soffitAboveIn, projectionIn } }, 'eave')).toBe(verdict);
    expect(place({ eave: { soffitAboveIn, projectionIn } }, 'eave')).toBeUndefined();
  });
  const BRACKET = {
    wall: 'masonry',
    brackets: 2,
    standoffIn: 11,
    spanIn: 14,
    iceLb: 60,
    tensionLb: 470,
    shearLb: 400,
  } as const;
  it('a bracket hangs in what carries: 0.735 of its anchors; in siding nothing does', () => {
    const at = (change: object, weightLb: number | null = 175) =>
      place({ weightLb, bracket: { ...BRACKET, ...change } }, 'bracket');
    expect(at({})).toBe('good');
    expect(at({ brackets: 1 })).toBe('stop');
    for (const wall of ['veneer', 'siding', 'foam', 'unknown']) expect(at({ wall })).toBe('stop');
    expect(at({ wall: 'studs' })).toBe('good');
    expect(at({ tensionLb: null })).toBe('not-proven');
    expect(at({ shearLb: null })).toBe('not-proven');
    expect(at({}, null)).toBe('not-proven');
  });
  it('a unit over another keeps the maker’s gap and drains past it', () => {
    const at = (change: object, id: string) =>
      place({ stacked: { gapIn: 24, makerGapIn: 24, drainsPast: true, ...change } }, id);
    expect(at({}, 'stacked-gap')).toBe('good');
    expect(at({ gapIn: 23.9 }, 'stacked-gap')).toBe('look-again');
    expect(at({ makerGapIn: null }, 'stacked-gap')).toBe('not-proven');
    expect(at({}, 'stacked-water')).toBeUndefined();
    expect(at({ drainsPast: false }, 'stacked-water')).toBe('look-again');
  });
});

describe('the way in, for everything that is carried', () => {
  const DOOR = { kind: 'opening', id: 'door', label: 'Door', widthIn: 30, heightIn: 80 } as const;
  const HATCH = {
    kind: 'hatch',
    id: 'h',
    label: 'Hatch',
    lengthIn: 30,
    widthIn: 22,
    curbIn: 8,
    headroomIn: 80,
  } as const;
  const OLD = { id: 'old', label: 'Old unit', way: 'out', lengthIn: 60, widthIn: 34, heightIn: 34 } as const;
  const route = (change: Partial<Route>): Route => ({ ...EMPTY_ROUTE, stages: [DOOR], ...change });
  it('each place is judged for the piece that goes through it worst', () => {
    const alone = fitsOf(route({}))[0]!;
    const both = fitsOf(route({ pieces: [{ ...OLD, weightLb: null }] }))[0]!;
    expect(both.spareIn).toBe(stageFit({ ...EMPTY_ROUTE, piece: OLD }, DOOR).spareIn);
    expect(both.spareIn).toBeLessThan(alone.spareIn);
    expect(both.label).toBe('Old unit');
  });
  it('fifty pounds each, a hundred between two; more is for a hoist (common practice)', () => {
    const carry = (weightLb: number | null) =>
      of(judgeRoute(route({ piece: { ...EMPTY_ROUTE.piece, weightLb } })), 'carry-piece');
    expect([carry(50), carry(100), carry(100.5), carry(null)]).toEqual(['good', 'good', 'look-again', undefined]);
    expect([peopleFor(1), peopleFor(50), peopleFor(51), peopleFor(100), peopleFor(101)]).toEqual([1, 1, 2, 2, 3]);
    expect(of(judgeRoute(route({ pieces: [{ ...OLD, weightLb: 140 }] })), 'carry-old')).toBe('look-again');
  });
  it('a ladder bears a person and a share of the heaviest piece', () => {
    const ladder = (ladderLb: number | null, weightLb: number | null = 100) =>
      of(
        judgeRoute(route({ stages: [{ ...HATCH, ladderLb }], piece: { ...EMPTY_ROUTE.piece, weightLb } })),
        'ladder-h',
      );
    // 220 lb with tools and half of 100 lb.
    expect([ladder(270), ladder(269), ladder(null), ladder(300, null)]).toEqual(['good', 'stop', undefined, undefined]);
  });
});

describe('the stack beyond its ends', () => {
  const stack = (change: Partial<Stack>, id: string) => of(judgeStack({ ...EMPTY_STACK, ...change }), id);
  it('lying down its ends are the same geometry, and it is ordered for its side', () => {
    const [up] = stackEnds(EMPTY_STACK);
    for (const flow of ['left', 'right'] as const) {
      expect(stackEnds({ ...EMPTY_STACK, flow })[0]).toEqual(up);
      expect(stack({ flow }, 'horizontal-kit')).toBe('look-again');
      const claim = judgeStack({ ...EMPTY_STACK, flow }).find((c) => c.id === 'stack-plenum')!.claim;
      expect(english(claim)).toMatch(/^At the supply/);
    }
    expect(stack({}, 'horizontal-kit')).toBeUndefined();
  });
  const HUNG = { weightLb: 160, hangers: 4, hangerLb: 60, isolated: true };
  it('hangers bear the weight and half as much again', () => {
    expect(stack({ hung: HUNG }, 'hung')).toBe('good');
    expect(stack({ hung: { ...HUNG, hangerLb: 59.9 } }, 'hung')).toBe('stop');
    expect(stack({ hung: HUNG }, 'hung-isolation')).toBeUndefined();
    expect(stack({ hung: { ...HUNG, isolated: false } }, 'hung-isolation')).toBe('look-again');
  });
  const FILTER = { lengthIn: 20, pullIn: 22, toCoilIn: 6, makerIn: null };
  it('a filter is pulled straight out and keeps its distance to the coil', () => {
    expect(stack({ filter: FILTER }, 'filter-pull')).toBe('good');
    expect(stack({ filter: { ...FILTER, pullIn: 21.9 } }, 'filter-pull')).toBe('look-again');
    expect(stack({ filter: FILTER }, 'filter-coil')).toBe('good');
    expect(stack({ filter: { ...FILTER, toCoilIn: 5.9 } }, 'filter-coil')).toBe('look-again');
    expect(stack({ filter: { ...FILTER, toCoilIn: 5.9, makerIn: 4 } }, 'filter-coil')).toBe('good');
  });
  it('a box that stays is dry and sound; wet, moldy or bare it goes', () => {
    const box = (state: Stack['box']) => stack({ box: state }, 'box');
    expect(
      ['dry and sound', 'patched', 'bare fiber', 'wet or moldy', 'none', undefined].map((b) => box(b as never)),
    ).toEqual(['good', 'look-again', 'stop', 'stop', undefined, undefined]);
  });
  it('a way of 24 in and a floor of 30 in before it, and storage that stays (a mechanical code, edition not checked)', () => {
    const WALK = { widthIn: 24, platformIn: 30, storageFree: true };
    expect(stack({ walk: WALK }, 'walkway')).toBe('good');
    expect(stack({ walk: { ...WALK, widthIn: 23.9 } }, 'walkway')).toBe('look-again');
    expect(stack({ walk: { ...WALK, platformIn: 29.9 } }, 'walkway')).toBe('look-again');
    expect(stack({ walk: WALK }, 'storage')).toBeUndefined();
    expect(stack({ walk: { ...WALK, storageFree: false } }, 'storage')).toBe('look-again');
  });
});

describe('a base on its curb', () => {
  const curb = (change: Partial<Curb>, id = 'curb-margins') => of(judgeCurb({ ...EMPTY_CURB, ...change }), id);
  const around = (by: number): Partial<Curb> => {
    const { x0, y0, x1, y1 } = EMPTY_CURB.curbOutside;
    return { unitBase: { x0: x0 - by, y0: y0 - by, x1: x1 + by, y1: y1 + by }, toleranceIn: 0.25 };
  };
  it('covers it all round by more than the tape is off', () => {
    expect(curb(around(1))).toBe('good');
    expect(curb(around(0.26))).toBe('good');
    expect(curb(around(0.2))).toBe('look-again');
    expect(curb(around(-0.3))).toBe('look-again');
  });
  it('margins add up to the difference in size', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: -20, max: 20, noNaN: true }),
        (x, y) => {
          const unitBase = { x0: x, y0: y, x1: x + 88, y1: y + 58 };
          const m = curbMargins({ unitBase, curbOutside: EMPTY_CURB.curbOutside });
          expect(m.left + m.right).toBeCloseTo(88 - 76, 9);
          expect(m.near + m.far).toBeCloseTo(58 - 46, 9);
        },
      ),
    );
  });
  it('the roof’s own opening is the third in the air’s way', () => {
    expect(curb({ dropSupply: EMPTY_CURB.curbSupply }, 'drop-Supply')).toBe('good');
    const { x0, x1, y0, y1 } = EMPTY_CURB.curbSupply;
    // A tenth of the way aside leaves nine tenths open: under 95 %.
    const aside = (x1 - x0) / 10;
    expect(curb({ dropSupply: { x0: x0 + aside, x1: x1 + aside, y0, y1 } }, 'drop-Supply')).toBe('look-again');
    expect(curb({}, 'drop-Supply')).toBeUndefined();
    expect(curb({ dropReturn: { x0: 1, x1: 1, y0: 0, y1: 5 } }, 'drop-Return')).toBeUndefined();
  });
});

describe('the pan under the unit', () => {
  const drain = (lengthIn: number, widthIn: number, more: object = {}) =>
    of(
      judgeDrain({
        ...EMPTY_DRAIN,
        pan: { widthIn: 30, lengthIn: 36, tripDepthIn: 0.75 },
        unitOver: { lengthIn, widthIn, offLengthIn: 0, offWidthIn: 0, ...more },
      } as DrainSheet),
      'pan-margin',
    );
  it('reaches three inches past it on every side', () => {
    expect(drain(24.5, 21)).toBe('good');
    expect(drain(31.5, 24)).toBe('look-again');
    expect(drain(30, 24)).toBe('good');
    expect(drain(30, 24, { offWidthIn: 0.1 })).toBe('look-again');
    expect(of(judgeDrain(EMPTY_DRAIN), 'pan-margin')).toBeUndefined();
  });
});

describe('the longest way and the runs that hang there', () => {
  // By hand: collar .5 at 700, 20 ft metal, elbow .22 at 700, tap .5 at 600, 18 ft of 8 in flex 4 % slack, bend .55 and boot 1.0 at 600.
  const WAY = {
    supplyFt: 20,
    returnFt: 0,
    flexFt: 18,
    flexIn: 8,
    slackPct: 4,
    fittings: [
      { id: '1', side: 'supply', kind: 'collar, sharp', fpm: 700, count: 1 },
      { id: '2', side: 'supply', kind: 'elbow, radius 1', fpm: 700, count: 1 },
      { id: '3', side: 'supply', kind: 'tap, 45°', fpm: 600, count: 1 },
      { id: '4', side: 'supply', kind: 'flex bend, tight', fpm: 600, count: 1 },
      { id: '5', side: 'supply', kind: 'boot, 90°', fpm: 600, count: 1 },
    ],
  } as const;
  const way = { ...WAY, fittings: [...WAY.fittings] };
  const box = { id: 'b', side: 'supply', kind: 'distribution box', fpm: 700, count: 1 } as const;
  it('counts as 138 ft, with one box 195.5', () => {
    expect(effectiveFt(way).totalFt).toBeCloseTo(138.2, 0);
    expect(effectiveFt({ ...way, fittings: [...way.fittings, box] }).totalFt).toBeCloseTo(195.5, 0);
    expect(effectiveFt({ ...way, fittings: [...way.fittings, { ...box, count: 2 }] }).fittingsFt).toBeCloseTo(
      effectiveFt(way).fittingsFt + 2 * 57.3,
      0,
    );
  });
  it('its friction rate falls with the box: .0686 to .0551 with 95 ft of return and 0.16 in. to spend', () => {
    const budget = {
      ...EMPTY_AIR.budget,
      ratedEspInWc: 0.5,
      coilInWc: 0.34,
      filterInWc: 0,
      grilleInWc: 0,
      registerInWc: 0,
    };
    const rate = (path: typeof way) => planAir({ ...EMPTY_AIR, budget, path: { ...path, returnFt: 95 } }).rate;
    expect(rate(way)).toBeCloseTo(0.0686, 3);
    expect(rate({ ...way, fittings: [...way.fittings, box as never] })).toBeCloseTo(0.0551, 3);
    expect(of(judgeAir({ ...EMPTY_AIR, budget, path: way }), 'path')).toBe('good');
    expect(of(judgeAir(EMPTY_AIR), 'path')).toBeUndefined();
  });
  // 5 of 6 in, 3 of 7, 2 of 8 at .08: metal 1,359 CFM, flex 4 % slack 811, 15 % slack 515 (friction solved run by run).
  const runs = (kind: 'flex' | 'metal', slackPct: number) =>
    [6, 6, 6, 6, 6, 7, 7, 7, 8, 8].map((existingIn) => ({ existingIn, kind, slackPct }));
  it.each([
    ['metal', 0, 1359],
    ['flex', 4, 811],
    ['flex', 15, 515],
  ] as const)('ten runs of %s with %d %% slack carry %d CFM together', (kind, slack, cfm) => {
    expect(Math.abs(runsTogether(runs(kind, slack))! / cfm - 1)).toBeLessThan(0.03);
  });
  it('what hangs there against what the system moves', () => {
    const plenum = (kind: 'flex' | 'metal') =>
      runs(kind, 4).map((r, i) => ({ ...r, id: `r${i}`, name: `${i}`, cfm: 120 }));
    const checks = (kind: 'flex' | 'metal') =>
      judgeAir({ ...EMPTY_AIR, tons: 3, cfmPerTon: 400, plenum: plenum(kind) });
    expect(of(checks('metal'), 'old-runs')).toBe('good');
    expect(of(checks('flex'), 'old-runs')).toBe('look-again');
    expect(planAir({ ...EMPTY_AIR, plenum: plenum('flex') }).ductTons).toBeCloseTo(2.03, 1);
    expect(runsTogether([{ existingIn: null, kind: 'metal', slackPct: 0 }])).toBeUndefined();
  });
});
