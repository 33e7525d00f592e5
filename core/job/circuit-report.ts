import { isMarked, standingEntries } from '@/core/circuit/log/circuit-log';
import { ENTRY_TITLES, entryWords } from '@/core/circuit/log/entry-words';
import { VERDICT_WORDS } from '@/core/finding/finding';
import { moment, type ReportTable } from './report-parts';
import type { CircuitRecord } from './snapshot';

/** What was written down and judged of the refrigerant circuit, as the report prints it. */
export function circuitTables(record: CircuitRecord | null | undefined): ReportTable[] {
  if (!record) return [];
  const checks = [
    ['Recovery', record.recovery.checks],
    ['Joining', record.joining?.checks ?? []],
    ['Pressure test', record.pressure.checks],
    ['Evacuation', record.evacuation.checks],
  ] as const;
  return [
    {
      title: 'Refrigerant circuit, judged',
      columns: ['Phase', 'Verdict', 'Claim', 'Source'],
      rows: checks.flatMap(([phase, list]) =>
        list
          // A check of a phase that nothing was written down for claims nothing.
          .filter((c) => c.verdict !== 'not-proven' || record.log.some((e) => PHASE_OF[phase] === e.phase))
          .map((c) => [phase, VERDICT_WORDS[c.verdict], c.claim, c.source]),
      ),
    },
    {
      title: 'Refrigerant circuit, written down',
      note: 'Withdrawn and corrected entries are kept in the record and not printed.',
      columns: ['When', 'What', 'Figures', 'By', 'Reading'],
      rows: standingEntries(record.log).map((e) => [moment(e.at), ENTRY_TITLES[e.kind], entryWords(e), e.by, e.source]),
    },
  ];
}

const PHASE_OF = {
  Recovery: 'recover',
  Joining: 'join',
  'Pressure test': 'pressure-test',
  Evacuation: 'evacuate',
} as const;

/** Marks of simulated and replayed figures in the circuit's record. */
export const circuitSources = (record: CircuitRecord | null | undefined): string[] =>
  record ? [...new Set(record.log.filter((e) => isMarked(e.source)).map((e) => e.source))] : [];
