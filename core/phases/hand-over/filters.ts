import type { ReportTable } from '@/core/job/report-parts';
import { type CircuitEntry, entriesOf } from '@/core/phases/log/circuit-log';
import { day } from '@/core/words/said';
import { tell } from './words';

/** The filters that the house was left with, and when a first one is changed. */
export function filterTable(log: readonly CircuitEntry[] | undefined): ReportTable {
  return {
    title: tell('filter.fitted'),
    columns: [tell('filter.which'), tell('filter.size'), tell('filter.change-it-on'), tell('job.column-who')],
    rows: entriesOf(log ?? [], 'filter-fitted').map(({ body, by }) => [
      tell(body.kind === 'first' ? 'filter.cheap-first-one' : 'filter.the-final-one'),
      body.size,
      body.changeOn ? day(body.changeOn) : '–',
      by,
    ]),
  };
}
