import type { FluidEquation } from '../equation';

/** R125: Lemmon & Jacobsen, J. Phys. Chem. Ref. Data 34 (2005) 69. Residual and ideal-gas parts as published; temperatures K, densities mol/m³. */
export const r125: FluidEquation = {
  name: 'R125',
  molarMassGMol: 120.0214,
  criticalK: 339.173,
  criticalMolM3: 4778.9811,
  gasConstant: 8.314472,
  terms: [
    { n: 5.28076, t: 0.669, d: 1, c: 0 },
    { n: -8.67658, t: 1.05, d: 1, c: 0 },
    { n: 0.7501127, t: 2.75, d: 1, c: 0 },
    { n: 0.7590023, t: 0.956, d: 2, c: 0 },
    { n: 0.01451899, t: 1, d: 4, c: 0 },
    { n: 4.777189, t: 2, d: 1, c: 1 },
    { n: -3.330988, t: 2.75, d: 1, c: 1 },
    { n: 3.775673, t: 2.38, d: 2, c: 1 },
    { n: -2.290919, t: 3.37, d: 2, c: 1 },
    { n: 0.8888268, t: 3.47, d: 3, c: 1 },
    { n: -0.6234864, t: 2.63, d: 4, c: 1 },
    { n: -0.04127263, t: 3.45, d: 5, c: 1 },
    { n: -0.08455389, t: 0.72, d: 1, c: 2 },
    { n: -0.1308752, t: 4.23, d: 5, c: 2 },
    { n: 0.008344962, t: 0.2, d: 1, c: 3 },
    { n: -1.532005, t: 4.5, d: 2, c: 2, m: 1.7 },
    { n: -0.05883649, t: 29, d: 3, c: 3, m: 7 },
    { n: 0.02296658, t: 24, d: 5, c: 3, m: 6 },
  ],
  ideal: { form: 'heat-capacity', c0: 0, pow: [[3.063, 0.1]], ein: [[2.303, 314], [5.086, 756], [7.3, 1707]] },
};
