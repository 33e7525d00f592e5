import { createHash } from 'node:crypto';
import { refusal } from '@/core/finding/outcome';
import type { Db } from './db/pool';
import { Problem } from './errors/problem';
import type { Person } from './features/people/people-store';
import { tell } from './words/tell';

/** A write with an id of its own: what it writes, on which job (none for the company's own records), and what was sent. */
export type Write = { id: string; what: string; jobId: string | null; body: unknown };
type Row = { companyId: string; jobId: string | null; what: string; bodyHash: string };

/** The same content whatever the order of its fields. */
function hashOf(body: unknown): string {
  const sorted = (x: unknown): unknown =>
    Array.isArray(x)
      ? x.map(sorted)
      : x !== null && typeof x === 'object'
        ? Object.fromEntries(
            Object.entries(x)
              .filter(([, v]) => v !== undefined)
              .sort(([a], [b]) => (a < b ? -1 : 1))
              .map(([k, v]) => [k, sorted(v)]),
          )
        : x;
  return createHash('sha256')
    .update(JSON.stringify(sorted(body)))
    .digest('hex');
}

/** Whether this very write is there already. The id of another company or job is not there; another body is refused. */
export async function isWritten(db: Db, person: Person, write: Write): Promise<boolean> {
  const row = await db.one<Row>(
    'select company_id as companyId, job_id as jobId, what, body_hash as bodyHash from writes where id = :id',
    { id: write.id },
  );
  if (!row) return false;
  if (row.companyId !== person.companyId || row.jobId !== write.jobId) throw new Problem('not-found');
  if (row.what !== write.what || row.bodyHash !== hashOf(write.body))
    throw new Problem('other-body', refusal('id', tell('server.this-id-already-holds-other'), tell('server.new-id')));
  return true;
}

/**
 * Takes the id, in the transaction of what it guards: true when the work is still to do. Whoever sends the same id at the
 * same moment waits here for the first to end, so that fifty identical posts are one write.
 */
export async function writesFirst(db: Db, person: Person, write: Write): Promise<boolean> {
  const taken = await db.changed(
    `insert ignore into writes (id, company_id, job_id, what, body_hash, person_id, written_at)
     values (:id, :companyId, :jobId, :what, :bodyHash, :personId, :now)`,
    {
      id: write.id,
      companyId: person.companyId,
      jobId: write.jobId,
      what: write.what,
      bodyHash: hashOf(write.body),
      personId: person.id,
      now: new Date(),
    },
  );
  return taken || !(await isWritten(db, person, write));
}
