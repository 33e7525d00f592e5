import { describe, expect, it } from 'vitest';
import { nitrogenUse } from '@/core/circuit/pressure/nitrogen-use';
import { gasPipe } from './gas-pipe';

/** Worked cases of the low-pressure formula (NFPA 54, edition not checked). */
describe('gas pipe', () => {
  it.each([
    ['natural', 120, 60, 0.5, 0.783, '3/4'],
    ['natural', 120, 60, 0.3, 0.869, '1'],
    ['propane', 120_000 / 2516, 60, 0.5, 0.638, '3/4'],
    // Half-inch carries 173 ft³/h over 10 ft by the formula: 169 count.
    ['natural', 169, 10, 0.5, 0.617, '1/2'],
    ['natural', 170, 10, 0.5, 0.618, '3/4'],
  ] as const)('%s, %d ft³/h over %d ft at %d in. w.c.', (gas, cfh, lengthFt, dropInWc, diameterIn, tradeSize) => {
    const r = gasPipe({ gas, cfh, lengthFt, dropInWc });
    expect(r).toMatchObject({ ok: true, value: { tradeSize } });
    if (r.ok) expect(r.value.diameterIn).toBeCloseTo(diameterIn, 2);
  });
  it.each([
    [{ cfh: 5000 }, 'cfh'],
    [{ lengthFt: 0 }, 'lengthFt'],
    [{ cfh: 0 }, 'cfh'],
    [{ dropInWc: 0 }, 'dropInWc'],
  ])('refuses %o', (change, field) => {
    expect(gasPipe({ gas: 'natural', cfh: 120, lengthFt: 60, dropInWc: 0.5, ...change })).toMatchObject({
      ok: false,
      refused: { field },
    });
  });
});

describe('nitrogen for a job', () => {
  it.each([
    [0, 14.8],
    [25, 16.47],
  ])('%d min of purge', (purgeMinutes, scf) => {
    const r = nitrogenUse({ volumeFt3: 0.544, testPsig: 400, purgeScfh: 4, purgeMinutes });
    expect(r.ok && r.value.scf).toBeCloseTo(scf, 2);
  });
});
