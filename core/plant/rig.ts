import { barometerPsia } from '@/core/air/moist-air';
import { callOf, isLowStage, type RunMode } from '@/core/finding/run-mode';
import { normal, type RandomState, uniform } from '@/core/numeric/random';
import { bubbleF, bubblePsia, dewF } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { sensibleFactor } from '@/core/startup/capacity';
import { airThrough, type Blower } from './air/blower';
import { type Strips, stripPower, stripRiseF } from './air/strips';
import {
  CHANNELS,
  type Channel,
  LOOSE_FRACTION,
  PROBES,
  type ProbeFault,
  type ProbeOff,
  readOffBy,
  SUN_BIAS_F,
} from './channels';
import { defrosting, frosting } from './frost';
import { leakedOz, type Onset, type OnsetKind, withOnset } from './onset';
import { airOfSpeed, HOT_LINE_F, LOW_STAGE, type SystemInput, type SystemOutput, solveSystem } from './system';

/** The simulated system and its surroundings: chosen once, changed from the bench drawer. */
export type RigConfig = {
  seed: number;
  refrigerant: Refrigerant;
  metering: 'txv' | 'fixed-orifice';
  tons: number;
  /** What the thermostat calls for, and at which stage. */
  mode: RunMode;
  volts: number;
  elevationFt: number;
  outdoorF: number;
  indoorF: number;
  indoorWetBulbF: number;
  /** Where the house air settles while the system runs. */
  indoorEndF: number;
  /** The charge at which this system balances. */
  nominalChargeOz: number;
  outdoorFanA: number;
  indoorAir: number;
  outdoorAir: number;
  condenserClean: number;
  meterOpening: number;
  compressorHealth: number;
  nonCondensablePsi: number;
  /** A meter that stays open, a reversing valve that leaks over: shares, nothing where both are sound. */
  stuckOpen?: number;
  bypassed?: number;
  probeFaults: Partial<Record<Channel, ProbeFault>>;
  /** Probes that are off by an amount of their own. */
  probeOff?: Partial<Record<Channel, ProbeOff>>;
  /** What its blower is and blows against, and how many times its clean drop the filter costs; 1 where nothing is said. */
  blower?: Blower;
  filterLoaded?: number;
  /** Electric heat behind the coil, and how many stages of it are on. */
  strips?: Strips;
  stripsOn?: number;
  /** What comes on while it runs. */
  onset?: Onset;
  /** An inverter shows its speed, this much at full; in its maker's test mode it holds that. Undefined of a single speed. */
  inverter?: { fullSpeed: number; testMode: boolean };
};

type Plumbing = 'charge' | 'recovery';

/** Everything that moves; plain data, so it can be saved with each chunk and taken up again. */
export type RigState = {
  seconds: number;
  random: RandomState;
  running: boolean;
  /** Seconds since the compressor last started or stopped. */
  sinceSwitchS: number;
  cutout: 'none' | 'high-pressure' | 'low-pressure';
  chargeOz: number;
  houseF: number;
  houseWetBulbF: number;
  /** True (unlagged by probes) physical values that follow the steady solution. */
  suctionPsia: number;
  liquidPsia: number;
  superheatF: number;
  subcoolingF: number;
  dischargeLineF: number;
  supplyF: number;
  compressorA: number;
  probes: Partial<Record<Channel, number>>;
  cylinder: { on: Plumbing; grossOz: number; valveOpen: boolean; moveLeftOz: number };
  /** Frost on the outdoor coil, 0 clear to 1 closed; seconds of a defrost that runs. */
  frost: number;
  defrostS: number | null;
  /** Of full; moves only where the system is an inverter. */
  speedShare?: number;
  solved?: { key: string; output: SystemOutput };
};

export type RigCommand =
  | { kind: 'start' }
  | { kind: 'stop' }
  | { kind: 'weigh-in'; oz: number }
  | { kind: 'recover'; oz: number }
  | { kind: 'close-valve' }
  /** The pins of the defrost board are bridged. */
  | { kind: 'defrost' }
  | {
      kind: 'configure';
      change: Partial<Omit<RigConfig, 'seed' | 'refrigerant' | 'metering' | 'inverter' | 'onset'>> & {
        testMode?: boolean;
        onset?: OnsetKind | 'none';
      };
    };

