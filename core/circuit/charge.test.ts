import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { q } from '@/core/words/said';
import { english } from '@/core/words/testing/english';
import { ACR_INSIDE_IN } from './acr-tube';
import { hoseCharge } from './hose-charge';
import { lineSetCharge } from './line-set-charge';
import { toWeighIn } from './total-charge';
import { judgeWeighIn, weighInState } from './weigh-in';

const lbOzText = (oz: number): string => english(q(oz, 'lbOz'));

describe('liquid left in a charging hose', () => {
  // Published check cases: 60 in. hose full of R-410A liquid at 77 °F, 0.18 in. bore 0.9 oz, 0.31 in. bore 2.8 oz.
  it.each([
    [0.18, 0.9],
    [0.31, 2.8],
  ])('60 in of %d in bore holds %d oz of R-410A', (boreIn, wanted) => {
    const r = hoseCharge({ refrigerant: 'R-410A', boreIn, lengthIn: 60 });
    expect(r.ok && Math.round(r.value.oz * 10) / 10).toBe(wanted);
  });
  it('is not charge: what stays in it is still to weigh in', () => {
    const base = { targetOz: 150, alreadyInUnitOz: 118, scaleUncertaintyOz: 0.5, heldBackOz: 0 };
    const movements = [{ oz: 32, kind: 'weigh-in' as const }];
    expect(weighInState({ ...base, movements })).toMatchObject({ done: true });
    const state = weighInState({ ...base, movements, lostOz: 2.8 });
    expect(state.remainingOz).toBeCloseTo(2.8, 9);
    expect(state.inSystemOz).toBeCloseTo(147.2, 9);
    expect(state.done).toBe(false);
  });
});

describe('line-set charge', () => {
  // Liquid oz/ft at 100 °F from published densities × ASTM B280 bores, rounded to 0.01 as makers print it.
  it.each([
    ['R-410A', 0.25, 0.2],
    ['R-410A', 0.375, 0.54],
    ['R-410A', 0.5, 1.0],
    ['R-32', 0.375, 0.49],
    ['R-454B', 0.375, 0.5],
    ['R-22', 0.375, 0.62],
    ['R-407C', 0.3125, 0.36],
    ['R-134a', 0.5, 1.17],
  ] as const)('%s in %d in liquid line holds %d oz/ft', (refrigerant, liquidLineOdIn, ozPerFt) => {
    const r = lineSetCharge({ refrigerant, liquidLineOdIn, lengthFt: 20, includedFt: 10 });
    expect(Math.abs((r.ok ? r.value.ozPerFt : 0) - ozPerFt)).toBeLessThan(0.0075);
  });

  it('R-454B, 48 ft of 3/8 + 7/8 beyond 15: 143.8 oz with a 118 oz factory charge and a 6 oz coil', () => {
    const r = lineSetCharge({
      refrigerant: 'R-454B',
      liquidLineOdIn: 0.375,
      vaporLineOdIn: 0.875,
      lengthFt: 48,
      includedFt: 15,
    });
    expect(118 + 6 + (r.ok ? r.value.adderOz : 0)).toBeCloseTo(143.8, 0);
  });

  it('the maker’s adder wins, and is questioned when it is far from the physics', () => {
    const near = lineSetCharge({
      refrigerant: 'R-454B',
      liquidLineOdIn: 0.375,
      lengthFt: 48,
      includedFt: 15,
      ozPerFt: 0.55,
    });
    expect(near).toMatchObject({ ok: true, value: { ozPerFt: 0.55, makerDiffers: false } });
    const far = lineSetCharge({
      refrigerant: 'R-454B',
      liquidLineOdIn: 0.25,
      lengthFt: 48,
      includedFt: 15,
      ozPerFt: 0.55,
    });
    expect(far).toMatchObject({ ok: true, value: { makerDiffers: true } });
  });

  it('a short line takes nothing out unless that is allowed: R-410A 12 ft of 15 gives 0, or −1.6 oz', () => {
    const base = { refrigerant: 'R-410A', liquidLineOdIn: 0.375, lengthFt: 12, includedFt: 15 } as const;
    expect(lineSetCharge(base)).toMatchObject({ ok: true, value: { adderOz: 0 } });
    const taken = lineSetCharge({ ...base, allowRemoval: true });
    expect(taken.ok && taken.value.adderOz).toBeCloseTo(-1.6, 1);
  });

  it('refuses an OD that is no ACR tube', () => {
    expect(lineSetCharge({ refrigerant: 'R-410A', liquidLineOdIn: 0.4, lengthFt: 20, includedFt: 15 })).toMatchObject({
      ok: false,
      refused: { field: 'liquidLineOdIn' },
    });
  });

  it('holds more in a larger tube and with every foot', () => {
    const sizes = [...ACR_INSIDE_IN.keys()];
    fc.assert(
      fc.property(fc.integer({ min: 0, max: sizes.length - 2 }), fc.integer({ min: 16, max: 300 }), (i, lengthFt) => {
        const at = (liquidLineOdIn: number, ft: number): number => {
          const r = lineSetCharge({ refrigerant: 'R-32', liquidLineOdIn, lengthFt: ft, includedFt: 15 });
          return r.ok ? r.value.adderOz : Number.NaN;
        };
        expect(at(sizes[i + 1]!, lengthFt)).toBeGreaterThan(at(sizes[i]!, lengthFt));
        expect(at(sizes[i]!, lengthFt + 1)).toBeGreaterThan(at(sizes[i]!, lengthFt));
      }),
    );
  });
});

