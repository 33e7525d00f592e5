import { CYLINDER_TABLE } from '@/core/circuit/recovery/cylinder-csv';
import { LIBRARY_TABLE, PAIR_TABLE, PATTERN_TABLE } from '@/core/equipment/library-csv';
import type { CsvTable } from '@/core/form/table-csv';
import { HOUSE_TABLE } from '@/core/job/house-csv';
import { PART_TABLE } from '@/core/plan/take-off/part-row';

export type CsvKind = 'equipment' | 'pairs' | 'patterns' | 'parts' | 'cylinders' | 'customers';

/** Every list that is read from a file, by the name of its file. */
export const CSV_TABLES: Record<CsvKind, CsvTable> = {
  equipment: LIBRARY_TABLE,
  pairs: PAIR_TABLE,
  patterns: PATTERN_TABLE,
  parts: PART_TABLE,
  cylinders: CYLINDER_TABLE,
  customers: HOUSE_TABLE,
};

/** Which of the lists that a page takes a file is: the one whose columns it has most of. */
export function kindOf(header: readonly string[], kinds: readonly CsvKind[]): CsvKind {
  const known = (kind: CsvKind): number => header.filter((h) => CSV_TABLES[kind].columns.includes(h)).length;
  return kinds.reduce((best, kind) => (known(kind) > known(best) ? kind : best));
}
