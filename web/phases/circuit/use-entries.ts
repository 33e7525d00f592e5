import { v7 as uuid } from 'uuid';
import type { Answers } from '@/core/form/field';
import { entryFrom, standingFrom } from '@/core/phases/live/read-entry';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import { nowIso } from '@/web/api/clock';
import { usable } from '@/web/device-run/order-device';
import type { JobView } from '../job-context';

/** Writes into the circuit log of this job. */
export function useEntries(view: Pick<JobView, 'sheet' | 'actions' | 'own' | 'feed'>) {
  return async (kind: EntryKind, body: Answers, supersedesId: string | null = null) =>
    view.actions.send(`/jobs/${view.sheet.job.id}/circuit-entries`, {
      id: uuid(),
      kind,
      body: readHere(view, kind, body),
      supersedesId,
      occurredAt: nowIso(),
    });
}

/** What names a run of this device is read off it here; the server reads its own. */
function readHere({ own, feed }: Pick<JobView, 'own' | 'feed'>, kind: EntryKind, body: Answers): object {
  if (!own || body.runId !== own.id) return body;
  if (kind === 'standing') return usable(standingFrom(body as EntryBody<'standing'>, feed));
  const { samples, events } = feed;
  return usable(entryFrom(kind, body as EntryBody<EntryKind>, { samples, events, switches: feed.bench?.switches }));
}
