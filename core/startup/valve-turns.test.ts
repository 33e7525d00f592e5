import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dewPsia } from '@/core/refrigerant/lookup';
import { judgeValve, nextTurn, outletSuperheatF, type ValveTurn } from './valve-turns';

const SITE = { refrigerant: 'R-410A', barometerPsia: 14.696 } as const;
const PSIG = dewPsia('R-410A', 44) - 14.696;
const read = (superheatF: number, way: ValveTurn['way'] = 'none', quarters: number | null = null): ValveTurn => ({
  outletF: 44 + superheatF,
  outletPsig: PSIG,
  way,
  quarters,
});
const judged = (...turns: ValveTurn[]) => judgeValve(turns, SITE)[0]!;

describe('a valve by quarter turns', () => {
  it('superheat is the line over the dew point at the outlet', () => {
    expect(outletSuperheatF('R-410A', read(9), 14.696)).toBeCloseTo(9, 6);
  });

  it('holds from 8 to 12 °F (common practice), and turns one quarter at first: in raises, out lowers', () => {
    for (const [superheatF, next] of [
      [8, 'hold'],
      [12, 'hold'],
      [7.9, { quarters: 1 }],
      [12.1, { quarters: -1 }],
      [30, { quarters: -1 }],
    ] as const)
      expect(nextTurn([{ superheatF, turned: 0 }])).toEqual(next);
    expect(nextTurn([])).toBe('hold');
  });

  it('learns from the last turn, never more than two quarters at once', () => {
    // One quarter in raised it by 2 °F: 6 °F are missing still, 0.7 × 6/2 = 2.1 quarters.
    expect(
      nextTurn([
        { superheatF: 2, turned: 1 },
        { superheatF: 4, turned: 0 },
      ]),
    ).toEqual({ quarters: 2 });
    // 6 °F a quarter: 0.7 × 4/6 rounds to none, and one is still the way to go.
    expect(
      nextTurn([
        { superheatF: 0, turned: 1 },
        { superheatF: 6, turned: 0 },
      ]),
    ).toEqual({ quarters: 1 });
    expect(
      nextTurn([
        { superheatF: 20, turned: -1 },
        { superheatF: 18, turned: 0 },
      ]),
    ).toEqual({ quarters: -2 });
    // Less than half a degree teaches nothing.
    expect(
      nextTurn([
        { superheatF: 4, turned: 1 },
        { superheatF: 4.4, turned: 0 },
      ]),
    ).toEqual({ quarters: 1 });
  });

  it('that does not follow its stem is not turned on; six quarters are no setting', () => {
    expect(
      nextTurn([
        { superheatF: 5, turned: 1 },
        { superheatF: 3, turned: 0 },
      ]),
    ).toBe('backward');
    const six = [2, 2, 2].map((turned, i) => ({ superheatF: 2 + i, turned }));
    expect(nextTurn([...six, { superheatF: 5, turned: 0 }])).toBe('stop');
    // Turned in and out again it stands where it was found.
    expect(
      nextTurn([
        { superheatF: 5, turned: 6 },
        { superheatF: 20, turned: -6 },
        { superheatF: 5, turned: 0 },
      ]),
    ).not.toBe('stop');
  });

  it('always goes toward the band', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -10, max: 40, noNaN: true }),
        fc.double({ min: 0.6, max: 10, noNaN: true }),
        fc.constantFrom(-2, -1, 1, 2),
        (superheatF, perQuarter, turned) => {
          const next = nextTurn([
            { superheatF: superheatF - perQuarter * turned, turned },
            { superheatF, turned: 0 },
          ]);
          if (next === 'hold') return expect(superheatF >= 8 && superheatF <= 12).toBe(true);
          if (typeof next === 'string') throw new Error(next);
          expect(Math.sign(next.quarters)).toBe(Math.sign(10 - superheatF));
          expect(Math.abs(next.quarters)).toBeLessThanOrEqual(2);
        },
      ),
    );
  });

  it('is told: right, to be turned, or to be read again after a turn', () => {
    expect(judged(read(10))).toMatchObject({ verdict: 'good' });
    expect(judged(read(4))).toMatchObject({
      verdict: 'look-again',
      next: { say: { id: 'startup.turn-it-by-quarters' } },
    });
    expect(judged(read(4), read(4, 'in', 1))).toMatchObject({
      verdict: 'not-proven',
      next: { say: { id: 'startup.wait-and-read-the-outlet-again' } },
    });
    expect(judged(read(4, 'in', 1), read(10))).toMatchObject({ verdict: 'good' });
    expect(judged(read(6, 'in', 1), read(3))).toMatchObject({
      next: { say: { id: 'startup.look-at-bulb-before-the-next-turn' } },
    });
    expect(judged({ ...read(4), outletPsig: -14 })).toMatchObject({
      verdict: 'not-proven',
      claim: { id: 'startup.outlet-pressure-has-no-dew-point' },
    });
  });
});
