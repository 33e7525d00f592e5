import { humidityRatioFromWetBulb, waterSaturationPsia } from '@/core/air/moist-air';

/** Moist air as quickly as an iteration needs it: ASHRAE's saturation pressure by steps of 1 °F, the ideal-gas relations. */
const LOW_F = -20;
const STEPS = 161;
let table: Float64Array | undefined;

export function saturatedRatio(temperatureF: number, psia: number): number {
  table ??= Float64Array.from({ length: STEPS }, (_, i) => Math.log(waterSaturationPsia(LOW_F + i)));
  const x = Math.min(Math.max(temperatureF - LOW_F, 0), STEPS - 1.001);
  const i = Math.floor(x);
  const p = Math.exp(table[i]! + (x - i) * (table[i + 1]! - table[i]!));
  return (0.621945 * p) / (psia - p);
}

export const moistEnthalpy = (f: number, ratio: number): number => 0.24 * f + ratio * (1061 + 0.444 * f);
export const dryVolume = (f: number, ratio: number, psia: number): number =>
  (0.370486 * (f + 459.67) * (1 + 1.607858 * ratio)) / psia;

export const ratioOf = (dryBulbF: number, wetBulbF: number, psia: number): number =>
  humidityRatioFromWetBulb(dryBulbF, Math.min(wetBulbF, dryBulbF), psia);
