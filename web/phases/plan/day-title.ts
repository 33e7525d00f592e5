import type { DayView } from '@/core/phases/plan/day-view';
import { DAY_H, type WorkDay } from '@/core/plan/day/calendar';
import { day as dayOf } from '@/core/words/said';
import { t } from '@/web/words/tell';

const DAY_MS = 86_400_000;

/** Which day of several it is, and whether anybody planned it. */
export function dayTitle({ days }: DayView, work: WorkDay): string {
  const n = Math.round(work.at / DAY_H);
  const on = new Date(Date.parse(`${days[0]}T00:00:00Z`) + n * DAY_MS).toISOString().slice(0, 10);
  return t(work.unplanned ? 'web.day-not-planned' : 'web.day-n-of', { n: n + 1, day: dayOf(on) });
}
