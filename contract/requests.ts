import { z } from 'zod';
import { plateSchema } from '@/core/equipment/plate';
import { A_DAY, A_MOMENT, characters, REFUSED } from '@/core/finding/allow';
import { chars, num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { RUN_MODES } from '@/core/finding/run-mode';
import { furnaceProofSchema } from '@/core/furnace/furnace-proof';
import { type Phase, READING_PHASES } from '@/core/job/phases';
import { RUN_PHASES } from '@/core/phases/registry';
import { CHANNELS, PROBE_FAULTS } from '@/core/plant/channels';
import { ONSETS } from '@/core/plant/onset';
import { AIRFLOW_METHODS } from '@/core/startup/airflow';
import { QUANTITY_NAMES } from '@/core/startup/quantities';
import { STEADY_STATES } from '@/core/startup/steady-state';
import { LANGUAGES } from '@/core/words/render';

const YEARS = { from: Date.UTC(2000, 0, 1), to: Date.UTC(2101, 0, 1) };
const inYears = (ms: number): boolean => ms >= YEARS.from && ms < YEARS.to;

/** Bodies of every write. Ids come from the client (UUIDv7), so that sending twice changes nothing. */
export const idSchema = z.uuid().describe('a UUID');
export const instant = z.iso
  .datetime({ offset: true })
  .refine((s) => inYears(Date.parse(s)), REFUSED.years)
  .meta(A_MOMENT);
export const day = z.iso
  .date()
  .refine((s) => inYears(Date.parse(s)), REFUSED.years)
  .meta(A_DAY);

/** The language of a person's screens, or of a customer's papers. */
export const languageSchema = z.strictObject({ language: oneOf(LANGUAGES) });

export const signInSchema = z.strictObject({
  signIn: chars(1, 120),
  password: z.string().min(1).max(200).meta(characters(1, 200)),
  /** Chosen on the sign-in page: the person keeps it from then on. */
  language: oneOf(LANGUAGES).optional(),
});

export const newJobSchema = z.strictObject({
  id: idSchema,
  customerName: chars(1, 120),
  phone: chars(0, 40).nullable(),
  address: chars(1, 160),
  town: chars(1, 80),
  elevationFt: num(-1000, 15000, 'ft'),
  systemName: chars(1, 80),
  leadId: idSchema,
  scheduledFor: day,
  /** What the customer reads: scope, disclosures, report. */
  customerLanguage: oneOf(LANGUAGES).default('en'),
  /** A house the company knows: what is typed of customer and site is then its own, and stays. */
  siteId: idSchema.optional(),
  /** A system of that house. */
  systemId: idSchema.optional(),
  /** Null: the survey comes first and the equipment follows from the scope. */
  plate: plateSchema.nullable(),
});
export type NewJob = z.infer<typeof newJobSchema>;

/** The head of a job, put right later: all of a new one but its id, language and plate. */
export const jobDetailsSchema = newJobSchema
  .omit({ id: true, customerLanguage: true, plate: true, siteId: true, systemId: true })
  .extend({ version: z.number().int().min(1).describe('the version you read') });
export type JobDetails = z.infer<typeof jobDetailsSchema>;
/** A job is cancelled, or opened again. */
export const jobReasonSchema = z.strictObject({ id: idSchema, reason: chars(5, 300) });

/** One more circuit: of a system of the job, or of another one of the same house, by its name. */
export const newCircuitSchema = z.strictObject({
  id: idSchema,
  name: chars(1, 40),
  systemId: idSchema.nullable(),
  systemName: chars(1, 80),
});
export type NewCircuit = z.infer<typeof newCircuitSchema>;

export const plateUpdateSchema = z.strictObject({
  version: z.number().int().min(1).describe('the version you read'),
  plate: plateSchema,
});

export const modeSchema = z.strictObject({
  version: z.number().int().min(1).describe('the version you read'),
  mode: oneOf(RUN_MODES),
});

export const vacuumSchema = z.strictObject({
  version: z.number().int().min(0).describe('the version you read, 0 for none'),
  endMicrons: num(1, 20000, 'µm'),
  heldMin: num(0, 600, 'min'),
  /** Asked of a lead when nothing of the circuit is on record: the typed figure passes all of it by. */
  reason: chars(10, 300).optional(),
});
export type VacuumRequest = z.infer<typeof vacuumSchema>;

export const furnaceSchema = z.strictObject({
  version: z.number().int().min(0).describe('the version you read, 0 for none'),
  proof: furnaceProofSchema,
});

/** Who has an instrument of the company in hand: the one who says it, or nobody. */
export const keeperSchema = z.strictObject({
  version: z.number().int().min(0).describe('the version you read, 0 for none'),
  mine: yesNo,
});

export const CONFIRMATIONS = [
  'filterClean',
  'indoorCoilClean',
  'outdoorCoilCleanDry',
  'enclosureRestored',
  'auxOff',
  'testModeCooling',
  'testModeHeating',
  'testModeLeft',
] as const;
export const confirmationSchema = z.strictObject({
  confirmation: z.enum(CONFIRMATIONS).describe(CONFIRMATIONS.join(', ')),
  confirmed: yesNo,
});

export const typedMeasurementSchema = z.strictObject({
  id: idSchema,
  setId: idSchema,
  phase: z.enum(READING_PHASES).describe(READING_PHASES.join(', ')),
  stage: oneOf(['reading', 'final', 'weigh-in', 'trim', 'recover', 'airflow']),
  quantity: z.string().max(40).describe('a known quantity'),
  value: z.number().describe('a number'),
  occurredAt: instant,
  method: oneOf(AIRFLOW_METHODS).optional(),
  supersedesId: idSchema.optional(),
  /** A weighing: the cylinder's gross weight before and after. */
  startOz: num(0, 6000, 'oz').optional(),
  endOz: num(0, 6000, 'oz').optional(),
  /** The recovery cylinder that took what was recovered. */
  cylinderId: idSchema.optional(),
  /** Refrigerant moved by somebody without a certificate: who answers for it. */
  certifiedId: idSchema.optional(),
});
export const withdrawMovementSchema = z.strictObject({ id: idSchema, reason: chars(5, 300), occurredAt: instant });
export type WithdrawMovement = z.infer<typeof withdrawMovementSchema>;
export const typedMeasurementsSchema = z.strictObject({
  measurements: z.array(typedMeasurementSchema).min(1).max(40).describe('1 to 40 measurements'),
});
export type TypedMeasurement = z.infer<typeof typedMeasurementSchema>;

export const SPEEDS = [1, 10, 60] as const;
const speed = z.union([z.literal(1), z.literal(10), z.literal(60)]).describe('1, 10 or 60');
/** Phases whose instruments a device can simulate by itself. */
export const DEVICE_PHASES = ['recover', 'pressure-test', 'evacuate', 'charge', 'start-up'] as const;
export const deviceRunSchema = z.strictObject({
  id: idSchema,
  phase: oneOf(DEVICE_PHASES),
  startedAt: instant,
});
export type DeviceRunBody = z.infer<typeof deviceRunSchema>;
/** As much of a run as one piece may hold: its device sends one every ten minutes of the run. */
export const PIECE_S = 600;
const runTime = num(0, 1_000_000, 's');
const channelName = z
  .string()
  .regex(/^[A-Za-z][A-Za-z0-9]{0,39}$/)
  .describe('the name of a channel');
export const deviceLogSchema = z.strictObject({
  id: idSchema,
  seq: z.number().int().min(0).max(100_000).describe('the number of the piece, from 0'),
  samples: z.strictObject({
    runSeconds: z
      .array(runTime)
      .max(2 * PIECE_S)
      .describe('seconds, rising'),
    values: z
      .record(channelName, z.array(z.number().nullable()).max(2 * PIECE_S))
      .describe('a column for each channel'),
  }),
  events: z
    .array(z.looseObject({ runSeconds: runTime, kind: z.string().min(1).max(40).describe('what happened') }))
    .max(500)
    .describe('up to 500 events'),
  /** Who answers for what moved in it, where that is not the person at the scale. */
  certifiedId: idSchema.optional(),
});
export type DeviceLogBody = z.infer<typeof deviceLogSchema>;
export const newRunSchema = z.strictObject({
  id: idSchema,
  phase: oneOf(RUN_PHASES),
  speed,
});

export type RunPhase = Phase;

export const rigChangeSchema = z.strictObject({
  outdoorF: num(-10, 118, '°F').optional(),
  indoorEndF: num(60, 90, '°F').optional(),
  indoorAir: num(0.4, 1.3, 'of nominal').optional(),
  outdoorAir: num(0.4, 1.1, 'of nominal').optional(),
  condenserClean: num(0.4, 1, 'of nominal').optional(),
  meterOpening: num(0.5, 1.4, 'of nominal').optional(),
  compressorHealth: num(0.5, 1, 'of nominal').optional(),
  nonCondensablePsi: num(0, 60, 'psi').optional(),
  filterLoaded: num(1, 8, 'times its clean drop').optional(),
  stripsOn: num(0, 4, 'stages').optional(),
  onset: oneOf([...ONSETS, 'none']).optional(),
  testMode: yesNo.optional(),
  probeFaults: z.partialRecord(z.enum(CHANNELS), z.enum(PROBE_FAULTS)).describe('a probe and its fault').optional(),
});

export const portRunSchema = z.strictObject({
  id: idSchema,
  phase: oneOf(RUN_PHASES),
  source: oneOf(['instrument', 'replayed']),
});

/** What may be changed on the benches of the circuit: weather, leaks, water, the gauge. */
export const benchChangeSchema = z.strictObject({
  airF: num(-20, 130, '°F').optional(),
  swingFPerH: num(-40, 40, '°F/h').optional(),
  sunF: num(0, 60, '°F').optional(),
  leakScfh: num(0, 60, 'ft³/h').optional(),
  pipeF: num(0, 120, '°F').optional(),
  leakMicronCfm: num(0, 100_000, 'µm·CFM').optional(),
  gauge: oneOf(['right', 'fouled', 'lost']).optional(),
  waterOz: num(0, 8, 'oz').optional(),
  coresIn: yesNo.optional(),
  valveLeaks: num(0, 20, 'of a tight valve').optional(),
  chilled: yesNo.optional(),
});
const open = yesNo;

export const runCommandSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('start') }),
  z.strictObject({ kind: z.literal('stop') }),
  z.strictObject({ kind: z.literal('weigh-in'), oz: num(0.1, 2000, 'oz'), certifiedId: idSchema.optional() }),
  z.strictObject({ kind: z.literal('recover'), oz: num(0.1, 2000, 'oz'), certifiedId: idSchema.optional() }),
  z.strictObject({ kind: z.literal('close-valve') }),
  z.strictObject({
    kind: z.literal('configure'),
    change: rigChangeSchema.or(benchChangeSchema).describe('what the bench drawer may change'),
  }),
  z.strictObject({ kind: z.literal('pressurise'), psig: num(1, 1000, 'psig') }),
  z.strictObject({ kind: z.literal('close-source') }),
  z.strictObject({ kind: z.literal('release'), psig: num(0, 1000, 'psig') }),
  z.strictObject({ kind: z.literal('pump'), on: open }),
  z.strictObject({ kind: z.literal('valve'), open }),
  z.strictObject({ kind: z.literal('sweep'), psig: num(-5, 15, 'psig') }),
  z.strictObject({ kind: z.literal('break'), psig: num(0, 15, 'psig') }),
  z.strictObject({ kind: z.literal('oil') }),
  z.strictObject({ kind: z.literal('defrost') }),
  z.strictObject({ kind: z.literal('call'), on: open }),
  z.strictObject({ kind: z.literal('liquid-valve'), open }),
  z.strictObject({ kind: z.literal('vapour-valve'), open }),
  z.strictObject({ kind: z.literal('machine'), on: open }),
  z.strictObject({ kind: z.literal('cylinder'), cylinderId: idSchema }),
  z.strictObject({ kind: z.literal('speed'), speed }),
  // Simulated instruments alone: so many seconds at once.
  z.strictObject({
    kind: z.literal('ahead'),
    seconds: num(1, 60, 's'),
  }),
]);
export type RunCommand = z.infer<typeof runCommandSchema>;

