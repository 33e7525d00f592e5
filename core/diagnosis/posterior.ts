import { cholesky, logStudent } from '@/core/numeric/student';
import { type FaultName, faultsOf, type Metering } from '@/core/plant/unit/faults';
import { FEATURES, type Features } from './features';
import { type Component, signaturesOf } from './signatures';

/** How often each is met before anything was read (common practice: replaced systems are mostly sound or mischarged). */
export const PRIOR: Record<FaultName, number> = {
  healthy: 3.5,
  undercharge: 1.5,
  overcharge: 1.2,
  'low-indoor-airflow': 1,
  'outdoor-coil-blocked': 1,
  'liquid-restriction': 0.7,
  'valve-starving': 0.5,
  'valve-flooding': 0.8,
  'non-condensables': 0.8,
  'weak-compressor': 0.8,
  'reversing-valve-leak': 0.7,
  'orifice-too-large': 0.8,
  'orifice-too-small': 0.7,
  'probe-doubt': 1.2,
};
export const FREEDOM = 8;

type Ready = { fault: FaultName; mean: number[]; l: number[][]; weight: number };
const ready = new Map<string, Ready[]>();

/** Components over the differences that are there: what was not read is left out of every spread. */
function componentsFor(metering: Metering, there: readonly number[]): Ready[] {
  const key = `${metering} ${there.join()}`;
  let found = ready.get(key);
  if (!found) {
    const signatures = signaturesOf(metering);
    found = faultsOf(metering).flatMap((fault) =>
      signatures[fault]!.map((c: Component, _, all) => ({
        fault,
        mean: there.map((k) => c.mean[k]!),
        l: cholesky(there.map((a) => there.map((b) => c.cov[a]![b]!))),
        weight: Math.log(PRIOR[fault] / all.length),
      })),
    );
    ready.set(key, found);
  }
  return found;
}

export type Posterior = Map<FaultName, number>;

/**
 * Probability of each fault: prior times how well its signature meets the differences, as a mixture over severities of
 * Student’s t with the spread of the drawn systems. `more` adds what a follow-up says, as a log likelihood.
 */
export function posteriorOf(metering: Metering, features: Features, more?: (fault: FaultName) => number): Posterior {
  const there = FEATURES.flatMap((f, i) => (features[f] === undefined ? [] : [i]));
  const values = there.map((i) => features[FEATURES[i]!]!);
  const logs = componentsFor(metering, there).map((c) => ({
    fault: c.fault,
    log:
      c.weight +
      (more?.(c.fault) ?? 0) +
      logStudent(
        c.l,
        values.map((v, k) => v - c.mean[k]!),
        FREEDOM,
      ),
  }));
  const most = Math.max(...logs.map((x) => x.log));
  const sums: Posterior = new Map(faultsOf(metering).map((f) => [f, 0]));
  let total = 0;
  for (const { fault, log } of logs) {
    const p = Math.exp(log - most);
    sums.set(fault, sums.get(fault)! + p);
    total += p;
  }
  for (const [fault, p] of sums) sums.set(fault, p / total);
  return sums;
}
