import type { Report, ReportTable } from '@/core/job/report-parts';
import { tell } from '@/core/phases/words';
import { daysAfter } from '@/core/words/calendar';
import { day, isSaid, type Said } from '@/core/words/said';

/** Who reads the report: the customer, the inspector, the maker's warranty desk; the file keeps all of it. */
export const READINGS = ['customer', 'inspector', 'warranty', 'file'] as const;
export type Reading = (typeof READINGS)[number];

/** What each reads, by the tables' titles; pictures stay with who looks after the house and with the file. */
const READ: Readonly<Record<Exclude<Reading, 'file'>, readonly string[]>> = {
  customer: [
    'job.owed-2',
    'job.figures',
    'job.scope',
    'job.kept-parts',
    'job.offered-and-declined',
    'job.accepted-against-advice',
    'set.accepted-against-advice',
    'wire.accepted-against-advice',
    'walk.title',
    'filter.fitted',
    'open.open-items',
    'warranty.warranty',
    'serial.serials',
    'job.signatures',
  ],
  inspector: [
    'job.permits-and-inspections',
    'job.furnace-as-read',
    'job.findings',
    'gas.pipe-test-table',
    'gas.pipe-test-findings',
    'set.as-built',
    'wire.power',
    'wire.verified-without-voltage',
    'wire.looked-at-and-set',
    'wire.connection-schedule',
    'work.refrigerant-circuit-judged',
    'recover.refrigerant-recovered',
    'job.refrigerant-movements',
    'job.owed-2',
    'open.open-items',
    'job.overrides',
    'job.signatures',
  ],
  warranty: [
    'warranty.warranty',
    'serial.serials',
    'job.charge',
    'job.refrigerant-movements',
    'work.refrigerant-circuit-judged',
    'work.refrigerant-circuit-written-down',
    'job.figures',
    'job.final-readings',
    'job.signatures',
  ],
};
const TITLES = {
  customer: tell('reading.what-we-installed-and-proved'),
  inspector: tell('reading.for-the-inspector'),
  warranty: tell('reading.for-the-warranty-desk'),
} as const;

type Registering = { from: string; days: number };

/** The id of a table's own title, under the names of circuit and mode. */
function titleOf(title: Said): string {
  const inner = title.with?.title;
  return isSaid(inner) ? titleOf(inner) : title.id;
}

/**
 * The same report for one reader: fewer tables, never other ones. What is marked simulated stays marked, and what is not proved stays on
 * the first page of each.
 *
 * @param register the day from which a registration counts, and how many there are
 */
export function readAs(report: Report, reading: Reading, register: Registering): Report {
  if (reading === 'file') return report;
  const kept = (t: ReportTable): boolean =>
    READ[reading].includes(titleOf(t.title)) || (reading === 'customer' && t.pictures !== undefined);
  const due = daysAfter(register.from, register.days);
  return {
    ...report,
    title: TITLES[reading],
    tables: [...(reading === 'warranty' && report.desk ? [report.desk] : []), ...report.tables.filter(kept)],
    notes: [
      ...(reading === 'warranty' ? [tell('reading.register-by', { day: day(due), days: register.days })] : []),
      ...report.notes.slice(reading === 'customer' ? -1 : 0),
      tell('reading.all-of-it-is-in-the-file'),
    ],
  };
}