/** Time constants of the system itself, s. Design defaults. */
const TAU = { pressure: 25, amps: 8, superheat: 60, subcooling: 150, supply: 90, off: 90, house: 2400 };
/** Liquid into the high side of a stopped system, and throttled into the suction of a running one, oz a minute. */
const FILL_OZ_PER_MIN = 48;
const THROTTLED_OZ_PER_MIN = 4;
const RECOVER_OZ_PER_MIN = 6;
/** Set below the top of the saturation range (150 °F), so that the rig trips before its model ends. Invented. */
const HIGH_CUTOUT_PSIG = 575;
const LOW_CUTOUT_PSIG = 25;
const LOW_CUTOUT_HEATING_PSIG = 5;
/** Where the house settles while it is heated, °F. */
const WARM_END_F = 71;
/** A cylinder valve is closed by hand: it stops up to this much late. */
const OVERSHOOT_OZ = 0.2;
/** Below this share of its charge the solver is not asked. */
const LEAST_RATIO = 0.35;

export function newRig(config: RigConfig, chargeOz: number): RigState {
  const atRest = restPressure(config, chargeOz);
  return {
    seconds: 0,
    random: { seed: config.seed | 0 },
    running: false,
    sinceSwitchS: 0,
    cutout: 'none',
    chargeOz,
    houseF: config.indoorF,
    houseWetBulbF: config.indoorWetBulbF,
    suctionPsia: atRest,
    liquidPsia: atRest,
    superheatF: 0,
    subcoolingF: 0,
    dischargeLineF: config.outdoorF,
    supplyF: config.indoorF,
    compressorA: 0,
    probes: {},
    frost: 0,
    defrostS: null,
    cylinder: { on: 'charge', grossOz: 640, valveOpen: false, moveLeftOz: 0 },
  };
}

/** A foreign gas spreads over the whole circuit at rest: what is left of its pressure in the condenser (invented). */
const REST_GAS_SHARE = 0.9;

/** Equalised pressure of a stopped system: saturation at the outdoor air while any liquid is left, and any foreign gas besides. */
function restPressure(config: RigConfig, chargeOz: number): number {
  const saturated = bubblePsia(config.refrigerant, Math.min(140, config.outdoorF));
  // A tenth of the charge is about what fills the volume with vapour; below that pressure falls with the mass.
  return saturated * Math.min(1, chargeOz / (0.1 * config.nominalChargeOz)) + REST_GAS_SHARE * config.nonCondensablePsi;
}

export function command(config: RigConfig, state: RigState, order: RigCommand): { config: RigConfig; state: RigState } {
  const next: RigState = { ...state, cylinder: { ...state.cylinder } };
  switch (order.kind) {
    case 'start':
      return { config, state: { ...next, running: true, cutout: 'none', sinceSwitchS: 0, defrostS: null } };
    case 'stop':
      return { config, state: { ...next, running: false, sinceSwitchS: 0 } };
    case 'weigh-in':
    case 'recover': {
      const on: Plumbing = order.kind === 'weigh-in' ? 'charge' : 'recovery';
      const grossOz = next.cylinder.on === on ? next.cylinder.grossOz : on === 'charge' ? 640 : 420;
      const moveLeftOz = order.oz + OVERSHOOT_OZ * (uniform(next.random) - 0.5);
      return { config, state: { ...next, cylinder: { on, grossOz, valveOpen: true, moveLeftOz } } };
    }
    case 'close-valve':
      next.cylinder.valveOpen = false;
      return { config, state: next };
    case 'defrost':
      if (next.running && callOf(config.mode) === 'heating') next.defrostS ??= 0;
      return { config, state: next };
    case 'configure': {
      const { testMode, onset, ...change } = order.change;
      const { onset: _before, ...sound } = config;
      const changed = {
        ...(onset === undefined ? config : sound),
        ...change,
        ...(onset === undefined || onset === 'none' ? {} : { onset: { kind: onset, fromS: state.seconds } }),
        ...(config.inverter && testMode !== undefined ? { inverter: { ...config.inverter, testMode } } : {}),
      };
      // Another call stops what runs: the crew calls for it at the thermostat.
      const stops = changed.mode !== config.mode && next.running;
      return {
        config: changed,
        state: stops ? { ...next, running: false, sinceSwitchS: 0, defrostS: null } : next,
      };
    }
  }
}

