import type { JobSheet } from '@/core/job/sheet';
import { entriesOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { DayPiece, DayView } from '@/core/phases/plan/day-view';
import { workedIn } from '@/core/plan/day/calendar';
import { crewOf } from '@/core/plan/day/crew';
import { hoursFrom } from '@/core/words/calendar';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';

type Work = EntryBody<'plan-work'>;
type Move = EntryBody<'plan-move'>;

const DIGITS = 3;

/** The newest word on when a piece was done, and on where it was moved. */
export const workEntryOf = (sheet: Pick<JobSheet, 'jobLog'>, piece: string) =>
  entriesOf(sheet.jobLog, 'plan-work').findLast((e) => e.body.piece === piece);
export const moveEntryOf = (sheet: Pick<JobSheet, 'jobLog'>, piece: string) =>
  entriesOf(sheet.jobLog, 'plan-move').findLast((e) => e.body.piece === piece);

/** What is written of the pieces of a day: begun, done, moved. A change takes the place of what was said of the piece before. */
export function usePieces(view: JobView, day: DayView) {
  const { sheet } = view;
  const write = useEntries(view);

  /** Hours worked between beginning and end, without the breaks. */
  function workedH(who: readonly string[], startedAt: string | null, doneAt: string | null): number | null {
    if (!startedAt || !doneAt) return null;
    const at = (iso: string): number => hoursFrom(day.days[0]!, iso, sheet.site.timeZone);
    const names = who.filter((name) => day.crew.people.some((p) => p.name === name));
    const [from, to] = [at(startedAt), at(doneAt)];
    const worked = workedIn(crewOf(day.crew, names), from, to);
    // Outside the hours of the day it is all of the time.
    return Number((worked > 0 ? worked : Math.max(0, to - from)).toFixed(DIGITS));
  }

  const writeWork = (p: DayPiece, said: Pick<Work, 'startedAt' | 'doneAt' | 'who'>): Promise<unknown> =>
    write(
      'plan-work',
      {
        ...said,
        piece: p.id,
        listH: Number(p.defaultHours.toFixed(DIGITS)),
        workedH: workedH(said.who, said.startedAt, said.doneAt),
      },
      workEntryOf(sheet, p.id)?.id ?? null,
    );

  const writeMove = (move: Move): Promise<unknown> =>
    write('plan-move', move, moveEntryOf(sheet, move.piece)?.id ?? null);

  const takeBack = (p: DayPiece, reason: string): Promise<unknown> =>
    write('withdrawn', { reason }, workEntryOf(sheet, p.id)?.id ?? null);

  return { writeWork, writeMove, takeBack };
}

/** Where a piece was moved to, as it stands: nothing where nobody moved it. */
export const moveOfPiece = (sheet: Pick<JobSheet, 'jobLog'>, piece: string): Move =>
  moveEntryOf(sheet, piece)?.body ?? { piece, who: null, notBefore: null, on: null, hours: null };
