import { bubbleF, bubblePsia, dewF, dewPsia } from '@/core/refrigerant/lookup';
import { type Air, expectedOf, type Plate } from './expected';
import { FEATURES, type Feature } from './features';
import { signaturesOf } from './signatures';

export type PressureBand = { low: number; expected: number; high: number };

/** About nineteen of twenty sound systems lie within this many spreads. */
const SPREADS = 2;

/**
 * Where suction and head of a sound system lie in this air, psig: not a target, but what a wrong refrigerant, a gauge on the
 * other port or a mistyped figure falls out of.
 *
 * What: the expected saturation of a middling design, moved and spread by how far sound systems of all kinds stray from it
 * (signatures), turned into pressure at this refrigerant. Source: the project's own plant; designs beyond it are in the spread.
 * Not covered: heating, inverters, low stages.
 */
export function expectedPressures(
  plate: Plate,
  air: Air,
): { suctionPsig: PressureBand; liquidPsig: PressureBand } | undefined {
  const expected = expectedOf(plate, air);
  const sound = signaturesOf(plate.metering).healthy?.[0];
  if (!expected || !sound) return undefined;
  const { refrigerant: r } = plate;
  const around = (atF: number, feature: Feature, psiaAt: (f: number) => number): PressureBand => {
    const k = FEATURES.indexOf(feature);
    const middle = atF + sound.mean[k]!;
    const half = SPREADS * Math.sqrt(sound.cov[k]![k]!);
    const [low, mid, high] = [middle - half, middle, middle + half].map((f) => psiaAt(f) - air.barometerPsia);
    return { low: low!, expected: mid!, high: high! };
  };
  return {
    suctionPsig: around(dewF(r, expected.steady.suctionPsia), 'evaporatingF', (f) => dewPsia(r, f)),
    liquidPsig: around(bubbleF(r, expected.steady.liquidPsia), 'condensingOverF', (f) => bubblePsia(r, f)),
  };
}
