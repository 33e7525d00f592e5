import { lazy, Suspense, useState } from 'react';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import type { Gate } from '@/core/job/gates';
import { markedOn } from '@/core/job/marked';
import { may } from '@/core/job/permissions';
import { nextMoveOf } from '@/core/phases/phase';
import { mayWork, sheetGates } from '@/core/phases/standing';
import { startUp } from '@/core/phases/start-up/phase';
import { confirmationsOf, roundsOf } from '@/core/phases/start-up/start-up-sheet';
import type { FigureId } from '@/core/startup/figures';
import { STALE_S } from '@/core/startup/live';
import { type Quantity, RUNNING_A } from '@/core/startup/quantities';
import type { SteadyResult } from '@/core/startup/steady-state';
import { shown } from '@/core/units/format';
import { value } from '@/core/words/said';
import { get } from '@/web/api/http';
import { TemperatureLadder } from '@/web/bench/ladder/TemperatureLadder';
import { Button } from '@/web/kit/Button';
import { CertifiedBy } from '@/web/kit/CertifiedBy';
import { Notice, Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useDesk } from '@/web/kit/use-media';
import { JobFrame } from '@/web/shell/JobFrame';
import { useKeys } from '@/web/shell/use-keys';
import { say, sayLow } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { BeforeWork } from '../BeforeWork';
import { TypedMovement } from '../charge/TypedMovement';
import { GateList } from '../GateList';
import type { EquippedView } from '../job-context';
import { liveMovement } from '../live-movement';
import { MovementLog } from '../MovementLog';
import { NextMove } from '../NextMove';
import { usePress } from '../use-press';
import { AirflowSheet } from './AirflowSheet';
import { BenchDrawer } from './BenchDrawer';
import { Confirmations } from './Confirmations';
import { FindingList } from './FindingList';
import { ModeChoice } from './ModeChoice';
import { ReadingsTable } from './ReadingsTable';
import { useStartUp } from './use-start-up';
import { useTyped } from './use-typed';
import { Working } from './Working';

type Tab = 'ladder' | 'trend' | 'readings';
type Open = 'bench' | 'airflow' | 'typed' | 'working';

const Trend = lazy(() => import('@/web/bench/Trend'));

