import { z } from 'zod';
import { tell } from '@/core/circuit/recovery/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { liquidBtuLb, vapourBtuLb } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';

/** Heat that melts a pound of ice, Btu. */
const ICE_BTU_LB = 144;
/** The machine gives vapour off hot; an iced cylinder takes it in as cold liquid (common practice), °F. */
const HOT_VAPOUR_F = 150;
const COLD_LIQUID_F = 50;
/** Vapour is read saturated here and warmed the rest of the way: the table ends at 150 °F. */
const SATURATED_F = 90;
const VAPOUR_CP_BTU_LB_F = 0.26;

/**
 * Ice to chill a recovery cylinder with.
 * @returns rejectBtuLb from vapour at 150 °F to liquid at 50 °F, iceLb
 * @example chillIce({ refrigerant: 'R-410A', recoverLb: 8 }) // 6.2 lb
 */
export const chillIce = calculation({
  id: 'chill-ice',
  title: 'Ice for the cylinder',
  what: 'How much ice takes up the heat of the refrigerant a machine pumps into the cylinder.',
  formula: 'ice = recovered × (h vapour 150 °F − h liquid 50 °F) / 144',
  source: 'enthalpies from the equation of state; melting heat of ice 144 Btu/lb',
  notCovered: 'Heat from the air and the cylinder itself. A bath spoils the scale: lift out and dry before weighing.',
  input: z.strictObject({ refrigerant: refrigerantField, recoverLb: num(0.1, 500, 'lb') }),
  compute: ({ refrigerant, recoverLb }) => {
    const rejectBtuLb =
      vapourBtuLb(refrigerant, SATURATED_F) +
      VAPOUR_CP_BTU_LB_F * (HOT_VAPOUR_F - SATURATED_F) -
      liquidBtuLb(refrigerant, COLD_LIQUID_F);
    if (!Number.isFinite(rejectBtuLb))
      return refuse('refrigerant', tell('recovery.enthalpy-is-not-known'), tell('recovery.refrigerant-of-list'));
    return ok({ rejectBtuLb, iceLb: (recoverLb * rejectBtuLb) / ICE_BTU_LB });
  },
  example: { input: { refrigerant: 'R-410A', recoverLb: 8 }, expected: { iceLb: 6.2 }, tolerance: 0.4 },
});
