import { type FaultName, groupOf, type Metering } from '@/core/plant/unit/faults';
import { bubblePsia } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import type { Posterior } from './posterior';

/**
 * What can be measured or looked at next: how long it takes, and how often each fault shows in it (common practice). A
 * fault that is not named shows falsely as often as `false`.
 */
export type FollowUp = {
  id: FollowUpId;
  minutes: number;
  shows: Partial<Record<FaultName, number>>;
  false: number;
};
export const FOLLOW_UP_IDS = [
  'second-look',
  'drier-drop',
  'compressor-inlet',
  'airflow',
  'pump-test',
  'valve-bulb',
  'orifice-stamp',
  'off-pressure',
  'weigh-charge',
] as const;
export type FollowUpId = (typeof FOLLOW_UP_IDS)[number];

const COMMON = 0.03;
export const FOLLOW_UPS: Record<FollowUpId, FollowUp> = {
  /** Every probe off, zeroed or against a second one and on again; on the way the outdoor coil and its air. */
  'second-look': {
    id: 'second-look',
    minutes: 8,
    shows: { 'probe-doubt': 0.95, 'outdoor-coil-blocked': 0.93 },
    false: COMMON,
  },
  'drier-drop': { id: 'drier-drop', minutes: 3, shows: { 'liquid-restriction': 0.92 }, false: COMMON },
  'compressor-inlet': { id: 'compressor-inlet', minutes: 4, shows: { 'reversing-valve-leak': 0.92 }, false: COMMON },
  airflow: { id: 'airflow', minutes: 8, shows: { 'low-indoor-airflow': 0.95 }, false: COMMON },
  'pump-test': { id: 'pump-test', minutes: 10, shows: { 'weak-compressor': 0.9 }, false: COMMON },
  'valve-bulb': {
    id: 'valve-bulb',
    minutes: 10,
    shows: { 'valve-starving': 0.85, 'valve-flooding': 0.88 },
    false: COMMON,
  },
  'orifice-stamp': {
    id: 'orifice-stamp',
    minutes: 20,
    shows: { 'orifice-too-large': 0.97, 'orifice-too-small': 0.97 },
    false: 0.01,
  },
  'off-pressure': { id: 'off-pressure', minutes: 30, shows: { 'non-condensables': 0.93 }, false: COMMON },
  'weigh-charge': {
    id: 'weigh-charge',
    minutes: 60,
    shows: { undercharge: 0.97, overcharge: 0.97 },
    false: 0.02,
  },
};
const ONLY_FOR: Partial<Record<FollowUpId, Metering>> = { 'valve-bulb': 'txv', 'orifice-stamp': 'fixed-orifice' };

export const followUpsFor = (metering: Metering): FollowUp[] =>
  FOLLOW_UP_IDS.filter((id) => (ONLY_FOR[id] ?? metering) === metering).map((id) => FOLLOW_UPS[id]);

/** What a follow-up found: a fault that it shows, or none of them. */
export type Found = { id: FollowUpId; found: FaultName | 'none' };

/** Probability of an outcome of a follow-up where a fault is there. */
export function outcomeGiven({ id, found }: Found, fault: FaultName): number {
  const { shows, false: falsely } = FOLLOW_UPS[id];
  const targets = Object.keys(shows).length;
  const own = shows[fault];
  if (found === fault && own !== undefined) return own;
  if (found !== 'none') return falsely / targets;
  return own === undefined ? 1 - falsely : 1 - own - (falsely / targets) * (targets - 1);
}

const entropy = (ps: Iterable<number>): number => {
  let sum = 0;
  for (const p of ps) if (p > 0) sum -= p * Math.log2(p);
  return sum;
};

/**
 * How much surer the leading fault is expected to be after a follow-up: the belief in whatever leads then, over all
 * outcomes, less the belief in what leads now.
 */
