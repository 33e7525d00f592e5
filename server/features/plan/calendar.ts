import ical, { ICalCalendarMethod } from 'ical-generator';
import type { WeekSlot } from '@/core/phases/plan/week';
import { dayAt, momentAt } from '@/core/words/calendar';
import { day, typed } from '@/core/words/said';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';
import type { Person } from '@/server/features/people/people-store';
import { speakIn } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { slotsBetween } from './week-service';

const DAY_MS = 86_400_000;
/** How far a feed looks back and ahead, days: calendars keep what they once had. */
const BACK_DAYS = 14;
const AHEAD_DAYS = 90;

const moved = (on: string, days: number): string =>
  new Date(Date.parse(`${on}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

/** A person's days as iCalendar (RFC 5545): every visit they lead or are of the crew of, from its first hour to its last. */
export async function calendarOf(db: Db, person: Person): Promise<string> {
  const today = dayAt(now(), person.timeZone);
  const slots = await slotsBetween(db, person.companyId, moved(today, -BACK_DAYS), moved(today, AHEAD_DAYS));
  const speak = speakIn(person.language, { timeZone: person.timeZone, currency: 'USD' });
  const calendar = ical({ name: `${person.companyName}: ${person.fullName}`, method: ICalCalendarMethod.PUBLISH });
  for (const s of slots.filter((x) => x.leadId === person.id || x.crew.includes(person.fullName)))
    calendar.createEvent({
      id: `${s.jobId}-${s.n}@mill-bridge`,
      start: new Date(momentAt(s.on, s.span[0], person.timeZone)),
      end: new Date(momentAt(s.on, s.span[1], person.timeZone)),
      summary: speak(tell('server.calendar-job', { number: String(s.number), customer: s.customer })),
      location: s.town,
      description: speak(descriptionOf(s)),
    });
  // The last line of a calendar ends as every other one does.
  return `${calendar.toString().replace(/\r?\n$/, '')}\r\n`;
}

const descriptionOf = (s: WeekSlot) =>
  tell('server.calendar-crew', { day: day(s.on), crew: typed(s.crew.join(', ')), n: s.n, of: s.of });
