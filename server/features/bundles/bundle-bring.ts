import { sheetSchema } from '@/contract/answers/sheet';
import { may } from '@/core/job/permissions';
import { ENTRY_KINDS } from '@/core/phases/log/entries';
import { audit } from '@/server/audit';
import { lockCompany } from '@/server/db/lock-company';
import type { Database, Db } from '@/server/db/pool';
import { Problem } from '@/server/errors/problem';
import { everySheet, refreshSummary } from '@/server/features/jobs/job-summary';
import { jobsStore } from '@/server/features/jobs/jobs-store';
import type { Person } from '@/server/features/people/people-store';
import { reportOf } from '@/server/features/reports/reports-service';
import type { Pictures } from '@/server/pictures/pictures';
import { tell } from '@/server/words/tell';
import { refused } from './bundle-file';
import { type Kept, type Key, readKept } from './bundle-read';
import type { BundleRow } from './bundle-schema';
import { BUNDLE_PARTS, type BundlePart, bundleTable, type Column } from './bundle-tables';

export type Brought = { jobId: string; number: number; was: 'added' | 'unchanged' };

/** MariaDB's own numbers of what it will not store: a value out of its range, a row that names one that is not there. */
const DOES_NOT_FIT = new Set([1048, 1264, 1265, 1292, 1366, 1406, 1452, 1690, 3819, 4025]);
const DUPLICATE = 1062;

/** Takes the file of a job in: all of it or nothing. One that is there already with the same content stays; with another it is refused. */
export async function bringJob(database: Database, pictures: Pictures, person: Person, kept: Kept): Promise<Brought> {
  const key = { companyId: person.companyId, jobId: String(kept.rows.job[0]!.id) };
  try {
    return await database.transaction(async (db) => {
      await lockCompany(db, person.companyId);
      const there = await db.one<{ companyId: string; number: number }>(
        'select company_id as companyId, number from jobs where id = :jobId',
        key,
      );
      if (there) {
        if (there.companyId !== person.companyId) throw taken();
        mustBeSame(kept, await readKept(db, pictures, key));
        return { jobId: key.jobId, number: there.number, was: 'unchanged' };
      }
      const number = await numberFor(db, person.companyId, Number(kept.rows.job[0]!.number));
      for (const part of BUNDLE_PARTS)
        for (const row of kept.rows[part]) await store(db, part, row, { ...key, person, number, pictures }, kept);
      for (const [runId, chunks] of kept.runs) for (const c of chunks) await storeChunk(db, person.companyId, runId, c);
      await mustRead(db, person, key);
      await refreshSummary(db, person.companyId, key.jobId);
      await audit(db, person, key.jobId, 'job brought in', { number: kept.rows.job[0]!.number, as: number });
      return { jobId: key.jobId, number, was: 'added' };
    });
  } catch (error) {
    const { errno } = error as { errno?: number };
    if (errno === DUPLICATE) throw taken();
    if (errno !== undefined && DOES_NOT_FIT.has(errno)) throw refused(tell('server.bundle-rows-do-not-fit'));
    throw error;
  }
}

const taken = (): Problem => new Problem('other-body', { field: 'bundle', message: tell('server.bundle-id-is-taken') });

/** The number it had, or the next free one. */
async function numberFor(db: Db, companyId: string, had: number): Promise<number> {
  const used = await db.one('select 1 from jobs where company_id = :companyId and number = :had', {
    companyId,
    had,
  });
  return used ? jobsStore.nextNumber(db, companyId) : had;
}

/** The trail of who did what goes on after a file was written, and a number may have been another: the rest is held against it. */
const GOES_ON: readonly string[] = ['audit', 'job'];
function mustBeSame(kept: Kept, there: Kept): void {
  const differs = BUNDLE_PARTS.find(
    (part) =>
      !bundleTable(part).shared &&
      !GOES_ON.includes(part) &&
      JSON.stringify(kept.rows[part]) !== JSON.stringify(there.rows[part]),
  );
  if (differs !== undefined || readingsOf(kept) !== readingsOf(there))
    throw new Problem('other-body', {
      field: 'bundle',
      message: tell('server.bundle-job-is-there-with-other-content', { part: differs ?? 'runs' }),
    });
}

