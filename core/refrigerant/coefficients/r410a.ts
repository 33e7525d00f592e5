import type { FluidEquation } from '@/core/refrigerant/equation';

/** R410A: Lemmon, Int. J. Thermophysics 24 (2003) 991 (pseudo-pure). Residual and ideal-gas parts as published; temperatures K, densities mol/m³. */
export const r410a: FluidEquation = {
  name: 'R410A',
  molarMassGMol: 72.5854,
  criticalK: 344.494,
  criticalMolM3: 6323.999,
  gasConstant: 8.314472,
  terms: [
    { n: 0.987252, t: 0.44, d: 1, c: 0 },
    { n: -1.03017, t: 1.2, d: 1, c: 0 },
    { n: 1.17666, t: 2.97, d: 1, c: 0 },
    { n: -0.138991, t: 2.95, d: 2, c: 0 },
    { n: 0.00302373, t: 0.2, d: 5, c: 0 },
    { n: -2.53639, t: 1.93, d: 1, c: 1 },
    { n: -1.9668, t: 1.78, d: 2, c: 1 },
    { n: -0.83048, t: 3, d: 3, c: 1 },
    { n: 0.172477, t: 0.2, d: 5, c: 1 },
    { n: -0.261116, t: 0.74, d: 5, c: 1 },
    { n: -0.0745473, t: 3, d: 5, c: 1 },
    { n: 0.679757, t: 2.1, d: 1, c: 2 },
    { n: -0.652431, t: 4.3, d: 1, c: 2 },
    { n: 0.0553849, t: 0.25, d: 4, c: 2 },
    { n: -0.071097, t: 7, d: 4, c: 2 },
    { n: -0.000875332, t: 4.7, d: 9, c: 2 },
    { n: 0.020076, t: 13, d: 2, c: 3 },
    { n: -0.0139761, t: 16, d: 2, c: 3 },
    { n: -0.018511, t: 25, d: 4, c: 3 },
    { n: 0.0171939, t: 17, d: 5, c: 3 },
    { n: -0.00482049, t: 7.4, d: 6, c: 3 },
  ],
  ideal: {
    form: 'heat-capacity',
    c0: 0,
    pow: [[2.8749, 0.1]],
    ein: [
      [2.0623, 697],
      [5.9751, 1723],
      [1.5612, 3875],
    ],
  },
  ancillary: {
    pcPa: 4901200,
    bubble: [
      [-7.2818, 1],
      [2.5093, 1.8],
      [-3.2695, 2.4],
      [-2.8022, 4.9],
    ],
    dew: [
      [-7.4411, 1],
      [1.9883, 1.6],
      [-2.4925, 2.4],
      [-3.2633, 5],
    ],
  },
};
