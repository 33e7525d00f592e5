import { z } from 'zod';
import { characters } from '@/core/finding/allow';
import { num } from '@/core/finding/quantity-field';
import { csvTable } from '@/core/form/table-csv';

const words = (least: number, most: number) => z.string().trim().min(least).max(most).meta(characters(least, most));

/** A part as the company buys and carries it: by the name of a take-off line, or a name of its own. */
export const partRowSchema = z.strictObject({
  code: words(1, 40),
  name: words(1, 80),
  unit: words(1, 12),
  /** How much is in one that is bought. */
  pack: num(0.001, 10_000, ''),
  price: num(0, 100_000, ''),
  /** How much the truck carries. */
  onTruck: num(0, 10_000, ''),
});
export type PartRow = z.infer<typeof partRowSchema>;
export const PART_TABLE = csvTable(partRowSchema);
