import type { ReportTable } from '@/core/job/report-parts';
import { tell } from '@/core/phases/hand-over/words';
import { type CircuitEntry, entriesOf } from '@/core/phases/log/circuit-log';
import { moment, value } from '@/core/words/said';

/** The serials of the new pieces as the report prints them, for whoever asks for their warranty. */
export function serialTable(log: readonly CircuitEntry[] | undefined): ReportTable {
  return {
    title: tell('serial.serials'),
    columns: [
      tell('serial.piece'),
      tell('serial.model'),
      tell('serial.serial'),
      tell('serial.which-system'),
      tell('job.column-who'),
      tell('job.column-when'),
    ],
    rows: entriesOf(log ?? [], 'serial').map(({ body, by, at }) => [
      value(body.piece),
      body.model || '–',
      body.serial,
      body.where || '–',
      by,
      moment(at),
    ]),
  };
}
