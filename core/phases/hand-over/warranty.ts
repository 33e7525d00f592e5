import type { Finding } from '@/core/finding/finding';
import type { ReportTable } from '@/core/job/report-parts';
import type { SheetWith } from '@/core/job/sheet';
import { type CircuitEntry, entriesOf } from '@/core/phases/log/circuit-log';
import { dayAt, daysAfter, daysBetween } from '@/core/words/calendar';
import { day, value } from '@/core/words/said';
import { handedOverAt } from './visits';
import { endsOn } from './warranty-entries';
import { tell } from './words';

/** The crew is reminded so many days before a registration is due (design default). */
const REMIND_DAYS = 30;

/** From which day a registration counts, and how many days there are: the hand-over, before it the day of the job. */
export const registering = (sheet: SheetWith<'job' | 'scopeSchools' | 'signOffs' | 'site'>) => {
  const at = handedOverAt(sheet);
  return {
    from: at ? dayAt(at, sheet.site.timeZone) : sheet.job.scheduledFor,
    days: sheet.scopeSchools.registerDays,
  };
};

/**
 * The day by which the equipment is registered with its maker; undefined once it was, and where no serial of a new piece is on record:
 * without one there is nothing to register.
 */
export function registerBy(log: readonly CircuitEntry[], installedOn: string, days: number): string | undefined {
  const known = entriesOf(log, 'serial').length + entriesOf(log, 'warranty-term').length > 0;
  return known && entriesOf(log, 'registered').length === 0 ? daysAfter(installedOn, days) : undefined;
}

/** A registration that comes due or is late; nothing while there is time, or before the job is handed over. */
export function registerFindings(
  sheet: SheetWith<'job' | 'jobLog' | 'scopeSchools' | 'signOffs' | 'site'>,
  today: string,
): Finding[] {
  const { from, days } = registering(sheet);
  const by = handedOverAt(sheet) && registerBy(sheet.jobLog, from, days);
  if (!by) return [];
  const left = daysBetween(today, by);
  if (left > REMIND_DAYS) return [];
  return [
    {
      id: 'register',
      verdict: left < 0 ? 'look-again' : 'not-proven',
      claim: tell(left < 0 ? 'warranty.late' : 'warranty.due', { day: day(by), n: Math.abs(left) }),
      because: tell('warranty.counted-from', { day: day(from), days }),
      source: tell('warranty.makers-paper-rules'),
      next: { say: tell('warranty.register-now') },
    },
  ];
}

/** Each part with the day its warranty ends, and what was registered. */
export function warrantyTable(log: readonly CircuitEntry[]): ReportTable {
  return {
    title: tell('warranty.warranty'),
    columns: [tell('warranty.covers'), tell('warranty.begins-on'), tell('warranty.ends-on'), tell('warranty.by-whom')],
    rows: [
      ...entriesOf(log, 'warranty-term').map(({ body }) => [
        body.piece ? tell('warranty.of-piece', { covers: value(body.covers), piece: body.piece }) : value(body.covers),
        day(body.beginsOn),
        day(endsOn(body)),
        body.by,
      ]),
      ...entriesOf(log, 'registered').map(({ body }) => [
        body.piece ? tell('warranty.registered-piece', { piece: body.piece }) : tell('warranty.registered'),
        day(body.on),
        '–',
        body.number || '–',
      ]),
    ],
  };
}
