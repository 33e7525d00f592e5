import { v7 as uuid } from 'uuid';
import type { CYLINDER_TABLE } from '@/core/circuit/recovery/cylinder-csv';
import type { ReadRow, RowTrouble } from '@/core/form/table-csv';
import { ApiProblem, get, post } from '@/web/api/http';
import type { Sender } from '@/web/csv/use-import';
import type { CylinderRow } from './cylinder-row';

type Value = Extract<ReadRow<(typeof CYLINDER_TABLE)['schema']['_output']>, { ok: true }>['value'];

/**
 * Cylinders by their tag: a new one is added and its ledger opened with what the file says is in it; of one that is there the
 * stamps are brought up to date and its contents left to its ledger. A row that is refused holds no other back.
 */
export const sendCylinders: Sender = async (_, rows) => {
  const { cylinders } = await get<{ cylinders: CylinderRow[] }>('/cylinders');
  const byTag = new Map(cylinders.map((c) => [c.tag, c]));
  const sent = { added: 0, updated: 0, unchanged: 0 };
  const refused: RowTrouble[] = [];
  for (const { row, value } of rows) {
    const { contentsOz, ...stamps } = value as Value;
    const there = byTag.get(stamps.tag);
    const id = there?.id ?? uuid();
    try {
      const kept = await post<CylinderRow>('/cylinders', {
        cylinder: { ...stamps, id, version: there?.version ?? 0 },
        opening: !there && contentsOz > 0 ? opening(contentsOz) : null,
      });
      byTag.set(kept.tag, kept);
      sent[!there ? 'added' : kept.version === there.version ? 'unchanged' : 'updated'] += 1;
    } catch (error) {
      if (!(error instanceof ApiProblem) || error.status === 0) throw error;
      const { field, allowed = '' } = error;
      refused.push({ row, field: columnOf(field), message: error.message, allowed });
    }
  }
  return { ...sent, refused };
};

/** A refusal names the field of the body; the file has a column for it. */
const columnOf = (field = 'row'): string => (field === 'oz' ? 'contentsOz' : field.replace(/^cylinder\./, ''));

const opening = (oz: number) => ({
  id: uuid(),
  kind: 'opening',
  oz,
  grossOz: null,
  recipient: null,
  note: null,
  occurredAt: new Date().toISOString(),
});
