import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import type { RunPhase } from '@/contract/requests';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import type { Answers } from '@/core/form/field';
import { markedOn } from '@/core/job/marked';
import { may } from '@/core/job/permissions';
import { PHASE_WORDS } from '@/core/job/phases';
import { wholeLog } from '@/core/phases/log/circuit-log';
import type { EntryKind } from '@/core/phases/log/entries';
import { ENTRIES, offeredIn } from '@/core/phases/log/entries';
import { gatesIn, nextMoveOf, type PhaseDescriptor } from '@/core/phases/phase';
import { benchOf } from '@/core/phases/registry';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { Part } from '@/web/kit/Part';
import { JobFrame } from '@/web/shell/JobFrame';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { CheckList } from '../fit/CheckList';
import { GateList } from '../GateList';
import type { JobView } from '../job-context';
import { NextMove } from '../NextMove';
import { PhasePictures } from '../PhasePictures';
import { usePress } from '../use-press';
import { BenchSheet } from './BenchSheet';
import { EntryLog } from './EntryLog';
import { EntrySheet } from './EntrySheet';
import { useEntries } from './use-entries';

export type OpenEntry = { kind: EntryKind; preset?: Answers; replaces?: string };

type Props<Facts> = {
  view: JobView;
  phase: PhaseDescriptor<Facts>;
  /** One line beside the title. */
  about: string;
  checks: readonly Finding[];
  /** Large figures above the checks. */
  figures?: ReactNode;
  /** What its instruments give now. */
  live?: Facts;
  children: ReactNode;
  /** Shown under the picture. */
  below?: ReactNode;
  presets?: Partial<Record<EntryKind, Answers>>;
  /** Kinds of entry that the page has a form of its own for. */
  forms?: Partial<Record<EntryKind, () => void>>;
  /** Kinds that its log shows; all where none are named. */
  logged?: readonly EntryKind[];
  /** Shown beside the gates. */
  beside?: ReactNode;
};

/** The page of a phase with a log: picture, figures, checks, gates, log, next move; the same on all of them. */
export function CircuitFrame<Facts>({
  view,
  phase: descriptor,
  about,
  checks,
  figures,
  live: facts,
  children,
  below,
  presets,
  forms,
  logged,
  beside,
}: Props<Facts>) {
  const { sheet, feed } = view;
  const phase = descriptor.id;
  const write = useEntries(view);
  const navigate = useNavigate();
  const [open, setOpen] = useState<OpenEntry>();
  const [drawer, setDrawer] = useState(false);
  const gates = gatesIn(descriptor, sheet);
  const signed = sheet.signOffs.some((s) => s.phase === phase);
  const move = nextMoveOf(descriptor, sheet, { facts, maySign: may(view.me.role, descriptor.signedBy) });
  const bench = benchOf(phase);
  const running = view.run?.phase === phase ? view.run : undefined;

  const { press, busy, problem } = usePress(view, phase, {
    bench: async (action) => {
      if (running && feed.bench) for (const order of action.orders) await view.order(order);
      if (action.entry) await write(action.entry.kind, action.entry.body);
      if (action.go) void navigate(action.go);
      if (action.form) setOpen({ kind: action.form });
    },
    write: ({ entry }) => (forms?.[entry] ? forms[entry]() : setOpen({ kind: entry, preset: presets?.[entry] })),
    correct: ({ entryId }) => {
      const entry = wholeLog(sheet).find((e) => e.id === entryId);
      if (entry) setOpen({ kind: entry.kind, preset: { ...entry.body }, replaces: entry.id });
    },
    'show-joint': ({ joint }) => document.getElementById(`joint-${joint}`)?.scrollIntoView({ block: 'center' }),
  });
  return (
    <JobFrame
      sheet={sheet}
      active={phase}
      marked={markedOn(sheet, phase, running)}
      side={
        <div className="grid gap-5 p-4 lg:p-5">
          {figures}
          <CheckList checks={orderFindings(checks)} />
          <GateList gates={gates} phase={phase} view={view} />
          {beside}
          {signed ? null : (
            <Part name={t('web.write-down')}>
              <div className="mt-1 flex flex-wrap gap-x-1 gap-y-0.5">
                {offeredIn(phase).map((kind) => (
                  <Button
                    key={kind}
                    tone="quiet"
                    className="text-[14px]"
                    onClick={() => setOpen({ kind, preset: presets?.[kind] })}
                  >
                    {say(ENTRIES[kind].title)}
                  </Button>
                ))}
              </div>
            </Part>
          )}
          <EntryLog view={view} phase={phase} kinds={logged} />
          <PhasePictures view={view} phase={phase} />
        </div>
      }
      next={<NextMove move={move} busy={busy} press={press} live={{ view, phase }} />}
    >
      <div className="px-4 py-3 lg:px-5">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[23px]">{say(PHASE_WORDS[phase])}</h1>
          <span className="text-ink2">{about}</span>
          {bench && !signed ? (
            <Button tone="quiet" className="ml-auto -my-2" onClick={() => setDrawer(true)}>
              {t('web.instruments-2', {
                bench: view.feed.bench && view.feed.bench.speed !== 1 && running ? ` ${view.feed.bench.speed}×` : '',
              })}
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
      {drawer ? <BenchSheet view={view} phase={phase as RunPhase} onClose={() => setDrawer(false)} /> : null}
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
