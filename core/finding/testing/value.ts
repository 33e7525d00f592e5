import type { Outcome } from '@/core/finding/outcome';
import { english } from '@/core/words/testing/english';

/** What was worked out; a refusal fails the test in its own words. */
export function value<T>(r: Outcome<T>): T {
  if (!r.ok) throw new Error(`${r.refused.field}: ${english(r.refused.message)}`);
  return r.value;
}
