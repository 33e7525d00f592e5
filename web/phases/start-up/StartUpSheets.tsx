import type { ReactNode } from 'react';
import type { Answers } from '@/core/form/field';
import type { EntryKind } from '@/core/phases/log/entries';
import { Sheet } from '@/web/kit/Sheet';
import { TypedMovement } from '@/web/phases/charge/TypedMovement';
import type { EquippedView } from '@/web/phases/job-context';
import { t } from '@/web/words/tell';
import { EntrySheet } from '../circuit/EntrySheet';
import { AirflowSheet } from './AirflowSheet';
import { BenchDrawer } from './BenchDrawer';
import { standInFor } from './stand-in';

export type Open = 'bench' | 'airflow' | 'typed' | 'working' | { entry: EntryKind; preset?: Answers };

type Props = { view: EquippedView; open: Open | undefined; onClose: () => void; children: ReactNode };

/** What lies over the start-up page: its instruments, the proof of airflow, a typed weighing, the working of a figure. */
export function StartUpSheets({ view, open, onClose, children }: Props) {
  if (typeof open === 'object')
    return (
      <EntrySheet
        view={view}
        kind={open.entry}
        preset={open.preset ?? {}}
        standIn={standInFor(open.entry, open.preset, view)}
        onClose={onClose}
      />
    );
  switch (open) {
    case 'bench':
      return <BenchDrawer view={view} onClose={onClose} />;
    case 'airflow':
      return <AirflowSheet view={view} onClose={onClose} />;
    case 'typed':
      return <TypedMovement view={view} phase="start-up" onClose={onClose} />;
    case 'working':
      return (
        <Sheet open onClose={onClose} title={t('web.working')}>
          {children}
        </Sheet>
      );
    default:
      return null;
  }
}
