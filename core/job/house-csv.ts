import { z } from 'zod';
import { characters } from '@/core/finding/allow';
import { num, oneOf } from '@/core/finding/quantity-field';
import { csvTable } from '@/core/form/table-csv';
import { LANGUAGES } from '@/core/words/render';

const text = (min: number, max: number) => z.string().trim().min(min).max(max).meta(characters(min, max));

/** A house of a customer as a list has it: one row for each system of the house. */
export const houseRowSchema = z.strictObject({
  customerName: text(1, 120),
  phone: text(0, 40).nullable(),
  /** What the customer reads: scope, disclosures, report. Empty: as the company's customers do. */
  language: oneOf(LANGUAGES).nullable(),
  address: text(1, 160),
  town: text(1, 80),
  elevationFt: num(-1000, 15000, 'ft'),
  systemName: text(1, 80).nullable(),
});
export type HouseRow = z.infer<typeof houseRowSchema>;
export const HOUSE_TABLE = csvTable(houseRowSchema);
