import type { ChargeMovement } from '@/core/circuit/weigh-in';
import type { SheetMeasurement } from './sheet';
/** Measurements that a later one has not replaced. */
export function standing(measurements: readonly SheetMeasurement[]): SheetMeasurement[] {
  const replaced = new Set(measurements.map((m) => m.supersedesId).filter((id) => id !== null));
  return measurements.filter((m) => !replaced.has(m.id));
}

/** Stage of the row that takes a weighing back. */
export const WITHDRAWN = 'withdrawn';

/** Ounces moved on the scale, in order; recovered amounts are stored negative. */
export function movementsOf(measurements: readonly SheetMeasurement[]): (ChargeMovement & SheetMeasurement)[] {
  return standing(measurements)
    .filter((m) => m.quantity === 'chargeMovementOz' && m.stage !== WITHDRAWN)
    .map((m) => ({ ...m, oz: m.value, kind: m.stage as ChargeMovement['kind'] }));
}