/** Rows of a recording, as many as go into one request; each row later than the one before. */
const MOST_LOG_ROWS = 2000;
export const logRowsSchema = z.strictObject({
  runSeconds: z
    .array(num(0, 10_000_000, 's'))
    .min(1)
    .max(MOST_LOG_ROWS)
    .describe(`1 to ${MOST_LOG_ROWS} rows`),
  values: z
    .record(z.string().max(30), z.array(z.number().nullable()).max(MOST_LOG_ROWS))
    .describe('channels, each with as many numbers as there are rows, null for no signal'),
});
export type LogRows = z.infer<typeof logRowsSchema>;

const figure = z.number().min(-100_000).max(100_000).describe('a number');
/** What a device read by itself: at which second of its run, and what its screen showed then. */
const deviceReadSchema = z.strictObject({
  atS: runTime,
  occurredAt: instant,
  values: z.partialRecord(z.enum(QUANTITY_NAMES), figure).describe('quantities, each with what was read'),
  stood: z.strictObject({
    steady: oneOf(STEADY_STATES),
    ranMin: num(0, 1_000_000, 'min').optional(),
    speedHeldMin: num(0, 1_000_000, 'min').optional(),
  }),
});
export type DeviceRead = z.infer<typeof deviceReadSchema>;

/**
 * One round of readings as one request: what was typed, what instruments read, and the signature under it where it is the last.
 * Airflow is taken only where it is named: it is a measurement of its own.
 */
export const roundSchema = z.strictObject({
  setId: idSchema,
  stage: oneOf(['reading', 'final', 'airflow']),
  typed: z.array(typedMeasurementSchema).max(40).describe('up to 40 measurements'),
  run: z
    .strictObject({
      id: idSchema,
      quantities: z.array(z.string().max(40)).max(40).nullable().describe('names, or null for all'),
      device: deviceReadSchema.optional(),
    })
    .nullable(),
  sign: idSchema.nullable(),
});
export type Round = z.infer<typeof roundSchema>;
export const overrideSchema = z.strictObject({ id: idSchema, gate: chars(1, 40), reason: chars(10, 500) });
export const signOffSchema = z.strictObject({
  id: idSchema,
  saw: z
    .string()
    .regex(/^\d{1,6}-[0-9a-f]{16}$/)
    .optional()
    .describe('the mark of what stood on the sheet as it was signed (core/phases/saw.ts), or left out'),
});
export type SignOffBody = z.infer<typeof signOffSchema>;
export const amendmentSchema = z.strictObject({ id: idSchema, note: chars(5, 1000) });
