import type { Call } from '@/core/finding/run-mode';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { MIDDLE, ratedUnit, type Unit } from './unit/design';
import { solveHeating } from './unit/heating';
import { solveSteady } from './unit/steady';

/** What is true of the simulated system and its surroundings at one moment. Faults are departures from 1 or 0. */
export type SystemInput = {
  refrigerant: Refrigerant;
  metering: 'txv' | 'fixed-orifice';
  tons: number;
  volts: number;
  call: Call;
  /** The low one of two stages. */
  low: boolean;
  /** Of full, where an inverter turns it slower. */
  speedShare?: number;
  chargeRatio: number;
  outdoorF: number;
  returnF: number;
  returnWetBulbF: number;
  barometerPsia: number;
  /** Fractions of nominal: indoor airflow, outdoor airflow, condenser cleanness, meter opening, compressor health. */
  indoorAir: number;
  outdoorAir: number;
  condenserClean: number;
  meterOpening: number;
  compressorHealth: number;
  nonCondensablePsi: number;
  /** A valve that stays open by this share of its stroke; discharge that leaks over into the suction, as a share. */
  stuckOpen?: number;
  bypassed?: number;
  /** Of the outdoor coil in heating: 0 clear, 1 closed. */
  frost: number;
};

/** What its pipes and its air come to. */
export type SystemOutput = {
  suctionPsia: number;
  liquidPsia: number;
  /** At the vapor service valve: cold gas in cooling, hot gas in heating. */
  vaporLineF: number;
  liquidLineF: number;
  dischargeLineF: number;
  compressorSuctionF: number;
  supplyF: number;
  compressorA: number;
  /** Surface of the outdoor coil: frost settles on it. */
  outdoorCoilF: number;
};

/** Watts over volt-amperes of a loaded compressor (invented). */
const POWER_FACTOR = 0.96;
/** A low stage pumps this share of the full one, with this share of the air (invented, of the usual size). */
export const LOW_STAGE = { displacement: 0.67, air: 0.8 } as const;
/** Hot gas cools by this on its way to the vapor service valve, °F (invented). */
export const HOT_LINE_F = 8;

const UNITS = new Map<string, Unit>();
/** The unit of middling figures, rated once. */
function unitFor(refrigerant: Refrigerant, metering: SystemInput['metering']): Unit {
  const key = `${refrigerant} ${metering}`;
  const unit = UNITS.get(key) ?? ratedUnit({ ...MIDDLE, refrigerant, metering });
  if (!unit) throw new Error(`no unit for ${key}`);
  UNITS.set(key, unit);
  return unit;
}

/** The blower of an inverter slows down less than its compressor (invented, of the usual size). */
const AIR_AT_REST = 0.45;
export const airOfSpeed = (share: number): number => AIR_AT_REST + (1 - AIR_AT_REST) * share;

/** The steady state of the simulated system, in cooling or heating, at either stage or any speed; deterministic. */
export function solveSystem(i: SystemInput): SystemOutput {
  const full = unitFor(i.refrigerant, i.metering);
  const speed = i.speedShare ?? 1;
  const displacement = (i.low ? LOW_STAGE.displacement : 1) * speed;
  const unit = displacement === 1 ? full : { ...full, displacementFt3H: full.displacementFt3H * displacement };
  const indoorAir = (i.low ? LOW_STAGE.air : airOfSpeed(speed)) * i.indoorAir;
  const common = {
    outdoorF: i.outdoorF,
    returnF: i.returnF,
    barometerPsia: i.barometerPsia,
    chargeRatio: i.chargeRatio,
    indoorAir,
    outdoorAir: i.outdoorAir,
    pumping: i.compressorHealth,
    bypassed: i.bypassed ?? 0,
  };
  const amps = (w: number): number => (w * i.tons) / (i.volts * POWER_FACTOR);
  if (i.call === 'heating') {
    const s = solveHeating(unit, { ...common, frost: i.frost });
    return {
      suctionPsia: s.suctionPsia,
      liquidPsia: s.liquidPsia,
      vaporLineF: s.dischargeLineF - HOT_LINE_F,
      liquidLineF: s.liquidLineF,
      dischargeLineF: s.dischargeLineF,
      compressorSuctionF: s.suctionLineF,
      supplyF: s.supplyDryBulbF,
      compressorA: amps(s.compressorW),
      outdoorCoilF: (s.evaporatingF + i.outdoorF) / 2,
    };
  }
  const s = solveSteady(unit, {
    ...common,
    returnWetBulbF: Math.min(i.returnWetBulbF, i.returnF),
    condenserClean: i.condenserClean,
    meterOpening: i.meterOpening,
    stuckOpen: i.stuckOpen ?? 0,
    nonCondensablePsi: i.nonCondensablePsi,
  });
  return {
    suctionPsia: s.suctionPsia,
    liquidPsia: s.liquidPsia,
    vaporLineF: s.suctionLineF,
    liquidLineF: s.liquidLineF,
    dischargeLineF: s.dischargeLineF,
    compressorSuctionF: s.compressorInletF,
    supplyF: s.supplyDryBulbF,
    compressorA: amps(s.compressorW),
    outdoorCoilF: i.outdoorF,
  };
}
