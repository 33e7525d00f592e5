import { type FaultName, groupOf } from '@/core/plant/unit/faults';
import type { Plate } from './expected';
import { type Features, featuresOf, type Seen } from './features';
import { type Follow, type FollowUpId, type Found, followLog, nextOf, outcomeGiven } from './follow-ups';
import { type Posterior, posteriorOf } from './posterior';

export type Ranked = { fault: FaultName; probability: number; or?: FaultName[] };
export type Verdict = 'named' | 'cannot-tell' | 'readings-contradict' | 'healthy';
export type ChargeAdvice = 'add' | 'recover' | 'leave';
export type Reasoning = {
  ranked: Ranked[];
  verdict: Verdict;
  chargeAdvice: ChargeAdvice;
  nextMeasurement: { id: FollowUpId; minutes: number };
  posterior: Posterior;
  features: Features;
};

/** From this share of belief on a fault is named, charge is moved, a system is called sound. */
const NAMED_FROM = 0.6;
const CHARGE_FROM = 0.5;
const HEALTHY_FROM = 0.5;
/** Charge is never added where it is this likely that there is too much, or a foreign gas. */
const NEVER_ADD_FROM = 0.05;
/**
 * One spoilt probe can look like almost any fault: until a second measurement says so too, belief in a fault stays below
 * this. What is taken off belongs to nothing in particular, so that the shares then sum to less than one.
 */
const MOST_UNCONFIRMED = 0.79;
/** Beside the likelier one of its kind, where it has at least this share of it. */
const ALSO_FROM = 0.05;
/** Less than this is not listed, but two always are. */
const LISTED_FROM = 0.005;

/** Faults by belief; those that the readings cannot tell apart stand together under the likelier one. */
export function rankedOf(posterior: Posterior, confirmed = false): Ranked[] {
  const groups = new Map<string, FaultName[]>();
  for (const fault of posterior.keys()) {
    const group = groupOf(fault);
    groups.set(group, [...(groups.get(group) ?? []), fault]);
  }
  const ranked = [...groups.values()].map((members): Ranked => {
    const [first, ...rest] = members.sort((a, b) => posterior.get(b)! - posterior.get(a)!);
    const others = rest.filter((f) => posterior.get(f)! > ALSO_FROM * posterior.get(first!)!);
    return {
      fault: first!,
      probability: held(
        first!,
        confirmed,
        members.reduce((s, f) => s + posterior.get(f)!, 0),
      ),
      ...(others.length ? { or: others } : {}),
    };
  });
  ranked.sort((a, b) => b.probability - a.probability);
  return ranked.filter((r, i) => i < 2 || r.probability >= LISTED_FROM);
}

const held = (fault: FaultName, confirmed: boolean, p: number): number =>
  confirmed || fault === 'healthy' || fault === 'probe-doubt' ? p : Math.min(p, MOST_UNCONFIRMED);

function verdictOf([first]: Ranked[]): Verdict {
  if (first!.fault === 'healthy' && first!.probability >= HEALTHY_FROM) return 'healthy';
  if (first!.probability < NAMED_FROM) return 'cannot-tell';
  return first!.fault === 'probe-doubt' ? 'readings-contradict' : 'named';
}

/** Gas is never added where liquid is plenty, nor where a dry line is not dry: then it is the meter or the compressor. */
const plenty = (f: Features, metering: Plate['metering']): boolean =>
  f.subcoolingF! > 0 || (metering === 'fixed-orifice' && f.superheatF! < 0);

function adviceOf(p: Posterior, f: Features, metering: Plate['metering']): ChargeAdvice {
  const tooMuch = p.get('overcharge')! + p.get('non-condensables')!;
  if (p.get('undercharge')! >= CHARGE_FROM && tooMuch < NEVER_ADD_FROM) return plenty(f, metering) ? 'leave' : 'add';
  return p.get('overcharge')! >= CHARGE_FROM ? 'recover' : 'leave';
}

/**
 * What is wrong with a running system, by every reading at once; undefined where saturation is undefined at a pressure.
 *
 * Method: differences from the expected, held against what each fault makes of them over thousands of drawn systems
 * (signatures), times how often it is met. Follow-ups that were done add what they say.
 */
export function reason(
  plate: Plate,
  seen: Seen,
  follow: Follow = {},
  found: readonly Found[] = [],
): Reasoning | undefined {
  const features = featuresOf(plate, seen);
  if (!features) return undefined;
  const posterior = posteriorOf(
    plate.metering,
    features,
    (fault) =>
      followLog(plate.refrigerant, seen, follow, (f) => f === fault) +
      found.reduce((sum, f) => sum + Math.log(outcomeGiven(f, fault)), 0),
  );
  const done = [...doneBy(follow), ...found.map((f) => f.id)];
  const ranked = rankedOf(posterior, done.length > 0);
  const next = nextOf(posterior, plate.metering, seen.airflowCfm === undefined ? done : [...done, 'airflow'])!;
  return {
    ranked,
    verdict: verdictOf(ranked),
    chargeAdvice: adviceOf(posterior, features, plate.metering),
    nextMeasurement: { id: next.id, minutes: next.minutes },
    posterior,
    features,
  };
}

const doneBy = (f: Follow): FollowUpId[] => [
  ...(f.drierDropF === undefined ? [] : (['drier-drop'] as const)),
  ...(f.compressorInletF === undefined ? [] : (['compressor-inlet'] as const)),
  ...(f.offPsig === undefined ? [] : (['off-pressure'] as const)),
];
