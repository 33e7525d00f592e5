import { bisect } from '@/core/numeric/bisect';
import { J_KG_PER_BTU_LB, J_KGK_PER_BTU_LBR, KG_M3_PER_LB_FT3, kelvinFromF, paFromPsia } from '@/core/units/units';
import { densityAt, type Phase } from './density';
import type { Refrigerant } from './refrigerants';
import { saturate, workingFluid } from './saturation';
import type { WorkingFluid } from './working-fluid';

/** A single-phase or saturated state in trade units. Enthalpy and entropy are zero for saturated liquid at -40 °F. */
export type State = { lbFt3: number; btuLb: number; btuLbR: number };

const ZERO_F = -40;

function molarEnergy(fluid: WorkingFluid, kelvin: number, molM3: number) {
  const r = fluid.residual(kelvin, molM3);
  const ideal = fluid.ideal(kelvin, molM3);
  return {
    h: fluid.gasConstant * kelvin * (ideal.hOverRT + r.ta + r.da),
    s: fluid.gasConstant * (ideal.sOverR + r.ta - r.a),
  };
}

/** Density of the equation itself (unscaled) on a branch at saturation pressure. */
function modelDensity(refrigerant: Refrigerant, kelvin: number, pa: number, phase: Phase): number | undefined {
  return densityAt(workingFluid(refrigerant), kelvin, pa, phase);
}

const zeros = new Map<Refrigerant, { h: number; s: number }>();

function zero(refrigerant: Refrigerant): { h: number; s: number } {
  const known = zeros.get(refrigerant);
  if (known) return known;
  const kelvin = kelvinFromF(ZERO_F);
  const rho = modelDensity(refrigerant, kelvin, saturate(refrigerant, kelvin).bubblePa, 'liquid');
  if (rho === undefined) throw new Error(`no liquid of ${refrigerant} at ${ZERO_F} °F`);
  const value = molarEnergy(workingFluid(refrigerant), kelvin, rho);
  zeros.set(refrigerant, value);
  return value;
}

function toState(refrigerant: Refrigerant, kelvin: number, modelMolM3: number, molM3: number): State {
  const fluid = workingFluid(refrigerant);
  const base = zero(refrigerant);
  const { h, s } = molarEnergy(fluid, kelvin, modelMolM3);
  return {
    lbFt3: (molM3 * fluid.molarMassKg) / KG_M3_PER_LB_FT3,
    btuLb: (h - base.h) / fluid.molarMassKg / J_KG_PER_BTU_LB,
    btuLbR: (s - base.s) / fluid.molarMassKg / J_KGK_PER_BTU_LBR,
  };
}

/**
 * Saturated liquid (at bubble pressure) and vapour (at dew pressure) at a temperature, full solve.
 * For R-454B the densities are the fits and the energies come from the mixture model at those pressures.
 *
 * @param temperatureF °F, -60 to 150
 * @source equations named in coefficients/
 */
export function saturatedStates(refrigerant: Refrigerant, temperatureF: number) {
  const kelvin = kelvinFromF(temperatureF);
  const sat = saturate(refrigerant, kelvin);
  const liquid = modelDensity(refrigerant, kelvin, sat.bubblePa, 'liquid') ?? sat.liquidMolM3;
  const vapour = modelDensity(refrigerant, kelvin, sat.dewPa, 'vapour') ?? sat.vapourMolM3;
  return {
    bubblePa: sat.bubblePa,
    dewPa: sat.dewPa,
    liquid: toState(refrigerant, kelvin, liquid, sat.liquidMolM3),
    vapour: toState(refrigerant, kelvin, vapour, sat.vapourMolM3),
  };
}

/**
 * Superheated vapour or subcooled liquid at temperature and absolute pressure, full solve.
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
  const rho = modelDensity(refrigerant, kelvin, paFromPsia(psia), phase);
  if (rho === undefined) return undefined;
  return toState(refrigerant, kelvin, rho, rho * joinFactor(refrigerant, kelvin, paFromPsia(psia), phase));
}

/** fit/model density at saturation: 1 for every fluid whose saturated densities come from its own equation. */
function joinFactor(refrigerant: Refrigerant, kelvin: number, pa: number, phase: Phase): number {
  if (refrigerant !== 'R-454B') return 1;
  const lineK = phase === 'liquid' ? kelvin : dewKelvin(refrigerant, pa);
  const sat = saturate(refrigerant, lineK);
  const model = modelDensity(refrigerant, lineK, phase === 'liquid' ? sat.bubblePa : sat.dewPa, phase);
  if (model === undefined) return 1;
  return (phase === 'liquid' ? sat.liquidMolM3 : sat.vapourMolM3) / model;
}

/** Temperature at which a pressure is the dew pressure, by bisection on the fits (they are monotone). */
function dewKelvin(refrigerant: Refrigerant, pa: number): number {
  return bisect((k) => saturate(refrigerant, k).dewPa < pa, kelvinFromF(-60), kelvinFromF(150), 50).middle;
}
