import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Answers } from '@/core/form/field';
import { PHASE_WORDS } from '@/core/job/phases';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import { nextMoveOf } from '@/core/phases/phase';
import { dayFindings } from '@/core/phases/plan/findings';
import { clockOf } from '@/core/phases/plan/names';
import { plan as phase } from '@/core/phases/plan/phase';
import type { PlacedPiece } from '@/core/plan/day/activity';
import { movedBetween } from '@/core/plan/day/moved';
import { pagesOf } from '@/web/api/circuit-path';
import { Trouble } from '@/web/kit/Notice';
import { JobFrame } from '@/web/shell/JobFrame';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { EntrySheet } from '../circuit/EntrySheet';
import type { JobView } from '../job-context';
import { NextMove } from '../NextMove';
import { usePress } from '../use-press';
import type { Dropped } from './DayChart';
import { DayHead } from './DayHead';
import { DayPart } from './DayPart';
import { moveBy } from './drop';
import { PieceSheet } from './PieceSheet';
import { PlanSide } from './PlanSide';
import { PlanTabs } from './PlanTabs';
import { TakePart } from './TakePart';
import { UndoPart } from './UndoPart';
import { useDay } from './use-day';
import { useOutlook } from './use-outlook';
import { moveOfPiece, usePieces } from './use-pieces';

type Undo = { before: PlacedPiece[]; was: EntryBody<'plan-move'> };

/** The day sheet: who does what when, made from the work, followed through the day. */
export default function PlanPage(view: JobView) {
  const { sheet } = view;
  const { part } = useParams();
  const navigate = useNavigate();
  const day = useDay(view);
  const { advice, ends } = useOutlook(day);
  const [form, setForm] = useState<{ kind: EntryKind; preset?: Answers }>();
  const [open, setOpen] = useState<string>();
  const [undo, setUndo] = useState<Undo>();
  const { writeMove } = usePieces(view, day);
  const tellTime = clockOf(day.days[0]!, sheet.site.timeZone);
  const time = (hours: number): string => t('web.plain', { it: tellTime(hours) });
  const move = nextMoveOf(phase, sheet, { maySign: true, facts: { view: day, advice } });
  const { press, busy, problem, act } = usePress(view, 'plan', {
    write: ({ entry, preset }) => {
      if (entry === 'plan-move') return change(preset as EntryBody<'plan-move'>);
      return entry === 'plan-work'
        ? setOpen(String(preset?.piece))
        : setForm({ kind: entry, ...(preset ? { preset } : {}) });
    },
  });

  function change(to: EntryBody<'plan-move'>): Promise<unknown> {
    setUndo({ before: day.placed, was: moveOfPiece(sheet, to.piece) });
    return writeMove(to);
  }
  function drop(dropped: Dropped): void {
    const to = moveBy(day, moveOfPiece(sheet, dropped.id), dropped);
    if (to) void act(() => change(to));
  }

  return (
    <JobFrame
      sheet={sheet}
      active="plan"
      side={
        <PlanSide
          view={view}
          day={day}
          ends={ends}
          findings={dayFindings(day, sheet)}
          time={time}
          onWrite={(kind, preset) => setForm({ kind, ...(preset ? { preset } : {}) })}
        />
      }
      next={<NextMove move={move} busy={busy} press={press} />}
    >
      <div className="px-4 py-3 lg:px-5">
        <PlanTabs take={part === 'take'} onGo={(to) => navigate(`${pagesOf(sheet)}/${to}`)} />
        <DayHead day={day} title={say(PHASE_WORDS.plan)} time={time} />
        <Trouble problem={problem} />
        {undo ? (
          <UndoPart
            day={day}
            moved={movedBetween(day.held, undo.before, day.placed)}
            onBack={() => void act(() => writeMove(undo.was)).then(() => setUndo(undefined))}
            onLeave={() => setUndo(undefined)}
          />
        ) : null}
        {part === 'take' ? (
          <TakePart view={view} />
        ) : (
          <DayPart day={day} advice={advice} time={time} onOpen={setOpen} onDrop={drop} />
        )}
      </div>
      {open ? (
        <PieceSheet key={open} view={view} day={day} id={open} time={time} onClose={() => setOpen(undefined)} />
      ) : null}
      {form ? (
        <EntrySheet
          key={form.kind}
          view={view}
          kind={form.kind}
          {...(form.preset ? { preset: form.preset } : {})}
          onClose={() => setForm(undefined)}
        />
      ) : null}
    </JobFrame>
  );
}
