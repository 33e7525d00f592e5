import { effectiveCfm, type Hoses } from '@/core/circuit/vacuum/pull-down';
import { waterMicrons } from '@/core/circuit/vacuum/water-saturation';
import { normal, type RandomState } from '@/core/numeric/random';

/** A circuit on a vacuum pump: air, water vapour, liquid water, a dead end, a leak, and a gauge that may lie. */
export type VacuumConfig = {
  seed: number;
  volumeFt3: number;
  pumpCfm: number;
  hoses: Hoses;
  pipeF: number;
  /** Air that leaks in, µm·ft³/min. */
  leakMicronCfm: number;
  gauge: 'right' | 'fouled' | 'lost';
};

export type VacuumState = {
  bench: 'vacuum';
  seconds: number;
  random: RandomState;
  pumpOn: boolean;
  /** The valve between system and pump. */
  open: boolean;
  airMicrons: number;
  waterMicrons: number;
  /** Liquid water or ice still in the pipes, oz, and its temperature. */
  waterOz: number;
  waterF: number;
  /** Gas in a far corner and in the oil, evening out slowly. */
  deadMicrons: number;
  /** How wet the pump's oil is, 0 fresh to 1. */
  oilWet: number;
  /** The gauge itself drifts when it is fouled. */
  drift: number;
  reading: number;
};

export type VacuumCommand =
  | { kind: 'pump'; on: boolean }
  | { kind: 'valve'; open: boolean }
  | { kind: 'sweep'; psig: number }
  | { kind: 'break'; psig: number }
  | { kind: 'oil' }
  | {
      kind: 'configure';
      change: Partial<Pick<VacuumConfig, 'pipeF' | 'leakMicronCfm' | 'gauge'>> & {
        waterOz?: number;
        coresIn?: boolean;
      };
    };

const ATM_MICRONS = 760_000;
const MICRONS_PER_PSI = 51_714.9;
/** Share of the volume in corners and oil, and how fast it evens out, s. Invented. */
const DEAD_SHARE = 0.06;
const DEAD_TAU_S = 45;
/** Fresh oil ends here, µm; soaked oil this much higher. Invented. */
const OIL_FRESH_MICRONS = 15;
const OIL_WET_MICRONS = 700;
/** Ounces of water that soak a pump's oil. Invented. */
const OIL_SOAKS_OZ = 0.4;
/** Conductance of evaporation from wet pipe, ft³/min. Invented. */
const EVAPORATION_CFM = 0.9;
/** One ounce of water as vapour at room temperature, µm·ft³: n R T. */
const MICRON_FT3_PER_OZ = 1_019_000;
/** Evaporation chills the water; the pipe warms it again. Btu: 1,060 an ounce/16; warming per °F and minute. Invented. */
const CHILL_F_PER_OZ = 1300;
const WARM_TAU_S = 260;
const NOISE = 0.012;
const LOWEST_MICRONS = 1;

export function newVacuum(config: VacuumConfig, waterOz = 0): VacuumState {
  return {
    bench: 'vacuum',
    seconds: 0,
    random: { seed: config.seed | 0 },
    pumpOn: false,
    open: true,
    airMicrons: ATM_MICRONS,
    waterMicrons: 0,
    waterOz,
    waterF: config.pipeF,
    deadMicrons: ATM_MICRONS,
    oilWet: 0,
    drift: 0,
    reading: ATM_MICRONS,
  };
}

export function orderVacuum(
  config: VacuumConfig,
  state: VacuumState,
  order: VacuumCommand,
): { config: VacuumConfig; state: VacuumState } {
  const next = structuredClone(state);
  switch (order.kind) {
    case 'pump':
      next.pumpOn = order.on;
      if (order.on) next.open = true;
      return { config, state: next };
    case 'valve':
      next.open = order.open;
      return { config, state: next };
    case 'sweep':
    case 'break':
      // Dry gas from a cylinder; a sweep leaves the pump valved off while it soaks.
      next.open = false;
      next.airMicrons = ATM_MICRONS + order.psig * MICRONS_PER_PSI;
      next.deadMicrons = next.airMicrons;
      // A soak carries vapour off with it when it is pulled again.
      next.waterOz = Math.max(0, next.waterOz * 0.35 - 0.01);
      return { config, state: next };
    case 'oil':
      next.oilWet = 0;
      return { config, state: next };
    case 'configure': {
      const { waterOz, coresIn, ...change } = order.change;
      if (waterOz !== undefined) next.waterOz = waterOz;
      const hoses = coresIn === undefined ? config.hoses : { ...config.hoses, coresIn };
      return { config: { ...config, ...change, hoses }, state: next };
    }
  }
}

