import { z } from 'zod';
import { characters, range, YES_NO } from '@/core/finding/allow';

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

/** Text of so many characters, the white space round it taken off. */
export const chars = (least: number, most: number) =>
  z.string().trim().min(least).max(most).meta(characters(least, most));

export const yesNo = z.boolean().meta(YES_NO);
