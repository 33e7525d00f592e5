import type { Refrigerant } from '@/core/refrigerant/refrigerants';

/**
 * Parameters of the simulated 3-ton system. All are invented and tuned so that the nominal point (95 °F outdoor,
 * 80/67 °F indoor, 1,200 CFM, sea level) lands where a healthy system of that size would; they are no product's data.
 * Extensive ones scale with tons/3.
 */
export const MODELLED_REFRIGERANTS = ['R-410A', 'R-454B'] as const satisfies readonly Refrigerant[];
export type ModelledRefrigerant = (typeof MODELLED_REFRIGERANTS)[number];

export type FluidParameters = {
  displacementCfm: number;
  /** Exponent of the discharge temperature rise with pressure ratio. */
  dischargeExponent: number;
  /** Meter coefficients: full-open valve and piston. */
  valveCoefficient: number;
  pistonCoefficient: number;
  nominalChargeLb: number;
  condenserTwoPhaseLb: number;
  condenserLiquidLb: number;
  evaporatorFullLb: number;
  vapourLb: number;
  liquidLineLb: number;
};

export const FLUID_PARAMETERS: Record<ModelledRefrigerant, FluidParameters> = {
  'R-410A': {
    displacementCfm: 4.28,
    dischargeExponent: 0.155,
    valveCoefficient: 45,
    pistonCoefficient: 35.89,
    nominalChargeLb: 7.5,
    condenserTwoPhaseLb: 3.55,
    condenserLiquidLb: 12,
    evaporatorFullLb: 1.45,
    vapourLb: 0.5,
    liquidLineLb: 0.95,
  },
  'R-454B': {
    displacementCfm: 4.52,
    dischargeExponent: 0.165,
    valveCoefficient: 40,
    pistonCoefficient: 29.94,
    nominalChargeLb: 6.55,
    condenserTwoPhaseLb: 2.9,
    condenserLiquidLb: 11,
    evaporatorFullLb: 1.3,
    vapourLb: 0.42,
    liquidLineLb: 0.85,
  },
};

export const MODEL_TONS = 3;
export const NOMINAL_CFM_PER_TON = 400;
export const OUTDOOR_CFM = 2750;
export const INDOOR_FAN_W = 420;
