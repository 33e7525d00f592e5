import type { ReportTable } from '@/core/job/report-parts';
import { entriesOf } from '@/core/phases/log/circuit-log';
import { tell } from '@/core/phases/recover/words';
import type { Snapshot } from '@/core/phases/snapshot';
import { moment, q, value } from '@/core/words/said';

/** What came out of the old system: which cylinder, its weight before and after, who weighed. */
export function recoveredTable({ circuitRecord }: Snapshot): ReportTable {
  const tags = new Map(circuitRecord?.cylinders.map((c) => [c.id, c.tag]));
  return {
    title: tell('recover.refrigerant-recovered'),
    columns: [
      tell('recover.cylinder'),
      tell('job.amount'),
      tell('job.scale-from-to'),
      tell('job.source'),
      tell('job.who'),
      tell('job.when'),
    ],
    rows: entriesOf(circuitRecord?.log ?? [], 'recovered').map(({ body, source, by, at }) => [
      tags.get(body.cylinderId) ?? '–',
      q(body.endGrossOz - body.startGrossOz, 'lbOz'),
      tell('job.from-to', { from: q(body.startGrossOz, 'oz'), to: q(body.endGrossOz, 'oz') }),
      value(source),
      by,
      moment(at),
    ]),
  };
}
