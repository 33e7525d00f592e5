import type { EntryBody } from '@/core/phases/log/entries';
import { daySystemsOf } from '@/core/phases/plan/source';
import { DAY_H } from '@/core/plan/day/calendar';
import { dayWork } from '@/core/plan/day/make';
import { dayAt, daysAfter, hoursFrom, momentAt } from '@/core/words/calendar';
import type { Database } from '@/server/db/pool';
import type { JobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { writeDemoEntry } from './write-entry';

/** What is said of the day of a demo job; its hours follow the clock, so that a job of today is in the middle of its day. */
type DemoPlan = {
  crew: string[];
  /** Its day began so many hours ago; else at eight of its own day. */
  hoursAgo?: number;
  finishInH?: number;
  why?: string;
  deliveries?: Pick<EntryBody<'delivery'>, 'piece' | 'what' | 'state'>[];
  weather?: Pick<EntryBody<'forecast'>, 'highF' | 'lowF' | 'humidityPct'>;
  electrician?: boolean;
  /** Days after the first. */
  moreDays?: number;
};

export const DEMO_PLANS: Readonly<Record<number, DemoPlan>> = {
  2154: {
    crew: ['Jory Vance', 'Pim Adeyo'],
    hoursAgo: 6,
    finishInH: 4.5,
    why: 'guests at the house',
    deliveries: [
      { piece: 'heater kit', what: '10 kW', state: 'matches' },
      { piece: 'thermostat', what: '', state: 'promised' },
    ],
  },
  2159: {
    crew: ['Tess Orlan', 'Pim Adeyo'],
    hoursAgo: 1,
    deliveries: [{ piece: 'furnace', what: 'CF-76', state: 'matches' }],
  },
  2150: { crew: ['Tess Orlan', 'Oda Kerrick'], deliveries: [{ piece: 'curb', what: '', state: 'ordered' }] },
  2151: { crew: ['Jory Vance', 'Oda Kerrick'] },
  2160: { crew: ['Jory Vance', 'Pim Adeyo'] },
  2162: { crew: ['Jory Vance', 'Oda Kerrick'] },
  2161: {
    crew: ['Tess Orlan', 'Jory Vance', 'Pim Adeyo'],
    weather: { highF: 94, lowF: 72, humidityPct: 48 },
    electrician: true,
    moreDays: 1,
    deliveries: [
      { piece: 'outdoor unit', what: '', state: 'matches' },
      { piece: 'sheet metal', what: 'side cap, 24 ga', state: 'promised' },
    ],
  },
};

const LENGTH_H = 9;
const LUNCH_AFTER_H = 4;
const HALF = 0.5;
const two = (n: number): string => String(n).padStart(2, '0');
const timeOf = (h: number): string => `${two(Math.floor(h))}:${h % 1 ? '30' : '00'}`;

/** Says of a demo job who comes and when, what was ordered, what the weather does. */
export async function loadPlan(database: Database, lead: Person, at: JobAt, plan: DemoPlan): Promise<void> {
  const sheet = await sheetFor(database, lead, at);
  const { timeZone } = sheet.site;
  const on = sheet.job.scheduledFor;
  const ago = Date.now() - (plan.hoursAgo ?? 0) * 3_600_000;
  const now = plan.hoursAgo === undefined ? 8 : hoursFrom(dayAt(new Date(ago), timeZone), ago, timeZone);
  const begins = Math.min(DAY_H - LENGTH_H - HALF, Math.floor(now / HALF) * HALF);
  const finish =
    plan.finishInH === undefined ? null : Math.min(DAY_H - HALF, begins + (plan.hoursAgo ?? 0) + plan.finishInH);
  const write = (kind: 'day-plan' | 'delivery' | 'forecast' | 'outside' | 'visit', body: Record<string, unknown>) =>
    writeDemoEntry(database, lead, at, { kind, body }, new Date(Math.min(Date.now(), ago)));
  await write('day-plan', {
    begins: timeOf(begins),
    ends: timeOf(begins + LENGTH_H),
    lunchAt: timeOf(begins + LUNCH_AFTER_H),
    crew: plan.crew,
    finishBy: finish === null ? null : timeOf(Math.floor(finish / HALF) * HALF),
    why: plan.why ?? '',
  });
  for (const d of plan.deliveries ?? [])
    await write('delivery', {
      wrong: null,
      ...d,
      due: d.state === 'promised' ? on : null,
      dueAt: d.state === 'promised' ? timeOf(begins + 6) : null,
    });
  if (plan.weather) await write('forecast', { on, roof: 'dark', ...plan.weather });
  for (let n = 1; n <= (plan.moreDays ?? 0); n++)
    await write('visit', {
      on: daysAfter(on, n),
      purpose: 'finish',
      what: 'Downstairs',
      who: '',
    });
  if (plan.electrician) await write('outside', { what: 'electrician', on, from: '13:00', to: '15:00' });
}

/** Shares of the list's hours that the pieces of the demo's finished jobs took, in turn. */
const TOOK = [1.15, 0.9, 1.3, 1, 1.1, 0.95, 1.25, 1.05];
const WHO = ['Tess Orlan', 'Jory Vance', 'Pim Adeyo'];

/** The pieces of a finished demo job as its crew wrote them: from these the company knows how long its work takes. */
export async function loadWorked(database: Database, lead: Person, at: JobAt, seed: number): Promise<void> {
  const sheet = await sheetFor(database, lead, at);
  const { timeZone } = sheet.site;
  let hour = 8;
  for (const [i, p] of dayWork(daySystemsOf([sheet])).entries()) {
    const took = TOOK[(i + seed) % TOOK.length]! * p.defaultHours;
    const startedAt = momentAt(sheet.job.scheduledFor, hour, timeZone);
    hour = Math.min(DAY_H - 1, hour + took / 2);
    const doneAt = new Date(Date.parse(startedAt) + took * 3_600_000).toISOString();
    await writeDemoEntry(
      database,
      lead,
      at,
      {
        kind: 'plan-work',
        body: {
          piece: p.id,
          startedAt,
          doneAt,
          who: [WHO[(i + seed) % WHO.length]!],
          listH: p.defaultHours,
          workedH: took,
        },
      },
      new Date(doneAt),
    );
  }
}
