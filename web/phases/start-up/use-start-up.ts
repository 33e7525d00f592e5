import { useMemo, useRef } from 'react';
import type { Verdict } from '@/core/finding/finding';
import { type Judgement, judgeSheet, steadinessOf, typedSteadiness } from '@/core/job/start-up-sheet';
import { readingsFromRun, withTyped } from '@/core/startup/live';
import type { Readings } from '@/core/startup/quantities';
import type { SteadyResult } from '@/core/startup/steady-state';
import { useNow } from '@/web/api/use-now';
import type { JobView } from '../job-context';
import type { Typed } from './use-typed';

export type StartUpView = {
  readings: Readings;
  steady: SteadyResult;
  judgement: Judgement;
  verdicts: Partial<Record<string, Verdict>>;
  streaming: boolean;
  staleForS: number;
};

/** Steadiness looks at minutes; once a second of run time is often enough. */
const STEADY_EVERY_MS = 900;

/** The live judgement of a start-up: readings of the run (typed ones replace them), steadiness, figures, findings. */
export function useStartUp(view: JobView, typed: Typed): StartUpView {
  const { sheet, feed, run } = view;
  const now = useNow();
  const streaming = run?.phase === 'start-up' && feed.samples.length > 0;
  const staleForS = streaming ? Math.max(0, Math.floor((now - feed.lastAt) / 1000)) : 0;
  const kept = useRef<{ at: number; steady: SteadyResult; key: string }>(undefined);

  const steady = useMemo(() => {
    if (!streaming) return typedSteadiness(sheet);
    const key = `${run?.id}-${feed.events.length}`;
    const recent = kept.current;
    if (recent && recent.key === key && Date.now() - recent.at < STEADY_EVERY_MS) return recent.steady;
    const result = steadinessOf(sheet, { samples: feed.samples, events: feed.events });
    kept.current = { at: Date.now(), steady: result, key };
    return result;
  }, [streaming, sheet, run?.id, feed.samples, feed.events]);

  return useMemo(() => {
    const live = streaming ? readingsFromRun(feed.samples, run?.source ?? 'simulated', staleForS) : {};
    const readings = withTyped(live, typed.values);
    const judgement = judgeSheet(
      sheet,
      readings,
      steady,
      streaming ? { samples: feed.samples, events: feed.events } : undefined,
    );
    const verdicts: Partial<Record<string, Verdict>> = {};
    for (const f of judgement.findings) verdicts[f.id] = f.verdict;
    return { readings, steady, judgement, verdicts, streaming, staleForS };
  }, [streaming, feed.samples, feed.events, run?.source, staleForS, typed.values, sheet, steady]);
}