/** What its instruments show: a single speed shows none. */
export const channelsOf = ({ inverter }: RigConfig): readonly Channel[] =>
  inverter ? CHANNELS : CHANNELS.filter((c) => c !== 'compressorSpeed');

/** Moves the rig on by dt seconds (1 s or less keeps the lags true). */
export function advance(config: RigConfig, state: RigState, dt: number): void {
  state.seconds += dt;
  state.sinceSwitchS += dt;
  moveRefrigerant(state, dt);
  const now = withOnset(config, state.seconds);
  state.chargeOz = Math.max(0, state.chargeOz - leakedOz(config.onset, state.seconds, dt));
  if (state.running) runFor(now, state, dt);
  else restFor(now, state, dt);
  probe(now, state, dt);
}

function moveRefrigerant(state: RigState, dt: number): void {
  const { cylinder } = state;
  if (!cylinder.valveOpen) return;
  const perMin =
    cylinder.on === 'recovery' ? RECOVER_OZ_PER_MIN : state.running ? THROTTLED_OZ_PER_MIN : FILL_OZ_PER_MIN;
  const limit = cylinder.on === 'recovery' ? state.chargeOz : cylinder.grossOz;
  const oz = Math.max(0, Math.min((perMin * dt) / 60, cylinder.moveLeftOz, limit));
  const sign = cylinder.on === 'recovery' ? -1 : 1;
  state.chargeOz += sign * oz;
  cylinder.grossOz -= sign * oz;
  cylinder.moveLeftOz -= oz;
  if (cylinder.moveLeftOz <= 1e-9 || oz === 0) cylinder.valveOpen = false;
}

const toward = (from: number, to: number, dt: number, tau: number): number => to + (from - to) * Math.exp(-dt / tau);

function inputOf(config: RigConfig, state: RigState): SystemInput {
  return {
    refrigerant: config.refrigerant,
    metering: config.metering,
    tons: config.tons,
    call: callOf(config.mode),
    low: isLowStage(config.mode),
    speedShare: state.speedShare ?? 1,
    chargeRatio: Math.max(LEAST_RATIO, state.chargeOz / config.nominalChargeOz),
    outdoorF: config.outdoorF,
    returnF: state.houseF,
    returnWetBulbF: state.houseWetBulbF,
    barometerPsia: barometerPsia(config.elevationFt),
    volts: config.volts,
    indoorAir: airShare(config),
    outdoorAir: config.outdoorAir,
    condenserClean: config.condenserClean,
    meterOpening: config.meterOpening,
    compressorHealth: config.compressorHealth,
    nonCondensablePsi: config.nonCondensablePsi,
    stuckOpen: config.stuckOpen ?? 0,
    bypassed: config.bypassed ?? 0,
    frost: state.frost,
  };
}

/** Share of its nominal air that comes through: as it is set, less what a loaded filter costs this blower. */
export const airShare = ({ indoorAir, blower, filterLoaded = 1 }: RigConfig): number =>
  blower && filterLoaded !== 1
    ? (indoorAir * airThrough(blower, filterLoaded).share) / airThrough(blower, 1).share
    : indoorAir;

const cfmOf = (config: RigConfig, state: RigState): number =>
  config.tons * 400 * airShare(config) * (isLowStage(config.mode) ? LOW_STAGE.air : airOfSpeed(state.speedShare ?? 1));

/** How much warmer its electric heat leaves the air; the blower runs with it. */
function stripF(config: RigConfig, state: RigState): number {
  const { strips, stripsOn = 0 } = config;
  if (!strips || stripsOn === 0) return 0;
  const { watts } = stripPower(strips, stripsOn, config.volts);
  return stripRiseF(watts, cfmOf(config, state), sensibleFactor(config.elevationFt));
}

