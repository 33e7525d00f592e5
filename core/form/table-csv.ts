import type { z } from 'zod';
import { allowedAt } from '@/core/finding/schema-fields';
import { tell } from '@/core/finding/words';
import type { Label } from '@/core/words/said';

/** A list that goes out and comes in as CSV: its columns are the fields of its schema, in order, units in their names. */
export type CsvTable<S extends z.ZodObject = z.ZodObject> = { schema: S; columns: string[] };
export const csvTable = <S extends z.ZodObject>(schema: S): CsvTable<S> => ({
  schema,
  columns: Object.keys(schema.shape),
});

export type RowTrouble = { row: number; field: string; message: Label; allowed: Label };
export type ReadRow<T> = { ok: true; value: T } | { ok: false; troubles: RowTrouble[] };

type Node = { type?: string; def?: { type?: string; innerType?: Node } };

/** What a cell of a column is read as, from the schema itself. */
function cellKind(schema: z.ZodType): 'number' | 'yes-no' | 'text' {
  let at = schema as unknown as Node;
  while (at.def?.innerType) at = at.def.innerType;
  const type = at.def?.type;
  return type === 'number' ? 'number' : type === 'boolean' ? 'yes-no' : 'text';
}

/** A column that came later than the first files: they do not have it. */
const isLater = (field: z.ZodType): boolean => field.safeParse(undefined).success;

/** A cell that a spreadsheet would run as a formula, or that already says apostrophe and formula; a plain number is none. */
const FORMULA = /^'*[=+\-@\t\r]/;
const NUMBER = /^[-+]?[\d.,]+$/;

/** The cell with an apostrophe before what a spreadsheet would run. */
export const safeCell = (text: string): string => (FORMULA.test(text) && !NUMBER.test(text) ? `'${text}` : text);

/** That one apostrophe is not part of what the cell says. */
const bare = (text: string): string => text.trim().replace(/^'(?='*[=+\-@\t\r])/, '');

function cell(kind: ReturnType<typeof cellKind>, text: string, empty: null | undefined): unknown {
  const t = bare(text);
  if (t === '') return empty;
  if (kind === 'number') return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(t) ? Number(t) : t;
  if (kind === 'yes-no') return /^(yes|true|1)$/i.test(t) ? true : /^(no|false|0)$/i.test(t) ? false : t;
  return t;
}

/** Reads one row of cells by column name; every trouble names its row, column, and what is allowed. */
export function readRow<S extends z.ZodObject>(
  { schema }: CsvTable<S>,
  cells: Record<string, string>,
  row: number,
): ReadRow<z.output<S>> {
  const raw: Record<string, unknown> = {};
  for (const [column, field] of Object.entries(schema.shape) as [string, z.ZodType][]) {
    // A column that came later is left out where nothing stands in it.
    const empty = isLater(field) || !field.safeParse(null).success ? undefined : null;
    raw[column] = cell(cellKind(field), cells[column] ?? '', empty);
  }
  const checked = schema.safeParse(raw);
  if (checked.success) return { ok: true, value: checked.data };
  const seen = new Set<string>();
  const troubles: RowTrouble[] = [];
  for (const issue of checked.error.issues) {
    const field = String(issue.path[0] ?? 'row');
    if (seen.has(field)) continue;
    seen.add(field);
    const typed = bare(cells[field] ?? '');
    troubles.push({
      row,
      field,
      message: typed === '' ? tell('finding.is-missing', { field }) : tell('finding.cannot-be-used', { field, typed }),
      allowed: allowedAt(schema, [field]) ?? '',
    });
  }
  return { ok: false, troubles };
}

/** A row as it is written: empty for nothing, yes and no in words. */
export function writeRow({ columns }: CsvTable, value: Record<string, unknown>): Record<string, string> {
  return Object.fromEntries(
    columns.map((c) => {
      const v = value[c];
      return [c, v === null || v === undefined ? '' : typeof v === 'boolean' ? (v ? 'yes' : 'no') : String(v)];
    }),
  );
}

/** Columns that a file lacks, and that we do not know. */
export function headerTrouble(
  header: readonly string[],
  { columns }: CsvTable,
): { missing: string[]; unknown: string[] } {
  return { missing: columns.filter((c) => !header.includes(c)), unknown: header.filter((h) => !columns.includes(h)) };
}
