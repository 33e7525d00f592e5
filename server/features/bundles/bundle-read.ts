import type { SampleBlock } from '@/core/plant/feed/block';
import type { Db } from '@/server/db/pool';
import type { Pictures } from '@/server/pictures/pictures';
import type { BundleChunk, BundleRow, BundleRows } from './bundle-schema';
import { BUNDLE, BUNDLE_PARTS, type BundlePart, bundleTable, type Column } from './bundle-tables';

export type Key = { companyId: string; jobId: string };
export type Picture = { id: string; image: Buffer; thumbnail: Buffer };
type StoredChunk = Omit<BundleChunk, 'channels'> & { samples: SampleBlock };
/** Everything that is kept of a job. */
export type Kept = { rows: BundleRows; runs: Map<string, StoredChunk[]>; pictures: Picture[] };

const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;

/** A stored figure as the file has it. */
function told(kind: Column, stored: unknown): unknown {
  if (stored === null || stored === undefined) return null;
  if (stored instanceof Date) return stored.toISOString();
  return kind === 'flag' ? stored === 1 : stored;
}

async function rowsOf(db: Db, part: BundlePart, values: Key & { ids?: string[] }): Promise<BundleRow[]> {
  const { table, columns, where, order } = bundleTable(part);
  const names = Object.keys(columns);
  if (values.ids?.length === 0) return [];
  const rows = await db.rows<Record<string, unknown>>(
    `select ${names.map((n) => `\`${n}\``).join(', ')} from ${table} where ${where} order by ${order}`,
    values,
  );
  return rows.map((r) => Object.fromEntries(names.map((n) => [n, told(columns[n]!, r[n])])));
}

/** A run that still goes on is cut where it stands: nobody goes on with it from a file. */
function cut(run: BundleRow, chunks: readonly StoredChunk[]): BundleRow {
  if (run.state !== 'running') return run;
  return { ...run, state: 'interrupted', ended_at: chunks.at(-1)?.receivedAt ?? run.started_at };
}

/** Reads all that is kept of a job, as it stands; nothing of any other job. */
export async function readKept(db: Db, kept: Pictures, key: Key): Promise<Kept> {
  const rows = {} as Record<BundlePart, BundleRow[]>;
  for (const part of BUNDLE_PARTS)
    rows[part] = bundleTable(part).where.includes(':ids') ? [] : await rowsOf(db, part, key);
  const runs = new Map<string, StoredChunk[]>();
  for (const run of rows.runs) runs.set(String(run.id), await chunksOf(db, key, String(run.id)));
  rows.runs = rows.runs.map((run) => cut(run, runs.get(String(run.id))!));
  const ids = idsIn(rows);
  rows.people = await rowsOf(db, 'people', { ...key, ids: peopleIn(rows) });
  rows.library = await rowsOf(db, 'library', { ...key, ids });
  rows.cylinders = await rowsOf(db, 'cylinders', { ...key, ids });
  const pictures = await kept.ofJob(db, key);
  return { rows, runs, pictures };
}

/** Every person that a row names. */
function peopleIn(rows: Readonly<Record<BundlePart, readonly BundleRow[]>>): string[] {
  const found = BUNDLE_PARTS.flatMap((part) => {
    const people = Object.entries(BUNDLE[part].columns).flatMap(([n, kind]) => (kind.startsWith('person') ? [n] : []));
    return rows[part].flatMap((r) => people.flatMap((n) => (typeof r[n] === 'string' ? [r[n]] : [])));
  });
  return [...new Set(found)];
}

/** Ids that what was written names, without a column of their own: equipment of the library, cylinders. */
function idsIn({
  records,
  entries,
  movements,
  customerSignatures,
}: Readonly<Record<BundlePart, readonly BundleRow[]>>) {
  const text = JSON.stringify([
    records.map((r) => r.record),
    entries.map((e) => e.body),
    movements.map((m) => m.cylinder_id),
    customerSignatures.map((s) => s.items),
  ]);
  return [...new Set(text.match(UUID) ?? [])];
}

async function chunksOf(db: Db, { companyId }: Key, runId: string): Promise<StoredChunk[]> {
  const rows = await db.rows<Omit<StoredChunk, 'receivedAt'> & { receivedAt: Date }>(
    `select seq, from_s as fromS, to_s as toS, samples, events, rig_state as rigState, received_at as receivedAt
     from run_chunks where company_id = :companyId and run_id = :runId order by seq`,
    { companyId, runId },
  );
  return rows.map((c) => ({ ...c, receivedAt: c.receivedAt.toISOString() }));
}
