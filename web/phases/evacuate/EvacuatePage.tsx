import { useMemo } from 'react';
import type { PumpProgress } from '@/core/circuit/vacuum/pump-progress';
import { waterMicrons } from '@/core/circuit/vacuum/water-saturation';
import { passes } from '@/core/job/gates';
import { evacuate } from '@/core/phases/evacuate/phase';
import { evacuationView } from '@/core/phases/evacuate/view';
import { ordersOf, S_PER_MIN, touchedMin } from '@/core/phases/live/stream';
import { entriesOf } from '@/core/phases/log/circuit-log';
import { sheetGates } from '@/core/phases/standing';
import { value } from '@/core/words/said';
import type { StripPoint } from '@/web/bench/vacuum/strip-layout';
import { type StripTest, VacuumStrip } from '@/web/bench/vacuum/VacuumStrip';
import { Notice } from '@/web/kit/Notice';
import { useDesk } from '@/web/kit/use-media';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { VacuumAnswer } from '@/web/workers/vacuum-analysis';
import { BeforeWork } from '../BeforeWork';
import { BigFigure, CircuitFrame } from '../circuit/CircuitFrame';
import { liveStream } from '../circuit/live-stream';
import type { EquippedView } from '../job-context';
import { useVacuumAnalysis } from './use-vacuum-analysis';

/** A fall slower than this a minute is told as standing still. */
const STILL_PER_MIN = 0.01;
/** A hand-typed reading is drawn this far from the one before when nothing streams, by its own clock. */
const MS_PER_MIN = 60_000;

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

const WORDS: Record<string, string> = { pump: 'pump', sweep: say(tell('web.n-sweep')), break: 'broken', oil: 'oil' };

function figureNote(answer: VacuumAnswer | undefined, stage: string, running: boolean): string | undefined {
  if (!running) return say(tell('web.not-streaming'));
  const p = answer?.progress;
  if (stage === 'standing' && answer?.standing)
    return `standing: ${answer.standing.result.lateMicronsPerMin !== undefined ? `${answer.standing.result.lateMicronsPerMin.toFixed(1)} µm/min` : say(tell('web.too-early-to-say'))}`;
  if (p?.gasLoadMicronCfm !== undefined && p.fallPerMin !== undefined)
    return p.fallPerMin < STILL_PER_MIN
      ? say(tell('web.stands-still'))
      : say(tell('web.falls-minute', { x: (100 * (1 - Math.exp(-p.fallPerMin))).toFixed(0) }));
  return undefined;
}

function testsOf(
  { sheet }: EquippedView,
  answer: VacuumAnswer | undefined,
  isolatedS: number | null,
  runId: string | undefined,
): StripTest[] {
  const words = {
    tight: say(value('tight')),
    leak: say(value('leak')),
    moisture: say(value('moisture')),
    inconclusive: say(tell('web.nothing-certain')),
  } as const;
  const verdicts = { tight: 'good', leak: 'look-again', moisture: 'look-again', inconclusive: 'not-proven' } as const;
  const view = evacuationView(sheet);
  const done = entriesOf(sheet.circuitLog, 'standing')
    .filter((e) => e.body.runId !== null && e.body.runId === runId && e.body.fromS !== null)
    .map((e): StripTest => {
      const fromMin = (e.body.fromS ?? 0) / S_PER_MIN;
      const kind = view.standing?.entry.id === e.id ? view.standing.result.classification : 'inconclusive';
      return { fromMin, toMin: (e.body.toS ?? 0) / S_PER_MIN, fit: [], verdict: verdicts[kind], word: words[kind] };
    });
  if (isolatedS === null) return done;
  const fromMin = isolatedS / S_PER_MIN;
  const fit = answer?.standing?.fit ?? [];
  return [
    ...done,
    { fromMin, toMin: fit.at(-1)?.[0] ?? fromMin, fit, verdict: 'not-proven', word: say(value('standing')) },
  ];
}

/** Readings typed one by one stand on the clock of their entries. */
function typedPoints({ sheet }: EquippedView): StripPoint[] {
  const standing = entriesOf(sheet.circuitLog, 'standing').at(-1);
  if (standing && standing.source === 'typed') return standing.body.samples;
  const list = entriesOf(sheet.circuitLog, 'microns');
  const start = list[0] ? Date.parse(list[0].at) : 0;
  return list.map((e): StripPoint => [(Date.parse(e.at) - start) / MS_PER_MIN, e.body.microns]);
}

function Causes({ progress }: { progress: PumpProgress }) {
  return (
    <section aria-label={say(tell('web.why-it-stands-still'))}>
      <h2 className="text-[15px] font-[680]">{say(tell('web.why-it-stands-still-likeliest-first'))}</h2>
      <ol className="mt-1">
        {progress.causes.map((c, i) => (
          <li key={c.cause} className="grid grid-cols-[26px_1fr] border-b border-rule2 py-1.5 leading-snug">
            <b className="font-[680]">{i + 1}</b>
            <span>
              <b className="font-[640] first-letter:uppercase inline-block">{c.cause}</b>{' '}
              <span className="text-[14px]">{say(c.why)}</span>
              <span className="block text-[14px] font-[600]">{say(c.act)}</span>
            </span>
          </li>
        ))}
      </ol>
    </section>
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
