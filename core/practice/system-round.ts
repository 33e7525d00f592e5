import { type RandomState, uniform } from '@/core/numeric/random';
import type { Channel, ProbeOff } from '@/core/plant/channels';
import type { RigConfig } from '@/core/plant/rig';
import { MIDDLE, ratedUnit } from '@/core/plant/unit/design';
import { type FaultName, faultsOf, type Metering } from '@/core/plant/unit/faults';
import { lay } from '@/core/plant/unit/population';
import { SOUND } from '@/core/plant/unit/steady';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import type { SystemLevel } from './levels';

export type Hidden = { fault: FaultName; severity: number };
/** A probe that shows something else than what is there; it is put on so, and a second look puts it right. */
export type SpoiltProbe = { why: SpoiltWhy; channel: Channel; off: ProbeOff };
export const SPOILT_WHYS = [
  'suction-clamp-loose',
  'liquid-clamp-in-sun',
  'outdoor-probe-in-sun',
  'suction-gauge-off',
  'liquid-gauge-off',
  'supply-probe-wrong',
  'sock-dry',
] as const;
export type SpoiltWhy = (typeof SPOILT_WHYS)[number];

/** A simulated system with what is wrong with it: all of it follows from the level and the seed. */
export type SystemRound = {
  seed: number;
  refrigerant: Refrigerant;
  metering: Metering;
  tons: number;
  targetSubcoolingF: number;
  ratedLoadA: number;
  nominalChargeOz: number;
  elevationFt: number;
  outdoorF: number;
  indoorF: number;
  indoorWetBulbF: number;
  /** Size of the orifice on the match sheet, thousandths of an inch; only where there is one. */
  orificeMils: number | undefined;
  hidden: readonly Hidden[];
  spoilt: SpoiltProbe | undefined;
};

/** R-134a is left out: at the low cutout of the simulated unit it would stand off for most faults. */
const REFRIGERANTS_HERE: readonly Refrigerant[] = ['R-410A', 'R-454B', 'R-32', 'R-22', 'R-407C'];
const TONS = [1.5, 2, 2.5, 3, 3.5, 4, 5];
const VOLTS = 240;
const POWER_FACTOR = 0.96;
/** Charge of a split with a short line, oz a ton (common practice, for a system of no make). */
const OZ_PER_TON = 36;
/** Weather of a day on which charge is judged: not so hot that a sound unit nears its cutout. */
const OUTDOOR_F = [78, 102] as const;
const INDOOR_F = [74, 80] as const;
/** Wet bulb under dry bulb indoors, °F: from damp to dry. */
const DEPRESSION_F = [11, 16] as const;
const ELEVATIONS_FT = [0, 650, 1200, 2400, 5200];
const ORIFICE_MILS_PER_ROOT_TON = 35;
/** How far each is off, from mild to hard (the spans of the drawn systems of the diagnosis). */
const SPOILT: Record<SpoiltWhy, { channel: Channel; off: (far: number) => ProbeOff }> = {
  'suction-clamp-loose': { channel: 'suctionLineF', off: (x) => ({ towardOutdoor: 0.3 + 0.4 * x }) },
  'liquid-clamp-in-sun': { channel: 'liquidLineF', off: (x) => ({ by: 8 + 6 * x }) },
  'outdoor-probe-in-sun': { channel: 'outdoorDryBulbF', off: (x) => ({ by: 9 + 9 * x }) },
  'suction-gauge-off': { channel: 'suctionPsig', off: (x) => ({ share: -0.1 - 0.12 * x }) },
  'liquid-gauge-off': { channel: 'liquidPsig', off: (x) => ({ share: 0.08 + 0.1 * x }) },
  'supply-probe-wrong': { channel: 'supplyDryBulbF', off: (x) => ({ by: 6 + 6 * x }) },
  'sock-dry': { channel: 'returnWetBulbF', off: (x) => ({ by: 6 + 5 * x }) },
};
/** One of a pair excludes the other: both of them are the charge, or both make the head rise and hide in each other. */
const NEVER_TOGETHER: readonly (readonly [FaultName, FaultName])[] = [
  ['undercharge', 'overcharge'],
  ['undercharge', 'non-condensables'],
  ['overcharge', 'non-condensables'],
  ['outdoor-coil-blocked', 'non-condensables'],
];