const readingsOf = ({ runs }: Kept): string =>
  JSON.stringify(
    [...runs].map(([id, chunks]) => [
      id,
      chunks.map((c) => [c.seq, c.fromS, c.toS, c.samples, c.events, c.rigState, c.receivedAt]),
    ]),
  );

/** A figure of the file as it is stored. */
function stored(kind: Column, value: unknown): unknown {
  if (value === null) return null;
  if (kind.startsWith('moment')) return new Date(String(value));
  return kind.startsWith('json') ? JSON.stringify(value) : value;
}

type Into = Key & { person: Person; number: number; pictures: Pictures };

async function store(db: Db, part: BundlePart, row: BundleRow, key: Into, kept: Kept): Promise<void> {
  const { table, columns, shared, ofJob } = bundleTable(part);
  if (shared && (await isThere(db, table, String(row.id), key))) return;
  if (part === 'entries' && !(ENTRY_KINDS as readonly unknown[]).includes(row.kind))
    throw refused(tell('server.bundle-rows-do-not-fit'));
  const values: Record<string, unknown> = Object.fromEntries(
    Object.entries(columns).map(([name, kind]) => [name, stored(kind, row[name])]),
  );
  values.company_id = key.companyId;
  if (ofJob) values.job_id = key.jobId;
  if (part === 'job') Object.assign(values, { number: key.number, brought_at: new Date(), brought_by: key.person.id });
  // Somebody of another company: a name under what was done, never a way in.
  if (part === 'people')
    Object.assign(values, {
      sign_in: `brought-${row.id}`,
      password_hash: null,
      active: 0,
      // Nobody makes an owner of a name in a file, who may not make one at all.
      role: row.role === 'owner' && !may(key.person.role, 'name-owner') ? 'office' : row.role,
    });
  if (part === 'library' || part === 'cylinders') Object.assign(values, { brought_with: key.jobId, own: null });
  if (part === 'pictures') {
    const picture = kept.pictures.find((p) => p.id === row.id)!;
    const named = { companyId: key.companyId, id: picture.id, contentHash: String(row.content_hash) };
    Object.assign(values, await key.pictures.keep(named, picture));
  }
  const names = Object.keys(values);
  await db.run(
    `insert into ${table} (${names.map((n) => `\`${n}\``).join(', ')}) values (${names.map((n) => `:${n}`).join(', ')})`,
    values,
  );
}

async function isThere(db: Db, table: string, id: string, { companyId }: Key): Promise<boolean> {
  const row = await db.one<{ companyId: string }>(`select company_id as companyId from ${table} where id = :id`, {
    id,
  });
  if (row && row.companyId !== companyId) throw taken();
  return row !== undefined;
}

type Chunk = Kept['runs'] extends Map<string, (infer C)[]> ? C : never;
async function storeChunk(db: Db, companyId: string, runId: string, c: Chunk): Promise<void> {
  await db.run(
    `insert into run_chunks (run_id, seq, company_id, from_s, to_s, samples, events, rig_state, received_at)
     values (:runId, :seq, :companyId, :fromS, :toS, :samples, :events, :rigState, :receivedAt)`,
    {
      ...c,
      runId,
      companyId,
      samples: JSON.stringify(c.samples),
      events: JSON.stringify(c.events),
      rigState: c.rigState === null ? null : JSON.stringify(c.rigState),
      receivedAt: new Date(c.receivedAt),
    },
  );
}

/** What was brought in makes sheets that can be read and told; else nothing of it stays. */
async function mustRead(db: Db, person: Person, { companyId, jobId }: Key): Promise<void> {
  try {
    for (const sheet of await everySheet(db, companyId, jobId, person.certification))
      sheetSchema.parse(JSON.parse(JSON.stringify(sheet)));
    await reportOf(db, person, { jobId });
  } catch (error) {
    // A job without equipment has no report yet, and says so.
    if (error instanceof Problem) return;
    if ((error as { errno?: number }).errno !== undefined) throw error;
    throw refused(tell('server.bundle-makes-no-job'));
  }
}
