import { useCallback, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { FactValue } from '@/core/scope/survey/fact';
import type { Fact } from '@/core/scope/survey/facts';
import { nowIso } from '@/web/api/clock';
import { ApiProblem } from '@/web/api/http';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import type { How } from './FactRow';

/** Answers of the survey: on the sheet at once, with the time at which it was seen; the outbox sends them. */
export function useAnswers({ sheet, actions }: Pick<JobView, 'sheet' | 'actions'>) {
  const [problem, setProblem] = useState<ApiProblem>();
  const path = `/jobs/${sheet.job.id}/observations`;
  const answer = useCallback(
    (fact: Fact, value: FactValue | null, how: How): void => {
      setProblem(undefined);
      const observation = { id: uuid(), fact: fact.key, value, ...how, occurredAt: nowIso() };
      actions.send(path, { observations: [observation] }).catch((error: unknown) => {
        const known = error instanceof ApiProblem;
        setProblem(known ? error : new ApiProblem({ message: t('web.answer-could-not-be-stored') }, 0));
      });
    },
    [actions, path],
  );
  return { answer, problem };
}
