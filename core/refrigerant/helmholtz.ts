import type { FluidEquation } from './equation';

/**
 * Residual Helmholtz energy and the three products that every property needs:
 * a = αʳ, da = δ·∂αʳ/∂δ, dda = δ²·∂²αʳ/∂δ², ta = τ·∂αʳ/∂τ (all without unit).
 */
export type Residual = { a: number; da: number; dda: number; ta: number };

/**
 * Adds one fluid's residual energy, weighted, into `out`.
 * A term is written as exp(ln) so that each costs one exponential instead of two powers.
 */
export function addResidual(fluid: FluidEquation, tau: number, delta: number, weight: number, out: Residual): void {
  const lnTau = Math.log(tau);
  const lnDelta = Math.log(delta);
  for (const term of fluid.terms) {
    const { n, t, d, c, m, gauss } = term;
    if (gauss) {
      const { eta, beta, gamma, eps } = gauss;
      const x = delta - eps;
      const y = tau - gamma;
      const value = weight * n * Math.exp(t * lnTau + d * lnDelta - eta * x * x - beta * y * y);
      const slope = d - 2 * eta * delta * x;
      out.a += value;
      out.da += value * slope;
      out.dda += value * (slope * slope - d - 2 * eta * delta * delta);
      out.ta += value * (t - 2 * beta * tau * y);
      continue;
    }
    const deltaC = c === 0 ? 0 : delta ** c;
    const tauM = m ? tau ** m : 0;
    const value = weight * n * Math.exp(t * lnTau + d * lnDelta - deltaC - tauM);
    const slope = d - c * deltaC;
    out.a += value;
    out.da += value * slope;
    out.dda += value * (slope * (slope - 1) - c * c * deltaC);
    out.ta += value * (t - (m ?? 0) * tauM);
  }
}
