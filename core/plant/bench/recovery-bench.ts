import { normal, type RandomState, uniform } from '@/core/numeric/random';
import { bubblePsia, dewPsia, vapourLbFt3 } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';

/** An old system, a recovery machine and a cylinder on its scale. Everything is invented but the physics. */
export type RecoveryConfig = {
  seed: number;
  refrigerant: Refrigerant;
  barometerPsia: number;
  outdoorF: number;
  /** Inside volumes of the low side (coil and lines) and of the outdoor unit, ft³. */
  lowFt3: number;
  outdoorFt3: number;
  /** How fast a service valve leaks back through, 0 tight. */
  valveLeaks: number;
  /** The cylinder on the scale: null before one is put there. */
  cylinderId: string | null;
  /** What it may hold, oz; its float switch stops the machine before it. */
  cylinderLimitOz: number;
  cylinderTareOz: number;
  waterCapacityLb: number;
  chilled: boolean;
};

export type RecoveryState = {
  bench: 'recovery';
  seconds: number;
  random: RandomState;
  running: boolean;
  machineOn: boolean;
  liquidOpen: boolean;
  vapourOpen: boolean;
  lowLb: number;
  highLb: number;
  /** Refrigerant dissolved in oil, given back slowly after the stop. */
  oilLb: number;
  lowF: number;
  cylinderF: number;
  cylinderLb: number;
  lowPsia: number;
  highPsia: number;
  /** Cylinder weight when the machine was last started, oz. */
  startGrossOz: number | null;
  /** The machine was stopped by the cylinder's limit. */
  atLimit: boolean;
};

export type RecoveryCommand =
  | { kind: 'call'; on: boolean }
  | { kind: 'liquid-valve'; open: boolean }
  | { kind: 'vapour-valve'; open: boolean }
  | { kind: 'machine'; on: boolean }
  | { kind: 'cylinder'; cylinder: BenchCylinder }
  | { kind: 'configure'; change: Partial<Pick<RecoveryConfig, 'outdoorF' | 'valveLeaks' | 'chilled'>> };

/** A cylinder as it is put on the scale. */
export type BenchCylinder = {
  id: string;
  tareOz: number;
  waterCapacityLb: number;
  contentsOz: number;
  limitOz: number;
};

/** The machine stops this much before the limit, as a float switch does (design default), oz. */
export const STOP_BEFORE_OZ = 4;

/** Compressor takes this share of the low side's vapour density × this volume a minute. Invented. */
const COMPRESSOR_CFM = 1.3;
/** Recovery machine: vapour volume a minute, and liquid while there is any, lb/min. Invented. */
const MACHINE_CFM = 0.55;
const MACHINE_LIQUID_LB_MIN = 3.2;
const OIL_SHARE = 0.004;
const OIL_TAU_S = 420;
const PRESSURE_TAU_S = 2;
const COIL_WARM_TAU_S = 200;
const COIL_COLD_TAU_S = 40;
const HEAT_F_PER_LB = 2.4;
const CYLINDER_TAU_S = 1500;
const CHILLED_F = 45;
const CHILLED_TAU_S = 240;
const OZ_PER_LB = 16;
const SCALE_STEP_OZ = 0.5;
const TABLE_LOW_F = -58;
const TABLE_HIGH_F = 148;

const clampF = (f: number): number => Math.max(TABLE_LOW_F, Math.min(TABLE_HIGH_F, f));

/** Pressure of a mass in a volume at a temperature: saturated while there is liquid, by its density after. */
function pressureOf(r: Refrigerant, lb: number, ft3: number, temperatureF: number): number {
  const f = clampF(temperatureF);
  const saturated = lb / ft3 / vapourLbFt3(r, f);
  return saturated >= 1 ? bubblePsia(r, f) : dewPsia(r, f) * saturated;
}

export function newRecovery(config: RecoveryConfig, chargeLb: number, cylinderLb: number): RecoveryState {
  const oilLb = chargeLb * OIL_SHARE;
  const free = chargeLb - oilLb;
  const psia = pressureOf(config.refrigerant, free, config.lowFt3 + config.outdoorFt3, config.outdoorF);
  return {
    bench: 'recovery',
    seconds: 0,
    random: { seed: config.seed | 0 },
    running: false,
    machineOn: false,
    liquidOpen: true,
    vapourOpen: true,
    lowLb: free * (config.lowFt3 / (config.lowFt3 + config.outdoorFt3)),
    highLb: free * (config.outdoorFt3 / (config.lowFt3 + config.outdoorFt3)),
    oilLb,
    lowF: config.outdoorF,
    cylinderF: config.outdoorF,
    cylinderLb,
    lowPsia: psia,
    highPsia: psia,
    startGrossOz: null,
    atLimit: false,
  };
}

export function orderRecovery(
  config: RecoveryConfig,
  state: RecoveryState,
  order: RecoveryCommand,
): { config: RecoveryConfig; state: RecoveryState } {
  const next = structuredClone(state);
  switch (order.kind) {
    case 'call':
      next.running = order.on;
      return { config, state: next };
    case 'liquid-valve':
      next.liquidOpen = order.open;
      return { config, state: next };
    case 'vapour-valve':
      next.vapourOpen = order.open;
      return { config, state: next };
    case 'machine':
      if (order.on && !next.machineOn) next.startGrossOz = grossOz(config, next);
      next.machineOn = order.on;
      if (order.on) next.atLimit = false;
      return { config, state: next };
    case 'cylinder': {
      if (next.machineOn) return { config, state: next };
      const { id, tareOz, waterCapacityLb, contentsOz, limitOz } = order.cylinder;
      next.cylinderLb = contentsOz / OZ_PER_LB;
      next.cylinderF = config.outdoorF;
      next.startGrossOz = null;
      next.atLimit = false;
      return {
        config: { ...config, cylinderId: id, cylinderTareOz: tareOz, waterCapacityLb, cylinderLimitOz: limitOz },
        state: next,
      };
    }
    case 'configure':
      return { config: { ...config, ...order.change }, state: next };
  }
}

