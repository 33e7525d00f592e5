import type { Brought } from '@/contract/lists';
import type { RowTrouble } from '@/core/form/table-csv';
import { nowIso } from '@/web/api/clock';
import { post } from '@/web/api/http';
import type { Sender } from '@/web/csv/use-import';

type Reply = Brought & { refused: (Omit<RowTrouble, 'row'> & { index: number })[] };

/** Cylinders of a file; a row that the ledger refuses is told by where it stands in the file. */
export const sendCylinders: Sender = async (_, rows) => {
  const { refused, ...counts } = await post<Reply>('/cylinders', {
    cylinders: rows.map((r) => r.value),
    countedAt: nowIso(),
  });
  return { ...counts, refused: refused.map(({ index, ...trouble }) => ({ ...trouble, row: rows[index]!.row })) };
};
