import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { NewObservation } from '@/contract/before';
import type { JobSheet } from '@/core/job/sheet';
import type { FactValue } from '@/core/scope/survey/fact';
import type { Fact } from '@/core/scope/survey/facts';
import { ApiProblem } from '@/web/api/http';
import { asObservations, flush, openOutbox } from '@/web/api/outbox';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import type { How } from './FactRow';

const RETRY_MS = 5_000;
/** Trouble that passes: no connection, a server that is down, a session that ran out. The answer stays and is sent again. */
const waits = (e: ApiProblem): boolean =>
  e.code === 'offline' || e.status >= 500 || e.status === 401 || e.status === 429;

/**
 * Answers of the survey: on the sheet at once, in the outbox until the server has them. Without a signal the walk goes
 * on; when it is back everything is sent with the time at which it was seen.
 */
export function useAnswers(view: JobView) {
  const jobId = view.sheet.job.id;
  const personId = view.me.id;
  const { send } = view.actions;
  const outbox = useMemo(() => openOutbox(window.localStorage, { personId, jobId }), [personId, jobId]);
  const [waiting, setWaiting] = useState<NewObservation[]>(() => outbox.list());
  const [problem, setProblem] = useState<ApiProblem>();
  const [offline, setOffline] = useState(false);
  const busy = useRef(false);

  const push = useCallback(async (): Promise<void> => {
    if (busy.current) return;
    busy.current = true;
    const result = await flush(
      outbox,
      (observations) => send(`/jobs/${jobId}/observations`, { observations }),
      (error) => error instanceof ApiProblem && waits(error),
    );
    busy.current = false;
    setWaiting(outbox.list());
    setOffline(result.kind === 'offline');
    if (result.kind === 'refused')
      setProblem(
        result.problem instanceof ApiProblem
          ? result.problem
          : new ApiProblem({ message: say(tell('web.answer-could-not-be-stored')) }, 0),
      );
    // Given while the others were on their way.
    if (result.kind === 'stored' && outbox.list().length) void push();
  }, [outbox, send, jobId]);

  useEffect(() => {
    const again = (): void => void (outbox.list().length && push());
    again();
    window.addEventListener('online', again);
    const timer = setInterval(again, RETRY_MS);
    return () => {
      window.removeEventListener('online', again);
      clearInterval(timer);
    };
  }, [outbox, push]);

  const answer = useCallback(
    (fact: Fact, value: FactValue | null, how: How): void => {
      setProblem(undefined);
      outbox.add({ id: uuid(), fact: fact.key, value, ...how, occurredAt: new Date().toISOString() });
      setWaiting(outbox.list());
      void push();
    },
    [outbox, push],
  );

  const stored = new Set(view.sheet.survey.observations.map((o) => o.id));
  const unsent = asObservations(
    waiting.filter((o) => !stored.has(o.id)),
    view.me.fullName,
  );
  const sheet: JobSheet = unsent.length
    ? { ...view.sheet, survey: { ...view.sheet.survey, observations: [...view.sheet.survey.observations, ...unsent] } }
    : view.sheet;
  return { sheet, answer, problem, unsent: offline ? unsent.length : 0 };
}
