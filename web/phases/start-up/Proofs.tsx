import { isSigned } from '@/core/job/sheet';
import { latestOf } from '@/core/phases/log/circuit-log';
import { ENTRIES, entryKindsOf } from '@/core/phases/log/entries';
import { acceptancesOf } from '@/core/phases/start-up/acceptance-proofs';
import { offeredProofsOf } from '@/core/phases/start-up/bench-proofs';
import { modesOf } from '@/core/phases/start-up/mode-proofs';
import { stripStages } from '@/core/phases/start-up/typed-proofs';
import { StaticBar } from '@/web/bench/air/StaticBar';
import { Button } from '@/web/kit/Button';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import type { EquippedView } from '../job-context';
import type { Open } from './StartUpSheets';

type Props = { view: EquippedView; onOpen: (open: Open) => void };

/** Proofs that are typed as they are seen, beside those of the probes: electric heat by stage, a defrost, what is accepted. */
export function Proofs({ view, onOpen }: Props) {
  const { sheet } = view;
  const strips = stripStages(sheet);
  const heats = modesOf(sheet.circuit.plate).includes('heating');
  const accepted = acceptancesOf(sheet);
  const budget = latestOf(sheet.systemLog, 'static-budget');
  const kinds = entryKindsOf('start-up');
  return (
    <Part name={t('web.proofs-by-hand')}>
      {isSigned(sheet, 'start-up') ? null : (
        <div className="mt-1 flex flex-wrap gap-x-1">
          {strips.map((stage) => (
            <Button
              key={stage}
              tone="quiet"
              className="text-[14px]"
              onClick={() => onOpen({ entry: 'strip-run', preset: { stage } })}
            >
              {t('web.electric-heat-stage', { stage })}
            </Button>
          ))}
          {heats ? (
            <Button tone="quiet" className="text-[14px]" onClick={() => onOpen({ entry: 'defrost-run' })}>
              {t('web.a-defrost')}
            </Button>
          ) : null}
          {accepted.map(({ id, name, entry }) => (
            <Button key={id} tone="quiet" className="text-[14px]" onClick={() => onOpen({ entry, preset: {} })}>
              {say(name)}
            </Button>
          ))}
          {offeredProofsOf(sheet).map(({ id, name, entry }) => (
            <Button key={id} tone="quiet" className="text-[14px]" onClick={() => onOpen({ entry, preset: {} })}>
              {say(name)}
            </Button>
          ))}
          {(['correction', 'running-power'] as const).map((entry) => (
            <Button key={entry} tone="quiet" className="text-[14px]" onClick={() => onOpen({ entry, preset: {} })}>
              {say(ENTRIES[entry].title)}
            </Button>
          ))}
          {accepted.some((a) => a.entry === 'zone-run') ? (
            <Button tone="quiet" className="text-[14px]" onClick={() => onOpen({ entry: 'room-climate', preset: {} })}>
              {t('web.a-room')}
            </Button>
          ) : null}
        </div>
      )}
      {budget ? <StaticBar budget={budget.body} /> : null}
      <EntryLog view={view} phase="start-up" kinds={kinds} />
    </Part>
  );
}
