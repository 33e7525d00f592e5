import { z } from 'zod';
import { ACR_SIZES } from '@/core/circuit/acr-tube';
import { tell } from '@/core/circuit/join/words';
import { allows } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { pipeDrop } from './pipe-drop';
import { lineState, VISCOSITY } from './transport';

/**
 * Pressure drop of a refrigerant line, and what it costs in saturation temperature.
 *
 * @param odIn nominal OD in the tube table · @param equivalentFt pipe and fittings · @param capacityTons 0.5 to 25
 * @returns psi, saturationLossF, velocityFpm
 * @example linePressureDrop({ refrigerant: 'R-410A', line: 'suction', odIn: 0.875, equivalentFt: 62, capacityTons: 3, evaporatingF: 45, condensingF: 105 }) // 1.06 psi, 0.44 °F, 1040 fpm
 */
export const linePressureDrop = calculation({
  id: 'line-pressure-drop',
  title: 'Pressure drop of a line',
  what: 'What a suction or liquid line costs in pressure and in saturation temperature, and how fast the refrigerant runs.',
  formula: 'ΔP = f (L/D) ρv²/2g; f Darcy by Haaland; loss = ΔP / (dP/dT) at saturation',
  source: 'Darcy–Weisbach with Haaland; properties from the equation of state; viscosities are estimates',
  notCovered: 'Two-phase flow, liquid lift (its own check), heating (its own calculation).',
  input: z.strictObject({
    refrigerant: refrigerantField,
    line: oneOf(['suction', 'liquid']),
    odIn: z.number().meta(allows(ACR_SIZES)),
    equivalentFt: num(1, 500, 'ft'),
    capacityTons: num(0.3, 25, 'tons'),
    evaporatingF: num(-20, 60, '°F'),
    condensingF: num(70, 140, '°F'),
  }),
  compute: ({ refrigerant, line, odIn, equivalentFt, capacityTons, evaporatingF, condensingF }) => {
    const state = lineState(refrigerant, evaporatingF, condensingF);
    if (!state) return refuse('condensingF', tell('join.properties-are-not-defined-here'), tell('join.70-to-140-f'));
    const drop = pipeDrop({
      odIn,
      ft: equivalentFt,
      lbPerH: capacityTons * state.lbPerHPerTon,
      lbFt3: line === 'suction' ? state.vapourLbFt3 : state.liquidLbFt3,
      viscosityPaS: VISCOSITY[refrigerant][line === 'suction' ? 'vapour' : 'liquid'],
    });
    if (!drop) return refuse('odIn', tell('join.is-not-acr-tube-size', { odIn }), ACR_SIZES);
    const slope =
      line === 'suction'
        ? (dewPsia(refrigerant, evaporatingF + 1) - dewPsia(refrigerant, evaporatingF - 1)) / 2
        : (bubblePsia(refrigerant, condensingF + 1) - bubblePsia(refrigerant, condensingF - 1)) / 2;
    return ok({ ...drop, saturationLossF: drop.psi / slope });
  },
  example: {
    input: {
      refrigerant: 'R-410A',
      line: 'suction',
      odIn: 0.875,
      equivalentFt: 62,
      capacityTons: 3,
      evaporatingF: 45,
      condensingF: 105,
    },
    expected: { psi: 1.06, saturationLossF: 0.44 },
    tolerance: 0.02,
  },
});
