import { z } from 'zod';
import type { FurnaceSnapshot, Snapshot } from '@/core/phases/snapshot';

/**
 * What a signature froze, as it is read back. A signed record is never changed, so every older shape must still be read: what
 * later versions added has its default here, and nowhere else. Stored examples of every version are in `snapshots/`.
 *
 * - 1: charge and start-up
 * - 2: with survey, scope and fit sheets
 * - 3: with the circuit's log and its judgements
 * - 4: the same, other formulas; words still as sentences of the day
 * - 5: words as ids and parameters; the site's time zone; circuits and owners
 * - 6: a furnace beside the circuit; the pieces that are new
 * - 9: each mode and stage of a start-up as a proof of its own
 * - 10: what was changed on the running system, with the readings on both sides
 */
const said = z.union([z.string(), z.looseObject({ id: z.string() })]);
const instant = z.string();

const gate = z.looseObject({
  id: z.string(),
  asks: said,
  holds: z.boolean(),
  say: said,
  overridable: z.boolean(),
});
const override = z.looseObject({
  phase: z.string(),
  gate: z.string(),
  reason: z.string(),
  by: z.string(),
  at: instant,
});
const finding = z.looseObject({
  id: z.string(),
  verdict: z.enum(['good', 'look-again', 'stop', 'not-proven']),
  claim: said,
});
const measurement = z.looseObject({
  quantity: z.string(),
  value: z.number(),
  source: z.string(),
  person: z.string(),
  occurredAt: instant,
});

const head = {
  phase: z.string(),
  formulaVersion: z.string(),
  job: z.looseObject({ id: z.string(), number: z.number(), scheduledFor: z.string(), lead: z.string() }),
  customer: z.looseObject({ name: z.string() }),
  site: z.looseObject({
    address: z.string(),
    town: z.string(),
    elevationFt: z.number(),
    barometerPsia: z.number(),
    /** Before version 5 moments were told in UTC. */
    timeZone: z.string().default('UTC'),
  }),
  system: z.looseObject({ name: z.string(), kind: z.string() }),
  gates: z.array(gate),
  overrides: z.array(override),
};
const written = z.looseObject({
  id: z.string(),
  kind: z.string(),
  body: z.looseObject({}),
  by: z.string(),
  at: instant,
});
const before = z.looseObject({
  observations: z.array(z.looseObject({ fact: z.string() })),
  items: z.array(z.looseObject({ id: z.string(), say: said, hours: z.number(), materials: z.number() })),
  disclosures: z.array(z.looseObject({ id: z.string() })),
  answers: z.array(z.looseObject({ subject: z.string(), answer: z.string(), at: instant })),
  /** One signed before the setting and the registers were kept has nothing of them. */
  registers: z.array(z.looseObject({ room: z.string(), wantedCfm: z.number() })).default([]),
  /** Before version 9 the test of a gas pipe was not kept. */
  gasPipe: z.looseObject({ written: z.array(written), checks: z.array(finding) }).default({ written: [], checks: [] }),
  setting: z
    .looseObject({
      log: z.array(written),
      rows: z.array(z.looseObject({ finding })),
      accepted: z.array(z.looseObject({ said })),
    })
    .nullable()
    .default(null),
  /** One signed before version 8 has no wiring. */
  wiring: z
    .looseObject({
      log: z.array(written),
      proofs: z.array(z.looseObject({ want: z.array(z.string()), state: z.string() })),
      findings: z.array(finding),
      rows: z.array(z.looseObject({ finding })),
      accepted: z.array(z.looseObject({ said })),
    })
    .nullable()
    .default(null),
});
const circuitRecord = z.looseObject({
  log: z.array(written),
  recovery: z.looseObject({ checks: z.array(finding) }),
  joining: z.looseObject({ checks: z.array(finding) }).nullable(),
  pressure: z.looseObject({ checks: z.array(finding) }),
  evacuation: z.looseObject({ checks: z.array(finding) }),
});

/** One signed before furnaces had a proof says that it has none. */
const furnace = {
  furnace: z.looseObject({ by: z.string() }).nullable().default(null),
  furnaceChecks: z.array(finding).default([]),
};
/** What is written down of the whole job; nothing before permits were. */
const jobLog = { jobLog: z.array(written).default([]) };

/** Under charge, start-up, and the hand-over of a job with a circuit. */
export const commissioningSchema = z.looseObject({
  ...head,
  ...furnace,
  ...jobLog,
  circuit: z.looseObject({ plate: z.looseObject({ refrigerant: z.string(), nominalTons: z.number() }) }),
  schools: z.looseObject({ subcoolingToleranceF: z.number() }),
  vacuum: z.looseObject({ endMicrons: z.number(), heldMin: z.number() }).nullable(),
  movements: z.array(measurement),
  charge: z.looseObject({ build: z.looseObject({ totalOz: z.number() }) }).nullable(),
  runs: z.array(z.looseObject({ id: z.string(), speed: z.number() })),
  startUp: z
    .looseObject({
      confirmations: z.looseObject({}),
      findings: z.array(finding),
      measurements: z.array(measurement),
      /** Before version 9 a start-up proved one mode, the one of its job. */
      mode: z.string().optional(),
      proofs: z
        .array(z.looseObject({ mode: z.string(), findings: z.array(finding), measurements: z.array(measurement) }))
        .default([]),
      written: z.array(written).default([]),
      changes: z.array(z.looseObject({ id: z.string(), what: said, figures: z.array(z.looseObject({})) })).default([]),
    })
    .nullable(),
  before: before.nullable().default(null),
  circuitRecord: circuitRecord.nullable().default(null),
  /** Nothing before a finding could be accepted. */
  acceptances: z.array(z.looseObject({ said, customer: z.string(), by: z.string(), at: instant })).default([]),
});

/** Under a phase of the circuit. */
export const circuitSchema = z.looseObject({ ...head, circuitRecord });

/** Under survey, scope, and the hand-over of a furnace alone. */
export const beforeSchema = z.looseObject({
  ...head,
  before,
  ...furnace,
  ...jobLog,
});

/** Furnaces installed alone on other systems of the same job, as the hand-over froze them; none before there were several. */
const furnacesSchema = z.looseObject({ furnaces: z.array(beforeSchema).default([]) });

export const readCommissioning = (stored: unknown): Snapshot =>
  commissioningSchema.parse(stored) as unknown as Snapshot;
export const readFurnaces = (stored: unknown): FurnaceSnapshot[] =>
  furnacesSchema.parse(stored).furnaces as unknown as FurnaceSnapshot[];
export const readBefore = (stored: unknown): FurnaceSnapshot =>
  beforeSchema.parse(stored) as unknown as FurnaceSnapshot;
