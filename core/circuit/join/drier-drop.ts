import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { dewPsia } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';

/** Pressures are compared over this much to read the slope of the dew line, °F. */
const STEP_F = 0.5;

/**
 * What a pressure drop in the suction costs, as saturation temperature: the drop over the slope of the dew line at the
 * evaporating temperature. Small drops only: the slope is taken as constant.
 * @param dropPsi measured across the drier, 0 to 20 psi
 * @param evaporatingF −40 to 70 °F, 45 unless given
 * @example drierDrop({ refrigerant: 'R-22', dropPsi: 3 }).saturationLossF // 1.9 °F
 */
export const drierDrop = calculation({
  id: 'drier-drop',
  title: 'Drop across a suction drier',
  what: 'How many degrees of evaporating temperature a suction drier costs.',
  formula: 'loss = drop ÷ (dP/dT) of the dew line at the evaporating temperature',
  source: 'definition of saturation loss; dew line from the equation of state',
  notCovered: 'Drops beyond 20 psi; the pressure lost in the valves on both sides of it.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    dropPsi: num(0, 20, 'psi'),
    evaporatingF: num(-40, 70, '°F').default(45),
  }),
  compute: ({ refrigerant, dropPsi, evaporatingF }) => {
    const slope =
      (dewPsia(refrigerant, evaporatingF + STEP_F) - dewPsia(refrigerant, evaporatingF - STEP_F)) / (2 * STEP_F);
    return ok({ saturationLossF: dropPsi / slope });
  },
  example: {
    input: { refrigerant: 'R-22', dropPsi: 3 },
    expected: { saturationLossF: 1.93 },
    tolerance: 0.03,
  },
});
