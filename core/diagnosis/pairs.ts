import { cholesky, logStudent } from '@/core/numeric/student';
import { type FaultName, faultsOf, groupOf, type Metering } from '@/core/plant/unit/faults';
import { FEATURES, type Features } from './features';
import { FREEDOM, PRIOR } from './posterior';
import { type Component, signaturesOf } from './signatures';

/** Two faults at once, and how likely they are among all pairs. */
export type Pair = { faults: readonly [FaultName, FaultName]; probability: number };

/**
 * How far the differences of two faults stray from the sum of both, one standard deviation in each difference’s unit: a valve that is
 * wide open or a coil that is dry does not add up (found over drawn systems).
 */
const SUPERPOSED: Record<(typeof FEATURES)[number], number> = {
  subcoolingF: 2.5,
  superheatF: 4,
  condensingOverF: 2,
  evaporatingF: 2.5,
  splitF: 1.5,
  loadPct: 4,
  pumpedPct: 3,
  wetBulbDepressionF: 0.3,
  dischargeF: 4,
  airflowPct: 3,
};

/** Not two at once: one cause to the readings, or each the other’s opposite. */
const OPPOSITE: readonly (readonly [FaultName, FaultName])[] = [
  ['undercharge', 'overcharge'],
  ['valve-starving', 'valve-flooding'],
  ['liquid-restriction', 'valve-flooding'],
  ['orifice-too-large', 'orifice-too-small'],
  ['orifice-too-large', 'liquid-restriction'],
];
const excluded = (a: FaultName, b: FaultName): boolean =>
  groupOf(a) === groupOf(b) || OPPOSITE.some((pair) => pair.includes(a) && pair.includes(b));

export function pairsFor(metering: Metering): [FaultName, FaultName][] {
  const faults = faultsOf(metering).filter((f) => f !== 'healthy' && f !== 'probe-doubt');
  return faults.flatMap((a, i) =>
    faults.slice(i + 1).flatMap((b): [FaultName, FaultName][] => (excluded(a, b) ? [] : [[a, b]])),
  );
}

type Ready = { faults: [FaultName, FaultName]; mean: number[]; l: number[][]; weight: number };
const ready = new Map<string, Ready[]>();

/** The differences of two faults are those of both less those of a sound system; spreads are the middle of both and what does not add up. */
function componentsFor(metering: Metering, there: readonly number[]): Ready[] {
  const key = `${metering} ${there.join()}`;
  let found = ready.get(key);
  if (!found) {
    const signatures = signaturesOf(metering);
    const sound = signatures.healthy![0]!;
    found = pairsFor(metering).flatMap((faults) => {
      const [a, b] = faults.map((f) => signatures[f]!) as [Component[], Component[]];
      const weight = Math.log((PRIOR[faults[0]] * PRIOR[faults[1]]) / (a.length * b.length));
      return a.flatMap((x) =>
        b.map((y) => ({
          faults,
          weight,
          mean: there.map((k) => x.mean[k]! + y.mean[k]! - sound.mean[k]!),
          l: cholesky(
            there.map((i) =>
              there.map((k) => (x.cov[i]![k]! + y.cov[i]![k]!) / 2 + (i === k ? SUPERPOSED[FEATURES[i]!] ** 2 : 0)),
            ),
          ),
        })),
      );
    });
    ready.set(key, found);
  }
  return found;
}

/**
 * Which two faults at once explain the readings best, on request: for who has put one right and still is not done, or whose readings no
 * single fault explains. `more` adds what follow-ups say of a pair, as a log likelihood.
 *
 * @returns pairs by belief, falling, summing to 1 over all pairs
 * @source the sum of both signatures (docs/diagnosis.md)
 */
export function pairsOf(
  metering: Metering,
  features: Features,
  more: (faults: readonly [FaultName, FaultName]) => number = () => 0,
): Pair[] {
  const there = FEATURES.flatMap((f, i) => (features[f] === undefined ? [] : [i]));
  const values = there.map((i) => features[FEATURES[i]!]!);
  const logs = componentsFor(metering, there).map((c) => ({
    faults: c.faults,
    log:
      c.weight +
      more(c.faults) +
      logStudent(
        c.l,
        values.map((v, k) => v - c.mean[k]!),
        FREEDOM,
      ),
  }));
  const most = Math.max(...logs.map((x) => x.log));
  const sums = new Map<string, Pair>();
  let total = 0;
  for (const { faults, log } of logs) {
    const p = Math.exp(log - most);
    total += p;
    const key = faults.join();
    sums.set(key, { faults, probability: (sums.get(key)?.probability ?? 0) + p });
  }
  return [...sums.values()]
    .map((pair) => ({ ...pair, probability: pair.probability / total }))
    .sort((a, b) => b.probability - a.probability);
}
