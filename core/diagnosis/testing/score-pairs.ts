import { featuresOf } from '@/core/diagnosis/features';
import { pairsFor } from '@/core/diagnosis/pairs';
import { reasonTwo } from '@/core/diagnosis/reason-two';
import { type FaultName, groupOf } from '@/core/plant/unit/faults';
import { drawSystem } from '@/core/plant/unit/population';

/** How the reasoning over two faults does on drawn systems that have two: shares by rank of the true pair. */
export type PairScore = { systems: number; first: number; firstThree: number; oneOfThem: number };

const kindOf = (faults: readonly FaultName[]): string => faults.map(groupOf).sort().join('+');

/** Scores `each` systems of every pair and meter, from a seed; those that no coil or balance lets be are left out. */
export function scorePairs(each: number, seed: number): PairScore {
  const count = { systems: 0, first: 0, firstThree: 0, oneOfThem: 0 };
  for (const metering of ['txv', 'fixed-orifice'] as const)
    for (const [a, b] of pairsFor(metering))
      for (let i = 0; i < each; i++) {
        const ranked = rankedOf(seed + i * 53, a, b, metering);
        if (!ranked) continue;
        const truth = kindOf([a, b]);
        count.systems += 1;
        count.first += Number(ranked[0] === truth);
        count.firstThree += Number(ranked.slice(0, 3).includes(truth));
        count.oneOfThem += Number(truth.split('+').some((f) => ranked[0]!.split('+').includes(f)));
      }
  const share = (n: number): number => n / count.systems;
  return {
    systems: count.systems,
    first: share(count.first),
    firstThree: share(count.firstThree),
    oneOfThem: share(count.oneOfThem),
  };
}

function rankedOf(
  seed: number,
  a: FaultName,
  second: FaultName,
  metering: 'txv' | 'fixed-orifice',
): string[] | undefined {
  try {
    const d = drawSystem(seed, a, { metering, second });
    const { airflowCfm: _, ...readings } = d.readings;
    const seen = { ...readings, barometerPsia: d.barometerPsia };
    if (!featuresOf(d, seen)) return undefined;
    return reasonTwo(d, seen)?.map((p) => kindOf(p.faults));
  } catch {
    return undefined;
  }
}