export function gainOf(f: FollowUp, posterior: Posterior): number {
  let then = 0;
  for (const found of [...(Object.keys(f.shows) as FaultName[]), 'none' as const])
    then += leadOf(new Map([...posterior].map(([fault, p]) => [fault, p * outcomeGiven({ id: f.id, found }, fault)])));
  return then - leadOf(posterior);
}

/** Belief in what leads, those together that the readings cannot tell apart. */
function leadOf(posterior: Posterior): number {
  const sums = new Map<string, number>();
  for (const [fault, p] of posterior) sums.set(groupOf(fault), (sums.get(groupOf(fault)) ?? 0) + p);
  return Math.max(...sums.values());
}

/** Getting there, opening, closing and a second visit to the readings: what every follow-up costs besides, minutes. */
const SET_UP_MIN = 120;
/** Bits count a little too: where nothing can change the lead yet, what narrows most is done first. */
const BITS = 0.01;

/** Bits that a follow-up is expected to bring. */
export function informationOf(f: FollowUp, posterior: Posterior): number {
  let left = 0;
  for (const found of [...(Object.keys(f.shows) as FaultName[]), 'none' as const]) {
    const joint = [...posterior].map(([fault, p]) => p * outcomeGiven({ id: f.id, found }, fault));
    const p = joint.reduce((a, b) => a + b, 0);
    if (p > 0) left += p * entropy(joint.map((v) => v / p));
  }
  return entropy(posterior.values()) - left;
}

/** The follow-up that is expected to bring most a minute; done ones are left out. */
export function nextOf(posterior: Posterior, metering: Metering, done: readonly FollowUpId[]): FollowUp | undefined {
  const gain = (f: FollowUp): number =>
    (gainOf(f, posterior) + BITS * informationOf(f, posterior)) / (f.minutes + SET_UP_MIN);
  return followUpsFor(metering)
    .filter((f) => !done.includes(f.id))
    .sort((a, b) => gain(b) - gain(a))[0];
}

/** Middle and spread of what a follow-up reads, where its fault is there and where not. */
type Shown = { there: [number, number]; else: [number, number] };
const DRIER_F: Shown = { there: [11, 5.5], else: [0.7, 1] };
const INLET_F: Shown = { there: [11, 6], else: [1, 2] };
const OFF_PSI: Shown = { there: [33, 18], else: [0, 4.5] };
/** A reading is sometimes simply wrong; no follow-up decides beyond that. */
const SLIP = 0.01;

const bell = (x: number, [middle, spread]: [number, number]): number =>
  Math.exp(-0.5 * ((x - middle) / spread) ** 2) / spread;

function logOf(x: number, shown: Shown, isThere: boolean): number {
  const slack = SLIP / (shown.there[1] + shown.else[1]);
  // Beyond the middle of what a fault shows, more is no less of it.
  const capped = Math.min(x, shown.there[0]);
  return Math.log(bell(isThere ? capped : x, isThere ? shown.there : shown.else) + slack);
}

export type Follow = {
  drierDropF?: number | undefined;
  offPsig?: number | undefined;
  offF?: number | undefined;
  compressorInletF?: number | undefined;
};

/** What readings of follow-ups say where these faults are there, as a log likelihood. */
export function followLog(
  r: Refrigerant,
  seen: { suctionLineF: number; barometerPsia: number },
  f: Follow,
  has: (fault: FaultName) => boolean,
): number {
  let sum = 0;
  if (f.drierDropF !== undefined) sum += logOf(f.drierDropF, DRIER_F, has('liquid-restriction'));
  if (f.compressorInletF !== undefined)
    sum += logOf(f.compressorInletF - seen.suctionLineF, INLET_F, has('reversing-valve-leak'));
  if (f.offPsig !== undefined && f.offF !== undefined) {
    const excess = f.offPsig + seen.barometerPsia - bubblePsia(r, f.offF);
    if (Number.isFinite(excess)) sum += logOf(excess, OFF_PSI, has('non-condensables'));
  }
  return sum;
}
