import type { Reading, Readings } from './quantities';

/** Where the supply air is read: in the plenum out of sight of the coil, or at the register nearest to the unit. */
export const SUPPLY_PLACES = ['plenum', 'register'] as const;
export type SupplyPlace = (typeof SUPPLY_PLACES)[number];

/** On its way to the nearest register the air takes up, or loses, between nothing and this (common practice: 1 to 2 °F), °F. */
export const DUCT_GAIN_F = 2;

/** Readings with the place that their supply air was read in; one that has its place keeps it. */
export function placed(readings: Readings, place: SupplyPlace | undefined): Readings {
  const supply = readings.supplyDryBulbF;
  return supply && place === 'register' ? { ...readings, supplyDryBulbF: { ...supply, place: 'register' } } : readings;
}

/** How far an air probe may be off with the way that the air has come since the unit: half of what the duct may take, °F. */
export const airOff = (probeF: number, place: Reading['place']): number =>
  place === 'register' ? Math.hypot(probeF, DUCT_GAIN_F / 2) : probeF;

/** How much too small a split or a rise may read because of the place, °F. */
export const readsLowF = (readings: Readings): number =>
  readings.supplyDryBulbF?.place === 'register' ? DUCT_GAIN_F : 0;
