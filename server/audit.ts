import type { Deed } from '@/core/job/deeds';
import type { Db } from './db/pool';
import type { Person } from './features/people/people-store';

/** One line of the audit trail, in the transaction of what it tells. */
export async function audit(
  db: Db,
  person: Person,
  jobId: string | null,
  what: Deed,
  detail: Record<string, unknown>,
): Promise<void> {
  await db.later(
    'insert into audit (company_id, person_id, job_id, what, detail) values (:companyId, :personId, :jobId, :what, :detail)',
    {
      companyId: person.companyId,
      personId: person.id,
      jobId,
      what,
      detail: JSON.stringify(detail),
    },
  );
}
