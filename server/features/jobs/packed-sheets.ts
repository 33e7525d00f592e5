import { LRUCache } from 'lru-cache';
import type { Certification } from '@/core/job/gates';
import type { Database } from '@/server/db/pool';
import type { Person } from '@/server/features/people/people-store';
import { type PackedAnswer, packedAnswer, unpacked } from '@/server/packed-answer';
import type { JobAt } from './job-at';
import { checksNow, readStamped, seenBy, stampOf } from './kept-sheets';

/** Room for sheets that are ready to send, bytes. */
const ROOM = 64 * 2 ** 20;

type Packed = PackedAnswer & { stamp: string };

const packed = new WeakMap<object, LRUCache<string, Packed>>();

function packedOf({ home }: Database): LRUCache<string, Packed> {
  const there =
    packed.get(home) ?? new LRUCache<string, Packed>({ maxSize: ROOM, sizeCalculation: (p) => p.gzipped.length });
  packed.set(home, there);
  return there;
}

const nameOf = ({ jobId, circuitId }: JobAt, certification: Certification): string =>
  `${jobId}/${circuitId ?? ''}/${certification}`;

/** A job's sheet as JSON, packed once for everybody who asks until something of it changes; undefined where it is not the person's. */
export async function packedSheet(database: Database, person: Person, at: JobAt): Promise<PackedAnswer | undefined> {
  const ready = packedOf(database);
  const name = nameOf(at, person.certification);
  const there = ready.get(name);
  if (there && there.stamp === (await stampOf(database, person.companyId, at.jobId))) {
    if (checksNow()) await mustBeAsRead(database, person, at, there);
    return there;
  }
  const read = await readStamped(database, person.companyId, at);
  if (!read) return undefined;
  const made = { ...(await packedAnswer(seenBy(person.certification, read))), stamp: read.stamp };
  ready.set(name, made);
  return made;
}

async function mustBeAsRead(database: Database, person: Person, at: JobAt, there: Packed): Promise<void> {
  const read = await readStamped(database, person.companyId, at);
  if (read?.stamp !== there.stamp) return;
  if ((await unpacked(there)) !== JSON.stringify(seenBy(person.certification, read)))
    throw new Error(`the packed sheet of job ${at.jobId} is not what is stored`);
}
