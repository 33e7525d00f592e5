import { J_KG_PER_BTU_LB, J_KGK_PER_BTU_LBR, KG_M3_PER_LB_FT3 } from '@/core/units/units';
import type { WorkingFluid } from './working-fluid';

/** A single-phase or saturated state in trade units. Enthalpy and entropy are zero for saturated liquid at -40 °F. */
export type State = { lbFt3: number; btuLb: number; btuLbR: number };

/** Molar enthalpy, J/mol, and entropy, J/(mol·K), of the equation. */
export type MolarEnergy = { h: number; s: number };

export function molarEnergy(fluid: WorkingFluid, kelvin: number, molM3: number): MolarEnergy {
  const r = fluid.residual(kelvin, molM3);
  const ideal = fluid.ideal(kelvin, molM3);
  return {
    h: fluid.gasConstant * kelvin * (ideal.hOverRT + r.ta + r.da),
    s: fluid.gasConstant * (ideal.sOverR + r.ta - r.a),
  };
}

/** A state in trade units: energies of the equation at its own density, the density as it is given. */
export function stateOf(
  fluid: WorkingFluid,
  zero: MolarEnergy,
  kelvin: number,
  modelMolM3: number,
  molM3: number,
): State {
  const { h, s } = molarEnergy(fluid, kelvin, modelMolM3);
  return {
    lbFt3: (molM3 * fluid.molarMassKg) / KG_M3_PER_LB_FT3,
    btuLb: (h - zero.h) / fluid.molarMassKg / J_KG_PER_BTU_LB,
    btuLbR: (s - zero.s) / fluid.molarMassKg / J_KGK_PER_BTU_LBR,
  };
}
