import { z } from 'zod';
import { CYLINDER_TABLE } from '@/core/circuit/recovery/cylinder-csv';
import { houseRowSchema } from '@/core/job/house-csv';
import { instant } from './requests';

/** Bodies of lists that come in from a file, and what became of their rows. */
export const housesSchema = z.strictObject({
  houses: z.array(houseRowSchema).min(1).max(200).describe('1 to 200 rows'),
});

export const cylindersSchema = z.strictObject({
  cylinders: z.array(CYLINDER_TABLE.schema).min(1).max(200).describe('1 to 200 rows'),
  /** When what is in them was counted: their ledgers are opened then. */
  countedAt: instant,
});
export type CylinderRows = z.infer<typeof cylindersSchema>;

/** What became of the rows of a list. */
export type Brought = { added: number; updated: number; unchanged: number };
