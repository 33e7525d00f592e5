import { DAY_H } from '@/core/plan/day/calendar';
import type { PlanPiece } from '@/core/plan/day/make';
import { stepOf } from '@/core/plan/day/steps';
import { daysAfter, momentAt } from '@/core/words/calendar';
import { type Clock, clock, day, type Said } from '@/core/words/said';
import { tell } from './words';

/** What a piece is called: its step, with its system or circuit where there are several. */
export const pieceName = (p: PlanPiece): Said =>
  p.of === undefined ? stepOf(p.step).say : tell('dayplan.step-of', { step: stepOf(p.step).say, of: p.of });

/** Tells moments of a plan's clock as times of the day at the site; on another day than the first, which one. */
export const clockOf =
  (firstDay: string, timeZone: string) =>
  (t: number): Clock | Said => {
    const at = clock(momentAt(firstDay, t, timeZone));
    const days = Math.floor(t / DAY_H);
    if (days < 0) return tell('dayplan.before-first-at', { day: day(daysAfter(firstDay, days)), at });
    return days === 0 ? at : tell('dayplan.on-day-at', { n: days + 1, at });
  };
