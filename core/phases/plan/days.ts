import { type Certification, certificationCovers } from '@/core/job/gates';
import { may, type Role } from '@/core/job/permissions';
import type { JobSheet, SheetWith } from '@/core/job/sheet';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { Person } from '@/core/plan/day/activity';
import { DAY_H, type Span, type WorkDay } from '@/core/plan/day/calendar';
import type { Crew } from '@/core/plan/day/crew';
import { daysBetween } from '@/core/words/calendar';

/** Who of the company the plan knows. */
export type RosterPerson = { name: string; leads: boolean; certified: boolean };

/** The company's people as a plan sees them: who leads, and whose certificate covers the circuits of the trade. */
export const rosterOf = (
  people: readonly { fullName: string; role: Role; certification: Certification }[],
): RosterPerson[] =>
  people.map((p) => ({
    name: p.fullName,
    leads: may(p.role, 'lead-job'),
    certified: certificationCovers(p.certification),
  }));

/** A day as it is before anybody says anything (design default: a crew's day from eight to five). */
export const USUAL_DAY = { begins: '08:00', ends: '17:00', lunchAt: '12:00' } as const;
/** Work that the planned days do not hold goes on the days after, so many at most. */
const MORE_DAYS = 6;
/** A break takes this long, h (common practice). */
const LUNCH_H = 0.5;
const MINUTES = 60;

/** A time of the day as hours. */
export function hoursOf(time: string): number {
  const [h, m] = time.split(':').map(Number);
  return h! + m! / MINUTES;
}

export type DayPlan = Pick<EntryBody<'day-plan'>, 'begins' | 'ends' | 'lunchAt' | 'crew' | 'finishBy' | 'why'>;

/** The day as it was said; before that the usual one, with the lead and nobody else. */
export function dayPlanOf(sheet: SheetWith<'job' | 'jobLog'>): { plan: DayPlan; said: boolean } {
  const said = latestOf(sheet.jobLog, 'day-plan')?.body;
  return { plan: said ?? { ...USUAL_DAY, crew: [sheet.job.lead], finishBy: null, why: '' }, said: said !== undefined };
}

/** A span that was said for a day, on the plan's clock. */
export const spanOn = (firstDay: string, on: string, from: string, to: string): Span => {
  const at = daysBetween(firstDay, on) * DAY_H;
  return [at + hoursOf(from), at + Math.max(hoursOf(from), hoursOf(to))];
};

/**
 * The crew of a job and its days.
 *
 * @param days of the visits, YYYY-MM-DD, the first one first · @param roster the company's people
 */
export function crewFor(
  sheet: Pick<JobSheet, 'job' | 'jobLog' | 'certification'>,
  days: readonly string[],
  roster: readonly RosterPerson[],
): Crew {
  const { plan } = dayPlanOf(sheet);
  const first = days[0]!;
  const away = entriesOf(sheet.jobLog, 'away');
  const people = plan.crew.map((name): Person => {
    const known = roster.find((p) => p.name === name);
    return {
      name,
      leads: known?.leads ?? name === sheet.job.lead,
      // While nobody of the company is known, nothing is said of certificates.
      certified: known?.certified ?? roster.length === 0,
      away: away.filter((e) => e.body.who.includes(name)).map(({ body }) => spanOn(first, body.on, body.from, body.to)),
    };
  });
  const planned = days.map((on) => workDay(daysBetween(first, on) * DAY_H, plan));
  const after = planned.at(-1)!.at;
  const more = Array.from({ length: MORE_DAYS }, (_, i) => ({
    ...workDay(after + (i + 1) * DAY_H, plan),
    unplanned: true as const,
  }));
  return { people, days: [...planned, ...more] };
}

function workDay(at: number, { begins, ends, lunchAt }: DayPlan): WorkDay {
  const from = hoursOf(begins);
  const to = Math.max(from + 1, hoursOf(ends));
  const lunch = lunchAt === null ? undefined : hoursOf(lunchAt);
  return {
    at,
    from: at + from,
    to: at + to,
    lunch: lunch === undefined || lunch < from || lunch > to ? undefined : [at + lunch, at + lunch + LUNCH_H],
  };
}
