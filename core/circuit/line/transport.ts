import { dewPsia, liquidBtuLb, liquidLbFt3 } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { singlePhase } from '@/core/refrigerant/state';

/** Viscosity of liquid near 95 °F and suction vapour near 55 °F, Pa·s (estimates; R-454B the least sure). */
export const VISCOSITY: Record<Refrigerant, { liquid: number; vapour: number }> = {
  'R-410A': { liquid: 10.5e-5, vapour: 1.27e-5 },
  'R-32': { liquid: 9.9e-5, vapour: 1.3e-5 },
  'R-454B': { liquid: 11e-5, vapour: 1.25e-5 },
  'R-22': { liquid: 11.4e-5, vapour: 1.33e-5 },
  'R-407C': { liquid: 13.5e-5, vapour: 1.18e-5 },
  'R-134a': { liquid: 17.3e-5, vapour: 1.12e-5 },
};
/** lb/(ft·s) in one Pa·s. */
export const LB_FT_S_PER_PA_S = 0.671969;
const BTUH_PER_TON = 12_000;
/** Superheat at the compressor and subcooling at the meter that the flow is worked out with (common practice), °F. */
const SUPERHEAT_F = 10;
const SUBCOOLING_F = 10;

/** Flow per ton, and the two lines' densities, at a pair of saturation temperatures; undefined outside the equations. */
export function lineState(refrigerant: Refrigerant, evaporatingF: number, condensingF: number) {
  const vapour = singlePhase(refrigerant, evaporatingF + SUPERHEAT_F, dewPsia(refrigerant, evaporatingF), 'vapour');
  const liquidF = condensingF - SUBCOOLING_F;
  const liquid = liquidLbFt3(refrigerant, liquidF);
  if (!vapour || !Number.isFinite(liquid)) return undefined;
  return {
    lbPerHPerTon: BTUH_PER_TON / (vapour.btuLb - liquidBtuLb(refrigerant, liquidF)),
    vapourLbFt3: vapour.lbFt3,
    liquidLbFt3: liquid,
  };
}

/** Hot gas is thicker than suction gas: 1.63e-5 against 1.27e-5 Pa·s for R-410A at 165 and 55 °F; the ratio is taken for all (estimate). */
export const HOT_GAS_VISCOSITY = 1.63 / 1.27;

/** Heat given up per lb, flow per 12,000 Btu/h of heating and the two lines' densities in heating; undefined outside the equations. */
export function heatingState(refrigerant: Refrigerant, condensingF: number, hotGasF: number, liquidF: number) {
  const gas = singlePhase(refrigerant, hotGasF, dewPsia(refrigerant, condensingF), 'vapour');
  const liquid = liquidLbFt3(refrigerant, liquidF);
  if (!gas || !Number.isFinite(liquid)) return undefined;
  const btuLb = gas.btuLb - liquidBtuLb(refrigerant, liquidF);
  return { btuLb, lbPerHPerTon: BTUH_PER_TON / btuLb, gasLbFt3: gas.lbFt3, liquidLbFt3: liquid };
}
