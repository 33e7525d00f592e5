import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num, yesNo } from '@/core/finding/quantity-field';

/** A low side that comes back by no more than this holds only what boils out of oil (common practice), psi. */
const REBOUND_PSI = 5;
/** A stop below this does not count as more rebound: up to 5 psig no liquid is left, however deep it was pulled. */
const FROM_PSIG = 0;
/** Looked at this long after the stop (common practice), min. */
export const REBOUND_WAIT_MIN = 10;

/**
 * What the rebound after a pump-down says.
 * @param attempt 1 for the first pump-down
 * @returns reboundPsi, next: machine-low-side, repeat, recover-all
 * @example pumpDownRebound({ stopPsig: 0, afterPsig: 22, attempt: 1, stillClimbing: false }) // repeat once
 */
export const pumpDownRebound = calculation({
  id: 'pump-down-rebound',
  title: 'Rebound after a pump-down',
  what: 'Whether the low side is empty enough to finish by machine, must be pumped again, or a valve leaks through.',
  formula:
    'rebound = pressure after 10 min − pressure at the stop, or − 0 psig when stopped below it; ≤ 5 psi finish; more: repeat once, then machine',
  source: 'common practice',
  notCovered: 'The required recovery level is another check: the machine finishes the low side in any case.',
  input: z.strictObject({
    stopPsig: num(-15, 200, 'psig'),
    afterPsig: num(-15, 600, 'psig'),
    attempt: z.number().int().min(1).max(10).describe('1 to 10'),
    stillClimbing: yesNo.default(false),
  }),
  compute: ({ stopPsig, afterPsig, attempt, stillClimbing }) => {
    const reboundPsi = afterPsig - stopPsig;
    const holds = afterPsig - Math.max(stopPsig, FROM_PSIG) <= REBOUND_PSI;
    const next = stillClimbing
      ? 'recover-all'
      : holds
        ? 'machine-low-side'
        : attempt === 1
          ? 'repeat'
          : 'machine-low-side';
    return ok({ reboundPsi, holds: holds && !stillClimbing, next });
  },
  example: {
    input: { stopPsig: 0, afterPsig: 22, attempt: 1 },
    expected: { reboundPsi: 22, holds: false, next: 'repeat' },
    tolerance: 0.001,
  },
});
