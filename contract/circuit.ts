import { z } from 'zod';
import { CYLINDER_FIELDS } from '@/core/circuit/recovery/cylinder-fields';
import { chars, num, yesNo } from '@/core/finding/quantity-field';
import { schemaOf } from '@/core/form/field';
import { ENTRY_KINDS } from '@/core/phases/log/entries';
import { idSchema, instant } from './requests';

/** Bodies of the writes of the refrigerant circuit and the cylinder ledger. */

export const circuitEntrySchema = z.strictObject({
  id: idSchema,
  kind: z.enum(ENTRY_KINDS).describe(ENTRY_KINDS.join(', ')),
  /** Checked again by the schema of its kind. */
  body: z.record(z.string(), z.unknown()).describe('the fields of this kind of entry'),
  supersedesId: idSchema.nullable().default(null),
  occurredAt: instant,
});
export type NewCircuitEntry = z.infer<typeof circuitEntrySchema>;

export const cylinderSchema = schemaOf(CYLINDER_FIELDS).extend({
  id: idSchema,
  /** 0 for a new one, else the version that was read. */
  version: z.number().int().min(0).describe('the version you read, 0 for none'),
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
  recipient: chars(0, 120).nullable(),
  note: chars(0, 300).nullable(),
  occurredAt: instant,
  certifiedId: idSchema.optional(),
});
/** A cylinder is checked out to a device, or in again; a device has one name for as long as its browser keeps it. */
export const holderSchema = z.strictObject({ deviceId: idSchema, held: yesNo });
export type HolderBody = z.infer<typeof holderSchema>;
export type NewCylinderMovement = z.infer<typeof cylinderMovementSchema>;
