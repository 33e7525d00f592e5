import { z } from 'zod';
import type { TransitionRule } from '@/core/circuit/transition-rules';
import { type LibraryItem, libraryItemSchema } from '@/core/equipment/library-item';
import { modelPatternSchema } from '@/core/equipment/model-pattern';
import { plateSchema } from '@/core/equipment/plate';
import { RUN_MODES } from '@/core/finding/run-mode';
import { FIT_KINDS } from '@/core/fit/sheets';
import { furnaceProofSchema } from '@/core/furnace/furnace-proof';
import { CERTIFICATIONS } from '@/core/job/gates';
import { PHASES } from '@/core/job/phases';
import type { JobSheet } from '@/core/job/sheet';
import { ENTRY_KINDS, entryOf } from '@/core/phases/log/entries';
import { choiceSchema } from '@/core/scope/choice';
import { LEVELS, PARTS } from '@/core/scope/item';
import { BEFORE_IDS } from '@/core/scope/survey/before-dismantling';
import { CONFIDENCES, METHODS } from '@/core/scope/survey/survey';
import { LANGUAGES } from '@/core/words/render';
import { cylinderAnswer } from './ledger';
import { labelSchema, saidSchema } from './said';

const id = z.string().min(1);
const instant = z.iso.datetime({ offset: true });
const day = z.iso.date();
const phase = z.enum(PHASES);
const source = z.enum(['typed', 'instrument', 'simulated', 'replayed']);
const mode = z.enum(RUN_MODES);
const version = z.number().int().min(0);
const signed = { by: z.string(), at: instant };
const value = z.union([z.string(), z.number(), z.boolean()]).nullable();

const job = z.strictObject({
  id,
  number: z.number().int().positive(),
  mode,
  scheduledFor: day,
  leadId: id,
  lead: z.string(),
  version,
});
const site = z.strictObject({
  id,
  address: z.string(),
  town: z.string(),
  elevationFt: z.number(),
  barometerPsia: z.number().min(5).max(16),
  timeZone: z.string(),
});
const measurement = z.strictObject({
  id,
  circuitId: id,
  setId: id,
  phase: z.string(),
  stage: z.string(),
  quantity: z.string(),
  mode,
  value: z.number(),
  uncertainty: z.number().min(0),
  source,
  instrument: z.string(),
  location: z.string(),
  person: z.string(),
  runId: id.nullable(),
  runSeconds: z.number().nullable(),
  detail: z.record(z.string(), z.unknown()).nullable(),
  supersedesId: id.nullable(),
  occurredAt: instant,
});
const entry = z
  .strictObject({
    id,
    circuitId: id,
    phase,
    kind: z.enum([...ENTRY_KINDS, 'withdrawn']),
    body: z.record(z.string(), z.unknown()),
    source,
    supersedesId: id.nullable(),
    ...signed,
  })
  .refine((e) => e.kind === 'withdrawn' || entryOf(e.kind).schema.safeParse(e.body).success, 'not of its kind');
const run = z.strictObject({
  id,
  circuitId: id,
  phase: z.string(),
  source,
  speed: z.number(),
  state: z.enum(['running', 'stopped', 'interrupted']),
  startedAt: instant,
});
const observation = z.strictObject({
  id,
  fact: z.string(),
  value,
  unit: z.string(),
  method: z.enum(METHODS),
  source: z.string(),
  confidence: z.enum(CONFIDENCES),
  note: z.string().nullable(),
  photoId: id.nullable(),
  foundOnTheDay: z.boolean(),
  ...signed,
});
const photo = z.strictObject({
  id,
  subject: z.string(),
  caption: z.string().nullable(),
  widthPx: z.number(),
  heightPx: z.number(),
  bytes: z.number(),
  ...signed,
});
const item = z.strictObject({
  id,
  say: saidSchema,
  level: z.enum(LEVELS),
  strong: z.literal(true).optional(),
  safety: z.literal(true).optional(),
  own: z.literal(true).optional(),
  reason: saidSchema,
  source: saidSchema,
  triggers: z.array(labelSchema),
  hours: z.number(),
  materials: z.number(),
  replaces: z.enum(PARTS).optional(),
  keeps: z.enum(PARTS).optional(),
});
const settings = z.record(z.string(), z.union([z.string(), z.number()]));
const signature = z.strictObject({
  id,
  subject: z.string(),
  answer: z.enum(['yes', 'no']),
  reason: z.string().nullable(),
  text: z.string(),
  said: saidSchema.nullable(),
  customer: z.string(),
  ink: z.string().nullable(),
  items: z.array(item).nullable(),
  terms: z
    .strictObject({
      currency: z.string(),
      hours: z.number(),
      price: z.number(),
      schools: settings,
      offer: z
        .strictObject({
          equipment: z.number(),
          tax: z.number(),
          total: z.number(),
          deposit: z.number(),
          rest: z.number(),
        })
        .optional(),
    })
    .nullable(),
  witness: z.string(),
  at: instant,
});
const decision = z.strictObject({
  itemId: id,
  decision: z.enum(['in', 'out']),
  reason: z.string().nullable(),
  role: z.string(),
  ...signed,
});
const libraryItem = (libraryItemSchema as z.ZodObject).extend({ id, version }) as unknown as z.ZodType<LibraryItem>;
const fit = z.strictObject({
  kind: z.enum(FIT_KINDS),
  record: z.record(z.string(), z.unknown()),
  measured: z.array(z.string()),
  version,
  ...signed,
});

