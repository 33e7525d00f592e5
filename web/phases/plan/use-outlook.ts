import { useEffect, useState } from 'react';
import type { DayView } from '@/core/phases/plan/day-view';
import type { DayActivity } from '@/core/plan/day/activity';
import type { Advice } from '@/core/plan/day/advice';
import type { DayAnswer, DayQuestion } from '@/web/workers/day-worker';

/** The clock moves on; the chance is asked anew when this much of it has gone by, h. */
const STEP_H = 1 / 12;

export type Outlook = { advice: Advice | undefined; ends: number[] | undefined };

/** What would bring the end of the day forward, and when it may end, from two thousand runs of what is left; by a worker. */
export function useOutlook(day: DayView): Outlook {
  const [answer, setAnswer] = useState<{ key: string } & Partial<Outlook>>();
  const key = JSON.stringify(questionOf(day));

  useEffect(() => {
    // One worker a question: an older one that still runs is of no use any more.
    const worker = new Worker(new URL('../../workers/day-worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<DayAnswer>) =>
      setAnswer((before) => ({ ...(before?.key === key ? before : {}), key, ...data }));
    worker.postMessage(JSON.parse(key) as DayQuestion);
    return () => worker.terminate();
  }, [key]);
  const current = day.finished || answer?.key !== key ? undefined : answer;
  return { advice: current?.advice, ends: current?.ends };
}

/** What the runs need, as plain data: heat is in the hours already. */
function questionOf({ held, crew, now, placed, rules }: DayView): DayQuestion {
  const starts = new Map(placed.map((p) => [p.id, p.start]));
  const pieces = held.map(
    ({
      id,
      hours,
      after,
      people,
      gear,
      certified,
      prefers,
      hot,
      notBefore,
      windows,
      who,
      done,
      begun,
    }): DayActivity => ({
      id,
      hours: hours * (hot && !done && rules.stretch ? rules.stretch(hot, starts.get(id)!) : 1),
      after,
      people,
      gear,
      certified: certified === true,
      prefers,
      notBefore,
      windows,
      who,
      done,
      ...(begun === undefined ? {} : { begun }),
    }),
  );
  return {
    pieces,
    crew,
    now: now === undefined ? undefined : Math.floor(now / STEP_H) * STEP_H,
    spreads: Object.fromEntries(held.map((p) => [p.id, p.sigma])),
    seed: 1,
  };
}
