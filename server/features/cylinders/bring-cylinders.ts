import { v7 as uuid } from 'uuid';
import type { Brought, CylinderRows } from '@/contract/lists';
import type { Refusal } from '@/core/finding/outcome';
import { lockCompany } from '@/server/db/lock-company';
import type { Database, Db } from '@/server/db/pool';
import { Problem } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import { moveIn, putIn } from './cylinders-service';
import { cylindersStore } from './cylinders-store';

/** A row that the records refuse: which of those sent, its column, why, what is allowed. */
type RefusedRow = Partial<Refusal> & { index: number };

/**
 * Cylinders of a list, by their tag. A new one is added and its ledger opened with what the list says is in it, or not at all;
 * of one that is there the stamps are brought up to date and its contents left to its ledger. The same list twice changes
 * nothing; a row that is refused holds no other back.
 */
export async function bringCylinders(
  database: Database,
  person: Person,
  { cylinders, countedAt }: CylinderRows,
): Promise<Brought & { refused: RefusedRow[] }> {
  const counts = { added: 0, updated: 0, unchanged: 0 };
  const refused: RefusedRow[] = [];
  for (const [index, row] of cylinders.entries()) {
    try {
      counts[await database.transaction((db) => bringIn(db, person, row, countedAt))] += 1;
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      const { field, message, allowed } = error.detail;
      refused.push({ index, field: field === 'oz' ? 'contentsOz' : field, message, allowed } as RefusedRow);
    }
  }
  return { ...counts, refused };
}

async function bringIn(
  db: Db,
  person: Person,
  { contentsOz, ...stamps }: CylinderRows['cylinders'][number],
  countedAt: string,
): Promise<keyof Brought> {
  // Two lists at once would each add the same cylinder.
  await lockCompany(db, person.companyId);
  const there = await cylindersStore.byTag(db, person.companyId, stamps.tag);
  const id = there?.id ?? uuid();
  const changed = await putIn(db, person, { ...stamps, id, version: there?.version ?? 0 });
  if (there) return changed ? 'updated' : 'unchanged';
  if (contentsOz > 0)
    await moveIn(db, person, id, {
      id: uuid(),
      kind: 'opening',
      oz: contentsOz,
      grossOz: null,
      recipient: null,
      note: null,
      occurredAt: countedAt,
    });
  return 'added';
}
