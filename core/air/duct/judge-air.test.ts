import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { type AirSheet, airSheetSchema, EMPTY_AIR } from './air-sheet';
import { judgeAir } from './judge-air';
import { planAir } from './plan-air';

const run = (id: string, cfm: number, change: Partial<AirSheet['trunk'][number]> = {}) => ({
  id,
  name: id,
  cfm,
  kind: 'metal' as const,
  existingIn: null,
  slackPct: 0,
  ...change,
});
const BUDGET = {
  ratedEspInWc: 0.5,
  coilInWc: 0.18,
  filterInWc: 0.1,
  grilleInWc: 0.03,
  registerInWc: 0.03,
  dampersInWc: 0,
  longestFt: 200,
};
/** Three tons with three 100 CFM runs off the plenum and four off the trunk: the worked example of the trade. */
const SHEET: AirSheet = {
  ...EMPTY_AIR,
  budget: BUDGET,
  plenum: [run('hall', 100), run('study', 100), run('entry', 100)],
  trunk: [run('living', 300), run('kitchen', 200), run('bed 1', 200), run('bed 2', 200)],
  returns: [{ id: 'r', name: 'Hall', widthIn: 25, heightIn: 25, filter: true, freeShare: 0.7 }],
};
const check = (change: Partial<AirSheet>, id: string) => judgeAir({ ...SHEET, ...change }).find((c) => c.id === id);

describe('the air side as a whole', () => {
  it('0.16 in. w.c. over 200 ft is 0.08, and the trunk after its take-offs is 14 in', () => {
    const plan = planAir(SHEET);
    expect(plan.rate).toBeCloseTo(0.08, 6);
    expect(plan.sections[0]).toMatchObject({ cfm: 900, sizeIn: 14, short: false });
    expect(plan.unassignedCfm).toBe(0);
    expect(check({}, 'budget')!.verdict).toBe('good');
    expect(check({}, 'ducts')!.verdict).toBe('good');
  });
  it('an old 12 in trunk is too small for 900 CFM, and what is there serves fewer tons', () => {
    const c = check({ trunkExistingIn: 12 }, 'trunk-0')!;
    expect(english(c.claim)).toMatch(/12 in trunk is too small for 900 CFM/);
    expect(planAir({ ...SHEET, trunkExistingIn: 12 }).ductTons!).toBeLessThan(3);
  });
  it('slack flex is pulled taut before it is resized; a taut one that is too small is resized', () => {
    const living = (slackPct: number) =>
      check(
        { trunk: [run('living', 300, { kind: 'flex', existingIn: 9, slackPct }), ...SHEET.trunk.slice(1)] },
        'branch-living',
      )!;
    expect(english(living(15).next?.say)).toMatch(/pull the flex taut first/);
    expect(english(living(4).next?.say)).toMatch(/resize to 1\d in/);
  });
  it('without pressure left the ducts are sized at the usual rate and the loss to cut is named', () => {
    const c = check({ budget: { ...BUDGET, coilInWc: 0.4 } }, 'budget')!;
    expect(english(c.claim)).toMatch(/No pressure left/);
    expect(planAir({ ...SHEET, budget: { ...BUDGET, coilInWc: 0.4 } })).toMatchObject({
      rateFrom: 'usual',
      rate: 0.08,
    });
  });
  it('a return that passes on free area can fail on its filter: both are asked', () => {
    const returns = [{ id: 'r', name: 'Hall', widthIn: 20, heightIn: 25, filter: true, freeShare: 0.9 }];
    expect(check({ returns }, 'return')!.verdict).toBe('good');
    expect(check({ returns }, 'filter')!.verdict).toBe('look-again');
    expect(check({ returns, cabinet: { widthIn: 24, heightIn: 24 } }, 'filter')!.verdict).toBe('good');
    expect(check({ returns: [] }, 'return')!.verdict).toBe('not-proven');
  });
  it('zones: too small a zone is named, a bypass that freezes the coil stops', () => {
    const zoning = { smallestZoneCfm: 500, equipmentMinCfm: null, bypassShare: 0.5625, returnF: 75, coilDropF: 18 };
    expect(english(check({ zoning }, 'zones')!.claim)).toMatch(/only 49 % of the minimum air/);
    expect(check({ zoning }, 'bypass')!.verdict).toBe('stop');
    expect(check({ zoning: { ...zoning, bypassShare: 0, equipmentMinCfm: 480 } }, 'zones')!.verdict).toBe('good');
  });
  it('a trunk made rectangular carries the same air', () => {
    const [first] = planAir({ ...SHEET, trunkHeightIn: 8 }).sections;
    expect(first!.madeWidthIn).toBe(22);
  });
  it('whatever is listed: flow is conserved from plenum to last branch, and every check can be read', () => {
    const branch = fc.record({
      cfm: fc.integer({ min: 40, max: 400 }),
      existingIn: fc.constantFrom(null, 5, 7, 9),
      slackPct: fc.integer({ min: 0, max: 30 }),
      kind: fc.constantFrom('flex' as const, 'metal' as const),
    });
    fc.assert(
      fc.property(
        fc.array(branch, { maxLength: 5 }),
        fc.array(branch, { minLength: 1, maxLength: 6 }),
        fc.double({ min: 1, max: 6, noNaN: true }),
        (plenum, trunk, tons) => {
          const sheet = {
            ...SHEET,
            tons,
            plenum: plenum.map((b, i) => ({ id: `p${i}`, name: `p${i}`, ...b })),
            trunk: trunk.map((b, i) => ({ id: `t${i}`, name: `t${i}`, ...b })),
          };
          expect(airSheetSchema.safeParse(sheet).success).toBe(true);
          const plan = planAir(sheet);
          const taken = [...sheet.plenum, ...sheet.trunk].reduce((s, b) => s + b.cfm, 0);
          expect(plan.unassignedCfm).toBeCloseTo(plan.systemCfm - taken, 6);
          plan.sections.slice(1).forEach((s, k) => {
            expect(plan.sections[k]!.cfm - s.cfm).toBeCloseTo(sheet.trunk[k]!.cfm, 6);
          });
          for (const c of judgeAir(sheet)) expect(JSON.stringify(c)).not.toMatch(/:null|undefined/);
        },
      ),
      { numRuns: 80 },
    );
  });
});
