import { num } from '@/core/finding/quantity-field';
import { schemaOf } from '@/core/form/field';
import { csvTable } from '@/core/form/table-csv';
import { CYLINDER_FIELDS } from './cylinder-fields';

/** Cylinders as a list: what is stamped on them, and what is in them when their ledger begins. */
export const CYLINDER_TABLE = csvTable(schemaOf(CYLINDER_FIELDS).extend({ contentsOz: num(0, 32_000, 'oz') }));
