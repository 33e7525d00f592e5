import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { STANDARD_OCPD_A, sizeAtLeast, sizeAtMost } from './standard-sizes';
import { tell } from './words';

/** Shares of the largest compressor (NEC 440.33 and 440.22, edition not checked). */
const AMPACITY_SHARE = 1.25;
const FIRST_SHARE = 1.75;
const MOST_SHARE = 2.25;

/**
 * Circuit of an outdoor or packaged unit whose plate is lost, or to cross-check a plate: least ampacity, first and largest breaker.
 *
 * @param compressorRlaA rated-load amps of each compressor (branch-circuit selection current where marked and larger), A
 * @param otherFlaA full-load amps of fans and other motors, A; may be empty
 * @returns mcaA; mocpFirstA: the first choice; mocpMaxA: only where the first does not start it
 * @example circuitSizing({ compressorRlaA: [16.4], otherFlaA: [1.3] }) // MCA 21.8, first 30, largest 35 A
 */
export const circuitSizing = calculation({
  id: 'circuit-sizing',
  title: 'Circuit of a unit, from its motors',
  what: 'Minimum circuit ampacity and the breaker of a unit whose plate cannot be read, or to check a plate.',
  formula:
    'MCA = 1.25 L + rest; breaker: standard size at or below 1.75 L + rest, at most 2.25 L + rest; ≥ 15 A, ≥ MCA',
  source: 'NEC 440.22, 440.33, 240.6(A), edition not checked',
  notCovered: 'The plate, which rules wherever it can be read; units marked for fuses only; electric heat.',
  input: z.strictObject({
    compressorRlaA: z
      .array(num(0.1, 500, 'A'))
      .min(1)
      .max(8)
      .describe('1 to 8 compressors'),
    otherFlaA: z
      .array(num(0, 200, 'A'))
      .max(16)
      .describe('up to 16 motors'),
  }),
  compute: ({ compressorRlaA, otherFlaA }) => {
    const largest = Math.max(...compressorRlaA);
    const rest = [...compressorRlaA, ...otherFlaA].reduce((sum, a) => sum + a, 0) - largest;
    const mcaA = AMPACITY_SHARE * largest + rest;
    const least = sizeAtLeast(mcaA);
    if (least === undefined)
      return refuse(
        'compressorRlaA',
        tell('power.more-than-largest-standard-size'),
        tell('power.mca-up-to', { most: STANDARD_OCPD_A.at(-1)! }),
      );
    const breaker = (share: number): number => Math.max(sizeAtMost(share * largest + rest), least);
    return ok({ mcaA, mocpFirstA: breaker(FIRST_SHARE), mocpMaxA: breaker(MOST_SHARE) });
  },
  example: {
    input: { compressorRlaA: [16.4], otherFlaA: [1.3] },
    expected: { mcaA: 21.8, mocpFirstA: 30, mocpMaxA: 35 },
    tolerance: 0.001,
  },
});
