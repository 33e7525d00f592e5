import type { ReportTable } from '@/core/job/report-parts';
import { standingEntries } from '@/core/phases/log/circuit-log';
import type { Snapshot } from '@/core/phases/snapshot';
import { powerChange } from '@/core/startup/acceptance/running-power';
import { list, measured, moment, q, type Said } from '@/core/words/said';
import type { ChangedFigure } from './changes';
import { tell } from './words';

/** A figure on both sides of a change. */
export const figureChange = ({ label, unit, before, after }: ChangedFigure): Said =>
  tell('job.figure-from-to', {
    label,
    before: before === undefined ? '–' : measured(before, unit),
    after: after === undefined ? '–' : measured(after, unit),
  });

/** What was changed on the running system, with what it did. */
export const changesTable = (s: Snapshot): ReportTable => ({
  title: tell('job.changes-before-and-after'),
  columns: [tell('job.column-change'), tell('job.column-effect'), tell('job.who'), tell('job.when')],
  rows: s.startUp!.changes.map((c) => [
    c.what,
    c.figures.length ? list(c.figures.map(figureChange)) : tell('job.not-read-on-either-side'),
    c.by,
    moment(c.at),
  ]),
});

/** What the system takes, the old one and the new. */
export function powerTable(s: Snapshot): ReportTable {
  const all = standingEntries(s.startUp!.written).flatMap((e) => (e.kind === 'running-power' ? [e.body] : []));
  const before = all.findLast((b) => b.of === 'old');
  const after = all.findLast((b) => b.of === 'new');
  const change = before && after && powerChange(before, after);
  return {
    title: tell('job.running-power'),
    columns: [tell('job.reading'), tell('job.old-system'), tell('job.new-system'), tell('job.column-change')],
    rows: change
      ? [
          [
            tell('job.running-amps'),
            q(before.amps, 'A', 1),
            q(after.amps, 'A', 1),
            tell('job.change-of', { pct: q(change.ampsPct, 'pct', 0) }),
          ],
          ...(change.kwPct === undefined
            ? []
            : [
                [
                  tell('job.running-kw'),
                  q(before.kw, 'kW', 2),
                  q(after.kw, 'kW', 2),
                  tell('job.change-of', { pct: q(change.kwPct, 'pct', 0) }),
                ],
              ]),
          [
            tell('job.outdoor-air-then'),
            q(before.outdoorF, 'F', 0),
            q(after.outdoorF, 'F', 0),
            tell(
              change.sameWeather === undefined
                ? 'job.weather-not-read'
                : change.sameWeather
                  ? 'job.weather-alike'
                  : 'job.weather-too-far-apart',
            ),
          ],
        ]
      : [],
  };
}
