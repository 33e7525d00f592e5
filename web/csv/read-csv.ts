import Papa from 'papaparse';
import { headerTrouble, type RowTrouble, readRow } from '@/core/form/table-csv';
import { tell } from '@/web/words/tell';
import { CSV_TABLES, type CsvKind, kindOf } from './tables';

/** A row that may be kept, with where it stands in the file. */
export type GoodRow<T = Record<string, unknown>> = { row: number; value: T };
export type CsvResult = {
  kind: CsvKind;
  rows: number;
  good: GoodRow[];
  troubles: RowTrouble[];
  /** Set when the file cannot be read as a whole. */
  header?: { missing: string[]; unknown: string[] };
};

/** A spreadsheet that grew past this is not a list of a company. */
export const MOST_ROWS = 20_000;
const MOST_TROUBLES = 500;

type Cells = Record<string, string>;

/** Takes a file row by row: what is good, what is not with its row and column; it stops at a strange header or too many rows. */
export class CsvRows {
  private result: CsvResult | undefined;

  constructor(private readonly kinds: readonly CsvKind[]) {}

  /** False when nothing more is wanted of this file. */
  take(cells: Cells, header: readonly string[]): boolean {
    this.result ??= this.begun(header);
    const out = this.result;
    if (out.header) return false;
    out.rows += 1;
    if (out.rows > MOST_ROWS) {
      out.good = [];
      out.troubles = [
        {
          row: MOST_ROWS + 2,
          field: 'file',
          message: tell('web.file-has-more-than-rows', { mostRows: MOST_ROWS }),
          allowed: tell('web.up-to-rows', { mostRows: MOST_ROWS }),
        },
      ];
      return false;
    }
    // Row 1 of the file is its header.
    const row = out.rows + 1;
    const read = readRow(CSV_TABLES[out.kind], cells, row);
    if (read.ok) out.good.push({ row, value: read.value });
    else if (out.troubles.length < MOST_TROUBLES) out.troubles.push(...read.troubles);
    return true;
  }

  done(header: readonly string[]): CsvResult {
    return this.result ?? this.begun(header);
  }

  private begun(header: readonly string[]): CsvResult {
    const kind = kindOf(header, this.kinds);
    const table = CSV_TABLES[kind];
    const { missing, unknown } = headerTrouble(header, table);
    const out: CsvResult = { kind, rows: 0, good: [], troubles: [] };
    // A column may be left out when every cell of it may be empty; the rows say so themselves. A strange one is refused whole.
    return unknown.length || missing.length === table.columns.length ? { ...out, header: { missing, unknown } } : out;
  }
}

const tidy = (header: string): string => header.replace(/^\ufeff/, '').trim();

/** Reads a CSV text or file as it streams in; a file is never held whole. */
export function readCsv(source: string | File, kinds: readonly CsvKind[]): Promise<CsvResult> {
  return new Promise((done, fail) => {
    const rows = new CsvRows(kinds);
    let header: string[] = [];
    Papa.parse<Cells, File>(source as File, {
      header: true,
      skipEmptyLines: 'greedy',
      transformHeader: tidy,
      step: ({ data, meta }, parser) => {
        header = meta.fields ?? [];
        if (!rows.take(data, header)) parser.abort();
      },
      complete: (results) => done(rows.done(header.length ? header : (results?.meta?.fields ?? []))),
      error: (error: Error) => fail(error),
    });
  });
}
