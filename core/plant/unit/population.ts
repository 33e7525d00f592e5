import { barometerPsia } from '@/core/air/moist-air';
import { normal, type RandomState, uniform } from '@/core/numeric/random';
import { bubblePsia } from '@/core/refrigerant/lookup';
import { REFRIGERANTS, type Refrigerant } from '@/core/refrigerant/refrigerants';
import { type Design, ratedUnit, type Unit } from './design';
import type { FaultName, Metering } from './faults';
import { ratioOf } from './moist';
import { type Condition, type Departures, SOUND, type Steady, solveSteady } from './steady';

/**
 * Systems of any make: designs, weather, houses, faults and probes drawn at random by a seed. Spans are what a crew meets
 * (common practice); none is a product's data.
 */
const between = (s: RandomState, low: number, high: number): number => low + (high - low) * uniform(s);
const about = (s: RandomState, middle: number, spread: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, middle + spread * normal(s)));
const oneOf = <T>(s: RandomState, all: readonly T[]): T => all[Math.floor(uniform(s) * all.length)]!;

function drawDesign(s: RandomState, refrigerant: Refrigerant, metering: Metering): Design {
  const condensingOverF = between(s, 12, 28);
  return {
    refrigerant,
    metering,
    evaporatingF: about(s, 45, 2.2, 40, 50),
    condensingOverF,
    superheatF: metering === 'txv' ? about(s, 9, 2.5, 4, 15) : about(s, 12, 2.5, 6, 19),
    subcoolingF: Math.min(condensingOverF * 0.75, about(s, 10, 2.2, 5, 16)),
    cfmPerTon: about(s, 400, 25, 345, 455),
    capacity: about(s, 0.98, 0.04, 0.88, 1.08),
    bypass: between(s, 0.07, 0.2),
    condenserNtu: between(s, 1.1, 2.4),
    isentropic: between(s, 0.6, 0.76),
    volumetric: between(s, 0.92, 1),
    valveOpen: between(s, 0.55, 0.85),
    valveStrokeF: between(s, 3, 9),
    orificeExponent: between(s, 0.3, 0.55),
    fillPerCharge: between(s, 0.55, 1.4),
    suctionLossPsi: between(s, 0.5, 4),
    suctionPickupF: between(s, 0.5, 4),
    dischargeLossPsi: between(s, 2, 10),
    liquidLossPsi: between(s, 0.5, 4),
    liquidPickupF: between(s, 0, 1.5),
    loadShare: about(s, 0.8, 0.07, 0.62, 0.98),
    fanWPerCfm: between(s, 0.25, 0.5),
  };
}

/** A fault laid into a sound condition, of a severity from 0, hardly there, to 1. */
export function lay<C extends Departures>(fault: FaultName, severity: number, c: C): C {
  const to = (mild: number, hard: number): number => mild + (hard - mild) * severity;
  switch (fault) {
    case 'undercharge':
      return { ...c, chargeRatio: c.chargeRatio * to(0.9, 0.6) };
    case 'overcharge':
      return { ...c, chargeRatio: c.chargeRatio * to(1.15, 1.45) };
    case 'low-indoor-airflow':
      return { ...c, indoorAir: c.indoorAir * to(0.77, 0.45) };
    case 'outdoor-coil-blocked':
      return { ...c, outdoorAir: c.outdoorAir * to(0.68, 0.4), condenserClean: c.condenserClean * to(0.97, 0.8) };
    case 'liquid-restriction':
    case 'valve-starving':
      return { ...c, meterOpening: c.meterOpening * to(0.58, 0.33) };
    case 'orifice-too-small':
      return { ...c, meterOpening: c.meterOpening * to(0.86, 0.55) };
    case 'orifice-too-large':
      return { ...c, meterOpening: c.meterOpening * to(1.14, 1.5) };
    case 'valve-flooding':
      return { ...c, stuckOpen: to(0.78, 1) };
    case 'non-condensables':
      return { ...c, nonCondensablePsi: to(18, 60) };
    case 'weak-compressor':
      return { ...c, pumping: to(0.82, 0.55) };
    case 'reversing-valve-leak':
      return { ...c, bypassed: to(0.045, 0.15) };
    default:
      return c;
  }
}

