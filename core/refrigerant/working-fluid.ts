import type { BlendEquation, FluidEquation } from './equation';
import { addResidual, type Residual } from './helmholtz';
import { idealGas } from './ideal-gas';

/** One face over a pure fluid, a pseudo-pure blend and a two-part mixture: SI, molar. */
export type WorkingFluid = {
  name: string;
  molarMassKg: number;
  gasConstant: number;
  reducingK: number;
  reducingMolM3: number;
  residual(kelvin: number, molM3: number): Residual;
  ideal(kelvin: number, molM3: number): { hOverRT: number; sOverR: number };
};

export function pureFluid(fluid: FluidEquation): WorkingFluid {
  return {
    name: fluid.name,
    molarMassKg: fluid.molarMassGMol / 1000,
    gasConstant: fluid.gasConstant,
    reducingK: fluid.criticalK,
    reducingMolM3: fluid.criticalMolM3,
    residual(kelvin, molM3) {
      const out: Residual = { a: 0, da: 0, dda: 0, ta: 0 };
      addResidual(fluid, fluid.criticalK / kelvin, molM3 / fluid.criticalMolM3, 1, out);
      return out;
    },
    ideal: (kelvin, molM3) => idealGas(fluid, kelvin, molM3),
  };
}

/** GERG-form reducing functions (β = 1) over the two pure equations. */
export function mixture(blend: BlendEquation): WorkingFluid {
  const moles = blend.parts.map((part) => part.massFraction / part.fluid.molarMassGMol);
  const total = moles.reduce((sum, n) => sum + n, 0);
  const x = moles.map((n) => n / total);
  const [one, two] = [blend.parts[0]!.fluid, blend.parts[1]!.fluid];
  const [x1, x2] = [x[0]!, x[1]!];
  const reducingK =
    x1 * x1 * one.criticalK +
    x2 * x2 * two.criticalK +
    2 * x1 * x2 * blend.gammaT * Math.sqrt(one.criticalK * two.criticalK);
  const crossVolume = (one.criticalMolM3 ** (-1 / 3) + two.criticalMolM3 ** (-1 / 3)) ** 3 / 8;
  const reducingMolM3 = 1 / ((x1 * x1) / one.criticalMolM3 + (x2 * x2) / two.criticalMolM3 + 2 * x1 * x2 * crossVolume);
  const gasConstant = two.gasConstant;
  return {
    name: blend.name,
    molarMassKg: 1 / total / 1000,
    gasConstant,
    reducingK,
    reducingMolM3,
    residual(kelvin, molM3) {
      const out: Residual = { a: 0, da: 0, dda: 0, ta: 0 };
      const tau = reducingK / kelvin;
      const delta = molM3 / reducingMolM3;
      addResidual(one, tau, delta, x1, out);
      addResidual(two, tau, delta, x2, out);
      return out;
    },
    ideal(kelvin, molM3) {
      const a = idealGas(one, kelvin, molM3);
      const b = idealGas(two, kelvin, molM3);
      return { hOverRT: x1 * a.hOverRT + x2 * b.hOverRT, sOverR: x1 * a.sOverR + x2 * b.sOverR };
    },
  };
}

/** Pressure, Pa, and its slope with density, of the equation itself. */
export function pressure(fluid: WorkingFluid, kelvin: number, molM3: number): { pa: number; slope: number } {
  const r = fluid.residual(kelvin, molM3);
  const rt = fluid.gasConstant * kelvin;
  return { pa: molM3 * rt * (1 + r.da), slope: rt * (1 + 2 * r.da + r.dda) };
}
