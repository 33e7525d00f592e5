import { bubblePsia, dewPsia, liquidBtuLb } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { superheatedVapour } from '@/core/refrigerant/superheated-vapour';
import { BTUH_PER_W, DEFAULT_BAROMETER_PSIA, RANKINE_AT_0_F } from '@/core/units/units';
import { COMPRESSION, idealWork } from './gas';
import { dryVolume, moistEnthalpy, ratioOf, saturatedRatio } from './moist';

/**
 * How a system of one ton is built, by what a rating shows of it at 95 °F outdoor, 80/67 °F indoor, sea level. Everything
 * scales with tons; what its parts must be follows from these figures (ratedUnit).
 */
export type Design = {
  refrigerant: Refrigerant;
  metering: 'txv' | 'fixed-orifice';
  /** Rated: dew point in the coil, condensing over ambient, superheat leaving the coil, subcooling, °F. */
  evaporatingF: number;
  condensingOverF: number;
  superheatF: number;
  subcoolingF: number;
  cfmPerTon: number;
  /** Net cooling over nominal. */
  capacity: number;
  bypass: number;
  /** Units of transfer of the clean condenser. */
  condenserNtu: number;
  isentropic: number;
  volumetric: number;
  /** Share of the valve's stroke that is open when rated; how far it opens a °F. */
  valveOpen: number;
  valveStrokeF: number;
  /** Flow through an orifice goes with the drop to this power. */
  orificeExponent: number;
  /** How much more of the condenser fills with liquid for a whole charge more. */
  fillPerCharge: number;
  /** Lost and gained between coil and service valves. */
  suctionLossPsi: number;
  suctionPickupF: number;
  dischargeLossPsi: number;
  liquidLossPsi: number;
  liquidPickupF: number;
  /** Current at the rated point over rated load current. */
  loadShare: number;
  fanWPerCfm: number;
};

/** A design of middling figures: what a nameplate without a maker's table leads one to expect. */
export const MIDDLE: Omit<Design, 'refrigerant' | 'metering'> = {
  evaporatingF: 45,
  condensingOverF: 19,
  superheatF: 10,
  subcoolingF: 10,
  cfmPerTon: 400,
  capacity: 0.98,
  bypass: 0.14,
  condenserNtu: 1.7,
  isentropic: 0.69,
  volumetric: 0.97,
  valveOpen: 0.7,
  valveStrokeF: 6,
  orificeExponent: 0.45,
  fillPerCharge: 0.9,
  suctionLossPsi: 2,
  suctionPickupF: 2,
  dischargeLossPsi: 6,
  liquidLossPsi: 2,
  liquidPickupF: 0.5,
  loadShare: 0.8,
  fanWPerCfm: 0.35,
};

export const RATED = { outdoorF: 95, returnF: 80, returnWetBulbF: 67, barometerPsia: DEFAULT_BAROMETER_PSIA };
export const BTUH_PER_TON = 12_000;
/** Dew point lost in the suction line, °F: its pressure drop, near enough for the gas in it. */
export const SUCTION_LOSS_F = 1;
/** Share of the compressor's work that the refrigerant takes. */
export const HEAT_SHARE = 0.93;
/** Falls of volumetric and isentropic efficiency with pressure ratio (invented, of the usual size). */
export const VOLUMETRIC_FALL = 0.035;
export const EFFICIENCY_FALL = 0.03;
export const EFFICIENT_TO_RATIO = 3.2;
/** Wetted share of the coil: how superheat dries it; how much a dry part still does. */
export const WETTED = { log: 3.3, least: 0.01, dry: 0.35, wet: 0.65 };
/** Subcooling grows with the filled share of the condenser; a filled part takes this much of its surface. */
export const FILLED = { rate: 4.6, surface: 0.9, most: 0.95 };

/** Shares of a rated ton: mass flow, displacement, surfaces, meter. */
export type Unit = Design & {
  displacementFt3H: number;
  surface: number;
  airRate: number;
  filled: number;
  /** Mass flow through the open meter at √psi = 1 for a valve, at the rated drop for an orifice. */
  meter: number;
  ratedDropPsi: number;
  ratedAmpsW: number;
  wettedRated: number;
};

export const wettedShare = (superheatF: number, spanF: number): number =>
  Math.min(
    1,
    Math.max(
      WETTED.least,
      1 + Math.log(1 - Math.min(0.995, Math.max(0, superheatF) / Math.max(1, spanF))) / WETTED.log,
    ),
  );

