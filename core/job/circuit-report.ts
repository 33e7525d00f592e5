import { isMarked, standingEntries } from '@/core/circuit/log/circuit-log';
import { ENTRY_TITLES, entryWords } from '@/core/circuit/log/entry-words';
import { VERDICT_WORDS } from '@/core/finding/finding';
import { tell } from '@/core/job/circuit/words';
import { moment, upper, value } from '@/core/words/said';
import { PHASE_NOUNS } from './phases';
import type { ReportTable } from './report-parts';
import type { CircuitRecord } from './snapshot';

/** What was written down and judged of the refrigerant circuit, as the report prints it. */
export function circuitTables(record: CircuitRecord | null | undefined): ReportTable[] {
  if (!record) return [];
  const checks = [
    ['recover', record.recovery.checks],
    ['join', record.joining?.checks ?? []],
    ['pressure-test', record.pressure.checks],
    ['evacuate', record.evacuation.checks],
  ] as const;
  return [
    {
      title: tell('work.refrigerant-circuit-judged'),
      columns: [tell('work.phase'), tell('work.verdict'), tell('work.claim'), tell('work.source')],
      rows: checks.flatMap(([phase, list]) =>
        list
          // A check of a phase that nothing was written down for claims nothing.
          .filter((c) => c.verdict !== 'not-proven' || record.log.some((e) => phase === e.phase))
          .map((c) => [upper(PHASE_NOUNS[phase]), VERDICT_WORDS[c.verdict], c.claim, c.source]),
      ),
    },
    {
      title: tell('work.refrigerant-circuit-written-down'),
      note: tell('work.withdrawn-and-corrected-entries-are-kept'),
      columns: [tell('work.when'), tell('work.what'), tell('work.figures'), tell('work.by'), tell('work.reading')],
      rows: standingEntries(record.log).map((e) => [
        moment(e.at),
        ENTRY_TITLES[e.kind],
        entryWords(e),
        e.by,
        value(e.source),
      ]),
    },
  ];
}

/** Marks of simulated and replayed figures in the circuit's record. */
export const circuitSources = (record: CircuitRecord | null | undefined): string[] =>
  record ? [...new Set(record.log.filter((e) => isMarked(e.source)).map((e) => e.source))] : [];
