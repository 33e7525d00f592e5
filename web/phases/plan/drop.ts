import type { EntryBody } from '@/core/phases/log/entries';
import type { DayView } from '@/core/phases/plan/day-view';
import { DAY_H } from '@/core/plan/day/calendar';
import type { Dropped } from './DayChart';

/** A piece is dropped to five minutes. */
const STEP_H = 1 / 12;
/** Dragged less than this in time it was only given to somebody else, h. */
const ASIDE_H = 0.2;

const two = (n: number): string => String(n).padStart(2, '0');
/** Hours of the plan's clock as a time of the day. */
export function timeText(t: number): string {
  const minutes = Math.round((((t % DAY_H) + DAY_H) % DAY_H) * 60);
  return `${two(Math.floor(minutes / 60) % DAY_H)}:${two(minutes % 60)}`;
}

/**
 * What dropping a piece says: who does it now, and not before when. Dragged to an earlier time it begins as early as its work allows.
 * Undefined where it fell back into its place.
 */
export function moveBy(
  day: DayView,
  was: EntryBody<'plan-move'>,
  { id, from, to, byH }: Dropped,
): EntryBody<'plan-move'> | undefined {
  const placed = day.placed.find((p) => p.id === id);
  if (!placed) return undefined;
  const known = day.crew.people.some((p) => p.name === to);
  const given = known && to !== from && !placed.who.includes(to);
  const later = byH > ASIDE_H;
  const sooner = byH < -ASIDE_H;
  if (!given && !later && !sooner) return undefined;
  const at = Math.round((placed.start + byH) / STEP_H) * STEP_H;
  const dayIndex = day.crew.days.findLastIndex((d) => d.at <= at);
  return {
    ...was,
    who: given ? placed.who.map((name) => (name === from ? to : name)) : was.who,
    notBefore: later ? timeText(at) : sooner ? null : was.notBefore,
    on: later ? (dayIndex > 0 ? day.days[dayIndex]! : null) : sooner ? null : was.on,
  };
}
