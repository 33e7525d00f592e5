import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { isMarked } from '@/core/circuit/log/circuit-log';
import type { EntryKind } from '@/core/circuit/log/entry-bodies';
import { ENTRY_TITLES } from '@/core/circuit/log/entry-words';
import { type Check, orderChecks } from '@/core/finding/check';
import { circuitMove } from '@/core/job/circuit/circuit-moves';
import type { CircuitPhase } from '@/core/job/circuit/circuit-views';
import type { LiveMove } from '@/core/job/circuit/live/stream';
import { PHASE_WORDS } from '@/core/job/phases';
import { sheetGates } from '@/core/job/sheet-gates';
import { post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { JobFrame } from '@/web/shell/JobFrame';
import { MoveButton } from '@/web/shell/MoveButton';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { useKeys } from '@/web/shell/use-keys';
import { CheckList } from '../fit/CheckList';
import { GateList } from '../GateList';
import type { JobView } from '../job-context';
import { BenchSheet } from './BenchSheet';
import { EntryLog } from './EntryLog';
import { EntrySheet } from './EntrySheet';
import type { FieldValues } from './entry-fields';
import { useEntries } from './use-entries';
import { WaitClock } from './WaitClock';

export type OpenEntry = { kind: EntryKind; preset?: FieldValues; replaces?: string };

type Props = {
  view: JobView;
  phase: CircuitPhase;
  /** One line beside the title. */
  about: string;
  checks: readonly Check[];
  /** Large figures above the checks. */
  figures?: ReactNode;
  /** Entries offered by hand. */
  offers: readonly EntryKind[];
  /** The next move that lies over the phase's own while instruments run. */
  live?: LiveMove | undefined;
  children: ReactNode;
  /** Shown under the picture. */
  below?: ReactNode;
  presets?: Partial<Record<EntryKind, FieldValues>>;
};

/** The page of one phase of the circuit: picture, figures, checks, gates, log, next move; the same on all four. */
export function CircuitFrame({ view, phase, about, checks, figures, offers, live, children, below, presets }: Props) {
  const { sheet, feed } = view;
  const write = useEntries(view);
  const navigate = useNavigate();
  const [open, setOpen] = useState<OpenEntry>();
  const [bench, setBench] = useState(false);
  const { busy, problem, act } = useAct();
  const gates = sheetGates(sheet, phase);
  const signed = sheet.signOffs.some((s) => s.phase === phase);
  const may = view.me.role === 'lead' || view.me.role === 'owner';
  const move = circuitMove(sheet, phase, gates);
  const over = signed ? undefined : live;
  const streams = phase !== 'join';
  const running = view.run?.phase === phase ? view.run : undefined;

  function press(): void {
    if (over) {
      void act(async () => {
        if (running && feed.bench)
          for (const order of over.action?.orders ?? []) await post(`/runs/${running.id}/commands`, order);
        if (over.action?.entry) await write(over.action.entry.kind, over.action.entry.body);
        if (over.action?.go) void navigate(over.action.go);
        if (over.action?.form) setOpen({ kind: over.action.form });
      });
      return;
    }
    const { action } = move;
    if (action.kind === 'write') setOpen({ kind: action.entry, preset: presets?.[action.entry] });
    if (action.kind === 'correct') {
      const entry = sheet.circuitLog.find((e) => e.id === action.id);
      if (entry) setOpen({ kind: entry.kind, preset: { ...entry.body }, replaces: entry.id });
    }
    if (action.kind === 'bubble') document.getElementById(`joint-${action.id}`)?.scrollIntoView({ block: 'center' });
    if (action.kind === 'go') void navigate(`../${action.to}`, { relative: 'path' });
    if (action.kind === 'sign')
      void act(() => view.actions.send(`/jobs/${sheet.job.id}/phases/${phase}/sign-offs`, { id: uuid() }));
  }
  const label = over
    ? over.action?.label
    : move.action.kind === 'none' || (move.action.kind === 'sign' && !may)
      ? undefined
      : move.action.label;
  useKeys({ n: () => !busy && label && press() });
  const sources = new Set([
    ...(running ? [running.source] : []),
    ...sheet.circuitLog.filter((e) => e.phase === phase && isMarked(e.source)).map((e) => e.source),
  ]);
  const simulated = sources.has('simulated') || (sources.has('replayed') ? 'replayed' : false);
  const shown = over ?? move;
  return (
    <JobFrame
      sheet={sheet}
      active={phase}
      simulated={simulated}
      side={
        <div className="grid gap-5 p-4 lg:p-5">
          {figures}
          <CheckList checks={orderChecks(checks)} />
          <GateList gates={gates} phase={phase} view={view} />
          {signed ? null : (
            <section aria-label="Write down">
              <h2 className="text-[15px] font-[680]">Write down</h2>
              <div className="mt-1 flex flex-wrap gap-x-1 gap-y-0.5">
                {offers.map((kind) => (
                  <Button
                    key={kind}
                    tone="quiet"
                    className="text-[14px]"
                    onClick={() => setOpen({ kind, preset: presets?.[kind] })}
                  >
                    {ENTRY_TITLES[kind]}
                  </Button>
                ))}
              </div>
            </section>
          )}
          <EntryLog view={view} phase={phase} />
        </div>
      }
      next={
        <NextMoveBar kind={shown.kind} say={shown.say} because={shown.because}>
          {!over && move.since ? <WaitClock since={move.since} forMin={move.forMin ?? 0} /> : null}
          {over?.wait ? <span className="text-[17px] font-[620] whitespace-nowrap">{over.wait}</span> : null}
          {label ? <MoveButton label={label} busy={busy} onPress={press} /> : null}
        </NextMoveBar>
      }
    >
      <div className="px-4 py-3 lg:px-5">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[23px]">{PHASE_WORDS[phase]}</h1>
          <span className="text-ink2">{about}</span>
          {streams && !signed ? (
            <Button tone="quiet" className="ml-auto -my-2" onClick={() => setBench(true)}>
              Instruments{view.feed.bench && view.feed.bench.speed !== 1 && running ? ` ${view.feed.bench.speed}×` : ''}
            </Button>
          ) : null}
        </div>
        <Trouble problem={problem} />
        <div className="mt-2">{children}</div>
        {below ? <div className="mt-3 grid gap-2.5">{below}</div> : null}
      </div>
      {open ? (
        <EntrySheet
          key={`${open.kind}-${open.replaces ?? ''}`}
          view={view}
          kind={open.kind}
          preset={open.preset}
          replaces={open.replaces}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
      {bench && phase !== 'join' ? <BenchSheet view={view} phase={phase} onClose={() => setBench(false)} /> : null}
    </JobFrame>
  );
}

/** One large figure with its unit, the way a technician reads it from the ladder. */
export function BigFigure({
  label,
  value,
  unit,
  note,
  testId,
}: {
  label: string;
  value: string;
  unit?: string;
  note?: string;
  testId?: string;
}) {
  return (
    <div>
      <h2 className="text-[15px] font-[680]">{label}</h2>
      <p className="narrow text-[46px] leading-none font-[660]" data-testid={testId}>
        {value}
        {unit ? <small className="text-[19px] font-[500] text-ink2"> {unit}</small> : null}
      </p>
      {note ? <p className="mt-1 text-[13.5px] text-ink2">{note}</p> : null}
    </div>
  );
}
