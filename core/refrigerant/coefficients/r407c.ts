import type { FluidEquation } from '@/core/refrigerant/equation';

/** R407C: Lemmon, Int. J. Thermophysics 24 (2003) 991 (pseudo-pure). Residual and ideal-gas parts as published; temperatures K, densities mol/m³. */
export const r407c: FluidEquation = {
  name: 'R407C',
  molarMassGMol: 86.2036,
  criticalK: 359.345,
  criticalMolM3: 5259.9891,
  gasConstant: 8.314472,
  terms: [
    { n: 1.0588, t: 0.241, d: 1, c: 0 },
    { n: -1.12018, t: 0.69, d: 1, c: 0 },
    { n: 0.629064, t: 2.58, d: 1, c: 0 },
    { n: -0.351953, t: 1.15, d: 2, c: 0 },
    { n: 0.00455978, t: 0.248, d: 5, c: 0 },
    { n: -1.75725, t: 2.15, d: 1, c: 1 },
    { n: -1.12009, t: 2.43, d: 2, c: 1 },
    { n: 0.0277353, t: 5.3, d: 2, c: 1 },
    { n: 0.898881, t: 0.76, d: 3, c: 1 },
    { n: -1.17591, t: 1.48, d: 3, c: 1 },
    { n: 0.0818591, t: 0.24, d: 5, c: 1 },
    { n: -0.0794097, t: 2.86, d: 5, c: 1 },
    { n: -1.04047e-5, t: 8, d: 5, c: 1 },
    { n: 0.233779, t: 3.3, d: 1, c: 2 },
    { n: -0.29179, t: 4.7, d: 1, c: 2 },
    { n: 0.0154776, t: 0.45, d: 4, c: 2 },
    { n: -0.0314579, t: 8.4, d: 4, c: 2 },
    { n: -0.00442552, t: 16.2, d: 2, c: 3 },
    { n: -0.0101254, t: 26, d: 4, c: 3 },
    { n: 0.00915953, t: 16, d: 5, c: 3 },
    { n: -0.003615, t: 8.7, d: 6, c: 3 },
  ],
  ideal: {
    form: 'heat-capacity',
    c0: 0,
    pow: [[0.76575, 0.4]],
    ein: [
      [1.4245, 864],
      [3.9419, 1887],
      [3.1209, 4802],
    ],
  },
  ancillary: {
    pcPa: 4631700,
    bubble: [
      [0.48722, 0.54],
      [-6.6959, 0.925],
      [-1.4165, 2.7],
      [-2.5109, 4.7],
    ],
    dew: [
      [-0.086077, 0.4],
      [-6.6364, 0.965],
      [-2.4648, 3.1],
      [-3.4776, 5],
    ],
  },
};
