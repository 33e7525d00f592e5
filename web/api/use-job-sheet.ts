import { useCallback } from 'react';
import useSWR from 'swr';
import type { JobSheet } from '@/core/job/sheet';
import { type ApiProblem, get, post, put } from './http';

/** One job's sheet; every write answers with the new sheet, which replaces the one on screen. */
export function useJobSheet(jobId: string) {
  const { data, error, mutate } = useSWR<JobSheet, ApiProblem>(`/jobs/${jobId}`, get, { refreshInterval: 15_000 });
  const take = useCallback(
    (sheet: JobSheet): JobSheet => {
      void mutate(sheet, { revalidate: false });
      return sheet;
    },
    [mutate],
  );
  const send = useCallback(
    async (path: string, body: unknown): Promise<JobSheet> => take(await post<JobSheet>(path, body)),
    [take],
  );
  const replace = useCallback(
    async (path: string, body: unknown): Promise<JobSheet> => take(await put<JobSheet>(path, body)),
    [take],
  );
  const reload = useCallback(async () => void (await mutate()), [mutate]);
  return { sheet: data, trouble: error, send, replace, reload };
}
export type JobActions = Pick<ReturnType<typeof useJobSheet>, 'send' | 'replace' | 'reload'>;
