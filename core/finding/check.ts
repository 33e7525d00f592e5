import type { Verdict } from './finding';

/** One thing looked at before the work: what holds, what does not, and the one thing to do about it. */
export type Check = {
  id: string;
  verdict: Verdict;
  claim: string;
  because: string;
  source: string;
  /** The concrete action, when there is one. */
  next?: string;
  /** The entry of the log that it is about, where one can be put right. */
  subject?: string;
  /** Size of the miss in units of its tolerance; orders checks of one verdict. */
  miss?: number;
};

const ORDER: Record<Verdict, number> = { stop: 0, 'look-again': 1, 'not-proven': 2, good: 3 };

/** Stop first, then what was measured and missed, then what nobody knows; larger misses first. */
export function orderChecks(checks: readonly Check[]): Check[] {
  return [...checks].sort((a, b) => ORDER[a.verdict] - ORDER[b.verdict] || (b.miss ?? 0) - (a.miss ?? 0));
}

/** What a list says about one thing; what it does not speak of is not proven. */
export const verdictOf =
  (checks: readonly Check[]) =>
  (id: string): Verdict =>
    checks.find((c) => c.id === id)?.verdict ?? 'not-proven';

export type VerdictOf = ReturnType<typeof verdictOf>;

/** The worst verdict of a list; nothing looked at is not proven. */
export function worstOf(checks: readonly Check[]): Verdict {
  return orderChecks(checks)[0]?.verdict ?? 'not-proven';
}
