import type { FitKind, FitRecord } from '@/core/fit/sheets';
import { quantityOfUnit } from '@/core/words/quantity';
import { q } from '@/core/words/said';
import type { Difference } from '@/web/kit/ConflictTable';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { FIT_FIELDS, FIT_LISTS } from './fields/all-fields';
import type { FieldDef } from './fields/field-def';
import { valueAt } from './record-path';

function shown(field: FieldDef, value: unknown): string {
  if (value === null || value === undefined || value === '') return '–';
  if (field.kind === 'number') return say(q(value as number, quantityOfUnit(field.unit), 'as is'));
  if (field.kind === 'yes-no') return say(value ? tell('web.yes') : tell('web.no'));
  if (field.kind === 'choice') return field.options.find(([v]) => v === value)?.[1] ?? String(value);
  return String(value);
}

/** What two versions of a fit sheet say differently, in the words of its form; of a list, how many it holds. */
export function fitDifferences(kind: FitKind, mine: FitRecord, stored: FitRecord): Difference[] {
  const same = (path: string): boolean =>
    JSON.stringify(valueAt(mine, path) ?? null) === JSON.stringify(valueAt(stored, path) ?? null);
  const fields = FIT_FIELDS[kind].flatMap((section) =>
    section.fields
      .filter((f) => !same(f.path))
      .map((f) => ({
        label: section.title ? `${section.title}: ${f.label}` : f.label,
        mine: shown(f, valueAt(mine, f.path)),
        stored: shown(f, valueAt(stored, f.path)),
      })),
  );
  const count = (record: FitRecord, path: string): string => String((valueAt(record, path) as unknown[]).length);
  const lists = (FIT_LISTS[kind] ?? [])
    .filter((l) => !same(l.path))
    .map((l) => ({ label: l.title, mine: count(mine, l.path), stored: count(stored, l.path) }));
  return [...fields, ...lists];
}
