import { type Finding, LADDER, type Verdict } from './finding';

const WITHIN_STEP: Record<Verdict, number> = { stop: 0, 'not-proven': 1, 'look-again': 2, good: 3 };

/**
 * Stop first; then by the ladder; within a step not-proven before look-again before good; then by size of miss.
 * Good findings come last whatever their step, so that the list reads as work to do.
 */
export function orderFindings(findings: readonly Finding[]): Finding[] {
  const rank = (f: Finding): number[] => [
    f.verdict === 'stop' ? 0 : f.verdict === 'good' ? 2 : 1,
    f.step ? LADDER.indexOf(f.step) : -1,
    WITHIN_STEP[f.verdict],
    -(f.miss ?? 0),
  ];
  return [...findings].sort((a, b) => {
    const ra = rank(a);
    const rb = rank(b);
    for (let i = 0; i < ra.length; i++) {
      const d = ra[i]! - rb[i]!;
      if (d !== 0) return d;
    }
    return 0;
  });
}

/** What a list says about one thing; what it does not speak of is not proven. */
export const verdictOf =
  (findings: readonly Finding[]) =>
  (id: string): Verdict =>
    findings.find((f) => f.id === id)?.verdict ?? 'not-proven';

export type VerdictOf = ReturnType<typeof verdictOf>;

/** The verdict that a list comes to, for its mark: that of the first finding in order; nothing looked at is not proven. */
export function worstOf(findings: readonly Finding[]): Verdict {
  return orderFindings(findings)[0]?.verdict ?? 'not-proven';
}
