import { z } from 'zod';
import { ACR_INSIDE_IN, ACR_SIZES, boreFt2 } from '@/core/circuit/acr-tube';
import { tell } from '@/core/circuit/join/words';
import { allows } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { IN2_PER_FT2 } from '@/core/units/units';
import { LB_FT_S_PER_PA_S, lineState, VISCOSITY } from './transport';

/** Drawn copper tube, ft (handbooks, from memory). */
const ROUGHNESS_FT = 5e-6;
const GRAVITY_FT_S2 = 32.174;
const LAMINAR_REYNOLDS = 2300;
const SECONDS_PER_H = 3600;
const MINUTES_PER_H = 60;
const INCHES_PER_FT = 12;

/** Darcy's friction factor: laminar below 2300, Haaland's explicit form above. */
export function darcyFactor(reynolds: number, relativeRoughness: number): number {
  if (reynolds < LAMINAR_REYNOLDS) return 64 / reynolds;
  return (-1.8 * Math.log10((relativeRoughness / 3.7) ** 1.11 + 6.9 / reynolds)) ** -2;
}

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
  notCovered: 'Two-phase flow, liquid lift (its own check), heating mode.',
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
    const insideIn = ACR_INSIDE_IN.get(odIn);
    const areaFt2 = boreFt2(odIn);
    if (insideIn === undefined || areaFt2 === undefined)
      return refuse('odIn', tell('join.is-not-acr-tube-size', { odIn }), ACR_SIZES);
    const state = lineState(refrigerant, evaporatingF, condensingF);
    if (!state) return refuse('condensingF', tell('join.properties-are-not-defined-here'), tell('join.70-to-140-f'));
    const density = line === 'suction' ? state.vapourLbFt3 : state.liquidLbFt3;
    const viscosity = VISCOSITY[refrigerant][line === 'suction' ? 'vapour' : 'liquid'] * LB_FT_S_PER_PA_S;
    const diameterFt = insideIn / INCHES_PER_FT;
    const velocityFps = (capacityTons * state.lbPerHPerTon) / SECONDS_PER_H / density / areaFt2;
    const f = darcyFactor((density * velocityFps * diameterFt) / viscosity, ROUGHNESS_FT / diameterFt);
    const psi = (f * (equivalentFt / diameterFt) * density * velocityFps ** 2) / (2 * GRAVITY_FT_S2 * IN2_PER_FT2);
    const slope =
      line === 'suction'
        ? (dewPsia(refrigerant, evaporatingF + 1) - dewPsia(refrigerant, evaporatingF - 1)) / 2
        : (bubblePsia(refrigerant, condensingF + 1) - bubblePsia(refrigerant, condensingF - 1)) / 2;
    return ok({ psi, saturationLossF: psi / slope, velocityFpm: velocityFps * MINUTES_PER_H });
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