export type Readings = {
  outdoorF: number;
  returnDryBulbF: number;
  returnWetBulbF: number;
  supplyDryBulbF: number;
  suctionPsig: number;
  liquidPsig: number;
  suctionLineF: number;
  liquidLineF: number;
  dischargeLineF: number;
  compressorA: number;
  airflowCfm: number;
};

export type Drawn = {
  fault: FaultName;
  severity: number;
  /** Which probe is spoilt and to which side: an index below PROBE_FAULTS. */
  probe?: number | undefined;
  refrigerant: Refrigerant;
  metering: Metering;
  nominalTons: number;
  targetSubcoolF: number;
  barometerPsia: number;
  ratedLoadA: number;
  readings: Readings;
  /** What a follow-up would find. */
  after: { drierDropF: number; offPsig: number; offF: number; compressorInletF: number; airflowCfm: number };
};

const SIZES = [1.5, 2, 2.5, 3, 3.5, 4, 5];
const MOST_TRIES = 40;

/** What of a drawn system is given, and a second fault that is laid in besides. */
export type Drawing = { metering?: Metering; refrigerant?: Refrigerant; second?: FaultName };

/** One seeded system with one fault, read by a crew; tries again where no coil or balance exists. */
export function drawSystem(seed: number, fault: FaultName, as: Drawing = {}): Drawn {
  const s: RandomState = { seed };
  for (let i = 0; i < MOST_TRIES; i++) {
    const drawn = tryDraw(s, fault, as);
    if (drawn) return drawn;
  }
  throw new Error(`no system of seed ${seed} with ${fault} settles`);
}

function tryDraw(s: RandomState, fault: FaultName, as: Drawing): Drawn | undefined {
  const refrigerant = as.refrigerant ?? oneOf(s, REFRIGERANTS);
  const metering = as.metering ?? (uniform(s) < 0.6 ? 'txv' : 'fixed-orifice');
  const unit = ratedUnit(drawDesign(s, refrigerant, metering));
  if (!unit) return undefined;
  const psia = barometerPsia(between(s, 0, 6500));
  const returnF = between(s, 70, 82);
  const humidity = between(s, 0.35, 0.65);
  const sound: Condition = {
    ...SOUND,
    outdoorF: between(s, 72, 112),
    returnF,
    returnWetBulbF: wetBulbAt(returnF, humidity, psia),
    barometerPsia: psia,
    chargeRatio: about(s, 1, 0.025, 0.94, 1.06),
    indoorAir: about(s, 1, 0.05, 0.88, 1.12),
    outdoorAir: about(s, 1, 0.03, 0.92, 1.08),
    condenserClean: between(s, 0.93, 1),
    meterOpening: about(s, 1, metering === 'txv' ? 0.05 : 0.03, 0.9, 1.1),
  };
  const severity = uniform(s);
  const first = lay(fault, severity, sound);
  const c = as.second ? lay(as.second, uniform(s), first) : first;
  const steady = solveSteady(unit, c);
  if (!steady.settled || !(steady.liquidPsia > 0)) return undefined;
  return readOff(s, { unit, c, steady, fault, severity });
}

function wetBulbAt(f: number, humidity: number, psia: number): number {
  let low = f - 40;
  let high = f;
  const wanted = humidity * ratioOf(f, f, psia);
  for (let i = 0; i < 30; i++) {
    const middle = (low + high) / 2;
    if (ratioOf(f, middle, psia) < wanted) low = middle;
    else high = middle;
  }
  return high;
}

type Run = { unit: Unit; c: Condition; steady: Steady; fault: FaultName; severity: number };

