import { z } from 'zod';
import { tell } from '@/core/circuit/recovery/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { bubblePsia } from '@/core/refrigerant/lookup';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { DEFAULT_BAROMETER_PSIA } from '@/core/units/units';

/** A cylinder at rest reads within the larger of these of its saturation pressure (common practice). */
const TOLERANCE = { psi: 3, share: 0.03 } as const;

/**
 * Does a cylinder's pressure agree with the refrigerant on its label?
 * @param temperatureF of the cylinder, at one temperature for hours
 * @returns saturationPsig, tolerancePsi, reading: plausible, air or a mixture, another refrigerant or not at rest; alsoFits
 * @example cylinderIdentity({ refrigerant: 'R-410A', temperatureF: 70, psig: 216 }) // air or a mixture
 */
export const cylinderIdentity = calculation({
  id: 'cylinder-identity',
  title: 'Pressure of a cylinder at rest',
  what: 'Whether the pressure fits the label, or tells of air, a mixture or another refrigerant.',
  formula: '|P − Psat(T)| ≤ max(3 psi, 3 %)',
  source: 'bubble pressure from the equation of state; tolerance common practice',
  notCovered: 'Refrigerants of nearly the same pressure: only the plate or an analyser tells them apart.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    temperatureF: num(-20, 140, '°F'),
    psig: num(-15, 800, 'psig'),
    barometerPsia: num(8, 16, 'psia').default(DEFAULT_BAROMETER_PSIA),
  }),
  compute: ({ refrigerant, temperatureF, psig, barometerPsia }) => {
    const satOf = (r: (typeof REFRIGERANTS)[number]): number => bubblePsia(r, temperatureF) - barometerPsia;
    const saturationPsig = satOf(refrigerant);
    if (!Number.isFinite(saturationPsig))
      return refuse('temperatureF', tell('recovery.saturation-is-not-defined-here'), tell('recovery.20-to-140-f'));
    const within = (sat: number): number => Math.max(TOLERANCE.psi, TOLERANCE.share * Math.abs(sat));
    const tolerancePsi = within(saturationPsig);
    const delta = psig - saturationPsig;
    return ok({
      saturationPsig,
      tolerancePsi,
      reading:
        Math.abs(delta) <= tolerancePsi
          ? 'plausible'
          : delta > 0
            ? 'air or a mixture'
            : 'another refrigerant, or not at rest',
      alsoFits: REFRIGERANTS.filter((r) => r !== refrigerant && Math.abs(psig - satOf(r)) <= within(satOf(r))).join(
        ', ',
      ),
    });
  },
  example: {
    input: { refrigerant: 'R-410A', temperatureF: 70, psig: 216 },
    expected: { saturationPsig: 201.7, tolerancePsi: 6.1, reading: 'air or a mixture' },
    tolerance: 0.2,
  },
});
