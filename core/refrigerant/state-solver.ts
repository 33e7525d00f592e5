import { bisect } from '@/core/numeric/bisect';
import { kelvinFromF, paFromPsia } from '@/core/units/units';
import { densityAt, type Phase } from './density';
import { type MolarEnergy, molarEnergy, type State, stateOf } from './energy';
import { workingFluid } from './fluids';
import type { Refrigerant } from './refrigerants';
import { solveSaturation } from './saturation-solver';

/**
 * States solved from the equations alone, without the expansions: what the expansions are made from and held to. The
 * application reads state.ts.
 */
const ZERO_F = -40;

/** Where enthalpy and entropy count from: saturated liquid at −40 °F. */
export function solveZero(refrigerant: Refrigerant): MolarEnergy {
  const kelvin = kelvinFromF(ZERO_F);
  const fluid = workingFluid(refrigerant);
  const rho = densityAt(fluid, kelvin, solveSaturation(refrigerant, kelvin).bubblePa, 'liquid');
  if (rho === undefined) throw new Error(`no liquid of ${refrigerant} at ${ZERO_F} °F`);
  return molarEnergy(fluid, kelvin, rho);
}

/** Density of the equation itself on a line, and what brings it to the density of that line. */
export function solveLine(refrigerant: Refrigerant, kelvin: number, phase: Phase) {
  const sat = solveSaturation(refrigerant, kelvin);
  const line = phase === 'liquid' ? sat.liquidMolM3 : sat.vapourMolM3;
  const pa = phase === 'liquid' ? sat.bubblePa : sat.dewPa;
  const model = densityAt(workingFluid(refrigerant), kelvin, pa, phase) ?? line;
  return { line, model, join: line / model };
}

/** Saturated liquid at bubble pressure and vapour at dew pressure, °F. */
export function solveStates(refrigerant: Refrigerant, zero: MolarEnergy, temperatureF: number) {
  const kelvin = kelvinFromF(temperatureF);
  const on = (phase: Phase): State => {
    const { line, model } = solveLine(refrigerant, kelvin, phase);
    return stateOf(workingFluid(refrigerant), zero, kelvin, model, line);
  };
  return { ...solveSaturation(refrigerant, kelvin), liquid: on('liquid'), vapour: on('vapour') };
}

/** Superheated vapour at °F and psia, for R-454B joined to its dew line. */
export function solveVapour(refrigerant: Refrigerant, zero: MolarEnergy, temperatureF: number, psia: number): State {
  const kelvin = kelvinFromF(temperatureF);
  const pa = paFromPsia(psia);
  const fluid = workingFluid(refrigerant);
  const rho = densityAt(fluid, kelvin, pa, 'vapour');
  if (rho === undefined) throw new Error(`no vapor of ${refrigerant} at ${temperatureF} °F and ${psia} psia`);
  const lineK = bisect(
    (k) => solveSaturation(refrigerant, k).dewPa < pa,
    kelvinFromF(-60),
    kelvinFromF(150),
    60,
  ).middle;
  const join = refrigerant === 'R-454B' ? solveLine(refrigerant, lineK, 'vapour').join : 1;
  return stateOf(fluid, zero, kelvin, rho, rho * join);
}
