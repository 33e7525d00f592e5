import { type Gate, gate } from '@/core/job/gates';
import type { ReportTable } from '@/core/job/report-parts';
import type { SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/hand-over/words';
import { type CircuitEntry, entriesOf, latestOf, standingEntries } from '@/core/phases/log/circuit-log';
import { entryOf, entryWords } from '@/core/phases/log/entries';
import { is } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { day, moment } from '@/core/words/said';

/**
 * The permit on record and the inspection passed, where the company asks for both before the hand-over. Elsewhere they are
 * written down and hold nothing: an inspector often comes later.
 */
export function permitGates(sheet: SheetWith<'jobLog' | 'scopeSchools' | 'survey'>): Gate[] {
  if (sheet.scopeSchools.inspection !== 'ask') return [];
  const permits = entriesOf(sheet.jobLog, 'permit');
  const needed = is(knownFacts(sheet.survey.observations), 'permit', 'needed');
  if (!needed && permits.length === 0) return [];
  const last = latestOf(sheet.jobLog, 'inspection');
  const passed = last?.body.result === 'passed';
  return [
    gate(
      'permit',
      tell('job.permit-on-record'),
      permits.length > 0,
      permits[0] ? tell('job.permit-number', { number: permits[0].body.number }) : tell('job.no-permit-written-down'),
    ),
    gate(
      'inspection',
      tell('job.inspection-passed'),
      passed,
      !last
        ? tell('job.not-inspected-yet')
        : passed
          ? tell('job.inspected-on', { day: day(last.body.on) })
          : tell('job.inspector-wants-corrections', {
              day: day(last.body.on),
              corrections: last.body.corrections ?? '–',
            }),
    ),
  ];
}

/** Permits and inspections as the report prints them. */
export function permitTable(log: readonly CircuitEntry[] | undefined): ReportTable {
  return {
    title: tell('job.permits-and-inspections'),
    columns: [tell('job.column-what'), tell('job.column-written'), tell('job.column-who'), tell('job.column-when')],
    rows: standingEntries(log ?? [])
      .filter((e) => e.kind === 'permit' || e.kind === 'inspection')
      .map((e) => [entryOf(e.kind as never).title, entryWords(e), e.by, moment(e.at)]),
  };
}
