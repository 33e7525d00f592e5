import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { OZ_PER_LB } from '@/core/units/units';
import { type Cylinder, cylinderChecks, cylinderFillOf, refusesCylinder } from './cylinder';

/** A cylinder with less room than this is full: a machine would be stopped as soon as it starts (design default), oz. */
const LEAST_ROOM_OZ = OZ_PER_LB;

/** Whether a cylinder may be filled with this refrigerant at all, and has room worth starting for. */
export function mayTake(c: Cylinder, refrigerant: Refrigerant, today: string): boolean {
  const fill = cylinderFillOf(c, refrigerant);
  return (
    c.use === 'recovery' &&
    fill !== undefined &&
    fill.leftOz >= LEAST_ROOM_OZ &&
    !refusesCylinder(cylinderChecks(c, refrigerant, undefined, today))
  );
}

/** What all usable cylinders together still take, oz. */
export const roomOz = (list: readonly Cylinder[], refrigerant: Refrigerant, today: string): number =>
  list
    .filter((c) => mayTake(c, refrigerant, today))
    .reduce((sum, c) => sum + (cylinderFillOf(c, refrigerant)?.leftOz ?? 0), 0);

/**
 * The cylinder to recover into: the one in use while it has room; else the fullest that takes all that is still to come;
 * else the one with the most room. Never one that is full, overdue, of another refrigerant or too weak.
 *
 * @param usedId the cylinder this job last filled · @param expectedOz still to come, when it is known
 */
export function recoveryCylinder<C extends Cylinder>(
  list: readonly C[],
  refrigerant: Refrigerant | undefined,
  today: string,
  usedId?: string,
  expectedOz?: number,
): C | undefined {
  const used = list.find((c) => c.id === usedId);
  if (!refrigerant) return used;
  if (used && mayTake(used, refrigerant, today)) return used;
  const usable = list.filter((c) => mayTake(c, refrigerant, today));
  const room = (c: C): number => cylinderFillOf(c, refrigerant)?.leftOz ?? 0;
  const whole = usable.filter((c) => room(c) >= (expectedOz ?? 0));
  if (whole.length) return whole.sort((a, b) => b.contentsOz - a.contentsOz || a.tag.localeCompare(b.tag))[0];
  return usable.sort((a, b) => room(b) - room(a) || a.tag.localeCompare(b.tag))[0];
}
