import { useMemo } from 'react';
import { useOutbox } from '@/web/api/outbox/use-outbox';
import { jobOf } from '@/web/api/outbox/waiting';

/** How much of each job is on this device only: written here, and the server does not have it yet. */
export type Unsent = ReadonlyMap<string, number>;

export function useUnsent(personId: string | undefined): Unsent {
  const { waiting } = useOutbox(personId);
  return useMemo(() => {
    const counts = new Map<string, number>();
    for (const { path } of waiting) {
      const job = jobOf(path);
      if (job) counts.set(job, (counts.get(job) ?? 0) + 1);
    }
    return counts;
  }, [waiting]);
}
