import { useMemo } from 'react';
import { waterMicrons } from '@/core/circuit/vacuum/water-saturation';
import { passes } from '@/core/job/gates';
import { evacuate } from '@/core/phases/evacuate/phase';
import { evacuationView } from '@/core/phases/evacuate/view';
import { ordersOf, S_PER_MIN, touchedMin } from '@/core/phases/live/stream';
import { sheetGates } from '@/core/phases/standing';
import type { StripPoint } from '@/web/bench/vacuum/strip-layout';
import { VacuumStrip } from '@/web/bench/vacuum/VacuumStrip';
import { Notice } from '@/web/kit/Notice';
import { useDesk } from '@/web/kit/use-media';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { BeforeWork } from '../BeforeWork';
import { BigFigure, CircuitFrame } from '../circuit/CircuitFrame';
import { liveStream } from '../circuit/live-stream';
import type { EquippedView } from '../job-context';
import { Causes } from './Causes';
import { figureNote, testsOf, typedPoints, WORDS } from './evacuate-figures';
import { useVacuumAnalysis } from './use-vacuum-analysis';

export default function EvacuatePage(view: EquippedView) {
  const { sheet, feed } = view;
  const desk = useDesk();
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
  const typed = typedPoints(view);
  const isolatedS = evac.isolated && evac.isolated.body.runId === shownRun?.id ? evac.isolated.body.runSeconds : null;
  const answer = useVacuumAnalysis({
    points,
    setup: evac.setup
      ? {
          volumeFt3: evac.setup.body.volumeFt3,
          pumpCfm: evac.setup.body.pumpCfm,
          hoses: {
            boreIn: evac.setup.body.hoseBoreIn,
            lengthIn: evac.setup.body.hoseLengthIn,
            count: evac.setup.body.hoseCount,
            coresIn: evac.setup.body.coresIn,
          },
          targetMicrons: evac.targetMicrons,
          coldestPipeF: evac.setup.body.coldestPipeF,
        }
      : null,
    isolatedMin: isolatedS === null ? null : isolatedS / S_PER_MIN,
    limitMicrons: evac.limitMicrons,
    touchedMin: touchedMin(ordersOf(feed.events)),
  });
  const silent = run !== undefined && feed.samples.length > 0 && feed.samples.at(-1)?.values.microns === null;
  const stream = liveStream(view, 'evacuate');
  const live = stream && { stream, fits: answer };

  const gates = sheetGates(sheet, 'evacuate');
  const water = evac.setup ? waterMicrons(evac.setup.body.coldestPipeF) : undefined;
  const line: readonly StripPoint[] = points.length ? points : typed;
  return (
    <CircuitFrame
      view={view}
      phase={evacuate}
      about={
        evac.setup
          ? say(
              tell('web.to-m', {
                method:
                  evac.setup.body.method === 'triple'
                    ? say(tell('web.triple-two-sweeps'))
                    : say(tell('web.one-deep-pull-2')),
                targetMicrons: evac.targetMicrons,
              }),
            )
          : ''
      }
      checks={evac.checks}
      live={live}
      figures={
        <BigFigure
          label={say(tell('web.vacuum-now'))}
          testId="microns-now"
          value={silent ? '–' : (line.at(-1)?.[1].toLocaleString('en-US') ?? '–')}
          unit="µm"
          note={figureNote(answer, evac.stage, run !== undefined)}
        />
      }
      below={
        <>
          {answer?.progress?.stalled ? <Causes progress={answer.progress} /> : null}
          {sheet.signOffs.some((s) => s.phase === 'evacuate') ? null : (
            <Notice kind="look-again">
              {say(
                tell('web.never-start-or-insulation-test-compressor-2', {
                  passes: gates.every(passes) ? '' : say(tell('web.makers-tighter-limit-wins')),
                }),
              )}
            </Notice>
          )}
        </>
      }
    >
      {line.length > 1 ? (
        <VacuumStrip
          points={line}
          gapsMin={feed.events.filter((e) => e.kind === 'gap').map((e) => e.runSeconds / S_PER_MIN)}
          targetMicrons={evac.targetMicrons}
          limitMicrons={evac.limitMicrons}
          waterMicrons={water}
          waterF={evac.setup?.body.coldestPipeF}
          predicted={answer?.predicted ?? []}
          aheadMin={answer?.progress?.minutesToTarget}
          tests={testsOf(view, answer, isolatedS, shownRun?.id)}
          marks={ordersOf(feed.events)
            .filter((o) => o.order in WORDS)
            .map((o) => ({ minute: o.runSeconds / S_PER_MIN, word: WORDS[o.order]! }))}
          height={desk ? Math.max(360, Math.min(560, window.innerHeight - 330)) : 300}
        />
      ) : (
        <BeforeWork
          title={say(tell('web.before-pump-runs'))}
          items={BEFORE}
          note={say(tell('web.connect-instruments-or-type-readings-as'))}
        />
      )}
    </CircuitFrame>
  );
}

/** Before the pump runs: what makes it quick. */
const BEFORE = [
  say(tell('web.nitrogen-released-core-tools-on-both')),
  say(tell('web.micron-gauge-on-system-far-from')),
  say(tell('web.short-wide-hoses-one-on-each')),
  say(tell('web.expansion-valve-open-service-valves-of')),
  say(tell('web.outdoor-unit-locked-out')),
];
