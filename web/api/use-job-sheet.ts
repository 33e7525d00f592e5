import { useCallback, useMemo, useRef } from 'react';
import useSWR from 'swr';
import type { JobSheet } from '@/core/job/sheet';
import { sheetPath, writePath } from './circuit-path';
import { type ApiProblem, get, post } from './http';
import { takeSheet, write } from './outbox/our-outbox';
import { withWaiting } from './outbox/overlay';
import { useOutbox } from './outbox/use-outbox';
import type { Me } from './use-me';

/** One job's sheet with what this device still has to send; every write answers with the new one. */
export function useJobSheet(jobId: string, me: Me | undefined, circuitId?: string) {
  const { data, error, mutate } = useSWR<JobSheet, ApiProblem>(sheetPath(jobId, circuitId), get, {
    refreshInterval: 15_000,
  });
  const { waiting, box } = useOutbox(me?.id);
  const sheet = useMemo(() => data && me && withWaiting(data, waiting, me), [data, waiting, me]);
  const stored = useRef(data);
  stored.current = data;

  const send = useCallback(
    async (method: 'POST' | 'PUT', path: string, body: object): Promise<JobSheet> => {
      // By the page that writes, not by the one that is open when it is sent: a save may come after another circuit is opened.
      const outcome = await write(method, writePath(circuitId, path), body);
      if (outcome.kind === 'stored') return (outcome.answer ?? (await mutate())) as JobSheet;
      // It waits: what is shown is the sheet with it.
      return withWaiting(stored.current!, box?.list() ?? [], me!);
    },
    [mutate, box, me, circuitId],
  );
  const actions = useMemo(
    () => ({
      send: (path: string, body: object) => send('POST', path, body),
      replace: (path: string, body: object) => send('PUT', path, body),
      /** A command that makes no sense later: it needs the connection now. */
      now: async (path: string, body: object): Promise<JobSheet> => {
        const answer = await post<JobSheet>(writePath(circuitId, path), body);
        takeSheet(answer);
        return answer;
      },
      reload: async (): Promise<void> => void (await mutate()),
    }),
    [send, mutate, circuitId],
  );
  return { sheet, trouble: data ? undefined : error, actions };
}
export type JobActions = ReturnType<typeof useJobSheet>['actions'];
