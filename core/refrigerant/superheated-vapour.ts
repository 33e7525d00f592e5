import { readSurface } from '@/core/numeric/chebyshev';
import { EXPANSIONS } from './expansions';
import { vapourBtuLb, vapourLbFt3 } from './lookup';
import { VAPOUR_DEW_F } from './ranges';
import type { Refrigerant } from './refrigerants';

/**
 * Density and enthalpy of superheated vapour at a dew temperature (−58 to 130 °F) and a superheat (0 to 130 °F, held at
 * the edges outside): what the simulated system reads while it iterates. Within 0.01 % of the equation.
 */
export function superheatedVapour(refrigerant: Refrigerant, dewF: number, superheatF: number) {
  const { vapourRatio, vapourRise } = EXPANSIONS[refrigerant];
  const dew = Math.min(Math.max(dewF, VAPOUR_DEW_F[0]), VAPOUR_DEW_F[1]);
  return {
    lbFt3: vapourLbFt3(refrigerant, dew) * readSurface(vapourRatio, dew, superheatF),
    btuLb: vapourBtuLb(refrigerant, dew) + readSurface(vapourRise, dew, superheatF),
  };
}
