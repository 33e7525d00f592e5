import { z } from 'zod';

/** A number field with its range and unit; the range is said in the refusal and on the formulas page. */
export function num(low: number, high: number, unit: string) {
  return z
    .number()
    .min(low)
    .max(high)
    .describe(`${low} to ${high}${unit ? ` ${unit}` : ''}`);
}

/** One of a list of names. */
export function oneOf<const T extends readonly [string, ...string[]]>(names: T) {
  return z.enum(names).describe(names.join(', '));
}
