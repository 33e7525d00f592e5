import { airThrough, type Blower } from './blower';
import { type Burner, fireOf } from './burner';
import { type Strips, stripPower } from './strips';

/** Instruments of the air side, the strips and the fire that read nothing real: each figure to what such a tool shows. */
const hundredth = (v: number): number => Math.round(v * 100) / 100;
const tenth = (v: number): number => Math.round(v * 10) / 10;

/** The plate of an ordinary blower, in. w.c. */
const RATED_IN_WC = 0.5;

/** Static read on a simulated blower with its filter loaded so many times. */
export function readStatic(blower: Blower, loaded: number) {
  const air = airThrough(blower, loaded);
  return {
    returnInWc: hundredth(air.returnInWc),
    supplyInWc: hundredth(air.supplyInWc),
    filterInWc: hundredth(air.filterInWc),
    coilInWc: null,
    ratedInWc: RATED_IN_WC,
    simulated: true,
  };
}

/** One stage of simulated strips as it is read alone, at a supply that sags a little under it. */
const SAG_V = 3;
const APART_S = 15;
export function readStrip(strips: Strips, stage: number, volts: number) {
  const loaded = volts - SAG_V;
  const { amps } = stripPower(strips, 1, loaded);
  return {
    stage,
    kw: hundredth(strips.kw / strips.stages),
    ratedVolts: 240,
    volts: loaded,
    amps: tenth(amps),
    blowerFirst: true,
    apartS: stage > 1 ? APART_S : null,
    lockout: 'held off' as const,
    simulated: true,
  };
}

/** A simulated furnace on natural gas, adjusted to its plate, with everything that is read of it but the vent. */
const PLATE = { riseLowF: 35, riseHighF: 65, manifoldInWc: 3.5, lowManifoldInWc: 1.7, inletInWc: 7 };
const DIAL_FT3 = 2;
const HEATING_VALUE = 1030;
/** The low stage: of the fire, and of the air that its blower gives then. */
const LOW_FIRE = 0.65;
const LOW_AIR = 0.75;
const S_PER_H = 3600;
export function readFurnace(burner: Pick<Burner, 'inputBtuh' | 'elevationFt' | 'cfm'>, stages: number) {
  const of = (stage: number) =>
    fireOf({
      ...burner,
      efficiency: 0.8,
      plateManifoldInWc: PLATE.manifoldInWc,
      manifoldInWc: PLATE.manifoldInWc,
      derated: true,
      stage,
    });
  const full = of(1);
  const low = of(LOW_FIRE);
  return {
    fuel: 'natural gas' as const,
    inletInWc: PLATE.inletInWc,
    manifoldInWc: PLATE.manifoldInWc,
    plateManifoldInWc: PLATE.manifoldInWc,
    riseF: tenth(full.riseF),
    plateRiseLowF: PLATE.riseLowF,
    plateRiseHighF: PLATE.riseHighF,
    coAirFreePpm: Math.round(full.coAirFreePpm),
    roomCoPpm: 0,
    ranMin: 15,
    meter: 'clocked' as const,
    dialFt3: DIAL_FT3,
    turns: 2,
    seconds: tenth((2 * DIAL_FT3 * HEATING_VALUE * S_PER_H) / full.inputBtuh),
    heatingValue: HEATING_VALUE,
    plateInputBtuh: burner.inputBtuh,
    ...(stages > 1
      ? {
          lowManifoldInWc: PLATE.lowManifoldInWc,
          plateLowManifoldInWc: PLATE.lowManifoldInWc,
          lowRiseF: tenth(low.riseF / LOW_AIR),
        }
      : {}),
    limit: 'stopped it' as const,
    rollout: 'stopped it' as const,
    pressureSwitch: 'stopped it' as const,
    doorSwitch: 'stopped it' as const,
    simulated: true,
  };
}
