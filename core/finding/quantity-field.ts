import { z } from 'zod';
import { range } from '@/core/finding/allow';

/** A number field with its range and unit; the range is said in the refusal and on the formulas page. */
export function num(low: number, high: number, unit: string) {
  return z
    .number()
    .min(low)
    .max(high)
    .meta(range(low, high, unit));
}

/** One of a list of names. */
export function oneOf<const T extends readonly [string, ...string[]]>(names: T) {
  return z.enum(names).describe(names.join(', '));
}