/** The steady solution for the present inputs; solved again only when an input moved by more than a probe could see. */
function steady(config: RigConfig, state: RigState): SystemOutput {
  const input = inputOf(config, state);
  const seen: Partial<Record<keyof SystemInput, number>> = {
    chargeRatio: 500,
    returnF: 10,
    returnWetBulbF: 10,
    frost: 40,
    speedShare: 50,
  };
  const key = Object.entries(input)
    .map(([name, v]) => (typeof v === 'number' ? Math.round(v * (seen[name as keyof SystemInput] ?? 1000)) : v))
    .join('|');
  if (state.solved?.key !== key) state.solved = { key, output: solveSystem(input) };
  return state.solved.output;
}

function runFor(config: RigConfig, state: RigState, dt: number): void {
  const r = config.refrigerant;
  const heats = callOf(config.mode) === 'heating';
  if (config.inverter) state.speedShare = turned(config.inverter.testMode, state, dt);
  const steadily = steady(config, state);
  if (heats) frosting(config, state, steadily.outdoorCoilF, dt);
  const target = heats && state.defrostS !== null ? defrosting(config, state, steadily) : steadily;
  state.suctionPsia = toward(state.suctionPsia, target.suctionPsia, dt, TAU.pressure);
  state.liquidPsia = toward(state.liquidPsia, target.liquidPsia, dt, TAU.pressure);
  state.compressorA = toward(state.compressorA, target.compressorA, dt, TAU.amps);
  // At the vapor valve in cooling; in heating that line is hot, and suction is read at the compressor.
  const superheatAtGauge = (heats ? target.compressorSuctionF : target.vaporLineF) - dewF(r, target.suctionPsia);
  const subcoolingAtGauge = bubbleF(r, target.liquidPsia) - target.liquidLineF;
  state.superheatF = toward(state.superheatF, superheatAtGauge, dt, TAU.superheat);
  state.subcoolingF = toward(state.subcoolingF, subcoolingAtGauge, dt, TAU.subcooling);
  state.supplyF = toward(state.supplyF, target.supplyF + stripF(config, state), dt, TAU.supply);
  state.dischargeLineF = toward(state.dischargeLineF, target.dischargeLineF, dt, TAU.superheat);
  state.houseF = toward(state.houseF, heats ? Math.max(state.houseF, WARM_END_F) : config.indoorEndF, dt, TAU.house);
  if (!heats) dryHouse(config, state, dt);
  const barometer = barometerPsia(config.elevationFt);
  const lowPsig = heats ? LOW_CUTOUT_HEATING_PSIG : LOW_CUTOUT_PSIG;
  if (state.liquidPsia - barometer > HIGH_CUTOUT_PSIG) trip(state, 'high-pressure');
  else if (state.sinceSwitchS > 120 && state.suctionPsia - barometer < lowPsig) trip(state, 'low-pressure');
}

/** What demand asks of an inverter now: it wanders (invented); a board ramps this fast, share of full a second. */
const DEMAND = { middle: 0.62, swing: 0.18, periodS: 540, rampPerS: 0.01 };
function turned(testMode: boolean, { speedShare = 0.3, seconds }: RigState, dt: number): number {
  const asked = testMode ? 1 : DEMAND.middle + DEMAND.swing * Math.sin((2 * Math.PI * seconds) / DEMAND.periodS);
  const most = DEMAND.rampPerS * dt;
  return speedShare + Math.max(-most, Math.min(most, asked - speedShare));
}

/** The coil dries the house as it cools it: wet bulb falls at about 0.8 of the dry bulb's pace (design default). */
function dryHouse(config: RigConfig, state: RigState, dt: number): void {
  const wetBulbEndF = config.indoorWetBulbF + 0.8 * (config.indoorEndF - config.indoorF);
  state.houseWetBulbF = Math.min(state.houseF, toward(state.houseWetBulbF, wetBulbEndF, dt, TAU.house));
}

function trip(state: RigState, cutout: RigState['cutout']): void {
  state.running = false;
  state.cutout = cutout;
  state.sinceSwitchS = 0;
}

