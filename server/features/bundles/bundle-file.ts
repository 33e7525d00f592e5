import { createHash } from 'node:crypto';
import { z } from 'zod';
import { badInput, type Problem } from '@/server/errors/problem';
import { tell } from '@/server/words/tell';
import type { Kept, Picture } from './bundle-read';
import {
  BUNDLE_FORMAT,
  type BundleChunk,
  type BundleRows,
  bundleRowsSchema,
  bundleRunSchema,
  type Manifest,
  manifestSchema,
} from './bundle-schema';
import { samplesIn, streamCsv } from './stream-csv';
import { type Files, pack, unpack } from './zip';

export const sha256 = (data: Uint8Array | string): string => createHash('sha256').update(data).digest('hex');
const bytesOf = (value: unknown): Uint8Array => Buffer.from(JSON.stringify(value, null, 1), 'utf8');
const SCHEMA = z.toJSONSchema(bundleRowsSchema, { io: 'input' });

/** Packs what is kept of a job: `manifest.json`, `job.json` with its schema, pictures, each run as CSV with its events beside it. */
export async function writeBundle({ rows, runs, pictures }: Kept, writtenAt: Date): Promise<Uint8Array> {
  const files: Record<string, Uint8Array> = { 'job.json': bytesOf(rows), 'job.schema.json': bytesOf(SCHEMA) };
  for (const p of pictures) {
    files[`pictures/${p.id}.jpg`] = p.image;
    files[`pictures/${p.id}-small.jpg`] = p.thumbnail;
  }
  for (const [id, chunks] of runs) {
    files[`runs/${id}.csv`] = Buffer.from(streamCsv(chunks), 'utf8');
    files[`runs/${id}.json`] = bytesOf(
      chunks.map(({ samples, ...c }): BundleChunk => ({ ...c, channels: Object.keys(samples.values) })),
    );
  }
  const [job] = rows.job;
  const manifest: Manifest = {
    format: BUNDLE_FORMAT,
    writtenAt: writtenAt.toISOString(),
    job: { id: String(job!.id), number: Number(job!.number) },
    files: Object.entries(files).map(([name, data]) => ({ name, bytes: data.length, sha256: sha256(data) })),
  };
  return pack({ 'manifest.json': bytesOf(manifest), ...files }, writtenAt);
}

/** A file that cannot be taken for a job, and why. */
export const refused = (message: ReturnType<typeof tell>): Problem =>
  badInput('bundle', message, tell('server.a-job-as-this-product-wrote-it'));

/** JSON of one of the files, as its schema has it. */
function jsonOf<T>(files: Files, name: string, schema: z.ZodType<T>): T {
  const data = files[name];
  if (!data) throw refused(tell('server.bundle-lacks', { name }));
  let value: unknown;
  try {
    value = JSON.parse(Buffer.from(data).toString('utf8'));
  } catch {
    throw refused(tell('server.bundle-file-is-not-json', { name }));
  }
  const checked = schema.safeParse(value);
  if (checked.success) return checked.data;
  const at = checked.error.issues[0]?.path.map(String).join('.') ?? '';
  throw refused(tell('server.bundle-file-does-not-fit', { name, at: at || '–' }));
}

/** Reads the file of a job: every hash is held against what is there, and nothing may be in it that the manifest does not name. */
export async function readBundle(data: Uint8Array): Promise<Kept> {
  const files = await unpack(data);
  if (!files) throw refused(tell('server.bundle-is-no-zip'));
  const manifest = jsonOf(files, 'manifest.json', manifestSchema);
  const named = new Map(manifest.files.map((f) => [f.name, f]));
  for (const [name, content] of Object.entries(files)) {
    if (name === 'manifest.json') continue;
    const known = named.get(name);
    if (!known) throw refused(tell('server.bundle-has-a-file-more', { name: name.slice(0, 120) }));
    if (known.sha256 !== sha256(content)) throw refused(tell('server.bundle-file-was-changed', { name }));
  }
  const rows = jsonOf(files, 'job.json', bundleRowsSchema);
  if (rows.job[0]!.id !== manifest.job.id) throw refused(tell('server.bundle-file-was-changed', { name: 'job.json' }));
  mustHash(rows);
  return { rows, runs: runsIn(files, rows), pictures: rows.pictures.map((p) => pictureIn(files, p)) };
}

/** What was signed is what is in it: snapshots and the customer's words carry their own hash. */
function mustHash(rows: BundleRows): void {
  for (const s of rows.signOffs)
    if (sha256(JSON.stringify(s.snapshot)) !== s.content_hash)
      throw refused(tell('server.bundle-signature-does-not-hold', { id: String(s.id) }));
  for (const s of rows.customerSignatures)
    if (sha256(String(s.text_signed)) !== s.text_hash)
      throw refused(tell('server.bundle-signature-does-not-hold', { id: String(s.id) }));
}

const JPEG = [0xff, 0xd8, 0xff];
function pictureIn(files: Files, row: BundleRows['pictures'][number]): Picture {
  const id = String(row.id);
  const [image, thumbnail] = [`pictures/${id}.jpg`, `pictures/${id}-small.jpg`].map((name) => {
    const data = files[name];
    if (!data) throw refused(tell('server.bundle-lacks', { name }));
    if (!JPEG.every((b, i) => data[i] === b)) throw refused(tell('server.bundle-picture-is-none', { name }));
    return Buffer.from(data);
  }) as [Buffer, Buffer];
  if (sha256(image) !== row.content_hash)
    throw refused(tell('server.bundle-file-was-changed', { name: `pictures/${id}.jpg` }));
  return { id, image, thumbnail };
}

function runsIn(files: Files, rows: BundleRows): Kept['runs'] {
  return new Map(
    rows.runs.map((run) => {
      const id = String(run.id);
      const csv = files[`runs/${id}.csv`];
      const samples = csv && samplesIn(Buffer.from(csv).toString('utf8'));
      if (!samples) throw refused(tell('server.bundle-lacks', { name: `runs/${id}.csv` }));
      const chunks = jsonOf(files, `runs/${id}.json`, bundleRunSchema);
      return [id, chunks.map(({ channels, ...c }) => ({ ...c, samples: samples(c.seq, channels) }))];
    }),
  );
}
