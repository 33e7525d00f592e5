import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** What the pipe holds before anything is let in. */
const ATM_PSIA = 14.7;
const MINUTES_PER_H = 60;

/**
 * How much nitrogen a job takes: what fills the system to its test, and what flows while it is brazed.
 *
 * @param volumeFt3 under the test · @param testPsig · @param purgeScfh while brazing · @param purgeMinutes of it, 0 for none
 * @returns scf, standard cubic feet
 * @example nitrogenUse({ volumeFt3: 0.544, testPsig: 400, purgeScfh: 4, purgeMinutes: 25 }) // 16.5 scf
 */
export const nitrogenUse = calculation({
  id: 'nitrogen-use',
  title: 'Nitrogen for a job',
  what: 'The nitrogen that a pressure test and the purge while brazing take together.',
  formula: 'volume × test/14.7 + purge × minutes/60',
  source: 'gas law at one temperature; the pipe holds one atmosphere before',
  notCovered: 'A second test after a leak, sweeps of a vacuum, what is left in the hose.',
  input: z.strictObject({
    volumeFt3: num(0.005, 100, 'ft³'),
    testPsig: num(1, 1000, 'psig'),
    purgeScfh: num(0.1, 60, 'ft³/h'),
    purgeMinutes: num(0, 1440, 'min'),
  }),
  compute: ({ volumeFt3, testPsig, purgeScfh, purgeMinutes }) =>
    ok({ scf: (volumeFt3 * testPsig) / ATM_PSIA + (purgeScfh * purgeMinutes) / MINUTES_PER_H }),
  example: {
    input: { volumeFt3: 0.544, testPsig: 400, purgeScfh: 4, purgeMinutes: 25 },
    expected: { scf: 16.47 },
    tolerance: 0.005,
  },
});
