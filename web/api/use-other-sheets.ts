import { useMemo } from 'react';
import useSWR from 'swr';
import type { JobSheet } from '@/core/job/sheet';
import { sheetPath } from './circuit-path';
import { get } from './http';
import { withWaiting } from './outbox/overlay';
import { useOutbox } from './outbox/use-outbox';
import type { Me } from './use-me';

/** The sheets of other circuits of a job, with what this device still has to send; those that have come. */
export function useOtherSheets(jobId: string, me: Me, circuitIds: readonly string[]): JobSheet[] {
  const paths = circuitIds.map((id) => sheetPath(jobId, id));
  const { data } = useSWR<JobSheet[]>(paths.length ? ['sheets', ...paths] : null, () =>
    Promise.all(paths.map((path) => get<JobSheet>(path))),
  );
  const { waiting } = useOutbox(me.id);
  return useMemo(() => (data ?? []).map((sheet) => withWaiting(sheet, waiting, me)), [data, waiting, me]);
}
