import { isDeepStrictEqual } from 'node:util';
import { LRUCache } from 'lru-cache';
import type { Certification } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import type { Db } from '@/server/db/pool';
import type { JobAt } from './job-at';
import { readSheet, type SheetMade, type UnseenSheet } from './job-sheet-store';
import type { Revised } from './sheet-parts';

/** So many sheets stay read, one a circuit; a company of a hundred crews has fewer under way. */
export const SHEETS = 1000;
/** With this set, every so many sheets that are served from a copy are read again and compared: the tests run so. */
const CHECK_EVERY = Number(process.env.MB_CHECK_COPIES ?? 0);
let served = 0;
export const checksNow = (): boolean => CHECK_EVERY > 0 && ++served % CHECK_EVERY === 0;

/** A sheet as it was read, and the changes (0045-revisions) after which it was read. */
export type Stamped = SheetMade & { stamp: string };

/** By database, job and circuit. */
const copies = new WeakMap<object, LRUCache<string, Stamped>>();

function copiesOf({ home }: Db): LRUCache<string, Stamped> {
  const there = copies.get(home) ?? new LRUCache<string, Stamped>({ max: SHEETS });
  copies.set(home, there);
  return there;
}

/** What a transaction has read itself: good for it alone, since it may be taken back. */
const ownCopies = new WeakMap<Db, Map<string, Stamped>>();

function keepOwn(db: Db, name: string, read: Stamped): void {
  const own = ownCopies.get(db) ?? new Map<string, Stamped>();
  ownCopies.set(db, own.set(name, read));
}

const nameOf = ({ jobId, circuitId }: JobAt): string => `${jobId}/${circuitId ?? ''}`;

/** The last change of each table that the sheets of this job are read from; undefined: no job of this company. */
export async function stampOf(db: Db, companyId: string, jobId: string): Promise<string | undefined> {
  const row = await db.one<{ stamp: string }>(
    `select concat_ws(',', j.company_id,
       (select group_concat(part, '=', n order by part) from company_revisions where company_id = j.company_id),
       (select group_concat(part, '=', n order by part) from job_revisions where job_id = j.id)) as stamp
     from jobs j where j.company_id = :companyId and j.id = :jobId`,
    { companyId, jobId },
  );
  return row?.stamp;
}

/** What changed between two stamps; undefined where that is anything of the company itself, which touches every part. */
function changedBetween(before: string, after: string): ReadonlySet<string> | undefined {
  const was = new Set(before.split(','));
  const changed = after.split(',').filter((one) => !was.has(one));
  const names = new Set(changed.map((one) => one.split('=')[0]!));
  return names.has('company') ? undefined : names;
}

/**
 * One whole job sheet as a circuit of it sees it: the copy of an earlier reading while nothing it rests on has changed, else
 * read again where something has. Frozen, since many share it. Undefined when the job is not this company's or the circuit
 * not the job's.
 */
export async function readStamped(db: Db, companyId: string, at: JobAt): Promise<Stamped | undefined> {
  // Before the sheet: a copy may then be newer than its stamp says, which costs a reading, and never older.
  const stamp = await stampOf(db, companyId, at.jobId);
  if (stamp === undefined) return undefined;
  const name = nameOf(at);
  const copy = ownCopies.get(db)?.get(name) ?? copiesOf(db).get(name);
  if (copy?.stamp === stamp) {
    if (checksNow()) await mustBeAsStored(db, companyId, at, copy);
    return copy;
  }
  const changed = copy && changedBetween(copy.stamp, stamp);
  const made = await readSheet(
    db,
    companyId,
    at,
    changed ? { before: copy, touched: (of: readonly Revised[]) => of.some((one) => changed.has(one)) } : {},
  );
  if (!made) return undefined;
  const read = { ...frozen(made), stamp };
  if (changed && checksNow()) await mustBeAsStored(db, companyId, at, read);
  if (db.inTransaction) keepOwn(db, name, read);
  else keepSheet(db, at, read);
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
  const anew = (await readSheet(db, companyId, at))?.sheet;
  // Somebody wrote in the middle of it: nothing can be said.
  if ((await stampOf(db, companyId, at.jobId)) !== copy.stamp) return;
  if (isDeepStrictEqual(anew, copy.sheet)) return;
  const parts = Object.keys(copy.sheet) as (keyof UnseenSheet)[];
  const other = parts.filter((p) => !isDeepStrictEqual(anew?.[p], copy.sheet[p]));
  throw new Error(`the kept copy of job ${at.jobId} is not what is stored: ${other.join(', ')}`);
}
