import type { Reading, Readings } from './quantities';

/** Where the supply air is read: in the plenum out of sight of the coil, or at the register nearest to the unit. */
export const SUPPLY_PLACES = ['plenum', 'register'] as const;
export type SupplyPlace = (typeof SUPPLY_PLACES)[number];
/** Both lines at once, or one clamp that is moved from the one to the other. */
export const CLAMP_WAYS = ['two', 'one moved'] as const;
export type ClampWay = (typeof CLAMP_WAYS)[number];

/** On its way to the nearest register the air takes up, or loses, between nothing and this (common practice: 1 to 2 °F), °F. */
export const DUCT_GAIN_F = 2;
/** A line moves by about this while a clamp is taken off, put on the other one and settles (house rule), °F. */
export const MOVED_F = 1;

export type Placed = { supply?: SupplyPlace | undefined; clamps?: ClampWay | undefined };
const LINES = ['suctionLineF', 'liquidLineF'] as const;

/** The place of a quantity, where it costs something. */
export const placeOf = (quantity: string, { supply, clamps }: Placed): Reading['place'] =>
  quantity === 'supplyDryBulbF' && supply === 'register'
    ? 'register'
    : clamps === 'one moved' && (LINES as readonly string[]).includes(quantity)
      ? 'moved'
      : undefined;

/** Readings with the places that they were read in. */
export function placed(readings: Readings, at: Placed): Readings {
  const out: Record<string, Reading | undefined> = { ...readings };
  for (const [name, r] of Object.entries(readings)) {
    const place = placeOf(name, at);
    if (place) out[name] = { ...r, place };
  }
  return out;
}

/** How far a probe may be off with what its place may cost besides, °F. */
export const offAt = (probeF: number, place: Reading['place']): number =>
  place === 'register' ? Math.hypot(probeF, DUCT_GAIN_F / 2) : place === 'moved' ? Math.hypot(probeF, MOVED_F) : probeF;

/** How much too small a split or a rise may read because of the place, °F. */
export const readsLowF = (readings: Readings): number =>
  readings.supplyDryBulbF?.place === 'register' ? DUCT_GAIN_F : 0;
