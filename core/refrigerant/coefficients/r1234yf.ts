import type { FluidEquation } from '@/core/refrigerant/equation';

/** R1234yf: Richter, McLinden & Lemmon, J. Chem. Eng. Data 56 (2011) 3254. Residual and ideal-gas parts as published; temperatures K, densities mol/m³. */
export const r1234yf: FluidEquation = {
  name: 'R1234yf',
  molarMassGMol: 114.0416,
  criticalK: 367.85,
  criticalMolM3: 4169.9696,
  gasConstant: 8.314472,
  terms: [
    { n: 0.04592563, t: 1, d: 4, c: 0 },
    { n: 1.546958, t: 0.32, d: 1, c: 0 },
    { n: -2.355237, t: 0.929, d: 1, c: 0 },
    { n: -0.4827835, t: 0.94, d: 2, c: 0 },
    { n: 0.1758022, t: 0.38, d: 3, c: 0 },
    { n: -1.210006, t: 2.28, d: 1, c: 2 },
    { n: -0.6177084, t: 1.76, d: 3, c: 2 },
    { n: 0.6805262, t: 0.97, d: 2, c: 1 },
    { n: -0.6968555, t: 2.44, d: 2, c: 2 },
    { n: -0.02695779, t: 1.05, d: 7, c: 1 },
    { n: 1.389966, t: 1.4, d: 1, c: 0, gauss: { eta: 1.02, beta: 1.42, gamma: 1.13, eps: 0.712 } },
    { n: -0.4777136, t: 3, d: 1, c: 0, gauss: { eta: 1.336, beta: 2.31, gamma: 0.67, eps: 0.91 } },
    { n: -0.1975184, t: 3.5, d: 3, c: 0, gauss: { eta: 1.055, beta: 0.89, gamma: 0.46, eps: 0.677 } },
    { n: -1.147646, t: 1, d: 3, c: 0, gauss: { eta: 5.84, beta: 80, gamma: 1.28, eps: 0.718 } },
    { n: 0.0003428541, t: 3.5, d: 2, c: 0, gauss: { eta: 16.2, beta: 108, gamma: 1.2, eps: 1.64 } },
  ],
  ideal: {
    form: 'heat-capacity',
    c0: 5.944,
    pow: [],
    ein: [
      [7.549, 718],
      [1.537, 877],
      [2.03, 4465],
      [7.455, 1755],
    ],
  },
};