function restFor(config: RigConfig, state: RigState, dt: number): void {
  const rest = restPressure(config, state.chargeOz);
  state.suctionPsia = toward(state.suctionPsia, rest, dt, TAU.off);
  state.liquidPsia = toward(state.liquidPsia, rest, dt, TAU.off);
  state.compressorA = 0;
  state.supplyF = toward(state.supplyF, state.houseF + stripF(config, state), dt, TAU.off);
  state.superheatF = toward(state.superheatF, 0, dt, TAU.off);
  state.subcoolingF = toward(state.subcoolingF, 0, dt, TAU.off);
  state.dischargeLineF = toward(state.dischargeLineF, config.outdoorF, dt, TAU.off);
}

const inletRiseF = (o: SystemOutput | undefined): number => (o ? Math.max(0, o.compressorSuctionF - o.vaporLineF) : 0);

/** What the pipes and the air really are, before a probe touches them. */
export function truth(config: RigConfig, state: RigState): Record<Channel, number> {
  const barometer = barometerPsia(config.elevationFt);
  const r = config.refrigerant;
  const saturatedSuction = dewF(r, state.suctionPsia);
  const heats = state.running && callOf(config.mode) === 'heating';
  const compressorSuctionF =
    state.running && Number.isFinite(saturatedSuction) ? saturatedSuction + state.superheatF : config.outdoorF;
  const suctionLineF = heats ? state.dischargeLineF - HOT_LINE_F : compressorSuctionF;
  // Hot gas that leaks over in the reversing valve joins behind the service valve.
  const leaksOverF = state.running && !heats ? inletRiseF(state.solved?.output) : 0;
  const saturatedLiquid = bubbleF(r, state.liquidPsia);
  const liquidLineF =
    state.running && Number.isFinite(saturatedLiquid) ? saturatedLiquid - state.subcoolingF : config.outdoorF;
  return {
    suctionPsig: state.suctionPsia - barometer,
    liquidPsig: state.liquidPsia - barometer,
    suctionLineF,
    compressorSuctionF: compressorSuctionF + leaksOverF,
    liquidLineF,
    dischargeLineF: state.dischargeLineF,
    outdoorDryBulbF: config.outdoorF,
    returnDryBulbF: state.houseF,
    returnWetBulbF: state.houseWetBulbF,
    supplyDryBulbF: state.supplyF,
    compressorA: state.compressorA,
    outdoorFanA:
      state.running && !(heats && state.defrostS !== null) ? config.outdoorFanA * (0.9 + 0.1 * config.outdoorAir) : 0,
    lineVolts: config.volts - 0.06 * state.compressorA,
    airflowCfm: state.running || (config.stripsOn ?? 0) > 0 ? cfmOf(config, state) : 0,
    compressorSpeed: state.running ? (state.speedShare ?? 1) * (config.inverter?.fullSpeed ?? 100) : 0,
    scaleOz: state.cylinder.grossOz,
  };
}

function probe(config: RigConfig, state: RigState, dt: number): void {
  const real = truth(config, state);
  for (const channel of CHANNELS) {
    const { lagS } = PROBES[channel];
    const fault = config.probeFaults[channel] ?? 'none';
    let seen = real[channel];
    if (fault === 'sun') seen += SUN_BIAS_F;
    if (fault === 'loose') seen += LOOSE_FRACTION * (config.outdoorF - seen);
    const off = config.probeOff?.[channel];
    if (off) seen = readOffBy(seen, config.outdoorF, off);
    const before = state.probes[channel];
    if (fault === 'stuck' && before !== undefined) continue;
    state.probes[channel] = before === undefined ? seen : toward(before, seen, dt, lagS);
  }
}

/** One sample from every simulated instrument: lagged, noisy, at the instrument's resolution; null when it is lost. */
export function sample(config: RigConfig, state: RigState): Record<Channel, number | null> {
  const out = {} as Record<Channel, number | null>;
  for (const channel of CHANNELS) {
    const { noise, relative, resolution } = PROBES[channel];
    const fault = config.probeFaults[channel] ?? 'none';
    const value = state.probes[channel];
    const jitter = normal(state.random) * (noise / 2);
    if (fault === 'lost' || value === undefined) {
      out[channel] = null;
      continue;
    }
    const noisy = fault === 'stuck' ? value : relative ? value * (1 + jitter) : value + jitter;
    out[channel] = Math.round(Math.round(noisy / resolution) * resolution * 1000) / 1000;
  }
  return out;
}
