import { LRUCache } from 'lru-cache';
import type { Deed } from '@/core/job/deeds';
import type { Database } from '@/server/db/pool';
import type { Person } from '@/server/features/people/people-store';

/** Somebody who stays on a page reads it again every few seconds: one line an hour says as much. */
const ONE_LINE_MS = 3_600_000;
const MOST_KNOWN = 50_000;
/** Gathered for so long and written together: looking at a job must not wait for the disk. A killed server loses these, ms. */
const GATHER_MS = 2000;

type Look = Extract<Deed, 'job kept on a device' | 'job seen'>;
type Sighting = { what: Look; companyId: string; personId: string; jobId: string; at: Date };
type Gathered = { known: LRUCache<string, true>; waiting: Sighting[]; timer: NodeJS.Timeout | undefined };

const gathered = new WeakMap<object, Gathered>();

/** Notes that this person looked at this job, or that a device of theirs keeps it; onto the trail a moment later, once an hour. */
export function saw(database: Database, person: Person, jobId: string, what: Look): void {
  const there = gathered.get(database.home) ?? {
    known: new LRUCache<string, true>({ max: MOST_KNOWN, ttl: ONE_LINE_MS }),
    waiting: [],
    timer: undefined,
  };
  gathered.set(database.home, there);
  const name = `${person.id}/${jobId}/${what}`;
  if (there.known.has(name)) return;
  there.known.set(name, true);
  there.waiting.push({ what, companyId: person.companyId, personId: person.id, jobId, at: new Date() });
  there.timer ??= setTimeout(() => void writeSightings(database), GATHER_MS).unref();
}

/** Writes what was gathered; what cannot be written waits for the next time. */
export async function writeSightings(database: Database): Promise<void> {
  const there = gathered.get(database.home);
  if (!there) return;
  clearTimeout(there.timer);
  there.timer = undefined;
  const lines = there.waiting.splice(0);
  if (lines.length === 0) return;
  try {
    await database.pool.query('insert into audit (company_id, person_id, job_id, what, detail, at) values ?', [
      lines.map((l) => [l.companyId, l.personId, l.jobId, l.what, '{}', l.at]),
    ]);
  } catch {
    there.waiting.unshift(...lines.slice(0, MOST_KNOWN - there.waiting.length));
  }
}
