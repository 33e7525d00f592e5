import type { BlendEquation } from '@/core/refrigerant/equation';
import { r32 } from './r32';
import { r1234yf } from './r1234yf';

/**
 * R-454B as R-32/R-1234yf, 68.9/31.1 % by mass.
 * Saturation: fitted to values computed with the open-source library CoolProp 8.0.0 (Bell et al., Ind. Eng. Chem. Res. 53 (2014) 2498; its R-32/R-1234yf mixture model); fit error below 0.01 % in pressure, 0.01 % liquid and 0.06 % vapour density
 * Single-phase states: GERG-form reducing functions over the two pure equations (about ±0.9 % liquid, ±2.3 % vapour
 * density before they are scaled to the saturation fits). Tc, pc, rhoc of the fits are fitting constants, -60 to 150 °F.
 */
export const r454b: BlendEquation = {
  name: 'R454B',
  parts: [
    { fluid: r32, massFraction: 0.689 },
    { fluid: r1234yf, massFraction: 0.311 },
  ],
  gammaT: 0.955,
  fits: {
    tcK: 351.25,
    pcPa: 5270000.0,
    rhocKgM3: 430.0,
    bubble: [
      [0.007002, 0],
      [-7.178882, 1],
      [1.224057, 1.5],
      [-1.52548, 2.5],
      [-3.537346, 5],
    ],
    dew: [
      [-0.005725, 0],
      [-7.596621, 1],
      [2.030659, 1.5],
      [-2.185596, 2.5],
      [-3.229685, 5],
    ],
    liquid: [
      [2.159482, 0.35],
      [0.635262, 0.7],
      [0.033269, 1.2],
      [0.266902, 2],
    ],
    vapour: [
      [-2.71048, 0.4],
      [-2.312187, 0.8],
      [-6.663644, 1.6],
      [-13.477971, 3.2],
      [-47.622855, 6],
    ],
  },
};
