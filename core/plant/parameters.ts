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

/** The invented laws of the simulated system: what its coils, compressor and meter follow beside the fluid’s own properties. */
export const MODEL = {
  /** Pressure lost in suction, discharge and ahead of the meter, psi. */
  suctionLossPsi: 2,
  dischargeLossPsi: 8,
  meterLossPsi: 25,
  /** Suction line picks this up at 3 °F of superheat and more; the liquid line loses this, °F. */
  suctionPickupF: 2,
  pickupFromF: 3,
  liquidLineLossF: 1,
  condensingLimitF: 148,
  powerFactor: 0.96,
  polytropic: 1.1,
  /** Wetted share of the evaporator by the share of its span that superheat uses; how much of it is active. */
  evaporator: { mostUsed: 0.98, leastWetted: 0.05, wettedLog: 3.3, activeDry: 0.35, activeWet: 0.65 },
  /** Bypass of the indoor coil, its fall with less air, and the resistance of its surface, h·°F/Btu. */
  bypass: { base: 0.155, airExponent: -0.45, surface: 2.2e-4 },
  /** Effectiveness of the condenser: units of transfer, their change with air, what liquid takes of the surface. */
  condenser: { ntu: 1.85, airExponent: -0.45, liquidShare: 0.9, subcoolingRate: 4.6, mostFull: 0.95 },
  flash: { rate: -1.2, most: 0.4, btuLb: 75, meterRate: 2.2, meterMost: 0.8 },
  volumetric: { base: 0.98, fall: 0.035, least: 0.05 },
  efficiency: { best: 0.735, fall: 0.03, fromRatio: 3.2, worn: 0.45, healthy: 0.55 },
  /** Share of the compressor’s heat that the refrigerant takes, and the heat of its discharge vapor, Btu/lb·°F. */
  heatShare: 0.92,
  dischargeCp: 0.3,
  /** Liquid that floods back: charge it adds to the evaporator, and the enthalpy it lacks, a °F. */
  flooding: { chargePerF: 0.03, btuLbPerF: 0.9 },
  meter: { perSubcoolingF: 0.008, basisF: 10, mostF: 20, pistonBasisPsi: 200, pistonExponent: 0.25 },
  /** A valve’s own target superheat: shut, and the more it opens. */
  valve: { shutF: 4, openF: 6 },
} as const;
