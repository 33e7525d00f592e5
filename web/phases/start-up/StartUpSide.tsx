import type { ReactNode } from 'react';
import type { Finding } from '@/core/finding/finding';
import type { Gate } from '@/core/job/gates';
import { acceptedOn, confirmationsOf } from '@/core/phases/start-up/system';
import type { FigureId } from '@/core/startup/figure';
import { GateList } from '@/web/phases/GateList';
import type { EquippedView } from '@/web/phases/job-context';
import { MovementLog } from '@/web/phases/MovementLog';
import { AgainstAdvice } from '../AgainstAdvice';
import { PhasePictures } from '../PhasePictures';
import { Changes } from './Changes';
import { Confirmations } from './Confirmations';
import { FindingList } from './FindingList';
import { Proofs } from './Proofs';
import type { Open } from './StartUpSheets';
import type { useStartUp } from './use-start-up';

type Props = {
  view: EquippedView;
  start: ReturnType<typeof useStartUp>;
  gates: readonly Gate[] | undefined;
  acceptable: readonly Finding[];
  selected: FigureId;
  onSelect: (id: FigureId) => void;
  working: ReactNode;
  onOpen: (open: Open) => void;
};

/** Beside the picture: the working of a figure, the findings, what was confirmed, what holds the signature, what was weighed. */
export function StartUpSide({
  view,
  start: { judgement },
  gates,
  acceptable,
  selected,
  onSelect,
  working,
  onOpen,
}: Props) {
  return (
    <div>
      {working ? <div className="grid gap-5 p-4 lg:p-5">{working}</div> : null}
      <div className="grid gap-5 px-4 pb-5 max-lg:pt-4 lg:px-5">
        <FindingList
          findings={judgement.findings}
          accepted={acceptedOn(view.sheet)}
          figures={judgement.figures}
          selected={selected}
          onSelect={onSelect}
        />
        <Confirmations view={view} confirmed={confirmationsOf(view.sheet)} />
        <Proofs view={view} onOpen={onOpen} />
        <Changes view={view} />
        {gates ? <GateList gates={gates} phase="start-up" view={view} /> : null}
        <AgainstAdvice view={view} acceptable={acceptable} />
        <MovementLog view={view} />
        <PhasePictures view={view} phase="start-up" />
      </div>
    </div>
  );
}
