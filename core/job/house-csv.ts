import { z } from 'zod';
import { chars, num, oneOf } from '@/core/finding/quantity-field';
import { csvTable } from '@/core/form/table-csv';
import { LANGUAGES } from '@/core/words/render';

/** A house of a customer as a list has it: one row for each system of the house. */
export const houseRowSchema = z.strictObject({
  customerName: chars(1, 120),
  phone: chars(0, 40).nullable(),
  /** What the customer reads: scope, disclosures, report. Empty: as the company's customers do. */
  language: oneOf(LANGUAGES).nullable(),
  address: chars(1, 160),
  town: chars(1, 80),
  elevationFt: num(-1000, 15000, 'ft'),
  systemName: chars(1, 80).nullable(),
});
export type HouseRow = z.infer<typeof houseRowSchema>;
export const HOUSE_TABLE = csvTable(houseRowSchema);