export default function StartUpPage(view: EquippedView) {
  const { sheet, me, run, feed } = view;
  const typed = useTyped(sheet.job.id);
  const start = useStartUp(view, typed);
  const { judgement, steady, readings, verdicts, streaming, staleForS } = start;
  const [selected, setSelected] = useState<FigureId>(
    sheet.circuit.plate.metering === 'fixed-orifice' ? 'superheat' : 'subcooling',
  );
  const [tab, setTab] = useState<Tab>('ladder');
  const [open, setOpen] = useState<Open | undefined>();
  const desk = useDesk();
  const jobPath = `/jobs/${sheet.job.id}`;
  const signed = sheet.signOffs.find((s) => s.phase === 'start-up');
  const { data: gateData } = useSWR<{ gates: Gate[] }>(
    `${jobPath}/phases/start-up/gates?at=${sheet.measurements.length}-${sheet.signOffs.length}-${sheet.overrides.length}-${Object.keys(sheet.startUp.confirmations).length}-${sheet.job.mode}`,
    get,
    { keepPreviousData: true },
  );
  const figure = judgement.figures.byId[selected];
  const live = run?.phase === 'start-up' ? liveMovement(view) : undefined;
  const running = (readings.compressorA?.value ?? 0) > RUNNING_A;
  const stale = streaming
    ? staleForS > STALE_S || feed.state === 'lost'
    : run?.phase === 'start-up' && feed.state === 'lost';
  const suspects = new Set(judgement.findings.flatMap((f) => (f.id.startsWith('probe-') ? [f.id.slice(6)] : [])));

  /** One round, and the signature under it where it is the last: one request, all of it or nothing. */
  async function record(stage: 'reading' | 'final', sign: boolean): Promise<void> {
    const setId = uuid();
    const occurredAt = new Date().toISOString();
    const entries = Object.entries(typed.values) as [Quantity, number][];
    const round = {
      setId,
      stage,
      typed: entries.map(([quantity, value]) => ({
        id: uuid(),
        setId,
        phase: 'start-up',
        stage,
        quantity,
        value,
        occurredAt,
      })),
      run: streaming && run ? { id: run.id, quantities: streamedOnly() ?? null } : null,
      sign: sign ? uuid() : null,
    };
    // What instruments read now cannot be read later; what was typed can wait for a connection.
    await (round.run ? view.actions.now : view.actions.send)(`${jobPath}/rounds`, round);
    if (!streaming) typed.clear();
  }

  const setMode = (mode: 'cooling' | 'heating') =>
    view.actions.replace(`${jobPath}/mode`, { version: sheet.job.version, mode });

  /** With a typed value standing in for a probe, that probe's own reading is left out of the round. */
  function streamedOnly(): string[] | undefined {
    const replaced = Object.keys(typed.values);
    if (replaced.length === 0) return undefined;
    return Object.keys(readings).filter((name) => !replaced.includes(name) && name !== 'airflowCfm');
  }

  const select = (id: FigureId): void => {
    setSelected(id);
    if (!desk) setOpen('working');
  };
  const { press, busy, problem, act } = usePress(view, 'start-up', {
    connect: () => setOpen('bench'),
    'prove-airflow': () => setOpen('airflow'),
    type: (action) => {
      if (action.what === 'weights') setOpen('typed');
      if (action.what !== 'readings') return;
      setTab('readings');
      const { quantity } = action;
      if (quantity) setTimeout(() => document.querySelector<HTMLElement>(`input[name=${quantity}]`)?.focus(), 0);
    },
    check: ({ what }) => select(what as FigureId),
    record: ({ stage, sign }) => record(stage, sign),
  });
  const move = nextMoveOf(startUp, sheet, {
    maySign: may(me.role, 'sign-work'),
    facts: {
      signedBy: signed?.by,
      overridden: sheet.overrides.some((o) => o.phase === 'start-up'),
      live,
      stale,
      staleForS,
      chargeCleared: mayWork(sheetGates(sheet, 'start-up'), ['charge-signed']),
      connecting: run?.phase === 'start-up' && !streaming,
      streaming,
      speed: feed.rig?.speed,
      toldRunning: feed.bench?.told ? feed.bench.switches.running === true : undefined,
      anyReading: Object.keys(readings).length > 0,
      anyRound: roundsOf(sheet).length > 0,
      judgement,
      selected,
      gates: gateData?.gates,
      typing: Object.keys(typed.values).length > 0,
      roundInS: streaming || steady.waitS === 0 || !roundsOf(sheet).length ? undefined : steady.waitS,
    },
  });
  useKeys({
    r: () => !busy && !signed && void act(() => record('reading', false)),
    w: () =>
      desk ? document.querySelector<HTMLElement>('[data-testid=working]')?.scrollIntoView() : setOpen('working'),
  });

  const mainFigure = (
    <div className="grid gap-5 p-4 lg:p-5">
      <Working figure={figure} verdict={verdicts[selected]} />
    </div>
  );
  const outdoor = readings.outdoorDryBulbF?.value;
  const house = readings.returnDryBulbF?.value;
  const end = feed.samples.at(-1)?.runSeconds;
  return (
    <JobFrame
      sheet={sheet}
      active="start-up"
      marked={markedOn(sheet, 'start-up', run?.phase === 'start-up' ? run : undefined)}
      side={
        <div>
          {desk ? mainFigure : null}
          <div className="grid gap-5 px-4 pb-5 max-lg:pt-4 lg:px-5">
            <FindingList
              findings={judgement.findings}
              figures={judgement.figures}
              selected={selected}
              onSelect={select}
            />
            <Confirmations view={view} confirmed={confirmationsOf(sheet)} />
            {gateData ? <GateList gates={gateData.gates} phase="start-up" view={view} /> : null}
            <MovementLog view={view} />
          </div>
        </div>
      }
      next={<NextMove move={move} busy={busy} press={press} />}
    >
      <div className="flex h-full flex-col">
        <div className="relative px-4 pt-3 lg:px-5">
          <div className="flex flex-wrap items-baseline gap-x-3.5">
            <h1 className="max-lg:sr-only text-[23px]">{say(tell('web.start-up'))}</h1>
            <ModeChoice
              mode={sheet.job.mode}
              fixed={signed !== undefined || busy || !sheet.circuit.plate.heatPump}
              onMode={(mode) => void act(() => setMode(mode))}
            />
            <span className="hidden text-ink2 sm:inline">
              {end !== undefined && streaming ? say(tell('web.run-min', { end: Math.floor(end / 60) })) : ''}
              {outdoor !== undefined ? say(tell('web.outdoor-f-2', { outdoor: shown(outdoor, '°F') })) : ''}
              {house !== undefined ? say(tell('web.house-f', { house: shown(house, '°F') })) : ''}
            </span>
            <span
              className={`font-[650] sm:ml-auto max-sm:text-[17px] ${steady.state === 'steady' && !stale ? 'text-pine' : 'text-ink2'}`}
              data-testid="steady"
              data-state={steady.state}
              data-latency-ms={feed.latencyMs}
            >
              {signed
                ? say(tell('web.signed', { say: sayLow(steady.say) }))
                : stale
                  ? say(tell('web.stale-s', { staleForS }))
                  : statusOf(steady)}
            </span>
          </div>
          <div className="mt-1 flex flex-wrap items-center gap-x-1" role="tablist" aria-label={say(tell('web.views'))}>
            {(['ladder', 'trend', 'readings'] as const).map((t) => (
              <button
                key={t}
                type="button"
                role="tab"
                aria-selected={tab === t}
                onClick={() => setTab(t)}
                className={`touch cursor-pointer border-b-[3px] px-3.5 font-[600] capitalize ${tab === t ? 'border-copper' : 'border-transparent text-ink2'}`}
              >
                {say(value(t))}
              </button>
            ))}
            <span className="ml-auto flex gap-1">
              {!signed ? (
                <>
                  <Button tone="quiet" onClick={() => setOpen('bench')}>
                    {say(
                      tell('web.instruments-3', { rig: feed.rig && feed.rig.speed !== 1 ? ` ${feed.rig.speed}×` : '' }),
                    )}
                  </Button>
                  <Button tone="quiet" onClick={() => setOpen('airflow')}>
                    {say(tell('web.airflow-2'))}
                  </Button>
                  <Button
                    tone="quiet"
                    disabled={busy || (!streaming && Object.keys(typed.values).length === 0)}
                    onClick={() => void act(() => record('reading', false))}
                  >
                    {desk ? say(tell('web.record-reading')) : say(tell('web.record'))}
                  </Button>
                </>
              ) : null}
            </span>
          </div>
          <div className="grid gap-2">
            {move.button?.action.kind === 'weigh-in' || move.button?.action.kind === 'recover' ? <CertifiedBy /> : null}
            <Trouble problem={problem} />
            {feed.rig?.cutout && feed.rig.cutout !== 'none' ? (
              <Notice kind="stop">
                {say(tell('web.switch-tripped-find-out-why-before', { cutout: feed.rig.cutout }))}
              </Notice>
            ) : null}
          </div>
        </div>
        <div className="min-h-0 flex-1">
          {tab === 'ladder' ? (
            Object.keys(readings).length ? (
              <TemperatureLadder
                readings={readings}
                figures={judgement.figures}
                verdicts={verdicts}
                selected={selected}
                onSelect={select}
                dim={!signed && (stale || !running)}
              />
            ) : (
              <div className="px-4 lg:px-5">
                <BeforeWork title={say(tell('web.before-power-goes-on'))} items={BEFORE} note={BEFORE_NOTE} />
              </div>
            )
          ) : tab === 'trend' ? (
            <div className="h-full p-4">
              {feed.samples.length > 1 ? (
                <Suspense fallback={<p className="text-ink2">{say(tell('web.drawing'))}</p>}>
                  <Trend
                    samples={feed.samples}
                    refrigerant={sheet.circuit.plate.refrigerant}
                    barometerPsia={sheet.site.barometerPsia}
                    target={judgement.figures.byId[selected === 'superheat' ? 'superheat' : 'subcooling'].target}
                    targetOf={selected === 'superheat' ? 'superheat' : 'subcooling'}
                    gaps={feed.events.filter((e) => e.kind === 'gap').map((e) => e.runSeconds)}
                  />
                </Suspense>
              ) : (
                <p className="text-ink2">{say(tell('web.trend-needs-instruments-that-stream-typed'))}</p>
              )}
            </div>
          ) : (
            <ReadingsTable
              readings={readings}
              typed={typed}
              streaming={streaming}
              suspects={suspects}
              staleForS={staleForS}
            />
          )}
        </div>
      </div>
      {open === 'bench' ? <BenchDrawer view={view} onClose={() => setOpen(undefined)} /> : null}
      {open === 'airflow' ? <AirflowSheet view={view} onClose={() => setOpen(undefined)} /> : null}
      {open === 'typed' ? <TypedMovement view={view} phase="start-up" onClose={() => setOpen(undefined)} /> : null}
      {open === 'working' ? (
        <Sheet open onClose={() => setOpen(undefined)} title={say(tell('web.working'))}>
          <Working figure={figure} verdict={verdicts[selected]} />
        </Sheet>
      ) : null}
    </JobFrame>
  );
}

/** The state of the run in a few words; the finding tells the rest. */
function statusOf(steady: SteadyResult): string {
  if (steady.state === 'steady') return say(steady.say);
  const word = steady.state[0]!.toUpperCase() + steady.state.slice(1);
  return steady.waitS > 60 ? say(tell('web.min-left', { word, waitS: Math.ceil(steady.waitS / 60) })) : word;
}

/** Before the first reading: what must be true before power goes on. */

const BEFORE = [
  say(tell('web.airways-open-filter-in-panels-on')),
  say(tell('web.service-valves-fully-open-caps-on')),
  say(tell('web.charge-weighed-and-signed')),
  say(tell('web.breaker-and-disconnect-match-plate')),
  say(tell('web.crankcase-heater-warm-for-makers-time')),
  say(tell('web.floats-and-freeze-stat-each-tripped')),
];
const BEFORE_NOTE = say(tell('web.compressor-may-wait-up-to-5'));
