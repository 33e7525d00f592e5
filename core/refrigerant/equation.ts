/** The shapes of published equations of state, as data. See coefficients/ for the numbers and their sources. */

/** One term of a residual Helmholtz energy: n·τ^t·δ^d, times exp(−δ^c) when c > 0, exp(−τ^m) when m is given, or a Gaussian bell. */
export type ResidualTerm = {
  n: number;
  t: number;
  d: number;
  c: number;
  m?: number;
  gauss?: { eta: number; beta: number; gamma: number; eps: number };
};

export type IdealPart =
  | { form: 'helmholtz'; c: number; lin: number; logTau: number; pow: [number, number][] }
  | { form: 'heat-capacity'; c0: number; pow: [number, number][]; ein: [number, number][] };

/** ln(p/pc) = (Tc/T)·Σ n·θ^k with θ = 1 − T/Tc. */
export type PressureFit = [number, number][];

export type FluidEquation = {
  name: string;
  molarMassGMol: number;
  criticalK: number;
  criticalMolM3: number;
  gasConstant: number;
  terms: ResidualTerm[];
  ideal: IdealPart;
  /** Bubble and dew pressure of a pseudo-pure blend; densities then come from the equation at that pressure. */
  ancillary?: { pcPa: number; bubble: PressureFit; dew: PressureFit };
};

export type BlendEquation = {
  name: string;
  parts: { fluid: FluidEquation; massFraction: number }[];
  gammaT: number;
  fits: {
    tcK: number;
    pcPa: number;
    rhocKgM3: number;
    bubble: PressureFit;
    dew: PressureFit;
    /** ρ = ρc·(1 + Σ n·θ^k) */
    liquid: PressureFit;
    /** ρ = ρc·exp(Σ n·θ^k) */
    vapour: PressureFit;
  };
};
