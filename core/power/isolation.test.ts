import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ISOLATION_STEPS, type Isolation, judgeIsolation, pairsOf, SIDES } from './isolation';

const minute = (n: number): string => new Date(Date.UTC(2026, 5, 1, 8, n)).toISOString();
const readings = (phases: 1 | 3, volts = 0) =>
  SIDES.flatMap((side) => pairsOf(phases).map((pair) => ({ side, pair, volts })));
const SAFE: Isolation = {
  phases: 1,
  nominalV: 240,
  done: Object.fromEntries(ISOLATION_STEPS.map((step, n) => [step, minute(n)])),
  liveBeforeV: 241,
  liveAfterV: 240,
  readings: readings(1),
};
const of = (change: Partial<Isolation>) => judgeIsolation({ ...SAFE, ...change });

describe('absence of voltage (OSHA 1910.333, NFPA 70E, edition not checked; limits are house rules)', () => {
  it('is verified by six readings of one phase, twelve of three', () => {
    expect(of({}).verdict).toBe('good');
    expect(readings(1)).toHaveLength(6);
    expect(readings(3)).toHaveLength(12);
    expect(of({ phases: 3, readings: readings(3) }).verdict).toBe('good');
    expect(of({ phases: 3 }).verdict).toBe('not-proven');
  });
  it('no reading stands for another, on either side of the switch', () => {
    for (let n = 0; n < 6; n++)
      expect(of({ readings: SAFE.readings.filter((_, i) => i !== n) }).verdict, String(n)).toBe('not-proven');
    expect(of({ readings: [{ side: 'load', pair: 'L1-L2', volts: 0 }] }).verdict).toBe('not-proven');
  });
  it.each(ISOLATION_STEPS)('without "%s" it is not proven', (step) => {
    const { [step]: _skipped, ...done } = SAFE.done;
    const f = of({ done });
    expect(f.verdict).toBe('not-proven');
    expect(f.next).toBeDefined();
  });
  it('the steps in another order prove nothing; the same minute is no other order', () => {
    expect(of({ done: { ...SAFE.done, 'live before': minute(9) } }).verdict).toBe('not-proven');
    expect(of({ done: Object.fromEntries(ISOLATION_STEPS.map((s) => [s, minute(1)])) }).verdict).toBe('good');
  });
  it.each([
    [{ liveBeforeV: 192 }, 'good'],
    [{ liveBeforeV: 191.9 }, 'not-proven'],
    [{ liveBeforeV: null }, 'not-proven'],
    // A meter that died between voids everything it said.
    [{ liveAfterV: 0 }, 'not-proven'],
    [{ liveAfterV: null }, 'not-proven'],
  ] as const)('the meter %j: %s', (change, verdict) => expect(of(change).verdict).toBe(verdict));
  it.each([
    [2, 'good'],
    [2.1, 'look-again'],
    [50, 'look-again'],
    [50.1, 'stop'],
    [120, 'stop'],
  ])('%d V on one leg: %s', (volts, verdict) => {
    const one = SAFE.readings.map((r, i) => (i === 4 ? { ...r, volts } : r));
    expect(of({ readings: one }).verdict).toBe(verdict);
  });
  it('a voltage that is there is a stop whatever else was skipped (random)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50.01, max: 480, noNaN: true }),
        fc.nat(5),
        fc.subarray([...ISOLATION_STEPS]),
        (volts, leg, kept) => {
          const done = Object.fromEntries(kept.map((s, n) => [s, minute(n)]));
          const hot = SAFE.readings.map((r, i) => (i === leg ? { ...r, volts } : r));
          expect(judgeIsolation({ ...SAFE, done, liveAfterV: null, readings: hot }).verdict).toBe('stop');
        },
      ),
    );
  });
});
