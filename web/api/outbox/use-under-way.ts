import { useOutbox } from './use-outbox';
import { jobOf } from './waiting';

/**
 * Whether something of this job is on its way to the server, as far as this device knows. The sheet shows it already; what the
 * server would say of the job meanwhile is older than the sheet.
 */
export function useUnderWay(jobId: string, personId: string): boolean {
  const { waiting, box } = useOutbox(personId);
  return box === undefined || waiting.some((w) => !w.refused && jobOf(w.path) === jobId);
}
