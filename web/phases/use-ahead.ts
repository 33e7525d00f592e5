import { useEffect, useRef, useState } from 'react';
import { isDecision, isWait, type Move, shapeOf } from '@/core/job/move';
import type { JobView } from './job-context';

/** Simulated seconds that pass between two looks at the next move. */
const STEP_S = 15;
/** Longer than this nothing is waited for in one go, simulated s. */
const LONGEST_S = 4 * 3600;

/**
 * Takes simulated instruments to the next decision: the plant runs at full speed in small steps until there is
 * something to decide.
 * Never with gear of the crew's own, whose time passes by itself.
 */
export function useAhead(view: JobView, phase: string, move: Move) {
  const run = view.run?.phase === phase && view.run.source === 'simulated' ? view.run : undefined;
  const { order } = view;
  const at = view.feed.samples.at(-1)?.runSeconds ?? 0;
  const [goal, setGoal] = useState<{ shape: string; untilS: number }>();
  const asked = useRef(-1);
  const decided = goal !== undefined && isDecision(move, goal.shape);
  const possible = run !== undefined && (isWait(move) || goal !== undefined);

  useEffect(() => {
    if (!goal || !run) return;
    if (decided || at >= goal.untilS) {
      setGoal(undefined);
      return;
    }
    // The next step is asked for once the samples of the last one are here and judged.
    if (at <= asked.current) return;
    asked.current = at;
    order({ kind: 'ahead', seconds: STEP_S }).catch(() => setGoal(undefined));
  }, [goal, run, decided, at, order]);

  return {
    possible,
    running: goal !== undefined,
    start: () => {
      asked.current = -1;
      setGoal({ shape: shapeOf(move), untilS: at + LONGEST_S });
    },
    stop: () => setGoal(undefined),
  };
}
