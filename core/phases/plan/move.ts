import { type Move, moveOf, write } from '@/core/job/move';
import type { JobSheet } from '@/core/job/sheet';
import { goFindings } from '@/core/phases/scope/go';
import type { Advice } from '@/core/plan/day/advice';
import { lower, q } from '@/core/words/said';
import type { DayView } from './day-view';
import { dayPlanOf } from './days';
import { dayFindings } from './findings';
import { clockOf, pieceName } from './names';
import { tell } from './words';

export type DayFacts = { view: DayView; advice: Advice | undefined };

/** From here on it is told in hours, h. */
const LONG_H = 2;
const savings = (h: number) => (h < LONG_H ? q(Math.round(h * 60), 'min') : q(h, 'h'));

/** Bringing the end forward is worth a word once the day is this late, h (design default). */
const LATE_H = 0.25;

const SAY_WHO: Move = {
  kind: 'now',
  say: tell('dayplan.say-who-comes-and-when'),
  because: tell('dayplan.work-follows-from-scope'),
  button: write('day-plan', tell('dayplan.plan-the-day')),
};

/** The next move of a day: who comes; what stops it; what would bring its end forward; else the piece that is next. */
export function planMove(sheet: JobSheet, facts: DayFacts | undefined): Move {
  if (!dayPlanOf(sheet).said) return SAY_WHO;
  if (!facts)
    return { kind: 'now', say: tell('dayplan.follow-the-day'), because: tell('dayplan.progress-comes-from-phases') };
  const { view, advice } = facts;
  if (view.finished) return { kind: 'good', say: tell('dayplan.all-done'), because: tell('dayplan.all-pieces-done') };
  const findings = dayFindings(view, sheet);
  const stop = [...(isOut(view) ? [] : goFindings(sheet)), ...findings].find((f) => f.verdict === 'stop');
  if (stop) return moveOf(stop);
  const late = view.ends !== undefined && (view.ends > view.deadline || view.behindH >= LATE_H);
  const helped = late && advice ? adviceMove(sheet, view, advice) : undefined;
  if (helped) return helped;
  const first = findings[0];
  if (first?.id === 'day-over') return moveOf(first, write('visit', tell('dayplan.plan-a-visit')));
  return first ? moveOf(first) : nextPiece(sheet, view);
}

/** The old equipment is coming out, or gone: no-go comes too late. */
export const isOut = ({ held }: DayView): boolean =>
  held.some((p) => p.step === 'remove' && (p.done !== undefined || p.begun !== undefined));

function adviceMove(sheet: JobSheet, view: DayView, advice: Advice): Move {
  const time = clockOf(view.days[0]!, sheet.site.timeZone);
  const ends = Math.max(...advice.placed.map((p) => p.end));
  if (advice.kind === 'add a hand')
    return {
      kind: 'look-again',
      say: tell('dayplan.one-more-hand'),
      because: tell('dayplan.with-them-you-finish', { ends: time(ends), saves: savings(advice.savesH) }),
      button: write('day-plan', tell('dayplan.add-to-the-crew')),
    };
  const p = view.held.find((x) => x.id === advice.id)!;
  const at = advice.placed.find((x) => x.id === advice.id)!;
  const machine = view.held.find((x) => x.id === advice.whileRuns);
  return {
    kind: 'look-again',
    say: machine
      ? tell('dayplan.give-while-it-runs', { step: pieceName(p), to: advice.to, machine: lower(pieceName(machine)) })
      : tell('dayplan.give-it-to', { step: pieceName(p), to: advice.to }),
    because: tell('dayplan.free-from-to', {
      who: advice.to,
      from: time(at.start),
      to: time(at.end),
      ends: time(ends),
      saves: savings(advice.savesH),
    }),
    button: {
      label: tell('dayplan.move-it-there'),
      action: {
        kind: 'write',
        entry: 'plan-move',
        preset: { piece: advice.id, who: [...at.who], notBefore: null, on: null, hours: p.typedHours ? p.hours : null },
      },
    },
  };
}

/** The piece that is worked on or comes next. */
function nextPiece(sheet: JobSheet, view: DayView): Move {
  const time = clockOf(view.days[0]!, sheet.site.timeZone);
  const open = view.placed
    .filter((x) => view.held.find((p) => p.id === x.id)!.done === undefined)
    .sort((a, b) => a.start - b.start || a.end - b.end);
  const next = open.find((x) => x.who.length) ?? open[0]!;
  const p = view.held.find((x) => x.id === next.id)!;
  const { said, deadline, ends } = view;
  return {
    kind: said ? 'good' : 'now',
    say: tell('dayplan.next-piece', { step: pieceName(p), at: time(next.start) }),
    because: tell('dayplan.done-by', { ends: time(ends!), by: time(deadline) }),
    button: {
      label: tell('dayplan.start-or-finish-it'),
      action: { kind: 'write', entry: 'plan-work', preset: { piece: p.id } },
    },
  };
}
