import { z } from 'zod';
import { ACR_SIZES } from '@/core/circuit/acr-tube';
import { tell } from '@/core/circuit/join/words';
import { allows } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { oilCarryingLbPerH } from './pipe-drop';
import { lineState } from './transport';

const CONDENSING_F = 105;

/**
 * Least capacity at which suction vapour still carries oil up a riser.
 *
 * @param odIn nominal OD in the tube table · @param evaporatingF -20 to 60; 105 °F condensing and 95 °F liquid are assumed
 * @example riserMinimum({ refrigerant: 'R-410A', odIn: 0.875, evaporatingF: 45 }) // 0.91 tons
 */
export const riserMinimum = calculation({
  id: 'riser-minimum',
  title: 'Oil return in a suction riser',
  what: 'The smallest capacity at which oil still climbs a vertical suction line.',
  formula: 'Gmin = 0.7225 √(ρv g D (ρoil − ρv)); tons = Gmin × area / flow per ton',
  source: 'Jacobs, in ASHRAE Handbook Refrigeration, edition not checked',
  notCovered: 'Traps and double risers; the maker’s drawing rules. Velocity rules of thumb are another school.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    odIn: z.number().meta(allows(ACR_SIZES)),
    evaporatingF: num(-20, 60, '°F'),
  }),
  compute: ({ refrigerant, odIn, evaporatingF }) => {
    const state = lineState(refrigerant, evaporatingF, CONDENSING_F);
    if (!state) return refuse('evaporatingF', tell('join.properties-are-not-defined-here'), tell('join.20-to-60-f'));
    const lbPerH = oilCarryingLbPerH(odIn, state.vapourLbFt3);
    if (lbPerH === undefined) return refuse('odIn', tell('join.is-not-acr-tube-size', { odIn }), ACR_SIZES);
    return ok({ minimumTons: lbPerH / state.lbPerHPerTon });
  },
  example: {
    input: { refrigerant: 'R-410A', odIn: 0.875, evaporatingF: 45 },
    expected: { minimumTons: 0.91 },
    tolerance: 0.02,
  },
});
