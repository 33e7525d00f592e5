import type { Finding } from '@/core/finding/finding';
import { refusal } from '@/core/finding/outcome';
import type { ReportTable } from '@/core/job/report-parts';
import type { JobSheet, SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/hand-over/words';
import { type CircuitEntry, type EntryOf, entriesOf, rootOf } from '@/core/phases/log/circuit-log';
import { type EntryBody, entryOf, entryWords } from '@/core/phases/log/entries';
import { is } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { day, moment, value } from '@/core/words/said';

/** A day the crew comes to the house. The first is the job's own; every other one was planned on the sheet. */
export type Visit = {
  /** The id it ends by: its first record, or the job. */
  id: string;
  n: number;
  on: string;
  planned?: EntryOf<'visit'>;
  ended?: EntryOf<'visit-end'>;
};

/** The visits of a job in the order of their days, each with how it ended. */
export function visitsOf(sheet: SheetWith<'job' | 'jobLog'>): Visit[] {
  const ends = entriesOf(sheet.jobLog, 'visit-end');
  const first: Omit<Visit, 'n'> = { id: sheet.job.id, on: sheet.job.scheduledFor };
  const later = entriesOf(sheet.jobLog, 'visit').map((planned) => ({
    id: rootOf(sheet.jobLog, planned),
    on: planned.body.on,
    planned,
  }));
  return [first, ...later.sort((a, b) => a.on.localeCompare(b.on))].map((v, i) => ({
    ...v,
    n: i + 1,
    ended: ends.findLast((e) => e.body.visitId === v.id),
  }));
}

/**
 * The visit that is now to come or under way: the first that has not ended. A hand-over ends those planned before it; after
 * it only a visit planned since brings the crew back.
 */
export function visitNow(sheet: SheetWith<'job' | 'jobLog' | 'signOffs'>): Visit | undefined {
  const handedOver = handedOverAt(sheet);
  return visitsOf(sheet).find(
    (v) => !v.ended && (handedOver === undefined || (v.planned !== undefined && v.planned.at > handedOver)),
  );
}

export const handedOverAt = (sheet: Pick<JobSheet, 'signOffs'>): string | undefined =>
  sheet.signOffs.find((s) => s.phase === 'hand-over')?.at;

/** The day by which lists and crews know the job: of the visit to come, else of the last one. */
export const dayOfJob = (sheet: SheetWith<'job' | 'jobLog' | 'signOffs'>): string =>
  (visitNow(sheet) ?? visitsOf(sheet).at(-1)!).on;

/** How the last visit left the house, while the work goes on: safe, dry, heated or cooled (common practice). */
export function leftFindings(sheet: SheetWith<'job' | 'jobLog' | 'survey'>): Finding[] {
  const end = visitsOf(sheet).findLast((v) => v.ended)?.ended;
  if (!end) return [];
  const { safe, dry, air } = end.body;
  const source = tell('visit.first-visit-leaves-it-safe-common-practice');
  const because = tell('visit.as-left-on', { day: day(end.body.on), by: end.by });
  const frail = is(knownFacts(sheet.survey.observations), 'vulnerable', 'old or small', 'ill');
  const left: Finding[] = [];
  if (!safe)
    left.push({
      id: 'visit-unsafe',
      verdict: 'stop',
      claim: tell('visit.house-was-not-left-safe'),
      because,
      source,
      next: { say: tell('visit.go-back-today-and-make-it-safe') },
    });
  if (!dry)
    left.push({
      id: 'visit-wet',
      verdict: 'look-again',
      claim: tell('visit.water-can-get-in-or-drip'),
      because,
      source,
      next: { say: tell('visit.cover-and-drain-it-before-night') },
    });
  if (air === 'without' || (air === 'without, agreed' && frail))
    left.push({
      id: 'visit-no-air',
      verdict: frail ? 'stop' : 'look-again',
      claim: tell(frail ? 'visit.frail-people-without-heat-or-cooling' : 'visit.house-without-heat-or-cooling'),
      because,
      source,
      next: { say: tell('visit.bring-temporary-heat-or-cooling') },
    });
  return left;
}

/** What a visit's end may not say: it ends a visit of this job, and not before its day. */
export function refusesEnd(sheet: SheetWith<'job' | 'jobLog'>, { visitId, on }: EntryBody<'visit-end'>) {
  const visit = visitsOf(sheet).find((v) => v.id === visitId);
  if (!visit) return refusal('visitId', tell('visit.no-such-visit'), tell('visit.a-visit-of-this-job'));
  return on < visit.on
    ? refusal('on', tell('visit.ended-before-it-began'), tell('visit.day-from', { day: day(visit.on) }))
    : undefined;
}

/** Visits as the report prints them; `after`: only what was written since the hand-over. */
export function visitTable(log: readonly CircuitEntry[] | undefined, after?: string): ReportTable {
  const rows = [...entriesOf(log ?? [], 'visit'), ...entriesOf(log ?? [], 'visit-end')]
    .filter((e) => after === undefined || e.at > after)
    .sort((a, b) => a.body.on.localeCompare(b.body.on) || a.at.localeCompare(b.at));
  return {
    title: tell(after === undefined ? 'visit.visits' : 'visit.visits-after-the-hand-over'),
    columns: [tell('job.column-what'), tell('job.column-written'), tell('job.column-who'), tell('job.column-when')],
    rows: rows.map((e) => [entryOf(e.kind).title, entryWords(e), e.by, moment(e.at)]),
  };
}

/** What a visit is for, in a word or two. */
export const purposeOf = (v: Visit) => value(v.planned?.body.purpose ?? 'install');
