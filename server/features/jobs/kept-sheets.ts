import { isDeepStrictEqual } from 'node:util';
import { LRUCache } from 'lru-cache';
import type { Certification } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import type { Db } from '@/server/db/pool';
import type { JobAt } from './job-at';
import { readSheetAnew, type UnseenSheet } from './job-sheet-store';

/** So many sheets stay read; a company of a hundred crews has about as many under way. */
const SHEETS = 400;
/** With this set, every sheet that is served from a copy is read again and compared: the tests run so. */
export const COPIES_CHECKED = process.env.MB_CHECK_COPIES === '1';

/** A sheet as it was read, and the change (0045-revisions) after which it was read. */
export type Stamped = { stamp: string; sheet: UnseenSheet };

/** By database, job and circuit. */
const copies = new WeakMap<object, LRUCache<string, Stamped>>();

function copiesOf({ home }: Db): LRUCache<string, Stamped> {
  const there = copies.get(home) ?? new LRUCache<string, Stamped>({ max: SHEETS });
  copies.set(home, there);
  return there;
}

const nameOf = ({ jobId, circuitId }: JobAt): string => `${jobId}/${circuitId ?? ''}`;

/** The last change of what the sheets of this job are read from; undefined: no job of this company. */
export async function stampOf(db: Db, companyId: string, jobId: string): Promise<string | undefined> {
  const [row] = await db.rows<{ stamp: string }>(
    `select concat(j.company_id, '.', coalesce(r.n, 0), '.', coalesce(c.n, 0)) as stamp from jobs j
     left join job_revisions r on r.job_id = j.id left join company_revisions c on c.company_id = j.company_id
     where j.company_id = :companyId and j.id = :jobId`,
    { companyId, jobId },
  );
  return row?.stamp;
}

/**
 * One whole job sheet as a circuit of it sees it: the copy of an earlier reading while nothing it rests on has changed, else
 * read anew. Frozen, since many share it. Undefined when the job is not this company's or the circuit not the job's.
 */
export async function readStamped(db: Db, companyId: string, at: JobAt): Promise<Stamped | undefined> {
  // Before the sheet: a copy may then be newer than its stamp says, which costs a reading, and never older.
  const stamp = await stampOf(db, companyId, at.jobId);
  if (stamp === undefined) return undefined;
  const copy = copiesOf(db).get(nameOf(at));
  if (copy?.stamp === stamp) {
    if (COPIES_CHECKED) await mustBeAsStored(db, companyId, at, copy);
    return copy;
  }
  const sheet = await readSheetAnew(db, companyId, at);
  if (!sheet) return undefined;
  const read = { stamp, sheet: frozen(sheet) };
  // What a transaction reads may be its own, and taken back.
  if (!db.inTransaction) keepSheet(db, at, read);
  return read;
}

/** Keeps what was read for the next one who asks: nothing of it may still be taken back. */
export function keepSheet(db: Db, at: JobAt, read: Stamped): void {
  copiesOf(db).set(nameOf(at), read);
}

/** The same for somebody of this certification. */
export async function readJobSheet(
  db: Db,
  companyId: string,
  at: JobAt,
  certification: Certification,
): Promise<JobSheet | undefined> {
  const read = await readStamped(db, companyId, at);
  return read && seenBy(certification, read);
}

export const seenBy = (certification: Certification, { sheet }: Stamped): JobSheet => ({ ...sheet, certification });

function frozen<T>(value: T): T {
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return value;
  Object.freeze(value);
  for (const inner of Object.values(value)) frozen(inner);
  return value;
}

async function mustBeAsStored(db: Db, companyId: string, at: JobAt, copy: Stamped): Promise<void> {
  const anew = await readSheetAnew(db, companyId, at);
  // Somebody wrote in the middle of it: nothing can be said.
  if ((await stampOf(db, companyId, at.jobId)) !== copy.stamp) return;
  if (isDeepStrictEqual(anew, copy.sheet)) return;
  const parts = Object.keys(copy.sheet) as (keyof UnseenSheet)[];
  const other = parts.filter((p) => !isDeepStrictEqual(anew?.[p], copy.sheet[p]));
  throw new Error(`the kept copy of job ${at.jobId} is not what is stored: ${other.join(', ')}`);
}
