import { z } from 'zod';
import { chars, num } from '@/core/finding/quantity-field';
import { csvTable } from '@/core/form/table-csv';

/** A part as the company buys and carries it: by the name of a take-off line, or a name of its own. */
export const partRowSchema = z.strictObject({
  code: chars(1, 40),
  name: chars(1, 80),
  unit: chars(1, 12),
  /** How much is in one that is bought. */
  pack: num(0.001, 10_000, ''),
  price: num(0, 100_000, ''),
  /** How much the truck carries. */
  onTruck: num(0, 10_000, ''),
});
export type PartRow = z.infer<typeof partRowSchema>;
export const PART_TABLE = csvTable(partRowSchema);
