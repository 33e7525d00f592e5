import { owedTasks, readOn } from '@/core/job/owed';
import { isHandedOver, type JobSheet } from '@/core/job/sheet';
import { openItems } from '@/core/phases/hand-over/open-items';
import { handedOverAt, type Visit, visitsOf } from '@/core/phases/hand-over/visits';
import { registerBy, registering } from '@/core/phases/hand-over/warranty';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { RecordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { tell } from '@/core/phases/words';
import { is } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { dayAt } from '@/core/words/calendar';
import { lower, type Said, value } from '@/core/words/said';

export const OWED_KINDS = [
  'proof',
  'filter',
  'inspection',
  'open work',
  'open item',
  'call-back',
  'registration',
  'visit',
] as const;

/** Something for which a crew comes back: what, from when, and the day that is planned for it. */
export type OwedVisit = {
  kind: (typeof OWED_KINDS)[number];
  say: Said;
  /** The first day it can or should be done, YYYY-MM-DD. */
  on: string;
  plannedOn: string | null;
};

type Recorded = { sheet: JobSheet; recorded: RecordedStartUp | undefined };

/**
 * What a job still owes: proofs that wait for a season, the first filter, an inspection, work that a visit left open, visits that are
 * planned. What is proven, changed, passed or ended since is owed no more.
 *
 * @param each one sheet of each circuit with its recorded start-up, the first circuit's first
 */
export function owedVisits(each: readonly Recorded[]): OwedVisit[] {
  const sheet = each[0]!.sheet;
  const handedOver = handedOverAt(sheet);
  const visits = visitsOf(sheet);
  const later = visits.filter((v) => v.planned);
  const planned = (...purposes: string[]): Visit | undefined =>
    later.find((v) => !v.ended && purposes.includes(v.planned!.body.purpose));
  const cameFor = (purpose: string, since: string): boolean =>
    later.some((v) => v.ended && v.planned!.body.purpose === purpose && v.ended.body.on >= since);
  const owed: OwedVisit[] = [];
  const add = (kind: OwedVisit['kind'], say: Said, on: string, visit: Visit | undefined): void =>
    void owed.push({ kind, say, on, plannedOn: visit?.on ?? null });

  if (handedOver !== undefined)
    for (const { sheet: own, recorded } of each) {
      const read = readOn(recorded?.measurements, own.job.scheduledFor, own.site.timeZone);
      for (const task of owedTasks(recorded?.judgement.findings ?? [], read))
        if (!cameFor('owed proof', task.dueOn)) add('proof', task.say, task.dueOn, planned('owed proof'));
    }
  const filter = latestOf(sheet.jobLog, 'filter-fitted')?.body;
  if (filter?.kind === 'first' && filter.changeOn && !later.some((v) => v.ended && v.ended.body.on >= filter.changeOn!))
    add('filter', tell('owed.first-filter', { size: filter.size }), filter.changeOn, planned('other work', 'finish'));
  const inspection = latestOf(sheet.jobLog, 'inspection')?.body;
  const permit = latestOf(sheet.jobLog, 'permit')?.body;
  const due = permit || is(knownFacts(sheet.survey.observations), 'permit', 'needed');
  if (due && inspection?.result !== 'passed' && isHandedOver(sheet))
    add(
      'inspection',
      inspection ? tell('owed.corrections', { what: inspection.corrections ?? '–' }) : tell('owed.inspection'),
      inspection?.on ?? dayAt(handedOver!, sheet.site.timeZone),
      planned('inspection', 'correction'),
    );
  for (const item of openItems(sheet.jobLog, handedOver && dayAt(handedOver, sheet.site.timeZone)))
    if (!item.closed)
      add(
        item.kind === 'open-item' ? 'open item' : 'call-back',
        tell('owed.open-item', { what: item.what, owner: lower(item.owner) }),
        item.due,
        item.kind === 'open-item' ? undefined : planned('correction', 'other work'),
      );
  const { from, days } = registering(sheet);
  const byDay = handedOver && registerBy(sheet.jobLog, from, days);
  if (byDay) add('registration', tell('owed.registration'), byDay, undefined);
  const left = visits.findLast((v) => v.ended)?.ended;
  if (left?.body.open && !isHandedOver(sheet))
    add(
      'open work',
      tell('owed.left-open', { what: left.body.open }),
      left.body.on,
      planned('finish', 'correction', 'other work'),
    );
  for (const v of later)
    if (!v.ended && !owed.some((o) => o.plannedOn === v.on))
      add(
        'visit',
        tell('owed.visit', { purpose: value(v.planned!.body.purpose), what: v.planned!.body.what || '–' }),
        v.on,
        v,
      );
  return owed.sort((a, b) => a.on.localeCompare(b.on));
}
