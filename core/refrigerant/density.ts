import { pressure, type WorkingFluid } from './working-fluid';

export type Phase = 'liquid' | 'vapour';

const MAX_STEPS = 60;
const TOLERANCE = 1e-12;
/** Liquid search starts above any saturated liquid density of these fluids between -60 and 150 °F. */
const LIQUID_START = 3.2;

/**
 * Density at temperature and pressure on the asked branch, mol/m³.
 * Newton on pressure from outside the two-phase dome (dense start for liquid, ideal gas for vapour), so that the first
 * root met is the wanted one; a start nearby, on the same side, saves steps. Returns undefined when the branch has no root there (inside the dome or not converged).
 */
export function densityAt(
  fluid: WorkingFluid,
  kelvin: number,
  pa: number,
  phase: Phase,
  startMolM3?: number,
): number | undefined {
  let rho = startMolM3 ?? (phase === 'liquid' ? LIQUID_START * fluid.reducingMolM3 : pa / (fluid.gasConstant * kelvin));
  for (let step = 0; step < MAX_STEPS; step++) {
    const now = pressure(fluid, kelvin, rho);
    if (!(now.slope > 0)) return undefined;
    let change = (pa - now.pa) / now.slope;
    // On the vapour side a full step can jump over the dome; halve it there.
    if (phase === 'vapour' && change > 0.25 * rho) change = 0.25 * rho;
    if (phase === 'liquid' && change < -0.15 * rho) change = -0.15 * rho;
    rho += change;
    if (!(rho > 0)) return undefined;
    if (Math.abs(change) <= TOLERANCE * rho) return rho;
  }
  return undefined;
}
