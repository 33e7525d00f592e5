import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { liquidLbFt3 } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { OZ_PER_LB } from '@/core/units/units';

const IN3_PER_FT3 = 1728;

/**
 * Liquid that a charging hose holds when its valves are closed: it left the cylinder and is not in the system.
 * @param boreIn inside diameter, 0.05 to 1 in
 * @param lengthIn 1 to 600 in
 * @param temperatureF of the liquid, −20 to 120 °F, 77 unless given
 * @example hoseCharge({ refrigerant: 'R-410A', boreIn: 0.31, lengthIn: 60 }).oz // 2.8
 */
export const hoseCharge = calculation({
  id: 'hose-charge',
  title: 'Liquid left in a charging hose',
  what: 'How much of what left the cylinder stays in the hose as liquid.',
  formula: 'm = π/4 · bore² · length · liquid density',
  source: 'geometry; saturated liquid density from the equation of state',
  notCovered: 'Manifolds and sight glasses; a hose that is half vapour.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    boreIn: num(0.05, 1, 'in'),
    lengthIn: num(1, 600, 'in'),
    temperatureF: num(-20, 120, '°F').default(77),
  }),
  compute: ({ refrigerant, boreIn, lengthIn, temperatureF }) => {
    const volumeFt3 = (Math.PI * boreIn ** 2 * lengthIn) / 4 / IN3_PER_FT3;
    return ok({ oz: volumeFt3 * liquidLbFt3(refrigerant, temperatureF) * OZ_PER_LB });
  },
  example: {
    input: { refrigerant: 'R-410A', boreIn: 0.31, lengthIn: 60 },
    expected: { oz: 2.78 },
    tolerance: 0.05,
  },
});
