import type { FitKind, FitSheet } from '@/core/fit/sheets';
import { ConflictTable } from '@/web/kit/ConflictTable';
import { fitDifferences } from './fit-differences';
import type { FitEdit } from './use-fit';

/** Someone saved this sheet after it was read here: who, and what differs. */
export function FitConflict({ kind, edit, conflict }: { kind: FitKind; edit: FitEdit; conflict: FitSheet }) {
  return (
    <ConflictTable
      differ={fitDifferences(kind, edit.record, conflict.record)}
      by={conflict}
      onMine={edit.keepMine}
      onTheirs={edit.takeStored}
    />
  );
}
