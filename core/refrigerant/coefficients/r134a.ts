import type { FluidEquation } from '@/core/refrigerant/equation';

/** R134a: Tillner-Roth & Baehr, J. Phys. Chem. Ref. Data 23 (1994) 657. Residual and ideal-gas parts as published; temperatures K, densities mol/m³. */
export const r134a: FluidEquation = {
  name: 'R134a',
  molarMassGMol: 102.032,
  criticalK: 374.18,
  criticalMolM3: 4978.8302,
  gasConstant: 8.314471,
  terms: [
    { n: 0.05586817, t: -0.5, d: 2, c: 0 },
    { n: 0.498223, t: 0, d: 1, c: 0 },
    { n: 0.02458698, t: 0, d: 3, c: 0 },
    { n: 0.0008570145, t: 0, d: 6, c: 0 },
    { n: 0.0004788584, t: 1.5, d: 6, c: 0 },
    { n: -1.800808, t: 1.5, d: 1, c: 0 },
    { n: 0.2671641, t: 2, d: 1, c: 0 },
    { n: -0.04781652, t: 2, d: 2, c: 0 },
    { n: 0.01423987, t: 1, d: 5, c: 1 },
    { n: 0.3324062, t: 3, d: 2, c: 1 },
    { n: -0.007485907, t: 5, d: 2, c: 1 },
    { n: 0.0001017263, t: 1, d: 4, c: 2 },
    { n: -0.5184567, t: 5, d: 1, c: 2 },
    { n: -0.08692288, t: 5, d: 4, c: 2 },
    { n: 0.2057144, t: 6, d: 1, c: 2 },
    { n: -0.005000457, t: 10, d: 2, c: 2 },
    { n: 0.0004603262, t: 10, d: 4, c: 2 },
    { n: -0.003497836, t: 10, d: 1, c: 3 },
    { n: 0.006995038, t: 18, d: 5, c: 3 },
    { n: -0.01452184, t: 22, d: 3, c: 3 },
    { n: -0.0001285458, t: 50, d: 10, c: 4 },
  ],
  ideal: {
    form: 'helmholtz',
    c: -1.019535,
    lin: 9.047135,
    logTau: -1.629789,
    pow: [
      [-9.723916, -0.5],
      [-3.92717, -0.75],
    ],
  },
};
