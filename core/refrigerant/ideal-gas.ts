import type { FluidEquation } from './equation';

const REFERENCE_PA = 101325;

/**
 * Ideal-gas enthalpy over R·T and entropy over R at temperature and density.
 * Each fluid keeps the arbitrary zero of its publication; state.ts moves it to the trade's zero
 * (saturated liquid at -40 °F).
 */
export function idealGas(fluid: FluidEquation, kelvin: number, molM3: number): { hOverRT: number; sOverR: number } {
  const { ideal } = fluid;
  if (ideal.form === 'helmholtz') {
    const tau = fluid.criticalK / kelvin;
    let energy = Math.log(molM3 / fluid.criticalMolM3) + ideal.c + ideal.lin * tau + ideal.logTau * Math.log(tau);
    let slope = ideal.lin * tau + ideal.logTau;
    for (const [n, t] of ideal.pow) {
      const term = n * tau ** t;
      energy += term;
      slope += t * term;
    }
    return { hOverRT: 1 + slope, sOverR: slope - energy };
  }
  let h = ideal.c0 * kelvin;
  let s = ideal.c0 * Math.log(kelvin);
  for (const [a, e] of ideal.pow) {
    h += (a * kelvin ** (e + 1)) / (e + 1);
    s += (a * kelvin ** e) / e;
  }
  for (const [a, theta] of ideal.ein) {
    const x = theta / kelvin;
    const occupied = 1 / Math.expm1(x);
    h += a * theta * occupied;
    s += a * (x * occupied - Math.log(-Math.expm1(-x)));
  }
  const pressureRatio = (molM3 * fluid.gasConstant * kelvin) / REFERENCE_PA;
  return { hOverRT: h / kelvin, sOverR: s - Math.log(pressureRatio) };
}
