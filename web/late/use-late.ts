import useSWR from 'swr';
import type { LateList } from '@/contract/answers/late';
import { may, type Role } from '@/core/job/permissions';
import { get } from '@/web/api/http';

/** How often whoever leads hears of what came in, ms. */
const EVERY_MS = 60_000;

/** What of a job arrived after its signature. */
export function useLate(jobId: string) {
  const { data, mutate } = useSWR<LateList>(`/jobs/${jobId}/late`, get, { refreshInterval: EVERY_MS });
  return { late: data?.late ?? [], mutate };
}

/** What nobody has looked at yet, of all jobs that concern this person. */
export function useUnseen(role: Role | undefined) {
  const told = may(role, 'amend') || may(role, 'keep-people');
  const { data } = useSWR<LateList>(told ? '/late' : null, get, { refreshInterval: EVERY_MS });
  return data?.late ?? [];
}
