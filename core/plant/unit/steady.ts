import { bubblePsia, dewPsia, liquidBtuLb, vapourBtuLb } from '@/core/refrigerant/lookup';
import { superheatedVapour } from '@/core/refrigerant/superheated-vapour';
import { BTUH_PER_W, RANKINE_AT_0_F } from '@/core/units/units';
import { compress } from './compressor';
import { activeShare, BTUH_PER_TON, dischargeF, FILLED, HEAT_SHARE, RATED, type Unit, wettedShare } from './design';
import { dryVolume, moistEnthalpy, ratioOf, saturatedRatio } from './moist';

/** What a unit stands in, and how it departs from its design: 1 or 0 where nothing is wrong. */
export type Condition = {
  outdoorF: number;
  returnF: number;
  returnWetBulbF: number;
  barometerPsia: number;
  chargeRatio: number;
  indoorAir: number;
  outdoorAir: number;
  condenserClean: number;
  /** Of the meter: how much it passes; a valve may be kept from opening further, or stuck open. */
  meterOpening: number;
  stuckOpen: number;
  pumping: number;
  nonCondensablePsi: number;
  /** Share of the discharge that leaks over into the suction, past the service valve. */
  bypassed: number;
};

export type Steady = {
  suctionPsia: number;
  liquidPsia: number;
  suctionLineF: number;
  liquidLineF: number;
  dischargeLineF: number;
  compressorInletF: number;
  supplyDryBulbF: number;
  /** Of one ton. */
  compressorW: number;
  /** Compressor power over what it is rated at. */
  load: number;
  coilBtuh: number;
  /** Heat that does not balance over the cycle, as a share. */
  residual: number;
  settled: boolean;
};

type At = { te: number; tc: number; s: number };
const FLOODED_BTU_PER_F = 0.006;
const FLOODED_CHARGE_PER_F = 0.03;
const COIL_CHARGE = 0.18;
const FLASH = { rate: -1.2, most: 0.4, meterRate: 2.2, meterMost: 0.8 };
const METER = { perSubcoolingF: 0.008, mostF: 20 };
export const AIR_EXPONENT = -0.45;
/** Of moist air at the coil, Btu/lb·°F. */
export const AIR_CP = 0.244;

function balances(u: Unit, c: Condition, { te, tc, s }: At, w: number, airLbH: number) {
  const r = u.refrigerant;
  const pe = dewPsia(r, te);
  const pc = bubblePsia(r, tc);
  const suctionPsia = Math.max(3, pe - u.suctionLossPsi);
  const high = pc + c.nonCondensablePsi;
  const ratio = (high + u.dischargeLossPsi) / suctionPsia;
  // Air side of the coil.
  const wetted = wettedShare(s, c.returnF - te);
  const active = activeShare(s, c.returnF - te);
  const bypass = u.bypass ** (active * c.indoorAir ** AIR_EXPONENT);
  const contact = airLbH * (1 - bypass);
  const enthalpy = moistEnthalpy(c.returnF, w);
  let low = te;
  let hot = c.returnF;
  for (let i = 0; i < 22; i++) {
    const f = (low + hot) / 2;
    const given = contact * (enthalpy - moistEnthalpy(f, Math.min(w, saturatedRatio(f, c.barometerPsia))));
    if (given > (f - te) * active * u.surface) low = f;
    else hot = f;
  }
  const surfaceF = (low + hot) / 2;
  const coilBtuh = (surfaceF - te) * active * u.surface;
  // Charge fills the condenser with what the coil does not hold.
  const filled =
    u.filled +
    u.fillPerCharge *
      (c.chargeRatio - 1 - COIL_CHARGE * (wetted - u.wettedRated + FLOODED_CHARGE_PER_F * Math.max(0, -s)));
  const full = Math.max(0, Math.min(FILLED.most, filled));
  const lift = tc - c.outdoorF;
  const subcooling = filled > 0 ? lift * (1 - Math.exp(-FILLED.rate * full)) : 0;
  const flash = filled < 0 ? Math.min(FLASH.most, FLASH.rate * filled) : 0;
  const ntu = u.condenserNtu * c.outdoorAir ** AIR_EXPONENT * (1 - FILLED.surface * full) * c.condenserClean;
  // Against the air at which the unit is rated.
  const density =
    (c.barometerPsia / RATED.barometerPsia) * ((RATED.outdoorF + RANKINE_AT_0_F) / (c.outdoorF + RANKINE_AT_0_F));
  const rejectedBtuh = u.airRate * c.outdoorAir * density * (1 - Math.exp(-ntu)) * lift;
  // Compressor.
  const lineF = te + (s > 0 ? s + u.suctionPickupF * Math.min(1, s / 3) : 0);
  const { efficiency, inletF, ideal, massLbH, workBtuh } = compress(u, { ...c, te, lineF, suctionPsia, ratio });
  // Refrigerant side.
  const liquidF = tc - subcooling;
  const latent = vapourBtuLb(r, te) - liquidBtuLb(r, te);
  const liquid = liquidBtuLb(r, liquidF) + flash * 0.9 * latent;
  const leaving = s > 0 ? superheatedVapour(r, te, s).btuLb : vapourBtuLb(r, te) + FLOODED_BTU_PER_F * latent * s;
  const taken = massLbH * (leaving - liquid);
  // Meter.
  const drop = Math.max(1, high - u.liquidLossPsi - pe);
  const factor =
    (1 + METER.perSubcoolingF * (Math.min(METER.mostF, subcooling) - u.subcoolingF)) *
    (1 - Math.min(FLASH.meterMost, FLASH.meterRate * flash)) *
    c.meterOpening;
  const opens = Math.max(c.stuckOpen, Math.min(1, Math.max(0.03, (s - valveShutF(u)) / u.valveStrokeF)));
  const passed =
    u.metering === 'txv'
      ? u.meter * Math.sqrt(drop) * factor * opens
      : u.meter * (drop / u.ratedDropPsi) ** u.orificeExponent * factor;
  return {
    pe,
    suctionPsia,
    high,
    ratio,
    subcooling,
    lineF,
    inletF,
    efficiency,
    ideal,
    surfaceF,
    bypass,
    coilBtuh,
    taken,
    workBtuh,
    massLbH,
    liquidF,
    outOfBalance: [
      (coilBtuh - taken) / BTUH_PER_TON,
      (taken + HEAT_SHARE * workBtuh - rejectedBtuh) / BTUH_PER_TON,
      (massLbH - passed) / (massLbH + 1),
    ] as [number, number, number],
  };
}

