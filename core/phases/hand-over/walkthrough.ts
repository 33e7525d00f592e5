import type { ReportTable } from '@/core/job/report-parts';
import { type CircuitEntry, latestOf } from '@/core/phases/log/circuit-log';
import { walkRows } from './walk-entries';
import { tell } from './words';

/** What the owner was shown, point by point; empty where nobody wrote it down. */
export function walkTable(log: readonly CircuitEntry[]): ReportTable {
  const last = latestOf(log, 'walkthrough');
  return {
    title: tell('walk.title'),
    ...(last ? { note: tell('walk.with', { who: last.body.who, by: last.by }) } : {}),
    columns: [tell('job.column-what'), tell('walk.answer')],
    rows: last ? [...walkRows(last.body), ...(last.body.left ? [[tell('walk.left-there'), last.body.left]] : [])] : [],
  };
}
