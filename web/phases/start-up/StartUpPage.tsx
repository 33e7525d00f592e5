import { useState } from 'react';
import { markedOn } from '@/core/job/marked';
import { isSigned } from '@/core/job/sheet';
import type { FigureId } from '@/core/startup/figure';
import { STALE_S } from '@/core/startup/live';
import { useDesk } from '@/web/kit/use-media';
import type { EquippedView } from '@/web/phases/job-context';
import { NextMove } from '@/web/phases/NextMove';
import { JobFrame } from '@/web/shell/JobFrame';
import { useKeys } from '@/web/shell/use-keys';
import { mainFigureOf } from './main-figure';
import { StartUpBench, type Tab } from './StartUpBench';
import { StartUpHead } from './StartUpHead';
import { StartUpNotices } from './StartUpNotices';
import { type Open, StartUpSheets } from './StartUpSheets';
import { StartUpSide } from './StartUpSide';
import { StartUpTabs } from './StartUpTabs';
import { useStartUpGates } from './start-up-facts';
import { useRound } from './use-round';
import { useStartUp } from './use-start-up';
import { useStartUpMove } from './use-start-up-move';
import { useTyped } from './use-typed';
import { Working } from './Working';

/** The start-up: what it reads, what is right, and what to do next. */
export default function StartUpPage(view: EquippedView) {
  const { sheet, run, feed } = view;
  const typed = useTyped(sheet.circuit.id);
  const start = useStartUp(view, typed);
  const { judgement, verdicts, streaming, staleForS } = start;
  const record = useRound(view, typed, start);
  const orifice = sheet.circuit.plate.metering === 'fixed-orifice';
  const [chosen, setSelected] = useState<FigureId>(mainFigureOf(sheet.job.mode, orifice));
  // A figure of the other call says nothing now.
  const selected = judgement.figures.byId[chosen].idle ? mainFigureOf(sheet.job.mode, orifice) : chosen;
  const [tab, setTab] = useState<Tab>('ladder');
  const [open, setOpen] = useState<Open>();
  const desk = useDesk();
  const signed = isSigned(sheet, 'start-up');
  const { gates, acceptable } = useStartUpGates(view);
  const mine = run?.phase === 'start-up' ? run : undefined;
  const stale = feed.state === 'lost' ? mine !== undefined || streaming : streaming && staleForS > STALE_S;
  const select = (id: FigureId): void => {
    setSelected(id);
    if (!desk) setOpen('working');
  };
  const { move, press, busy, problem, act } = useStartUpMove(view, start, {
    selected,
    stale,
    gates,
    typing: Object.keys(typed.values).length > 0,
    record,
    onOpen: setOpen,
    onSelect: select,
    onTab: setTab,
  });
  useKeys({
    r: () => !busy && !signed && void act(() => record('reading', false)),
    w: () =>
      desk ? document.querySelector<HTMLElement>('[data-testid=working]')?.scrollIntoView() : setOpen('working'),
  });
  const working = <Working figure={judgement.figures.byId[selected]} verdict={verdicts[selected]} />;
  return (
    <JobFrame
      sheet={sheet}
      active="start-up"
      marked={markedOn(sheet, 'start-up', mine)}
      side={
        <StartUpSide
          view={view}
          start={start}
          gates={gates}
          acceptable={signed ? [] : acceptable}
          selected={selected}
          onSelect={select}
          working={desk ? working : null}
          onOpen={setOpen}
        />
      }
      next={<NextMove move={move} busy={busy} press={press} live={{ view, phase: 'start-up' }} />}
    >
      <div className="flex h-full flex-col">
        <div className="relative px-4 pt-3 lg:px-5">
          <StartUpHead
            view={view}
            start={start}
            stale={stale}
            busy={busy}
            onMode={(mode) => press({ kind: 'set-mode', mode })}
          />
          <StartUpTabs
            view={view}
            tab={tab}
            onTab={setTab}
            recordable={!busy && (streaming || Object.keys(typed.values).length > 0)}
            onInstruments={() => setOpen('bench')}
            onAirflow={() => setOpen('airflow')}
            onRecord={() => void act(() => record('reading', false))}
          />
          <StartUpNotices move={move} problem={problem} cutout={feed.rig?.cutout} />
        </div>
        <div className="min-h-0 flex-1">
          <StartUpBench
            view={view}
            start={start}
            typed={typed}
            tab={tab}
            selected={selected}
            onSelect={select}
            stale={stale}
          />
        </div>
      </div>
      <StartUpSheets view={view} open={open} onClose={() => setOpen(undefined)}>
        {working}
      </StartUpSheets>
    </JobFrame>
  );
}