const valveShutF = (u: Unit): number => u.superheatF - u.valveOpen * u.valveStrokeF;

const MOST_STEPS = 60;
const GOOD = 1e-5;

/**
 * Where heat and mass balance: dew point, condensing point and superheat by Newton with bounded steps.
 *
 * Covers cooling at one speed, dry and wet coils, flash at the meter, liquid back to the compressor; a ton at a time.
 */
export function solveSteady(u: Unit, c: Condition, from?: At): Steady & { at: At } {
  const w = ratioOf(c.returnF, c.returnWetBulbF, c.barometerPsia);
  const airLbH = (60 * u.cfmPerTon * c.indoorAir) / dryVolume(c.returnF, w, c.barometerPsia);
  const f = (at: At) => balances(u, c, at, w, airLbH);
  let at: At = from ?? { te: u.evaporatingF, tc: c.outdoorF + u.condensingOverF, s: u.superheatF };
  let b = f(at);
  const size = (e: readonly number[]): number => Math.hypot(e[0]!, e[1]!, e[2]!);
  for (let i = 0; i < MOST_STEPS && size(b.outOfBalance) > GOOD; i++) {
    const e = b.outOfBalance;
    const j = (['te', 'tc', 's'] as const).map((key) => {
      const d = f({ ...at, [key]: at[key] + 0.02 }).outOfBalance;
      return e.map((v, k) => (d[k]! - v) / 0.02);
    });
    const step = solve3(j, e);
    if (!step.every(Number.isFinite)) break;
    let share = Math.min(1, 6 / Math.abs(step[0]), 8 / Math.abs(step[1]), 6 / Math.abs(step[2]));
    let next = at;
    let nb = b;
    for (let k = 0; k < 6; k++) {
      next = bounded(c, { te: at.te - share * step[0], tc: at.tc - share * step[1], s: at.s - share * step[2] });
      nb = f(next);
      if (size(nb.outOfBalance) < size(e) || k === 5) break;
      share /= 2;
    }
    at = next;
    b = nb;
  }
  const supply = b.bypass * c.returnF + (1 - b.bypass) * b.surfaceF;
  const fanRise = (u.fanWPerCfm * BTUH_PER_W * u.cfmPerTon * c.indoorAir) / (airLbH * AIR_CP);
  return {
    at,
    suctionPsia: b.suctionPsia,
    liquidPsia: b.high - u.liquidLossPsi,
    suctionLineF: b.lineF,
    liquidLineF: b.liquidF - u.liquidPickupF,
    dischargeLineF: dischargeF(u.refrigerant, b.inletF, b.ratio, b.ideal, b.efficiency),
    compressorInletF: b.inletF,
    supplyDryBulbF: supply + fanRise,
    compressorW: b.workBtuh / BTUH_PER_W,
    load: b.workBtuh / BTUH_PER_W / u.ratedAmpsW,
    coilBtuh: b.coilBtuh,
    residual: size(b.outOfBalance),
    settled: size(b.outOfBalance) < 5e-3,
  };
}

const bounded = (c: Condition, { te, tc, s }: At): At => ({
  te: Math.max(-45, Math.min(c.returnF - 2, te)),
  tc: Math.max(c.outdoorF + 0.5, Math.min(149.5, tc)),
  s: Math.max(-70, Math.min(Math.max(6, c.returnF - te - 0.3), s)),
});

/** Solves the 3 × 3 system whose columns are `j`, for the step that takes `e` away. */
function solve3(j: number[][], e: readonly number[]): [number, number, number] {
  const [a, b, c] = j as [number[], number[], number[]];
  const det = (x: number[], y: number[], z: number[]): number =>
    x[0]! * (y[1]! * z[2]! - y[2]! * z[1]!) -
    y[0]! * (x[1]! * z[2]! - x[2]! * z[1]!) +
    z[0]! * (x[1]! * y[2]! - x[2]! * y[1]!);
  const d = det(a, b, c);
  const v = e as number[];
  return [det(v, b, c) / d, det(a, v, c) / d, det(a, b, v) / d];
}

export type Departures = Omit<Condition, 'outdoorF' | 'returnF' | 'returnWetBulbF' | 'barometerPsia'>;
export const SOUND: Departures = {
  chargeRatio: 1,
  indoorAir: 1,
  outdoorAir: 1,
  condenserClean: 1,
  meterOpening: 1,
  stuckOpen: 0,
  pumping: 1,
  nonCondensablePsi: 0,
  bypassed: 0,
};
