import { may } from '@/core/job/permissions';
import { nextMoveOf } from '@/core/phases/phase';
import type { StartUpFacts } from '@/core/phases/start-up/move';
import { startUp } from '@/core/phases/start-up/phase';
import type { FigureId } from '@/core/startup/figure';
import type { EquippedView } from '@/web/phases/job-context';
import { usePress } from '@/web/phases/use-press';
import type { Tab } from './StartUpBench';
import type { Open } from './StartUpSheets';
import { startUpFacts } from './start-up-facts';
import type { useStartUp } from './use-start-up';

type Here = Pick<StartUpFacts, 'selected' | 'stale' | 'gates' | 'typing'> & {
  record: (stage: 'reading' | 'final', sign: boolean) => Promise<void>;
  onOpen: (open: Open) => void;
  onSelect: (id: FigureId) => void;
  onTab: (tab: Tab) => void;
};

/** The next move of the start-up, and what its button does on this page. */
export function useStartUpMove(view: EquippedView, start: ReturnType<typeof useStartUp>, here: Here) {
  const { press, busy, problem, act } = usePress(view, 'start-up', {
    connect: () => here.onOpen('bench'),
    'prove-airflow': () => here.onOpen('airflow'),
    write: ({ entry, preset }) => here.onOpen({ entry, ...(preset ? { preset } : {}) }),
    type: (action) => {
      if (action.what === 'weights') here.onOpen('typed');
      if (action.what !== 'readings') return;
      here.onTab('readings');
      const { quantity } = action;
      if (quantity) setTimeout(() => document.querySelector<HTMLElement>(`input[name=${quantity}]`)?.focus(), 0);
    },
    check: ({ what }) => here.onSelect(what as FigureId),
    record: ({ stage, sign }) => here.record(stage, sign),
  });
  const move = nextMoveOf(startUp, view.sheet, {
    maySign: may(view.me.role, startUp.signedBy),
    facts: startUpFacts(view, start, here),
  });
  return { move, press, busy, problem, act };
}
