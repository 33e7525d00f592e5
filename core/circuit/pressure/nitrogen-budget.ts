import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

const ATM_PSIA = 14.7;
/** A nitrogen cylinder's nominal content is told at this gauge pressure (common practice), psig. */
const NOMINAL_PSIG = 2216;
/** What a regulator needs above its outlet to hold it (common practice), psi. */
const REGULATOR_PSI = 50;
const MINUTES_PER_H = 60;

/**
 * Can the nitrogen on the truck reach the test pressure?
 *
 * @param nominalScf of the cylinder when full · @param gaugePsig it shows now · @param volumeFt3 to be pressurised
 * @param purgeScfh, purgeMin nitrogen used while brazing, taken off first
 * @returns maxPsig it can reach, needPsig the cylinder must show, reaches, testScf and purgeScf used
 * @example nitrogenBudget({ nominalScf: 20, gaugePsig: 700, testPsig: 450, volumeFt3: 0.3 }) // 214 psig: fetch a cylinder
 */
export const nitrogenBudget = calculation({
  id: 'nitrogen-budget',
  title: 'Nitrogen on the truck',
  what: 'Whether the nitrogen cylinder can reach and hold the test pressure after the purge.',
  formula: 'Vw = nominal × 14.7/2230.7; Pmax = (Pcyl Vw + 14.7 Vs)/(Vw + Vs) − 14.7; need = Ptest (1 + Vs/Vw) + 50',
  source: 'gas law at one temperature; 50 psi of regulator margin common practice',
  notCovered: 'Leaks, and a cylinder that cools as it is drawn.',
  input: z.strictObject({
    nominalScf: num(5, 400, 'ft³'),
    gaugePsig: num(0, 3000, 'psig'),
    testPsig: num(5, 1000, 'psig'),
    volumeFt3: num(0.005, 100, 'ft³'),
    purgeScfh: num(0, 60, 'ft³/h').default(0),
    purgeMin: num(0, 600, 'min').default(0),
  }),
  compute: ({ nominalScf, gaugePsig, testPsig, volumeFt3, purgeScfh, purgeMin }) => {
    const waterFt3 = (nominalScf * ATM_PSIA) / (NOMINAL_PSIG + ATM_PSIA);
    const purgeScf = (purgeScfh * purgeMin) / MINUTES_PER_H;
    const leftPsig = Math.max(0, gaugePsig - (purgeScf * ATM_PSIA) / waterFt3);
    const maxPsig = ((leftPsig + ATM_PSIA) * waterFt3 + ATM_PSIA * volumeFt3) / (waterFt3 + volumeFt3) - ATM_PSIA;
    const needPsig = testPsig * (1 + volumeFt3 / waterFt3) + REGULATOR_PSI;
    return ok({
      maxPsig,
      needPsig,
      reaches: leftPsig >= needPsig,
      testScf: (volumeFt3 * testPsig) / ATM_PSIA,
      purgeScf,
    });
  },
  example: {
    input: { nominalScf: 20, gaugePsig: 700, testPsig: 450, volumeFt3: 0.3 },
    expected: { maxPsig: 214, needPsig: 1524, reaches: false, testScf: 9.2 },
    tolerance: 1,
  },
});
