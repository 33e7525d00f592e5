import Papa from 'papaparse';
import {
  headerTrouble,
  LIBRARY_COLUMNS,
  PAIR_COLUMNS,
  type RowTrouble,
  readLibraryRow,
  readPairRow,
} from '@/core/equipment/library-csv';
import type { LibraryFields, MatchedPair } from '@/core/equipment/library-item';

export type CsvKind = 'equipment' | 'pairs';
export type CsvResult = {
  kind: CsvKind;
  rows: number;
  items: LibraryFields[];
  pairs: MatchedPair[];
  troubles: RowTrouble[];
  /** Set when the file cannot be read as a whole. */
  header?: { missing: string[]; unknown: string[] };
};

/** A spreadsheet that grew past this is not a list of equipment. */
export const MOST_ROWS = 20_000;
const MOST_TROUBLES = 500;

/** Reads a whole CSV file: what is good as rows, what is not row by row with its column and what is allowed. */
export function readCsv(text: string): CsvResult {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim(),
  });
  const header = parsed.meta.fields ?? [];
  const kind: CsvKind = header.includes('outdoorModel') ? 'pairs' : 'equipment';
  const columns: readonly string[] = kind === 'pairs' ? PAIR_COLUMNS : LIBRARY_COLUMNS;
  const { missing, unknown } = headerTrouble(header, columns);
  const out: CsvResult = { kind, rows: parsed.data.length, items: [], pairs: [], troubles: [] };
  // A column may be left out when every cell of it may be empty; the rows say so themselves. A strange one is refused whole.
  if (unknown.length || missing.length === columns.length) return { ...out, header: { missing, unknown } };
  if (parsed.data.length > MOST_ROWS) {
    out.troubles.push({
      row: MOST_ROWS + 2,
      field: 'file',
      message: `The file has ${parsed.data.length} rows.`,
      allowed: `up to ${MOST_ROWS} rows`,
    });
    return out;
  }
  parsed.data.forEach((cells, i) => {
    // Row 1 of the file is its header.
    const row = i + 2;
    const read = kind === 'pairs' ? readPairRow(cells, row) : readLibraryRow(cells, row);
    if (read.ok) {
      if (kind === 'pairs') out.pairs.push(read.value as MatchedPair);
      else out.items.push(read.value as LibraryFields);
    } else if (out.troubles.length < MOST_TROUBLES) out.troubles.push(...read.troubles);
  });
  return out;
}
