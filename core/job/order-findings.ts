import { type Finding, LADDER, type NextMove, type Verdict } from '@/core/finding/finding';

const WITHIN_STEP: Record<Verdict, number> = { stop: 0, 'not-proven': 1, 'look-again': 2, good: 3 };

/**
 * Stop first; then by the ladder; within a step not-proven before look-again before good; then by size of miss.
 * Good findings come last whatever their step, so that the list reads as work to do.
 */
export function orderFindings(findings: readonly Finding[]): Finding[] {
  const rank = (f: Finding): number[] => [
    f.verdict === 'stop' ? 0 : f.verdict === 'good' ? 2 : 1,
    LADDER.indexOf(f.step),
    WITHIN_STEP[f.verdict],
    -f.miss,
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

/**
 * The job's next move: that of the first finding which has one. A proof that stays owed asks for nothing today; a finding
 * that is open and knows no move is told as it stands, never passed by as good.
 */
export function nextMove(ordered: readonly Finding[], otherwise: NextMove): NextMove {
  const open = ordered.filter((f) => f.verdict !== 'good' && !f.owed);
  const moving = open.find((f) => f.next);
  if (moving) return moving.next!;
  const [first] = open;
  return first ? { say: first.claim, because: first.because, action: { kind: 'none' } } : otherwise;
}

/** The worst verdict of a list, for a phase's mark. */
export function worstVerdict(findings: readonly Finding[]): Verdict {
  const order: Verdict[] = ['stop', 'not-proven', 'look-again', 'good'];
  return order.find((v) => findings.some((f) => f.verdict === v)) ?? 'not-proven';
}
