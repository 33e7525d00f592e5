import { lazy, Suspense } from 'react';
import { callOf } from '@/core/finding/run-mode';
import { isSigned } from '@/core/job/sheet';
import type { FigureId } from '@/core/startup/figure';
import { RUNNING_A } from '@/core/startup/quantities';
import { TemperatureLadder } from '@/web/bench/ladder/TemperatureLadder';
import { BeforeWork } from '@/web/phases/BeforeWork';
import type { EquippedView } from '@/web/phases/job-context';
import { t } from '@/web/words/tell';
import { ProbePlaces } from './ProbePlaces';
import { ReadingsTable } from './ReadingsTable';
import type { useStartUp } from './use-start-up';
import type { Typed } from './use-typed';

const CyclePanel = lazy(() => import('./CyclePanel').then((m) => ({ default: m.CyclePanel })));
const ExpectedPressures = lazy(() => import('./ExpectedPressures').then((m) => ({ default: m.ExpectedPressures })));
const FaultPanel = lazy(() => import('./FaultPanel').then((m) => ({ default: m.FaultPanel })));
const LiveTrend = lazy(() => import('@/web/bench/trend/LiveTrend').then((m) => ({ default: m.LiveTrend })));
const Trend = lazy(() => import('@/web/bench/trend/Trend'));
const SideBySide = lazy(() => import('./SideBySide').then((m) => ({ default: m.SideBySide })));
export const TABS = ['ladder', 'cycle', 'trend', 'readings', 'fault', 'circuits'] as const;
export type Tab = (typeof TABS)[number];

type Props = {
  view: EquippedView;
  start: ReturnType<typeof useStartUp>;
  typed: Typed;
  tab: Tab;
  selected: FigureId;
  onSelect: (id: FigureId) => void;
  stale: boolean;
};

/** The picture of the running system: its ladder, its trend, or every reading in a table. */
export function StartUpBench({ view, start, typed, tab, selected, onSelect, stale }: Props) {
  const { sheet, feed } = view;
  const { judgement, readings, verdicts, streaming, staleForS } = start;
  const suspects = new Set(judgement.findings.flatMap((f) => (f.id.startsWith('probe-') ? [f.id.slice(6)] : [])));
  if (tab === 'readings')
    return (
      <ReadingsTable
        readings={readings}
        typed={typed}
        streaming={streaming}
        inverter={!!sheet.circuit.plate?.inverter}
        suspects={suspects}
        staleForS={staleForS}
        place={isSigned(sheet, 'start-up') ? null : <ProbePlaces view={view} />}
      />
    );
  if (tab === 'fault' || tab === 'cycle') {
    const Panel = tab === 'fault' ? FaultPanel : CyclePanel;
    return (
      <Suspense fallback={null}>
        <Panel view={view} start={start} typed={typed} />
      </Suspense>
    );
  }
  if (tab === 'circuits')
    return (
      <Suspense fallback={null}>
        <SideBySide view={view} />
      </Suspense>
    );
  if (tab === 'trend') {
    const Drawing = feed.state === 'live' ? LiveTrend : Trend;
    const targetOf = selected === 'superheat' ? 'superheat' : 'subcooling';
    return (
      <div className="h-full p-4">
        {callOf(sheet.job.mode) === 'heating' ? (
          <p className="text-ink2">{t('web.trend-is-of-cooling')}</p>
        ) : feed.samples.length > 1 ? (
          <Suspense fallback={<p className="text-ink2">{t('web.drawing')}</p>}>
            <Drawing
              samples={feed.samples}
              refrigerant={sheet.circuit.plate.refrigerant}
              barometerPsia={sheet.site.barometerPsia}
              target={judgement.figures.byId[targetOf].target}
              targetOf={targetOf}
              gaps={feed.events.filter((e) => e.kind === 'gap').map((e) => e.runSeconds)}
            />
          </Suspense>
        ) : (
          <p className="text-ink2">{t('web.trend-needs-instruments-that-stream-typed')}</p>
        )}
      </div>
    );
  }
  if (Object.keys(readings).length === 0)
    return (
      <div className="px-4 lg:px-5">
        <BeforeWork title={t('web.before-power-goes-on')} items={BEFORE} note={BEFORE_NOTE} />
      </div>
    );
  const running = (readings.compressorA?.value ?? 0) > RUNNING_A;
  return (
    <div className="flex h-full flex-col">
      <div className="min-h-0 flex-1">
        <TemperatureLadder
          readings={readings}
          figures={judgement.figures}
          verdicts={verdicts}
          selected={selected}
          onSelect={onSelect}
          dim={!isSigned(sheet, 'start-up') && (stale || !running)}
        />
      </div>
      {running ? (
        <Suspense fallback={null}>
          <ExpectedPressures view={view} readings={readings} />
        </Suspense>
      ) : null}
    </div>
  );
}

/** What must be true before power goes on. */
const BEFORE = [
  t('web.airways-open-filter-in-panels-on'),
  t('web.service-valves-fully-open-caps-on'),
  t('web.charge-weighed-and-signed'),
  t('web.breaker-and-disconnect-match-plate'),
  t('web.crankcase-heater-warm-for-makers-time'),
  t('web.floats-and-freeze-stat-each-tripped'),
];
const BEFORE_NOTE = t('web.compressor-may-wait-up-to-5');
