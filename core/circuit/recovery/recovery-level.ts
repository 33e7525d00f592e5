import { z } from 'zod';
import { tell } from '@/core/circuit/recovery/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { bubblePsia } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { q, value } from '@/core/words/said';

/** Appliances are classed by the pressure of saturated liquid at 104 °F (40 CFR 82.152, from memory), psia. */
const CLASS_F = 104;
const CLASS_LIMITS_PSIA = { medium: 45, high: 170, veryHigh: 355 } as const;
/** From this charge on a deeper level is asked for (40 CFR 82.156 Table 1, from memory), lb. */
const LARGE_LB = 200;
/** A small appliance is factory-sealed and holds no more than this (40 CFR 82.152, from memory), lb. */
const SMALL_LB = 5;

export type PressureClass = 'low' | 'medium' | 'high' | 'very high';

export function pressureClass(refrigerant: Refrigerant): PressureClass {
  const psia = bubblePsia(refrigerant, CLASS_F);
  if (psia > CLASS_LIMITS_PSIA.veryHigh) return 'very high';
  if (psia > CLASS_LIMITS_PSIA.high) return 'high';
  return psia > CLASS_LIMITS_PSIA.medium ? 'medium' : 'low';
}

/** Level by class for equipment made after 15 November 1993: below and from 200 lb on, inHg of vacuum. */
const LEVELS: Record<Exclude<PressureClass, 'low'>, { small: number; large: number }> = {
  'very high': { small: 0, large: 0 },
  high: { small: 0, large: 10 },
  medium: { small: 10, large: 15 },
};
const SMALL_APPLIANCE_INHG = 4;

/**
 * Vacuum to which an appliance must be recovered before it is opened or scrapped.
 *
 * @param applianceClass small (factory-sealed, 5 lb or less) or comfort · @param chargeLb the full charge
 * @returns requiredInHg (0: atmospheric pressure), pressureClass, basis
 * @example recoveryLevel({ applianceClass: 'comfort', refrigerant: 'R-410A', chargeLb: 9 }) // 0 inHg, high pressure
 */
export const recoveryLevel = calculation({
  id: 'recovery-level',
  title: 'Required recovery level',
  what: 'How deep a vacuum the rules ask for before a circuit is opened.',
  formula: 'class from the pressure of saturated liquid at 104 °F and the charge; level from the table',
  source: '40 CFR 82.152 and 82.156 Table 1, edition not checked: check the current rule',
  notCovered: 'Recovery machines made before 15 November 1993; leaking appliances; a company’s own deeper level.',
  input: z.strictObject({
    applianceClass: oneOf(['small', 'comfort']),
    refrigerant: refrigerantField,
    chargeLb: num(0.1, 5000, 'lb'),
  }),
  compute: ({ applianceClass, refrigerant, chargeLb }) => {
    const kind = pressureClass(refrigerant);
    if (applianceClass === 'small') {
      if (chargeLb > SMALL_LB)
        return refuse('chargeLb', tell('recovery.small-appliance-holds-no-more-than'), tell('recovery.0-1-to-5-lb-or'));
      return ok({
        requiredInHg: SMALL_APPLIANCE_INHG,
        pressureClass: kind as string,
        basis: tell('recovery.small-appliance-4-inhg-or-90'),
      });
    }
    if (kind === 'low')
      return refuse(
        'refrigerant',
        tell('recovery.low-pressure-appliances-are-recovered-by'),
        tell('recovery.medium-high-or-very-high-pressure'),
      );
    const large = chargeLb >= LARGE_LB;
    return ok({
      requiredInHg: LEVELS[kind][large ? 'large' : 'small'],
      pressureClass: kind as string,
      basis: tell('recovery.pressure-at-104-f', {
        kind: value(kind),
        refrigerant: q(bubblePsia(refrigerant, CLASS_F), 'psia', 0),
        large: large ? tell('recovery.200-lb-or-more') : tell('recovery.under-200-lb'),
      }),
    });
  },
  example: {
    input: { applianceClass: 'comfort', refrigerant: 'R-134a', chargeLb: 12 },
    expected: { requiredInHg: 10, pressureClass: 'medium' },
    tolerance: 0,
  },
});
