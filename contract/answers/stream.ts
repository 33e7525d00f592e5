import { z } from 'zod';

/**
 * What the stream of a run says, as the server sends and the screen reads it: first the history, then batch by batch. A screen
 * that was loaded before the shape changed must load again, so every message carries its version.
 */
export const STREAM_VERSION = 1;

const seconds = z.array(z.number());
const column = z.array(z.number().nullable());
const event = z.looseObject({ runSeconds: z.number(), kind: z.string() });
const switches = z.record(z.string(), z.union([z.number(), z.boolean(), z.string(), z.null()]));

/** The switches of a simulated bench and how fast it runs; or, told, what the crew says of its own gear. */
const bench = z.object({ kind: z.string(), speed: z.number(), switches, told: z.boolean() });
/** What the screen may know of the simulated system: its switches and what the drawer set, not its secrets. */
const rig = z.object({
  running: z.boolean(),
  cutout: z.string(),
  defrosting: z.boolean(),
  valveOpen: z.boolean(),
  on: z.enum(['charge', 'recovery']),
  moveLeftOz: z.number(),
  movementStartOz: z.number().nullable(),
  speed: z.number(),
  conditions: z.object({
    outdoorF: z.number(),
    indoorEndF: z.number(),
    indoorAir: z.number(),
    outdoorAir: z.number(),
    condenserClean: z.number(),
    meterOpening: z.number(),
    nonCondensablePsi: z.number(),
    filterLoaded: z.number().default(1),
    /** Stages of electric heat that are on; null where there is none. */
    stripsOn: z.number().nullable().default(null),
    onset: z.string().default('none'),
    /** Of an inverter; null of a single speed. */
    testMode: z.boolean().nullable(),
    probeFaults: z.record(z.string(), z.string()),
  }),
});
const place = {
  v: z.literal(STREAM_VERSION),
  seq: z.number(),
  durableSeq: z.number(),
  events: z.array(event),
  rig: rig.nullable(),
  bench: bench.nullable().default(null),
};

/** Samples column by column, so that a batch is small. */
export const batchSchema = z.object({
  ...place,
  producedAt: z.number(),
  samples: z.object({ runSeconds: seconds, values: z.record(z.string(), column) }),
});
export const historySchema = z.object({
  ...place,
  state: z.string(),
  samples: z.array(z.object({ runSeconds: z.number(), values: z.record(z.string(), z.number().nullable()) })),
});

export type BenchView = z.infer<typeof bench>;
export type RigView = z.infer<typeof rig>;
export type StreamBatch = z.input<typeof batchSchema>;
