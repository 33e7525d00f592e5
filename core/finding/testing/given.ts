import type { Outcome } from '@/core/finding/outcome';

/** What a calculation gives; a refusal fails the test with its words. */
export function given<T>(outcome: Outcome<T>): T {
  if (!outcome.ok) throw new Error(`refused: ${JSON.stringify(outcome.refused)}`);
  return outcome.value;
}
