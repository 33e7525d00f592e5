import type { Database } from '@/server/db/pool';
import { refreshSummary } from '@/server/features/jobs/job-summary';
import { memoryStore } from './memory-store';

/** Remembers jobs that were written before this was kept, one after another, beside whatever else goes on. */
export async function rememberAll(database: Database): Promise<number> {
  let done = 0;
  for (;;) {
    const missing = await memoryStore.missing(database);
    if (missing.length === 0) return done;
    for (const { companyId, jobId } of missing)
      await database.transaction((db) => refreshSummary(db, companyId, jobId));
    done += missing.length;
  }
}
