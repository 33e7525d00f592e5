import type { Response } from 'express';
import Papa from 'papaparse';
import { type CsvTable, safeCell, writeRow } from '@/core/form/table-csv';

/** CSV with a byte-order mark, so that a spreadsheet reads ° and – rightly, and runs nothing that stands in it. */
export function csv(fields: readonly string[], data: Record<string, string>[]): string {
  const rows = data.map((row) => Object.fromEntries(Object.entries(row).map(([k, v]) => [k, safeCell(v)])));
  return `\ufeff${Papa.unparse({ fields: [...fields], data: rows }, { newline: '\r\n' })}\r\n`;
}

/** A list of the company as CSV, to be read again by the table it came from. */
export const csvOf = (table: CsvTable, rows: readonly Record<string, unknown>[]): string =>
  csv(
    table.columns,
    rows.map((r) => writeRow(table, r)),
  );

export function sendCsv(response: Response, name: string, text: string): void {
  response.attachment(`${name}.csv`).type('text/csv; charset=utf-8').send(text);
}
