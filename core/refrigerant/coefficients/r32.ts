import type { FluidEquation } from '@/core/refrigerant/equation';

/** R32: Tillner-Roth & Yokozeki, J. Phys. Chem. Ref. Data 26 (1997) 1273. Residual and ideal-gas parts as published; temperatures K, densities mol/m³. */
export const r32: FluidEquation = {
  name: 'R32',
  molarMassGMol: 52.024,
  criticalK: 351.255,
  criticalMolM3: 8150.0846,
  gasConstant: 8.314471,
  terms: [
    { n: 1.046634, t: 0.25, d: 1, c: 0 },
    { n: -0.5451165, t: 1, d: 2, c: 0 },
    { n: -0.002448595, t: -0.25, d: 5, c: 0 },
    { n: -0.04877002, t: -1, d: 1, c: 0 },
    { n: 0.03520158, t: 2, d: 1, c: 0 },
    { n: 0.00162275, t: 2, d: 3, c: 0 },
    { n: 2.377225e-5, t: 0.75, d: 8, c: 0 },
    { n: 0.029149, t: 0.25, d: 4, c: 0 },
    { n: 0.003386203, t: 18, d: 4, c: 4 },
    { n: -0.004202444, t: 26, d: 4, c: 3 },
    { n: 0.0004782025, t: -1, d: 8, c: 1 },
    { n: -0.005504323, t: 25, d: 3, c: 4 },
    { n: -0.02418396, t: 1.75, d: 5, c: 1 },
    { n: 0.4209034, t: 4, d: 1, c: 2 },
    { n: -0.4616537, t: 5, d: 1, c: 2 },
    { n: -1.200513, t: 1, d: 3, c: 1 },
    { n: -2.59155, t: 1.5, d: 1, c: 1 },
    { n: -1.400145, t: 1, d: 2, c: 1 },
    { n: 0.8263017, t: 0.5, d: 3, c: 1 },
  ],
  ideal: {
    form: 'heat-capacity',
    c0: 4.004486,
    pow: [],
    ein: [
      [1.160761, 798],
      [2.645151, 4185],
      [5.794987, 1806],
      [1.129475, 11510],
    ],
  },
};
