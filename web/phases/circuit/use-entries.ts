import { v7 as uuid } from 'uuid';
import type { Answers } from '@/core/form/field';
import type { EntryKind } from '@/core/phases/log/entries';
import { nowIso } from '@/web/api/clock';
import type { JobView } from '../job-context';

/** Writes into the circuit log of this job. */
export function useEntries(view: Pick<JobView, 'sheet' | 'actions'>) {
  return (kind: EntryKind, body: Answers, supersedesId: string | null = null) =>
    view.actions.send(`/jobs/${view.sheet.job.id}/circuit-entries`, {
      id: uuid(),
      kind,
      body,
      supersedesId,
      occurredAt: nowIso(),
    });
}