/** The plate, and what the probes of a crew show of a run. */
function readOff(s: RandomState, { unit, c, steady, fault, severity }: Run): Drawn {
  const nominalTons = oneOf(s, SIZES);
  const ratedLoadA = nominalTons * about(s, 4.7, 0.5, 3.4, 6.2);
  const noisy = (v: number, spread: number): number => v + spread * normal(s);
  const readings: Readings = {
    outdoorF: noisy(c.outdoorF, 0.8),
    returnDryBulbF: noisy(c.returnF, 0.4),
    returnWetBulbF: noisy(c.returnWetBulbF, 0.5),
    supplyDryBulbF: noisy(steady.supplyDryBulbF, 0.7),
    suctionPsig: noisy(steady.suctionPsia - c.barometerPsia, 0.8),
    liquidPsig: noisy(steady.liquidPsia - c.barometerPsia, 2),
    suctionLineF: noisy(steady.suctionLineF, 0.8),
    liquidLineF: noisy(steady.liquidLineF, 0.6),
    dischargeLineF: noisy(steady.dischargeLineF - between(s, 0, 8), 2),
    compressorA: ratedLoadA * unit.loadShare * steady.load * noisy(1, 0.03),
    airflowCfm: nominalTons * unit.cfmPerTon * c.indoorAir * noisy(1, 0.06),
  };
  const offF = noisy(c.outdoorF, 1);
  const probe = fault === 'probe-doubt' ? Math.floor(uniform(s) * PROBE_FAULTS) : undefined;
  const read = probe === undefined ? readings : spoilt(probe, severity, readings);
  return {
    fault,
    severity,
    probe,
    refrigerant: unit.refrigerant,
    metering: unit.metering,
    nominalTons,
    targetSubcoolF: Math.round(unit.subcoolingF),
    barometerPsia: c.barometerPsia,
    ratedLoadA,
    readings: read,
    after: {
      drierDropF: Math.abs(noisy(fault === 'liquid-restriction' ? 4 + 14 * severity : 0.6, 0.7)),
      offPsig: noisy(bubblePsia(unit.refrigerant, c.outdoorF) + 0.9 * c.nonCondensablePsi - c.barometerPsia, 1.5),
      offF,
      compressorInletF: noisy(steady.compressorInletF, 1),
      airflowCfm: readings.airflowCfm,
    },
  };
}

/** Clamps toward the outdoor air or in the sun, gauges low and high, air probes, a dry sock. */
export const PROBE_FAULTS = 11;

/** One probe that shows something else than what is there. */
function spoilt(probe: number, severity: number, r: Readings): Readings {
  const far = (low: number, high: number): number => low + (high - low) * severity;
  switch (probe) {
    case 0:
      return { ...r, suctionLineF: r.suctionLineF + far(0.25, 0.75) * (r.outdoorF - r.suctionLineF) };
    case 1:
      return { ...r, liquidLineF: r.liquidLineF + far(0.35, 0.85) * (r.outdoorF - r.liquidLineF) };
    case 2:
      return { ...r, liquidLineF: r.liquidLineF + far(4, 14) };
    case 3:
      return { ...r, outdoorF: r.outdoorF + far(6, 18) };
    case 4:
      return { ...r, suctionPsig: r.suctionPsig * (1 - far(0.08, 0.22)) };
    case 5:
      return { ...r, suctionPsig: r.suctionPsig * (1 + far(0.08, 0.22)) };
    case 6:
      return { ...r, liquidPsig: r.liquidPsig * (1 - far(0.07, 0.2)) };
    case 7:
      return { ...r, liquidPsig: r.liquidPsig * (1 + far(0.07, 0.2)) };
    case 8:
      return { ...r, supplyDryBulbF: r.supplyDryBulbF + far(5, 12) };
    case 9:
      return { ...r, supplyDryBulbF: r.supplyDryBulbF - far(5, 12) };
    default:
      return { ...r, returnWetBulbF: r.returnDryBulbF - far(2.5, 0.2) };
  }
}
