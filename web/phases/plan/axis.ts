import { type DayView, lastPlanned } from '@/core/phases/plan/day-view';
import type { PlacedPiece } from '@/core/plan/day/activity';
import { DAY_H, openSpan, type WorkDay } from '@/core/plan/day/calendar';

/** What one day of the plan shows: from when to when, and the pieces in it. */
export type Axis = { from: number; to: number; pieces: PlacedPiece[] };

/** Left of the hours: the names. */
export const NAMES_PX = 64;

/** Room before the first and after the last piece, h. */
const ROOM_H = 0.4;

export function axisOf(day: DayView, work: WorkDay): Axis {
  const [opens, closes] = openSpan(work, day.crew.days);
  // What goes on over a night is drawn in each of its days.
  const pieces = day.placed
    .filter((p) => p.end > p.start && p.end > work.at && p.start < Math.max(closes, work.at + DAY_H))
    .map((p) => ({
      ...p,
      start: p.start < work.at ? opens : p.start,
      end: p.end > work.at + DAY_H ? closes : p.end,
    }))
    .filter((p) => p.end > p.start);
  const last = isLast(day, work);
  const from = Math.max(work.at, Math.min(work.from, ...pieces.map((p) => p.start)) - ROOM_H);
  const to = Math.max(work.to, last ? day.deadline : work.to, ...pieces.map((p) => p.end)) + ROOM_H;
  return { from: Math.max(work.at, from), to, pieces };
}

/** Rows for what runs alone: what overlaps goes one row down. */
export function rowsOf(pieces: readonly PlacedPiece[]): PlacedPiece[][] {
  const rows: PlacedPiece[][] = [];
  for (const p of [...pieces].sort((a, b) => a.start - b.start)) {
    const row = rows.find((r) => r.at(-1)!.end <= p.start + 1e-6);
    if (row) row.push(p);
    else rows.push([p]);
  }
  return rows;
}

/** Hours under the chart; every other one where there is little room. */
export function hourTicks({ from, to }: Pick<Axis, 'from' | 'to'>, width: number): number[] {
  const every = width / (to - from) < 44 ? 2 : 1;
  return Array.from({ length: Math.floor(to) - Math.ceil(from) + 1 }, (_, i) => Math.ceil(from) + i).filter(
    (h) => h % every === 0,
  );
}

/** The day whose end counts: the last that was planned. */
export const isLast = (day: DayView, work: WorkDay): boolean => lastPlanned(day.crew) === work;

/** The days that are shown: those that were planned, and those that work runs over into. */
export const shownDays = (day: DayView): WorkDay[] =>
  day.crew.days.filter((d) => !d.unplanned || day.placed.some((p) => p.end > d.from && p.start < d.at + DAY_H));

/** Pieces that are done, and nobody said when. */
export const untimed = (day: DayView): PlacedPiece[] => day.placed.filter((p) => p.end - p.start < 1e-9);
