import { useMemo } from 'react';
import { evacuationView } from '@/core/phases/evacuate/view';
import { ordersOf, S_PER_MIN, touchedMin } from '@/core/phases/live/stream';
import type { StripPoint } from '@/web/bench/strip/span';
import { liveStream } from '../circuit/live-stream';
import type { EquippedView } from '../job-context';
import { typedPoints } from './evacuate-figures';
import { useVacuumAnalysis } from './use-vacuum-analysis';

/** The evacuation as it stands with what the gauge shows now, and what the curve says of it. */
export function useEvacuation(view: EquippedView) {
  const { sheet, feed } = view;
  const evac = evacuationView(sheet);
  const run = view.run?.phase === 'evacuate' ? view.run : undefined;
  const shownRun = run ?? view.pastRun;
  const points = useMemo(
    () =>
      feed.samples.flatMap((s): [number, number][] =>
        typeof s.values.microns === 'number' ? [[s.runSeconds / S_PER_MIN, s.values.microns]] : [],
      ),
    [feed.samples],
  );
  const isolatedS = evac.isolated && evac.isolated.body.runId === shownRun?.id ? evac.isolated.body.runSeconds : null;
  const setup = evac.setup?.body;
  const answer = useVacuumAnalysis({
    points,
    setup: setup
      ? {
          volumeFt3: setup.volumeFt3,
          pumpCfm: setup.pumpCfm,
          hoses: {
            boreIn: setup.hoseBoreIn,
            lengthIn: setup.hoseLengthIn,
            count: setup.hoseCount,
            coresIn: setup.coresIn,
          },
          targetMicrons: evac.targetMicrons,
          coldestPipeF: setup.coldestPipeF,
        }
      : null,
    isolatedMin: isolatedS === null ? null : isolatedS / S_PER_MIN,
    limitMicrons: evac.limitMicrons,
    touchedMin: touchedMin(ordersOf(feed.events)),
  });
  const stream = liveStream(view, 'evacuate');
  const line: readonly StripPoint[] = points.length ? points : typedPoints(view);
  return {
    evac,
    setup,
    run,
    shownRun,
    line,
    isolatedS,
    answer,
    silent: run !== undefined && feed.samples.length > 0 && feed.samples.at(-1)?.values.microns === null,
    live: stream && { stream, fits: answer },
  };
}
