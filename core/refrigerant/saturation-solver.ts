import { r22 } from './coefficients/r22';
import { r32 } from './coefficients/r32';
import { r134a } from './coefficients/r134a';
import { r407c } from './coefficients/r407c';
import { r410a } from './coefficients/r410a';
import { r454b } from './coefficients/r454b';
import { densityAt } from './density';
import type { FluidEquation, PressureFit } from './equation';
import { workingFluid } from './fluids';
import type { Refrigerant } from './refrigerants';
import type { Saturation } from './saturation';
import type { WorkingFluid } from './working-fluid';

type Solver = (fluid: WorkingFluid, kelvin: number) => Saturation;

/** Acentric factors used only to start the search; any value near enough leads to the same answer. */
const START_ACENTRIC = 0.28;
const START_CRITICAL_PA = 4.9e6;
const LEE_KESLER_SLOPE = 5.373;
const MAX_STEPS = 80;

function fitted(fit: PressureFit, theta: number): number {
  let sum = 0;
  for (const [n, k] of fit) sum += n * theta ** k;
  return sum;
}

function fitPressure(fit: PressureFit, criticalK: number, criticalPa: number, kelvin: number): number {
  return criticalPa * Math.exp((criticalK / kelvin) * fitted(fit, 1 - kelvin / criticalK));
}

function must(value: number | undefined, what: string): number {
  if (value === undefined) throw new Error(`no ${what}: outside the range of the equation`);
  return value;
}

/** Pure fluid: the pressure at which liquid and vapour have the same Gibbs energy (Maxwell's criterion), by Newton. */
const pureSolver =
  (equation: FluidEquation): Solver =>
  (fluid, kelvin) => {
    const rt = fluid.gasConstant * kelvin;
    let pa = START_CRITICAL_PA * Math.exp(LEE_KESLER_SLOPE * (1 + START_ACENTRIC) * (1 - equation.criticalK / kelvin));
    for (let step = 0; step < MAX_STEPS; step++) {
      const vapour = densityAt(fluid, kelvin, pa, 'vapour');
      if (vapour === undefined) {
        pa *= 0.9;
        continue;
      }
      const liquid = densityAt(fluid, kelvin, pa, 'liquid');
      if (liquid === undefined) {
        pa *= 1.05;
        continue;
      }
      const l = fluid.residual(kelvin, liquid);
      const v = fluid.residual(kelvin, vapour);
      const gibbs = rt * (l.a + l.da + Math.log(liquid) - v.a - v.da - Math.log(vapour));
      const change = -gibbs / (1 / liquid - 1 / vapour);
      pa = Math.max(pa + change, pa * 0.3);
      if (Math.abs(change) <= 1e-11 * pa) return { bubblePa: pa, dewPa: pa, liquidMolM3: liquid, vapourMolM3: vapour };
    }
    throw new Error(`saturation of ${equation.name} did not converge at ${kelvin} K`);
  };

/** Pseudo-pure blend: published bubble and dew pressures, densities from the equation at those pressures. */
const pseudoPureSolver =
  (equation: FluidEquation): Solver =>
  (fluid, kelvin) => {
    const { pcPa, bubble, dew } = equation.ancillary!;
    const bubblePa = fitPressure(bubble, equation.criticalK, pcPa, kelvin);
    const dewPa = fitPressure(dew, equation.criticalK, pcPa, kelvin);
    return {
      bubblePa,
      dewPa,
      liquidMolM3: must(densityAt(fluid, kelvin, bubblePa, 'liquid'), 'liquid density'),
      vapourMolM3: must(densityAt(fluid, kelvin, dewPa, 'vapour'), 'vapour density'),
    };
  };

/** R-454B: pressures and saturated densities from the fits; the mixture model serves the other states. */
const fittedBlendSolver: Solver = (fluid, kelvin) => {
  const { fits } = r454b;
  const theta = 1 - kelvin / fits.tcK;
  return {
    bubblePa: fitPressure(fits.bubble, fits.tcK, fits.pcPa, kelvin),
    dewPa: fitPressure(fits.dew, fits.tcK, fits.pcPa, kelvin),
    liquidMolM3: (fits.rhocKgM3 * (1 + fitted(fits.liquid, theta))) / fluid.molarMassKg,
    vapourMolM3: (fits.rhocKgM3 * Math.exp(fitted(fits.vapour, theta))) / fluid.molarMassKg,
  };
};

const SOLVERS: Record<Refrigerant, Solver> = {
  'R-410A': pseudoPureSolver(r410a),
  'R-32': pureSolver(r32),
  'R-454B': fittedBlendSolver,
  'R-22': pureSolver(r22),
  'R-407C': pseudoPureSolver(r407c),
  'R-134a': pureSolver(r134a),
};

/**
 * A saturated state solved from the equation itself, 45 to 490 µs: what the expansions are made from and held to. The
 * application reads saturation.ts.
 *
 * @param kelvin of −60 °F to near the critical point
 */
export function solveSaturation(refrigerant: Refrigerant, kelvin: number): Saturation {
  return SOLVERS[refrigerant](workingFluid(refrigerant), kelvin);
}
