import type { FaultName, Metering } from '@/core/plant/unit/faults';
import { FEATURES, type Feature, type Features } from './features';
import { type Component, signaturesOf } from './signatures';

/** One difference against sound systems, and how well it meets a fault. */
export type Evidence = {
  feature: Feature;
  /** Beyond what sound systems show in the middle, in the feature's unit and in spreads of sound systems. */
  beyond: number;
  spreads: number;
  /** It lies nearer to what the fault shows than to what a sound system shows, or the other way. */
  speaks: 'for' | 'against';
};

/** A difference this small in spreads says nothing. */
const LEAST_SPREADS = 0.8;

/** What speaks for a fault and against it, the strongest first; what says nothing is left out. */
export function evidenceFor(fault: FaultName, metering: Metering, features: Features): Evidence[] {
  const signatures = signaturesOf(metering);
  const sound = signatures.healthy![0]!;
  const shown = signatures[fault]!;
  return FEATURES.flatMap((feature, k): Evidence[] => {
    const value = features[feature];
    if (value === undefined) return [];
    const spread = Math.sqrt(sound.cov[k]![k]!);
    const log = (c: Component): number => {
      const spread = Math.sqrt(c.cov[k]![k]!);
      return -0.5 * ((value - c.mean[k]!) / spread) ** 2 - Math.log(spread);
    };
    const beyond = value - sound.mean[k]!;
    // How far the fault itself moves this reading: what it does not move says nothing for or against it.
    const moves = Math.max(...shown.map((c) => Math.abs(c.mean[k]! - sound.mean[k]!))) / spread;
    const spreads = beyond / spread;
    const nearest = shown.reduce((a, b) => (log(b) > log(a) ? b : a));
    const shift = (nearest.mean[k]! - sound.mean[k]!) / spread;
    // A fault that moves the reading the other way is not spoken for by its wide spread.
    const otherWay = Math.abs(shift) >= LEAST_SPREADS && shift * beyond < 0;
    if (Math.max(Math.abs(spreads), moves) < LEAST_SPREADS) return [];
    return [{ feature, beyond, spreads, speaks: !otherWay && log(nearest) > log(sound) ? 'for' : 'against' }];
  }).sort((a, b) => Math.abs(b.spreads) - Math.abs(a.spreads));
}
