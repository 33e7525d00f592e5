import { LRUCache } from 'lru-cache';
import { SILENCE_MS } from '@/core/phases/hand-over/check-in';
import { now } from '@/server/clock';
import type { Database, Db } from '@/server/db/pool';
import { type PackedAnswer, packedAnswer, unpacked } from '@/server/packed-answer';
import { type JobListQuery, listJobs } from './job-list';
import { checksNow } from './kept-sheets';

/** Room for pages of lists that are ready to send, bytes. */
const ROOM = 16 * 2 ** 20;

/** A page of the list, the change after which it was read, and the moment from which somebody is silent who is not yet. */
type PackedList = PackedAnswer & { n: string; untilMs: number };

const packed = new WeakMap<object, LRUCache<string, PackedList>>();
function packedOf({ home }: Database): LRUCache<string, PackedList> {
  const there =
    packed.get(home) ?? new LRUCache<string, PackedList>({ maxSize: ROOM, sizeCalculation: (p) => p.gzipped.length });
  packed.set(home, there);
  return there;
}

/** The last change of anything that the list of this company shows (0054-list-revisions). */
async function revisionOf(db: Db, companyId: string): Promise<string> {
  const row = await db.one<{ n: string }>(
    'select cast(n as char) as n from list_revisions where company_id = :companyId',
    { companyId },
  );
  return row?.n ?? '';
}

/** Who works alone and is not silent yet will be from then on, unless somebody hears of them. */
async function silentFrom(db: Db, companyId: string): Promise<number> {
  const row = await db.one<{ due: Date | null }>(
    'select min(check_in_due) as due from job_summary where company_id = :companyId and check_in_due >= :heard',
    { companyId, heard: new Date(now().getTime() - SILENCE_MS) },
  );
  return row?.due ? row.due.getTime() + SILENCE_MS : Number.POSITIVE_INFINITY;
}

/** A page of a company's jobs as JSON, packed once for everybody who asks until something of the list changes. */
export async function packedList(database: Database, companyId: string, query: JobListQuery): Promise<PackedAnswer> {
  const ready = packedOf(database);
  const name = [companyId, query.state, query.today, query.offset, query.limit, query.search].join('/');
  // Before the list: a copy may then be newer than its number says, which costs a reading, and never older.
  const n = await revisionOf(database, companyId);
  const there = ready.get(name);
  if (there?.n === n && now().getTime() < there.untilMs) {
    if (checksNow()) await mustBeAsStored(database, companyId, query, there);
    return there;
  }
  const untilMs = await silentFrom(database, companyId);
  const made = { ...(await packedAnswer(await listJobs(database, companyId, query))), n, untilMs };
  ready.set(name, made);
  return made;
}

async function mustBeAsStored(
  database: Database,
  companyId: string,
  query: JobListQuery,
  there: PackedList,
): Promise<void> {
  const anew = JSON.stringify(await listJobs(database, companyId, query));
  // Somebody wrote in the middle of it, or somebody fell silent: nothing can be said.
  if ((await revisionOf(database, companyId)) !== there.n || now().getTime() >= there.untilMs) return;
  if (anew !== (await unpacked(there))) throw new Error('the packed list of jobs is not what is stored');
}
