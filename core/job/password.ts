import { z } from 'zod';
import { allows, REFUSED } from '@/core/finding/allow';
import { tell } from '@/core/finding/words';

/** Shortest password (NIST SP 800-63B asks for 8 and advises more, from memory; this product asks for more), characters. */
export const LEAST_PASSWORD = 10;
const MOST_PASSWORD = 200;
/** What everybody tries first, whatever stands before or after it. */
const COMMON = [
  'password',
  'contraseña',
  '1234567890',
  '0123456789',
  'qwertyuiop',
  'letmein',
  'welcome',
  'iloveyou',
  'millbridge',
  'mill-bridge',
];

/** A password that a person chooses: by its length and by not being one of those that everybody tries. */
export const passwordSchema = z
  .string()
  .min(LEAST_PASSWORD)
  .max(MOST_PASSWORD)
  .refine((p) => !isCommon(p), REFUSED.commonPassword)
  .meta(allows(tell('finding.password-of', { least: LEAST_PASSWORD })));

/** One character over and over, or a usual one with a few characters about it. */
function isCommon(password: string): boolean {
  const plain = password.toLowerCase();
  if (new Set(plain).size < 4) return true;
  return COMMON.some((c) => plain.includes(c) && plain.length < c.length + LEAST_PASSWORD / 2);
}