/** Share of the coil that works: what is wet, and what is dry as far as its vapor is still colder than the air. */
export const activeShare = (superheatF: number, spanF: number): number =>
  WETTED.dry * (1 - Math.min(0.995, Math.max(0, superheatF) / Math.max(1, spanF))) +
  WETTED.wet * wettedShare(superheatF, spanF);

export const efficiencyAt = (isentropic: number, ratio: number): number =>
  isentropic * (1 - EFFICIENCY_FALL * Math.max(0, ratio - EFFICIENT_TO_RATIO));

/** The parts that make a design do what it is rated at; undefined where no coil could. */
export function ratedUnit(d: Design): Unit | undefined {
  const r = d.refrigerant;
  const condensingF = RATED.outdoorF + d.condensingOverF;
  const pe = dewPsia(r, d.evaporatingF);
  const pc = bubblePsia(r, condensingF);
  const suctionPsia = pe - d.suctionLossPsi;
  const ratio = (pc + d.dischargeLossPsi) / suctionPsia;
  const lineF = d.evaporatingF + d.superheatF + d.suctionPickupF;
  const inlet = superheatedVapour(r, d.evaporatingF - SUCTION_LOSS_F, lineF - d.evaporatingF + SUCTION_LOSS_F);
  const leaving = superheatedVapour(r, d.evaporatingF, d.superheatF);
  const liquid = liquidBtuLb(r, condensingF - d.subcoolingF);
  const fanBtuh = d.fanWPerCfm * d.cfmPerTon * BTUH_PER_W;
  const coilBtuh = d.capacity * BTUH_PER_TON + fanBtuh;
  const massLbH = coilBtuh / (leaving.btuLb - liquid);
  const work = idealWork(r, suctionPsia, inlet.lbFt3, ratio) / efficiencyAt(d.isentropic, ratio);

  const w = ratioOf(RATED.returnF, RATED.returnWetBulbF, RATED.barometerPsia);
  const air = (60 * d.cfmPerTon) / dryVolume(RATED.returnF, w, RATED.barometerPsia);
  const wetted = wettedShare(d.superheatF, RATED.returnF - d.evaporatingF);
  const active = activeShare(d.superheatF, RATED.returnF - d.evaporatingF);
  const wanted = moistEnthalpy(RATED.returnF, w) - coilBtuh / (air * (1 - d.bypass ** active));
  const surfaceF = surfaceAt(wanted, w);
  if (!(surfaceF > d.evaporatingF + 0.5)) return undefined;

  const filled = -Math.log(Math.max(0.05, 1 - d.subcoolingF / d.condensingOverF)) / FILLED.rate;
  const rejected = massLbH * (work * HEAT_SHARE + inlet.btuLb - liquid);
  const ntu = d.condenserNtu * (1 - FILLED.surface * filled);
  const drop = pc - d.liquidLossPsi - pe;
  return {
    ...d,
    displacementFt3H: massLbH / inlet.lbFt3 / (d.volumetric - VOLUMETRIC_FALL * (ratio - 1)),
    surface: coilBtuh / ((surfaceF - d.evaporatingF) * active),
    airRate: rejected / ((1 - Math.exp(-ntu)) * d.condensingOverF),
    filled,
    meter: d.metering === 'txv' ? massLbH / d.valveOpen / Math.sqrt(drop) : massLbH,
    ratedDropPsi: drop,
    ratedAmpsW: (massLbH * work) / BTUH_PER_W,
    wettedRated: wetted,
  };
}

/** The coil surface that leaves air of this enthalpy, °F. */
function surfaceAt(btuLb: number, ratio: number): number {
  let low = -10;
  let high = RATED.returnF;
  for (let i = 0; i < 40; i++) {
    const f = (low + high) / 2;
    if (moistEnthalpy(f, Math.min(ratio, saturatedRatio(f, RATED.barometerPsia))) < btuLb) low = f;
    else high = f;
  }
  return (low + high) / 2;
}

/** Discharge temperature of a compression, °F. */
export function dischargeF(r: Refrigerant, inletF: number, ratio: number, ideal: number, efficiency: number): number {
  const { rise, gasCp } = COMPRESSION[r];
  return (inletF + RANKINE_AT_0_F) * ratio ** rise - RANKINE_AT_0_F + (ideal * (HEAT_SHARE / efficiency - 1)) / gasCp;
}