const grossOz = (config: RecoveryConfig, s: RecoveryState): number =>
  Math.round((config.cylinderTareOz + s.cylinderLb * OZ_PER_LB) / SCALE_STEP_OZ) * SCALE_STEP_OZ;

export function advanceRecovery(config: RecoveryConfig, s: RecoveryState, dt: number): void {
  s.seconds += dt;
  const { refrigerant: r } = config;
  const minutes = dt / 60;
  const joined = s.liquidOpen && s.vapourOpen;
  // Oil gives its refrigerant back where the pressure is low; cold boiling coil warms again to the house.
  const given = s.lowPsia < 60 ? s.oilLb * (1 - Math.exp(-dt / OIL_TAU_S)) : 0;
  s.oilLb -= given;
  s.lowLb += given;
  s.lowF +=
    ((s.running ? 42 : config.outdoorF - 6) - s.lowF) *
    (1 - Math.exp(-dt / (s.running ? COIL_COLD_TAU_S : COIL_WARM_TAU_S)));
  if (s.running && s.vapourOpen) {
    const density = Math.min(vapourLbFt3(r, clampF(s.lowF)), s.lowLb / config.lowFt3);
    const moved = Math.min(s.lowLb, COMPRESSOR_CFM * density * minutes);
    s.lowLb -= moved;
    s.highLb += moved;
    if (s.liquidOpen) {
      // In balance with the meter: what the compressor moves comes back as liquid.
      s.lowLb += moved;
      s.highLb -= moved;
    }
  }
  if (s.machineOn) {
    recover(config, s, minutes);
    if (s.cylinderLb * OZ_PER_LB >= config.cylinderLimitOz - STOP_BEFORE_OZ) {
      s.machineOn = false;
      s.atLimit = true;
    }
  }
  if (joined && !s.running) even(config, s, dt);
  else if (config.valveLeaks > 0 && s.highPsia > s.lowPsia) {
    const back = Math.min(s.highLb, config.valveLeaks * 0.0008 * (s.highPsia - s.lowPsia) * minutes);
    s.highLb -= back;
    s.lowLb += back;
  }
  const lag = 1 - Math.exp(-dt / PRESSURE_TAU_S);
  const highF = s.running ? config.outdoorF + 22 : config.outdoorF;
  s.lowPsia += (pressureOf(r, s.lowLb, config.lowFt3, s.lowF) - s.lowPsia) * lag;
  s.highPsia += (pressureOf(r, s.highLb, config.outdoorFt3, highF) - s.highPsia) * lag;
  const ends = config.chilled ? CHILLED_F : config.outdoorF;
  s.cylinderF += (ends - s.cylinderF) * (1 - Math.exp(-dt / (config.chilled ? CHILLED_TAU_S : CYLINDER_TAU_S)));
}

function recover(config: RecoveryConfig, s: RecoveryState, minutes: number): void {
  const { refrigerant: r } = config;
  const liquid = s.highLb + s.lowLb > (config.lowFt3 + config.outdoorFt3) * vapourLbFt3(r, clampF(s.lowF)) * 1.15;
  const density = Math.min(vapourLbFt3(r, clampF(s.lowF)), s.lowLb / config.lowFt3);
  // A hot cylinder pushes back.
  const back = Math.max(0.25, 1 - Math.max(0, s.cylinderF - 95) / 60);
  const wanted = (liquid ? MACHINE_LIQUID_LB_MIN : MACHINE_CFM * density) * back * minutes;
  const fromHigh =
    s.liquidOpen || s.vapourOpen ? Math.min(s.highLb, wanted * (s.highLb / Math.max(1e-6, s.highLb + s.lowLb))) : 0;
  const fromLow = Math.min(s.lowLb, wanted - fromHigh);
  s.highLb -= fromHigh;
  s.lowLb -= fromLow;
  s.cylinderLb += fromHigh + fromLow;
  s.cylinderF = Math.min(TABLE_HIGH_F, s.cylinderF + (fromHigh + fromLow) * HEAT_F_PER_LB);
}

/** With both valves open and nothing running, mass evens out by pressure. */
function even(config: RecoveryConfig, s: RecoveryState, dt: number): void {
  const whole = s.lowLb + s.highLb;
  const share = config.lowFt3 / (config.lowFt3 + config.outdoorFt3);
  s.lowLb += (whole * share - s.lowLb) * (1 - Math.exp(-dt / 30));
  s.highLb = whole - s.lowLb;
}

const tenth = (v: number): number => Math.round(v * 10) / 10;

export const RECOVERY_CHANNELS = ['suctionPsig', 'liquidPsig', 'scaleOz', 'cylinderPsig', 'cylinderF'] as const;
export function sampleRecovery(
  config: RecoveryConfig,
  s: RecoveryState,
): Record<(typeof RECOVERY_CHANNELS)[number], number> {
  const noise = (): number => normal(s.random) * 0.15;
  return {
    suctionPsig: tenth(s.lowPsia - config.barometerPsia + noise()),
    liquidPsig: tenth(s.highPsia - config.barometerPsia + noise()),
    scaleOz: grossOz(config, s),
    cylinderPsig: tenth(bubblePsia(config.refrigerant, clampF(s.cylinderF)) - config.barometerPsia + noise()),
    cylinderF: tenth(s.cylinderF + 0.1 * (uniform(s.random) - 0.5)),
  };
}