/** One job's sheet as the server answers it and a device keeps it, by `SHEET_VERSION`. */
export const sheetSchema = z.strictObject({
  job,
  customer: z.strictObject({ id, name: z.string(), phone: z.string().nullable(), language: z.enum(LANGUAGES) }),
  site,
  system: z.strictObject({ id, name: z.string(), kind: z.string() }),
  equipmentId: id,
  circuit: z.strictObject({ id, name: z.string(), version, plate: plateSchema.nullable() }),
  cancelled: z.strictObject({ reason: z.string(), ...signed }).nullable(),
  circuits: z
    .array(
      z.strictObject({
        id,
        name: z.string(),
        systemId: id,
        systemName: z.string(),
        equipped: z.boolean(),
        cooled: z.boolean(),
        furnace: z.enum(['none', 'owed', 'read']),
        signed: z.array(phase),
      }),
    )
    .min(1),
  survey: z.strictObject({
    observations: z.array(observation),
    waivers: z.array(z.strictObject({ item: z.enum(BEFORE_IDS), reason: z.string(), ...signed })),
    photos: z.array(photo),
    patterns: z.array(modelPatternSchema).optional(),
  }),
  scope: z.strictObject({
    choice: choiceSchema,
    version,
    decisions: z.array(decision),
    lines: z.array(z.strictObject({ id, say: z.string(), hours: z.number(), materials: z.number(), ...signed })),
    signatures: z.array(signature),
    outdoor: libraryItem.nullable(),
    indoor: libraryItem.nullable(),
    furnace: libraryItem.nullable(),
    heaterKit: libraryItem.nullable(),
    thermostat: libraryItem.nullable(),
    pairListed: z.boolean().nullable(),
    pieces: z.array(libraryItem).optional(),
    pairs: z.array(z.strictObject({ outdoorModel: z.string(), indoorModel: z.string() })).optional(),
  }),
  fits: z.partialRecord(z.enum(FIT_KINDS), fit),
  removal: z.strictObject(signed).nullable(),
  scopeSchools: settings,
  circuitSchools: z.record(z.string(), z.string()),
  transition: z.array(z.looseObject({ id, title: saidSchema, rule: labelSchema })) as unknown as z.ZodType<
    TransitionRule[]
  >,
  circuitLog: z.array(entry),
  systemLog: z.array(entry),
  jobLog: z.array(entry),
  acceptances: z.array(
    z.strictObject({ id, finding: z.string(), said: saidSchema, reason: z.string(), customer: z.string(), ...signed }),
  ),
  cylinders: z.array(cylinderAnswer),
  vacuum: z
    .strictObject({
      endMicrons: z.number(),
      heldMin: z.number(),
      reason: z.string().nullable().optional(),
      version,
      ...signed,
    })
    .nullable(),
  startUp: z.strictObject({ confirmations: z.record(z.string(), z.strictObject(signed)) }),
  furnace: furnaceProofSchema.extend({ version, ...signed }).nullable(),
  measurements: z.array(measurement),
  overrides: z.array(z.strictObject({ id, ownerId: id, phase, gate: z.string(), reason: z.string(), ...signed })),
  signOffs: z.array(
    z.strictObject({
      id,
      ownerId: id,
      phase,
      certificate: z.string().nullable(),
      contentHash: z.string().length(64),
      arrivedAt: z.iso.datetime().optional(),
      ...signed,
    }),
  ),
  runs: z.array(run),
  schools: z.strictObject({
    subcoolingToleranceF: z.number(),
    superheatToleranceF: z.number(),
    splitToleranceF: z.number(),
  }),
  certification: z.enum(CERTIFICATIONS),
});

/** A sheet as it was kept, or undefined when it is of another shape. */
export function readSheet(stored: unknown): JobSheet | undefined {
  const read = sheetSchema.safeParse(stored);
  return read.success ? (read.data as unknown as JobSheet) : undefined;
}
