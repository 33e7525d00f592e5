import { waterMicrons } from '@/core/circuit/vacuum/water-saturation';
import { passes } from '@/core/job/gates';
import { isSigned } from '@/core/job/sheet';
import { evacuate } from '@/core/phases/evacuate/phase';
import { ordersOf, S_PER_MIN } from '@/core/phases/live/stream';
import { sheetGates } from '@/core/phases/standing';
import { q } from '@/core/words/said';
import { VacuumStrip } from '@/web/bench/vacuum/VacuumStrip';
import { Notice } from '@/web/kit/Notice';
import { useDesk } from '@/web/kit/use-media';
import { figureOf } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { BeforeWork } from '../BeforeWork';
import { BigFigure, CircuitFrame } from '../circuit/CircuitFrame';
import type { EquippedView } from '../job-context';
import { Causes } from './Causes';
import { figureNote, marksOf, testsOf } from './evacuate-figures';
import { useEvacuation } from './use-evacuation';

export default function EvacuatePage(view: EquippedView) {
  const { sheet, feed } = view;
  const desk = useDesk();
  const { evac, setup, run, shownRun, line, isolatedS, answer, silent, live } = useEvacuation(view);
  const tighter = sheetGates(sheet, 'evacuate').every(passes) ? '' : tell('web.makers-tighter-limit-wins');
  const method = setup?.method === 'triple' ? tell('web.triple-two-sweeps') : tell('web.one-deep-pull-2');
  const now = figureOf(q(silent ? null : line.at(-1)?.[1], 'microns'));
  return (
    <CircuitFrame
      view={view}
      phase={evacuate}
      about={setup ? t('web.to-m', { method, targetMicrons: evac.targetMicrons }) : ''}
      checks={evac.checks}
      live={live}
      figures={
        <BigFigure
          label={t('web.vacuum-now')}
          testId="microns-now"
          value={now.value}
          unit="µm"
          note={figureNote(answer, evac.stage, run !== undefined)}
        />
      }
      below={
        <>
          {answer?.progress?.stalled ? <Causes progress={answer.progress} /> : null}
          {isSigned(sheet, 'evacuate') ? null : (
            <Notice kind="look-again">
              {t('web.never-start-or-insulation-test-compressor-2', { passes: tighter })}
            </Notice>
          )}
        </>
      }
    >
      {line.length > 1 ? (
        <VacuumStrip
          points={line}
          gapsMin={feed.events.filter((e) => e.kind === 'gap').map((e) => e.runSeconds / S_PER_MIN)}
          targetMicrons={evac.targetMicrons}
          limitMicrons={evac.limitMicrons}
          waterMicrons={setup ? waterMicrons(setup.coldestPipeF) : undefined}
          waterF={setup?.coldestPipeF}
          predicted={answer?.predicted ?? []}
          aheadMin={answer?.progress?.minutesToTarget}
          tests={testsOf(view, answer, isolatedS, shownRun?.id)}
          marks={marksOf(ordersOf(feed.events))}
          height={desk ? Math.max(360, Math.min(560, window.innerHeight - 330)) : 300}
        />
      ) : (
        <BeforeWork
          title={t('web.before-pump-runs')}
          items={BEFORE}
          note={t('web.connect-instruments-or-type-readings-as')}
        />
      )}
    </CircuitFrame>
  );
}

/** Before the pump runs: what makes it quick. */
const BEFORE = [
  t('web.nitrogen-released-core-tools-on-both'),
  t('web.micron-gauge-on-system-far-from'),
  t('web.short-wide-hoses-one-on-each'),
  t('web.expansion-valve-open-service-valves-of'),
  t('web.outdoor-unit-locked-out'),
];
