import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { told } from '@/core/words/testing/english';
import { sparseStanding } from './sparse-standing';
import { TYPED_STANDING_MIN } from './standing';
import { standingTest } from './standing-test';
import { waterMicrons } from './water-saturation';

const LIMIT = 500;
const test = (at: readonly number[], coldestPipeF = 70, limit = LIMIT) =>
  sparseStanding(
    TYPED_STANDING_MIN.map((m, i) => [m, at[i]!] as const),
    limit,
    coldestPipeF,
  );

describe('a standing test read at 0, 2, 5 and 10 min', () => {
  it('holds under the limit: tight, by the company’s own limit', () => {
    expect(test([290, 318, 330, 338]).classification).toBe('tight');
    expect(test([290, 318, 330, 338], 70, 335).classification).toBe('inconclusive');
    // 5 µm/min from 5 to 10 min still holds, more does not.
    expect(test([290, 318, 330, 355]).classification).toBe('tight');
    expect(test([290, 318, 330, 356]).classification).not.toBe('tight');
  });
  it('rises as fast late as early: a leak; slows down without holding: not proven', () => {
    expect(test([300, 400, 550, 800])).toMatchObject({ classification: 'leak', leakMicronsPerMin: 50 });
    expect(test([300, 480, 620, 700])).toMatchObject({ classification: 'inconclusive', lateMicronsPerMin: 16 });
  });
  it('past what water can give at this temperature it is a leak, whatever its shape (water vapour, IAPWS)', () => {
    const over = waterMicrons(40) + 10;
    expect(test([300, over - 20, over - 5, over], 40).classification).toBe('leak');
  });
  it('cold pipes or a gauge that never moves prove nothing', () => {
    expect(test([290, 318, 330, 338], 35).classification).toBe('inconclusive');
    expect(told(test([300, 300, 300, 300]))).toMatchObject({
      classification: 'inconclusive',
      why: expect.stringContaining('never moved'),
    });
  });
  it('stands on its limits', () => {
    expect(test([490, 495, 498, 500]).classification).toBe('tight');
    expect(test([490, 495, 498, 501]).classification).toBe('inconclusive');
    // 40 °F pipes are warm enough; one below may hide ice.
    expect(test([290, 318, 330, 338], 40).classification).toBe('tight');
    expect(test([290, 318, 330, 338], 39.9).classification).toBe('inconclusive');
    // Late at 0.7 of early is a leak, a little less slows down.
    expect(test([300, 320, 350, 385]).classification).toBe('leak');
    expect(test([300, 320, 350, 384.9]).classification).toBe('inconclusive');
    // A gauge that moved once is not frozen.
    expect(test([300, 300, 300, 301]).classification).toBe('tight');
  });
  it('takes a reading within a minute of its time, and the last one later too', () => {
    const near = (middle: number, last: number) =>
      sparseStanding(
        [
          [0, 300],
          [2, 320],
          [middle, 330],
          [last, 340],
        ],
        LIMIT,
        70,
      ).classification;
    expect(near(6, 12)).toBe('tight');
    expect(near(4, 10)).toBe('tight');
    expect(near(6.1, 12)).toBe('inconclusive');
    expect(near(5, 9.9)).toBe('inconclusive');
  });
  it('says which reading was short', () => {
    const short = sparseStanding(
      [
        [0, 300],
        [2, 320],
        [10, 340],
      ],
      LIMIT,
      70,
    );
    expect(told(short)).toMatchObject({
      classification: 'inconclusive',
      why: 'No reading at 5 min: a test read by hand needs 0, 2, 5, 10 min.',
    });
  });
  it('a constant leak is never called tight, and what stands still never a leak', () => {
    fc.assert(
      fc.property(fc.double({ min: 6, max: 200, noNaN: true }), fc.integer({ min: 50, max: 450 }), (rate, start) => {
        expect(test(TYPED_STANDING_MIN.map((m) => start + rate * m)).classification).toBe('leak');
        const still = test(TYPED_STANDING_MIN.map((m) => start + 0.5 * m));
        expect(still.classification).toBe('tight');
      }),
    );
  });
  it('the calculation takes the four readings, and one a minute as before', () => {
    const four = standingTest({
      samples: TYPED_STANDING_MIN.map((m) => [m, 300 + m]),
      limitMicrons: LIMIT,
      coldestPipeF: 70,
    } as never);
    expect(four).toMatchObject({ ok: true, value: { classification: 'tight' } });
  });
});
