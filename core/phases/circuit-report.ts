import { VERDICT_WORDS } from '@/core/finding/finding';
import { PHASE_NOUNS } from '@/core/job/phases';
import type { ReportTable } from '@/core/job/report-parts';
import { isMarked, standingEntries } from '@/core/phases/log/circuit-log';
import { ENTRIES, entryWords } from '@/core/phases/log/entries';
import { tell } from '@/core/phases/words';
import { moment, upper, value } from '@/core/words/said';
import type { PhaseDescriptor } from './phase';
import { PHASES_BUILT } from './registry';
import type { CircuitRecord } from './snapshot';

/** What was written down and judged of the refrigerant circuit, as the report prints it. */
export function circuitTables(record: CircuitRecord | null | undefined): ReportTable[] {
  if (!record) return [];
  return [
    {
      title: tell('work.refrigerant-circuit-judged'),
      columns: [tell('work.phase'), tell('work.verdict'), tell('work.claim'), tell('work.source')],
      rows: PHASES_BUILT.flatMap(({ id, checks }: PhaseDescriptor) =>
        (checks?.(record) ?? [])
          // A check of a phase that nothing was written down for claims nothing.
          .filter((c) => c.verdict !== 'not-proven' || record.log.some((e) => e.phase === id))
          .map((c) => [upper(PHASE_NOUNS[id]), VERDICT_WORDS[c.verdict], c.claim, c.source]),
      ),
    },
    {
      title: tell('work.refrigerant-circuit-written-down'),
      note: tell('work.withdrawn-and-corrected-entries-are-kept'),
      columns: [tell('work.when'), tell('work.what'), tell('work.figures'), tell('work.by'), tell('work.reading')],
      rows: standingEntries(record.log).map((e) => [
        moment(e.at),
        ENTRIES[e.kind].title,
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
