import { useMemo, useRef } from 'react';
import type { Verdict } from '@/core/finding/finding';
import { steadinessOf } from '@/core/phases/start-up/held';
import type { Judgement } from '@/core/phases/start-up/next';
import { placesOf } from '@/core/phases/start-up/probe-place';
import { readingsOfRound } from '@/core/phases/start-up/rounds';
import { judgeSheet, judgeTyped, recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import type { RunData } from '@/core/phases/start-up/system';
import { readingsFromRun, withTyped } from '@/core/startup/live';
import { placed } from '@/core/startup/probe-place';
import type { Readings } from '@/core/startup/quantities';
import type { SteadyResult } from '@/core/startup/steady-state';
import type { FeedSnapshot } from '@/web/api/instrument-feed';
import { useNow } from '@/web/api/use-now';
import type { EquippedView } from '../job-context';
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
/** Between typed rounds only the clock moves: it is looked at this often. */
const SLOW_MS = 5000;

function verdictsOf(judgement: Judgement): StartUpView['verdicts'] {
  return Object.fromEntries(judgement.findings.map((f) => [f.id, f.verdict]));
}

/** The part of a run that a recorded reading rests on. */
export function upTo(feed: FeedSnapshot, seconds: number): RunData {
  return {
    samples: feed.samples.filter((s) => s.runSeconds <= seconds),
    events: feed.events.filter((e) => e.runSeconds <= seconds),
  };
}

/**
 * Once signed, the recorded reading stands on the screen. Before that, the live judgement: readings of the run (typed
 * ones replace them), steadiness, figures, findings.
 */
export function useStartUp(view: EquippedView, typed: Typed): StartUpView {
  const { sheet, feed, run } = view;
  const feedRunId = (run ?? view.pastRun)?.id;
  const signed = sheet.signOffs.some((s) => s.phase === 'start-up');
  const now = useNow();
  const streaming = run?.phase === 'start-up' && feed.samples.length > 0;
  // A recording is as old as it is: its last reading stays what it was.
  const ages = streaming && run?.source !== 'replayed';
  const staleForS = ages ? Math.max(0, Math.floor((now - feed.lastAt) / 1000)) : 0;
  const slowNow = streaming ? 0 : Math.floor(now / SLOW_MS);
  const kept = useRef<{ at: number; steady: SteadyResult; key: string }>(undefined);

  const steady = useMemo(() => {
    if (!streaming) return undefined;
    const key = `${run?.id}-${feed.events.length}`;
    const recent = kept.current;
    if (recent && recent.key === key && Date.now() - recent.at < STEADY_EVERY_MS) return recent.steady;
    const result = steadinessOf(sheet, { samples: feed.samples, events: feed.events });
    kept.current = { at: Date.now(), steady: result, key };
    return result;
  }, [streaming, sheet, run?.id, feed.samples, feed.events]);

  return useMemo(() => {
    const recorded = signed
      ? recordedStartUp(sheet, (runId, seconds) => (runId === feedRunId ? upTo(feed, seconds) : undefined))
      : undefined;
    if (recorded) {
      return {
        readings: readingsOfRound(recorded.measurements),
        steady: recorded.steady,
        judgement: recorded.judgement,
        verdicts: verdictsOf(recorded.judgement),
        streaming: false,
        staleForS: 0,
      };
    }
    if (!streaming || !steady) {
      const { readings, steady: repeated, judgement } = judgeTyped(sheet, typed.values, slowNow * SLOW_MS);
      return { readings, steady: repeated, judgement, verdicts: verdictsOf(judgement), streaming: false, staleForS: 0 };
    }
    const live = readingsFromRun(feed.samples, run?.source ?? 'simulated', staleForS);
    const readings = placed(withTyped(live, typed.values), placesOf(sheet));
    const judgement = judgeSheet(sheet, readings, steady, { samples: feed.samples, events: feed.events });
    return { readings, steady, judgement, verdicts: verdictsOf(judgement), streaming, staleForS };
  }, [streaming, feed, run?.source, feedRunId, staleForS, typed.values, sheet, steady, signed, slowNow]);
}