const between = (s: RandomState, [low, high]: readonly [number, number]): number => low + (high - low) * uniform(s);
const oneOf = <T>(s: RandomState, all: readonly T[]): T => all[Math.floor(uniform(s) * all.length)]!;

/** The round of a seed: the same system, weather and faults every time. */
export function drawSystemRound(level: SystemLevel, seed: number): SystemRound {
  const s: RandomState = { seed };
  const refrigerant = oneOf(s, REFRIGERANTS_HERE);
  const metering: Metering = level.orifices && uniform(s) < 0.35 ? 'fixed-orifice' : 'txv';
  const tons = oneOf(s, TONS);
  const indoorF = Math.round(between(s, INDOOR_F));
  const unit = ratedUnit({ ...MIDDLE, refrigerant, metering })!;
  const hidden = drawFaults(s, level, metering);
  return {
    seed,
    refrigerant,
    metering,
    tons,
    targetSubcoolingF: MIDDLE.subcoolingF,
    ratedLoadA: Math.round((10 * unit.ratedAmpsW * tons) / (VOLTS * POWER_FACTOR) / MIDDLE.loadShare) / 10,
    nominalChargeOz: OZ_PER_TON * tons,
    elevationFt: oneOf(s, ELEVATIONS_FT),
    outdoorF: Math.round(between(s, OUTDOOR_F)),
    indoorF,
    indoorWetBulbF: indoorF - Math.round(between(s, DEPRESSION_F)),
    orificeMils: metering === 'fixed-orifice' ? Math.round(ORIFICE_MILS_PER_ROOT_TON * Math.sqrt(tons)) : undefined,
    hidden,
    spoilt: hidden.some((h) => h.fault === 'probe-doubt') ? spoil(s) : undefined,
  };
}

function spoil(s: RandomState): SpoiltProbe {
  const why = oneOf(s, SPOILT_WHYS);
  const { channel, off } = SPOILT[why];
  return { why, channel, off: off(uniform(s)) };
}

function drawFaults(s: RandomState, level: SystemLevel, metering: Metering): Hidden[] {
  const possible = level.faults.filter((f) => faultsOf(metering).includes(f));
  const one = (of: readonly FaultName[]): Hidden => ({ fault: oneOf(s, of), severity: between(s, level.severity) });
  const first = one(possible);
  if (first.fault === 'healthy') return [];
  if (level.together === 1) return [first];
  const excluded = NEVER_TOGETHER.flatMap((pair) => (pair.includes(first.fault) ? pair : [first.fault]));
  return [first, one(possible.filter((f) => f !== 'healthy' && !excluded.includes(f)))];
}

const CHARGE_FAULTS: readonly FaultName[] = ['undercharge', 'overcharge'];

/** The simulated system with those faults in it; the charge is its own matter. */
export function rigOf(round: SystemRound, hidden: readonly Hidden[], spoilt: SpoiltProbe | undefined): RigConfig {
  const c = hidden.reduce((sum, h) => (CHARGE_FAULTS.includes(h.fault) ? sum : lay(h.fault, h.severity, sum)), SOUND);
  return {
    seed: round.seed,
    refrigerant: round.refrigerant,
    metering: round.metering,
    tons: round.tons,
    mode: 'cooling',
    volts: VOLTS,
    elevationFt: round.elevationFt,
    outdoorF: round.outdoorF,
    indoorF: round.indoorF,
    indoorWetBulbF: round.indoorWetBulbF,
    // The house has been cooled for hours: its air stands still.
    indoorEndF: round.indoorF,
    nominalChargeOz: round.nominalChargeOz,
    outdoorFanA: 0.4 * round.tons,
    indoorAir: c.indoorAir,
    outdoorAir: c.outdoorAir,
    condenserClean: c.condenserClean,
    meterOpening: c.meterOpening,
    stuckOpen: c.stuckOpen,
    bypassed: c.bypassed,
    compressorHealth: c.pumping,
    nonCondensablePsi: c.nonCondensablePsi,
    probeFaults: {},
    ...(spoilt ? { probeOff: { [spoilt.channel]: spoilt.off } } : {}),
  };
}

/** What is in it when the crew comes, oz. */
export const chargeFound = (round: SystemRound): number =>
  round.nominalChargeOz *
  round.hidden.reduce(
    (ratio, h) => (CHARGE_FAULTS.includes(h.fault) ? ratio * lay(h.fault, h.severity, SOUND).chargeRatio : ratio),
    1,
  );
