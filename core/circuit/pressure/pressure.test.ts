import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { value } from '@/core/finding/testing/value';
import { heldPsia } from './nitrogen';
import { nitrogenBudget } from './nitrogen-budget';
import { holdVerdict, nitrogenHold } from './nitrogen-hold';

describe('nitrogen at another temperature, against tabulated real-gas values', () => {
  it.each([
    [450, 92, 74, 434.8, 433.8],
    [450, 92, 56, 419.7, 417.5],
    [300, 60, 95, 321.2, 322.3],
    [550, 95, 40, 494.0, 489.3],
  ])('%d psig, %d → %d °F: ideal %d, real %d', (startPsig, startF, endF, ideal, real) => {
    const r = value(nitrogenHold({ startPsig, startF, endF }));
    expect(Math.abs(r.idealPsig - ideal)).toBeLessThan(0.15);
    expect(Math.abs(r.expectedPsig - real)).toBeLessThan(0.3);
  });
  it('goes back to where it started, rises with temperature, and is ideal when thin', () => {
    const f = fc.double({ min: -10, max: 140, noNaN: true });
    fc.assert(
      fc.property(fc.double({ min: 20, max: 700, noNaN: true }), f, f, (psia, a, b) => {
        expect(heldPsia(heldPsia(psia, a, b), b, a)).toBeCloseTo(psia, 4);
        if (b > a + 0.5) expect(heldPsia(psia, a, b)).toBeGreaterThan(psia);
        expect(heldPsia(0.5, a, b) / 0.5).toBeCloseTo((b + 459.67) / (a + 459.67), 4);
      }),
    );
  });
});

describe('verdict of a hold from 450 psig', () => {
  const hold = (endPsig: number, endF: number) =>
    value(holdVerdict({ startPsig: 450, startF: 92, endPsig, endF, minutes: 30, volumeFt3: 0.35 }));
  it.each([
    [434.5, 74, 0.7, 'no leak detected'],
    [421, 74, -12.8, 'leak'],
    [446.5, 74, 12.7, 'inconclusive'],
  ])('%d psig at %d °F: δ %d, %s', (endPsig, endF, delta, classification) => {
    const r = hold(endPsig, endF);
    expect(r.deltaPsi).toBeCloseTo(delta, 0.5);
    expect(r.classification).toBe(classification);
    expect(Math.abs(r.uncertaintyPsi - 1.8)).toBeLessThan(0.15);
  });
  it('equal readings after a large cooling are no pass', () =>
    expect(hold(450, 60).classification).toBe('inconclusive'));
  it('a longer hold sees a smaller leak', () => {
    const at = (minutes: number) =>
      value(holdVerdict({ startPsig: 450, startF: 74, endPsig: 450, endF: 74, minutes, volumeFt3: 0.35 }))
        .smallestLeakScfh;
    expect(at(60)).toBeCloseTo(at(30) / 2, 9);
    expect(at(30)).toBeCloseTo(0.09, 2);
  });
  it('over random weather a tight system is called leaking in no more than 5 % of holds, and a leak of twice the limit in more than 95 %', () => {
    let seed = 7;
    const random = (): number => {
      seed = (seed * 1103515245 + 12345) % 2147483648;
      return seed / 2147483648;
    };
    const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    let falseAlarms = 0;
    let missed = 0;
    const RUNS = 2000;
    for (let k = 0; k < RUNS; k++) {
      const startF = 60 + 40 * random();
      const endF = startF - 25 + 50 * random();
      const startPsig = 150 + 400 * random();
      const { expectedPsig } = value(nitrogenHold({ startPsig, startF, endF }));
      // Instruments with the standard uncertainties that the verdict assumes: 0.5 psi and 0.5 °F.
      const read = (extra: number) =>
        value(
          holdVerdict({
            startPsig: startPsig + 0.5 * normal(),
            startF: startF + 0.5 * normal(),
            endPsig: expectedPsig + extra + 0.5 * normal(),
            endF: endF + 0.5 * normal(),
            minutes: 30,
            volumeFt3: 0.35,
          }),
        );
      const tight = read(0);
      if (tight.classification === 'leak') falseAlarms += 1;
      if (read(-2 * tight.uncertaintyPsi).classification !== 'leak') missed += 1;
    }
    expect(falseAlarms / RUNS).toBeLessThan(0.05);
    expect(missed / RUNS).toBeLessThan(0.05);
  });
});

describe('nitrogen on the truck', () => {
  it.each([
    [20, 700, 450, 214, 1474, false],
    [40, 1100, 450, 514, 962, true],
    [40, 500, 150, 234, 321, true],
    [20, 180, 160, 55, 524, false],
  ])('%d ft³ at %d psig for %d psig: at most %d', (nominalScf, gaugePsig, testPsig, max, need, reaches) => {
    const r = value(nitrogenBudget({ nominalScf, gaugePsig, testPsig, volumeFt3: 0.3 }));
    expect(Math.abs(r.maxPsig - max)).toBeLessThan(1.5);
    // The trade's figure leaves the 50 psi of the regulator to be added.
    expect(Math.abs(r.needPsig - 50 - need)).toBeLessThan(1.5);
    expect(r.reaches).toBe(reaches);
  });
  it('what the purge used is taken off first', () => {
    const at = (purgeMin: number) =>
      value(nitrogenBudget({ nominalScf: 40, gaugePsig: 1100, testPsig: 450, volumeFt3: 0.3, purgeScfh: 5, purgeMin }));
    expect(at(24).purgeScf).toBeCloseTo(2, 9);
    expect(at(24).maxPsig).toBeLessThan(at(0).maxPsig);
  });
});
