import { z } from 'zod';
import { CYLINDER_STATES, CYLINDER_USES, type Cylinder, MOVEMENT_KINDS } from '@/core/circuit/recovery/cylinder';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';

/** A cylinder with what its movements say is in it. Version 1. */
export const cylinderAnswer = z.strictObject({
  id: z.string(),
  tag: z.string(),
  use: z.enum(CYLINDER_USES),
  refrigerant: z.enum(REFRIGERANTS).nullable(),
  waterCapacityLb: z.number(),
  tareOz: z.number(),
  ratingPsig: z.number(),
  retestOn: z.iso.date().nullable(),
  disposable: z.boolean(),
  flammableMark: z.boolean(),
  dipTube: z.boolean(),
  state: z.enum(CYLINDER_STATES),
  contentsOz: z.number(),
}) satisfies z.ZodType<Cylinder>;

const movement = z.strictObject({
  id: z.string(),
  cylinderId: z.string(),
  tag: z.string(),
  kind: z.enum(MOVEMENT_KINDS),
  oz: z.number(),
  grossOz: z.number().nullable(),
  refrigerant: z.enum(REFRIGERANTS).nullable(),
  jobId: z.string().nullable(),
  jobNumber: z.number().nullable(),
  by: z.string(),
  certificate: z.string().nullable(),
  source: z.string(),
  recipient: z.string().nullable(),
  note: z.string().nullable(),
  customer: z.string().nullable(),
  address: z.string().nullable(),
  model: z.string().nullable(),
  serial: z.string().nullable(),
  at: z.iso.datetime(),
});
/** One cylinder with every movement, oldest first: their sum is what it holds. Version 1. */
export const ledgerSchema = z
  .strictObject({ cylinder: cylinderAnswer.extend({ version: z.number() }), movements: z.array(movement) })
  .refine(
    ({ cylinder, movements }) => Math.abs(movements.reduce((s, m) => s + m.oz, 0) - cylinder.contentsOz) < 0.01,
    'the movements do not add up to the contents',
  );