describe('what is already in the unit', () => {
  it('a factory charge behind closed valves is never weighed in a second time', () => {
    for (const unitState of ['factory-held', 'opened'] as const) {
      expect(toWeighIn({ totalOz: 143.8, factoryOz: 118, unitState })).toMatchObject({
        ok: true,
        value: { alreadyInUnitOz: 118 },
      });
    }
    expect(toWeighIn({ totalOz: 143.8, factoryOz: 118, unitState: 'empty' })).toMatchObject({
      ok: true,
      value: { toWeighInOz: 143.8 },
    });
  });
});

describe('weigh-in', () => {
  const base = { targetOz: 143.8, alreadyInUnitOz: 118, scaleUncertaintyOz: 0.3, heldBackOz: 0 };

  it('mass balance: in the unit + weighed = in the system, whatever the movements', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -20, max: 40, noNaN: true }), { maxLength: 12 }), (amounts) => {
        const state = weighInState({
          ...base,
          movements: amounts.map((oz) => ({ oz, kind: oz < 0 ? 'recover' : 'weigh-in' })),
        });
        expect(state.inSystemOz).toBeCloseTo(118 + amounts.reduce((a, b) => a + b, 0), 9);
        expect(state.remainingOz + state.weighedOz).toBeCloseTo(25.8, 9);
      }),
    );
  });

  it('goes in steps, then the rest, then signs', () => {
    expect(judgeWeighIn({ ...base, movements: [] }).finding.next.action).toEqual({
      kind: 'weigh-in',
      oz: expect.closeTo(12.9, 6),
    });
    expect(judgeWeighIn({ ...base, movements: [{ oz: 12.9, kind: 'weigh-in' }] }).finding.next.action).toMatchObject({
      kind: 'weigh-in',
    });
    expect(judgeWeighIn({ ...base, movements: [{ oz: 25.6, kind: 'weigh-in' }] }).finding.next.action).toEqual({
      kind: 'sign',
    });
  });

  it('over the build-up recovers, far over stops', () => {
    expect(judgeWeighIn({ ...base, movements: [{ oz: 30, kind: 'weigh-in' }] })).toMatchObject({
      finding: { verdict: 'look-again', next: { action: { kind: 'recover' } } },
    });
    expect(judgeWeighIn({ ...base, movements: [{ oz: 60, kind: 'weigh-in' }] })).toMatchObject({
      finding: { verdict: 'stop' },
    });
  });

  it('says pounds and ounces without a 16th ounce', () => {
    expect(lbOzText(143.98)).toBe('9 lb 0.0 oz');
    expect(lbOzText(143.8)).toBe('8 lb 15.8 oz');
  });
});