/** Moves the circuit on; each species leaves with the pump's speed at the total pressure, exactly over the step. */
export function advanceVacuum(config: VacuumConfig, s: VacuumState, dt: number): void {
  s.seconds += dt;
  const minutes = dt / 60;
  const total = Math.max(LOWEST_MICRONS, s.airMicrons + s.waterMicrons);
  const pulling = s.pumpOn && s.open;
  const speed = pulling ? effectiveCfm(config.pumpCfm, config.hoses, total) : 0;
  const floor = OIL_FRESH_MICRONS + OIL_WET_MICRONS * s.oilWet;
  // Air: pumped out, leaking in, evening out with the dead end.
  const exchange = (DEAD_SHARE * config.volumeFt3) / (DEAD_TAU_S / 60);
  const out = speed + exchange;
  const inflow = speed * floor + exchange * s.deadMicrons + config.leakMicronCfm * Math.max(0, 1 - total / ATM_MICRONS);
  if (out > 0) {
    const ends = inflow / out;
    s.airMicrons = ends + (s.airMicrons - ends) * Math.exp((-out * minutes) / config.volumeFt3);
  } else s.airMicrons += (inflow * minutes) / config.volumeFt3;
  s.deadMicrons += (s.airMicrons - s.deadMicrons) * (1 - Math.exp(-dt / DEAD_TAU_S));
  // Water: boils off toward its own pressure while there is any, chills as it goes.
  s.waterF = config.pipeF + (s.waterF - config.pipeF) * Math.exp(-dt / WARM_TAU_S);
  const boils = waterMicrons(Math.max(-60, Math.min(200, s.waterF)));
  const wet = s.waterOz > 0 ? EVAPORATION_CFM : 0;
  const waterOut = speed + wet;
  if (waterOut > 0) {
    const ends = (wet * boils) / waterOut;
    const before = s.waterMicrons;
    s.waterMicrons = ends + (before - ends) * Math.exp((-waterOut * minutes) / config.volumeFt3);
    const mean = (before + s.waterMicrons) / 2;
    const evaporated = Math.max(0, (wet * (boils - mean) * minutes) / MICRON_FT3_PER_OZ);
    const gone = Math.min(s.waterOz, evaporated);
    s.waterOz -= gone;
    if (s.waterOz < 1e-5) s.waterOz = 0;
    s.waterF -= gone * CHILL_F_PER_OZ;
    if (pulling) s.oilWet = Math.min(1, s.oilWet + (speed * mean * minutes) / MICRON_FT3_PER_OZ / OIL_SOAKS_OZ);
  }
  s.drift = config.gauge === 'fouled' ? s.drift * 0.995 + normal(s.random) * 0.06 : 0;
  const real = Math.max(LOWEST_MICRONS, s.airMicrons + s.waterMicrons);
  s.reading = real * Math.exp(s.drift);
}

/** A thermal gauge steps in tenths below 100 µm no finer than this share of what it reads. */
const step = (v: number): number => (v < 2_000 ? 1 : v < 20_000 ? 10 : 100);

export const VACUUM_CHANNELS = ['microns', 'pipeF'] as const;
export function sampleVacuum(
  config: VacuumConfig,
  s: VacuumState,
): Record<(typeof VACUUM_CHANNELS)[number], number | null> {
  const noisy = s.reading * (1 + normal(s.random) * NOISE);
  return {
    microns: config.gauge === 'lost' ? null : Math.max(LOWEST_MICRONS, Math.round(noisy / step(noisy)) * step(noisy)),
    pipeF: Number((config.pipeF + normal(s.random) * 0.1).toFixed(1)),
  };
}
