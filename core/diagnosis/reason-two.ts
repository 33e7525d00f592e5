import { groupOf } from '@/core/plant/unit/faults';
import type { Plate } from './expected';
import { featuresOf, type Seen } from './features';
import { type Follow, type Found, followLog, outcomeGiven } from './follow-ups';
import { type Pair, pairsOf } from './pairs';

/** What a follow-up found where two faults are there: it shows either of them, and neither only where it misses both. */
function outcomeOfTwo(f: Found, [a, b]: Pair['faults']): number {
  const [one, other] = [outcomeGiven(f, a), outcomeGiven(f, b)];
  return f.found === 'none' ? Math.min(one, other) : Math.max(one, other);
}

/**
 * Which two faults at once explain the readings best, with the follow-ups that were done; those that the readings cannot tell apart
 * stand under the likelier pair. Undefined where saturation is undefined at a pressure.
 */
export function reasonTwo(
  plate: Plate,
  seen: Seen,
  follow: Follow = {},
  found: readonly Found[] = [],
): Pair[] | undefined {
  const features = featuresOf(plate, seen);
  if (!features) return undefined;
  const pairs = pairsOf(
    plate.metering,
    features,
    (faults) =>
      followLog(plate.refrigerant, seen, follow, (f) => faults.includes(f)) +
      found.reduce((sum, f) => sum + Math.log(outcomeOfTwo(f, faults)), 0),
  );
  const merged = new Map<string, Pair>();
  // They come the likeliest first: it gives its name to those of its kind.
  for (const { faults, probability } of pairs) {
    const key = faults.map(groupOf).sort().join();
    const before = merged.get(key);
    merged.set(key, { faults: before?.faults ?? faults, probability: probability + (before?.probability ?? 0) });
  }
  return [...merged.values()].sort((a, b) => b.probability - a.probability);
}
