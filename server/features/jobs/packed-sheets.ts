import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { gunzip, gzip } from 'node:zlib';
import { LRUCache } from 'lru-cache';
import type { Certification } from '@/core/job/gates';
import type { Database } from '@/server/db/pool';
import type { Person } from '@/server/features/people/people-store';
import type { JobAt } from './job-at';
import { checksNow, readStamped, seenBy, stampOf } from './kept-sheets';

/** Room for sheets that are ready to send, bytes. */
const ROOM = 64 * 2 ** 20;
/** Quick rather than small: a sheet shrinks to a tenth already. */
const LEVEL = 4;

export type Packed = { stamp: string; etag: string; gzipped: Buffer };

const packed = new WeakMap<object, LRUCache<string, Packed>>();
const pack = promisify(gzip);
const unpack = promisify(gunzip);

function packedOf({ home }: Database): LRUCache<string, Packed> {
  const there =
    packed.get(home) ?? new LRUCache<string, Packed>({ maxSize: ROOM, sizeCalculation: (p) => p.gzipped.length });
  packed.set(home, there);
  return there;
}

const nameOf = ({ jobId, circuitId }: JobAt, certification: Certification): string =>
  `${jobId}/${circuitId ?? ''}/${certification}`;

/** A job's sheet as JSON, packed once for everybody who asks until something of it changes; undefined where it is not the person's. */
export async function packedSheet(database: Database, person: Person, at: JobAt): Promise<Packed | undefined> {
  const ready = packedOf(database);
  const name = nameOf(at, person.certification);
  const there = ready.get(name);
  if (there && there.stamp === (await stampOf(database, person.companyId, at.jobId))) {
    if (checksNow()) await mustBeAsRead(database, person, at, there);
    return there;
  }
  const read = await readStamped(database, person.companyId, at);
  if (!read) return undefined;
  const text = JSON.stringify(seenBy(person.certification, read));
  const made = {
    stamp: read.stamp,
    etag: `"${createHash('sha1').update(text).digest('base64url')}"`,
    gzipped: await pack(text, { level: LEVEL }),
  };
  ready.set(name, made);
  return made;
}

async function mustBeAsRead(database: Database, person: Person, at: JobAt, there: Packed): Promise<void> {
  const read = await readStamped(database, person.companyId, at);
  if (read?.stamp !== there.stamp) return;
  const text = (await unpack(there.gzipped)).toString();
  if (text !== JSON.stringify(seenBy(person.certification, read)))
    throw new Error(`the packed sheet of job ${at.jobId} is not what is stored`);
}
