import { readPieces } from '@/core/numeric/chebyshev';
import { KG_M3_PER_LB_FT3, kelvinFromF, paFromPsia } from '@/core/units/units';
import { densityAt, type Phase } from './density';
import { type State, stateOf } from './energy';
import { type Curve, EXPANSIONS } from './expansions';
import { workingFluid } from './fluids';
import { bubblePsia, dewF } from './lookup';
import { HIGH_F, LOW_F } from './ranges';
import type { Refrigerant } from './refrigerants';
import { saturate } from './saturation';
import { solveStates } from './state-solver';

export type { State } from './energy';

/**
 * Saturated liquid (at bubble pressure) and vapour (at dew pressure) at a temperature.
 * For R-454B the densities are the fits and the energies come from the mixture model at those pressures.
 *
 * @param temperatureF °F, -60 to 150 by the expansions; beyond, up to near the critical point, by solving the equation
 * @source equations named in coefficients/
 */
export function saturatedStates(refrigerant: Refrigerant, temperatureF: number) {
  const { curves, zero } = EXPANSIONS[refrigerant];
  if (!(temperatureF >= LOW_F && temperatureF <= HIGH_F)) return solveStates(refrigerant, zero, temperatureF);
  const sat = saturate(refrigerant, kelvinFromF(temperatureF));
  const perMol = workingFluid(refrigerant).molarMassKg / KG_M3_PER_LB_FT3;
  const read = (curve: Curve): number => readPieces(curves[curve], temperatureF);
  return {
    bubblePa: sat.bubblePa,
    dewPa: sat.dewPa,
    liquid: { lbFt3: sat.liquidMolM3 * perMol, btuLb: read('liquidBtuLb'), btuLbR: read('liquidBtuLbR') },
    vapour: { lbFt3: sat.vapourMolM3 * perMol, btuLb: read('vapourBtuLb'), btuLbR: read('vapourBtuLbR') },
  } satisfies { bubblePa: number; dewPa: number; liquid: State; vapour: State };
}

/**
 * Superheated vapour or subcooled liquid at temperature and absolute pressure, by the equation itself, begun at the
 * saturated density.
 * For R-454B the density is scaled by fit/model on the line at the same temperature, so that the state joins it.
 * Returns undefined where the asked phase does not exist.
 *
 * @param temperatureF °F, -60 to 250 · @param psia 2 to 600
 */
export function singlePhase(
  refrigerant: Refrigerant,
  temperatureF: number,
  psia: number,
  phase: Phase,
): State | undefined {
  const kelvin = kelvinFromF(temperatureF);
  const fluid = workingFluid(refrigerant);
  const { curves, zero } = EXPANSIONS[refrigerant];
  const rho = densityAt(fluid, kelvin, paFromPsia(psia), phase, startOf(refrigerant, temperatureF, psia, phase));
  if (rho === undefined) return undefined;
  // Liquid joins its line at its own temperature, vapor at its own pressure.
  const joined =
    phase === 'liquid'
      ? readPieces(curves.liquidJoin, temperatureF)
      : readPieces(curves.vapourJoin, dewF(refrigerant, psia));
  return stateOf(fluid, zero, kelvin, rho, rho * (Number.isFinite(joined) ? joined : 1));
}

/** A density near the wanted one and on its side of the dome; none where only the cautious search is sure. */
function startOf(r: Refrigerant, temperatureF: number, psia: number, phase: Phase): number | undefined {
  const { curves } = EXPANSIONS[r];
  if (phase === 'liquid')
    return psia > bubblePsia(r, temperatureF) ? readPieces(curves.liquidMolM3, temperatureF) : undefined;
  const dew = dewF(r, psia);
  return temperatureF > dew
    ? (readPieces(curves.vapourMolM3, dew) * kelvinFromF(dew)) / kelvinFromF(temperatureF)
    : undefined;
}
