import { z } from 'zod';
import { BUNDLE_PARTS, type BundlePart, bundleTable, type Column } from './bundle-tables';

/** The format of the file of a job, told on its first line; a later one reads the earlier ones. */
export const BUNDLE_FORMAT = 'mill-bridge-job/1';
const MOST_ROWS = 100_000;

const id = z.uuid();
const text = z.string().max(200_000);
const number = z.number();
const moment = z.iso.datetime();
const day = z.iso.date();
const OF: Readonly<Record<Column, z.ZodType>> = {
  id,
  'id?': id.nullable(),
  person: id,
  'person?': id.nullable(),
  text,
  'text?': text.nullable(),
  number,
  'number?': number.nullable(),
  flag: z.boolean(),
  moment,
  'moment?': moment.nullable(),
  day,
  'day?': day.nullable(),
  json: z.json(),
  'json?': z.json(),
};

/** Columns that older files do not have, and what they say there. */
const LATER: Partial<Record<BundlePart, Readonly<Record<string, unknown>>>> = {
  signOffs: { arrived_at: null },
  runs: { on_device: false },
};

const rowOf = (part: BundlePart) =>
  z.strictObject(
    Object.fromEntries(
      Object.entries(bundleTable(part).columns).map(([name, kind]) => {
        const later = LATER[part];
        return [name, later && name in later ? OF[kind].default(later[name] as never) : OF[kind]];
      }),
    ),
  );

/** Parts that older files do not have. */
const SINCE: readonly BundlePart[] = ['late'];
const listOf = (part: BundlePart) => {
  const rows = z.array(rowOf(part)).max(MOST_ROWS);
  return SINCE.includes(part) ? rows.default([]) : rows;
};

export type BundleRow = Readonly<Record<string, unknown>>;
export type BundleRows = Readonly<Record<BundlePart, readonly BundleRow[]>>;

/** `job.json`: the rows of each part, in the order in which they were written. */
export const bundleRowsSchema = z.strictObject(
  Object.fromEntries(
    BUNDLE_PARTS.map((part) => [part, part === 'job' ? z.array(rowOf(part)).length(1) : listOf(part)]),
  ),
) as unknown as z.ZodType<BundleRows>;

const event = z.looseObject({ runSeconds: z.number(), kind: z.string().max(40) });
/** `runs/<id>.json`: how a run was stored in pieces; its readings stand in the CSV beside it. */
export const bundleRunSchema = z.array(
  z.strictObject({
    seq: z.number().int().min(0),
    fromS: z.number(),
    toS: z.number(),
    channels: z.array(z.string().regex(/^[A-Za-z][A-Za-z0-9]{0,39}$/)).max(60),
    events: z.array(event),
    rigState: z.json(),
    receivedAt: moment,
  }),
);
export type BundleChunk = z.infer<typeof bundleRunSchema>[number];

/** `manifest.json`: what the file is, and the SHA-256 of everything else in it. */
export const manifestSchema = z.strictObject({
  format: z.literal(BUNDLE_FORMAT),
  writtenAt: moment,
  job: z.strictObject({ id, number: z.number().int() }),
  files: z
    .array(z.strictObject({ name: z.string().max(120), bytes: z.number().int().min(0), sha256: z.string().length(64) }))
    .max(20_000),
});
export type Manifest = z.infer<typeof manifestSchema>;
