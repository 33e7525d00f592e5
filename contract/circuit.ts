import { z } from 'zod';
import { CYLINDER_STATES, CYLINDER_USES } from '@/core/circuit/recovery/cylinder';
import { num } from '@/core/finding/quantity-field';
import { ENTRY_KINDS } from '@/core/phases/log/entries';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { day, idSchema, instant } from './requests';

/** Bodies of the writes of the refrigerant circuit and the cylinder ledger. */
const text = (min: number, max: number) => z.string().trim().min(min).max(max).describe(`${min} to ${max} characters`);

export const circuitEntrySchema = z.strictObject({
  id: idSchema,
  kind: z.enum(ENTRY_KINDS).describe(ENTRY_KINDS.join(', ')),
  /** Checked again by the schema of its kind. */
  body: z.record(z.string(), z.unknown()).describe('the fields of this kind of entry'),
  supersedesId: idSchema.nullable().default(null),
  occurredAt: instant,
});
export type NewCircuitEntry = z.infer<typeof circuitEntrySchema>;

export const cylinderSchema = z.strictObject({
  id: idSchema,
  /** 0 for a new one, else the version that was read. */
  version: z.number().int().min(0).describe('the version you read, 0 for none'),
  tag: text(1, 40),
  use: z.enum(CYLINDER_USES).describe(CYLINDER_USES.join(', ')),
  refrigerant: z
    .enum(REFRIGERANTS)
    .nullable()
    .describe(`${REFRIGERANTS.join(', ')}, or null when empty`),
  waterCapacityLb: num(1, 2000, 'lb'),
  tareOz: num(8, 32_000, 'oz'),
  ratingPsig: num(100, 1000, 'psig'),
  retestOn: day.nullable().describe('a date, YYYY-MM-DD, 2000 to 2100, or null'),
  disposable: z.boolean().describe('true or false'),
  flammableMark: z.boolean().describe('true or false'),
  dipTube: z.boolean().describe('true or false'),
  state: z.enum(CYLINDER_STATES).describe(CYLINDER_STATES.join(', ')),
});
export type CylinderBody = z.infer<typeof cylinderSchema>;

/** What a person writes into the ledger by hand; movements to and from a system come with the job. */
export const HAND_MOVEMENTS = ['opening', 'received', 'weighed', 'sent away'] as const;
export const cylinderMovementSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(HAND_MOVEMENTS).describe(HAND_MOVEMENTS.join(', ')),
  /** Into the cylinder; out of it for "sent away"; not read for a weighing. */
  oz: num(0, 32_000, 'oz'),
  grossOz: num(0, 40_000, 'oz').nullable(),
  recipient: text(0, 120).nullable(),
  note: text(0, 300).nullable(),
  occurredAt: instant,
  certifiedId: idSchema.optional(),
});
export type NewCylinderMovement = z.infer<typeof cylinderMovementSchema>;
