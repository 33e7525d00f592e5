import { useState } from 'react';
import type { Answers } from '@/core/form/field';
import { PHASE_WORDS } from '@/core/job/phases';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import { nextMoveOf } from '@/core/phases/phase';
import { dayFindings } from '@/core/phases/plan/findings';
import { clockOf } from '@/core/phases/plan/names';
import { plan as phase } from '@/core/phases/plan/phase';
import type { PlacedPiece } from '@/core/plan/day/activity';
import { movedBetween } from '@/core/plan/day/moved';
import { Button } from '@/web/kit/Button';
import { Notice, Trouble } from '@/web/kit/Notice';
import { JobFrame } from '@/web/shell/JobFrame';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { EntrySheet } from '../circuit/EntrySheet';
import type { JobView } from '../job-context';
import { NextMove } from '../NextMove';
import { usePress } from '../use-press';
import { shownDays } from './axis';
import { DayChart, type Dropped } from './DayChart';
import { DayHead } from './DayHead';
import { DayList } from './DayList';
import { dayTitle } from './day-title';
import { moveBy } from './drop';
import { MovedPart } from './MovedPart';
import { PieceSheet } from './PieceSheet';
import { PlanSide } from './PlanSide';
import { Untimed } from './Untimed';
import { useDay } from './use-day';
import { useOutlook } from './use-outlook';
import { moveOfPiece, usePieces } from './use-pieces';

type Undo = { before: PlacedPiece[]; was: EntryBody<'plan-move'> };

/** The day sheet: who does what when, made from the work, followed through the day. */
export default function PlanPage(view: JobView) {
  const { sheet } = view;
  const day = useDay(view);
  const { advice, ends } = useOutlook(day);
  const [form, setForm] = useState<{ kind: EntryKind; preset?: Answers }>();
  const [open, setOpen] = useState<string>();
  const [undo, setUndo] = useState<Undo>();
  const { writeMove } = usePieces(view, day);
  const tellTime = clockOf(day.days[0]!, sheet.site.timeZone);
  const time = (t: number): string => say(tell('web.plain', { it: tellTime(t) }));
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
  const shown = shownDays(day);
  const moved = undo ? movedBetween(day.held, undo.before, day.placed) : [];

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
          onWrite={(kind) => setForm({ kind })}
        />
      }
      next={<NextMove move={move} busy={busy} press={press} />}
    >
      <div className="px-4 py-3 lg:px-5">
        <DayHead day={day} title={say(PHASE_WORDS.plan)} time={time} />
        <Trouble problem={problem} />
        {undo ? (
          <div className="mt-2">
            <Notice kind="look-again">
              {moved.length ? (
                <MovedPart day={day} moved={moved} title={tell('web.moved-with-it')} />
              ) : (
                say(tell('web.nothing-else-moved'))
              )}
              <div className="mt-1 flex gap-2">
                <Button tone="quiet" onClick={() => void act(() => writeMove(undo.was)).then(() => setUndo(undefined))}>
                  {say(tell('web.take-it-back'))}
                </Button>
                <Button tone="quiet" onClick={() => setUndo(undefined)}>
                  {say(tell('web.leave-it-so'))}
                </Button>
              </div>
            </Notice>
          </div>
        ) : null}
        <div className="mt-3 hidden gap-6 lg:grid">
          {shown.map((work) => (
            <DayChart
              key={work.at}
              day={day}
              work={work}
              advice={advice}
              time={time}
              title={shown.length > 1 ? dayTitle(day, work) : undefined}
              onOpen={setOpen}
              onDrop={drop}
            />
          ))}
          <Untimed day={day} onOpen={setOpen} />
          <p className="text-[12.5px] text-ink2">{say(tell('web.how-to-read-the-day'))}</p>
        </div>
        <div className="mt-2 lg:hidden">
          <DayList day={day} time={time} onOpen={setOpen} />
        </div>
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
