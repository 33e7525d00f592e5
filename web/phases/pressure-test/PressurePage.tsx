import { useMemo } from 'react';
import type { Verdict } from '@/core/finding/finding';
import { S_PER_MIN } from '@/core/phases/live/stream';
import { pressureTest } from '@/core/phases/pressure-test/phase';
import { pressureView } from '@/core/phases/pressure-test/view';
import { value } from '@/core/words/said';
import { HoldChart } from '@/web/bench/hold/HoldChart';
import { holdPoints } from '@/web/bench/hold/hold-layout';
import { Notice } from '@/web/kit/Notice';
import { useDesk } from '@/web/kit/use-media';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { BeforeWork } from '../BeforeWork';
import { BigFigure, CircuitFrame } from '../circuit/CircuitFrame';
import { liveStream } from '../circuit/live-stream';
import type { EquippedView } from '../job-context';
import { JointList } from './JointList';
import { TypedHold } from './TypedHold';

export default function PressurePage(view: EquippedView) {
  const { sheet, feed } = view;
  const desk = useDesk();
  const test = pressureView(sheet);
  const run = view.run?.phase === 'pressure-test' ? view.run : undefined;
  const shownRun = run ?? view.pastRun;
  const { hold, plan } = test;
  const startHere = hold && hold.start.body.runId === shownRun?.id ? hold.start : undefined;
  const gear = {
    volumeFt3: plan?.body.volumeFt3 ?? 0.35,
    gaugePsi: plan?.body.gaugePsi ?? 0.5,
    thermometerF: plan?.body.thermometerF ?? 0.5,
    barometerPsia: sheet.site.barometerPsia,
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: the gear changes only with the plan
  const points = useMemo(
    () =>
      holdPoints(
        feed.samples,
        startHere
          ? { psig: startHere.body.psig, pipeF: startHere.body.pipeF, runSeconds: startHere.body.runSeconds ?? 0 }
          : undefined,
        gear,
      ),
    [feed.samples, startHere, plan],
  );
  const last = feed.samples.at(-1);
  const now = typeof last?.values.testPsig === 'number' ? last.values.testPsig : undefined;
  const pipeF = typeof last?.values.pipeF === 'number' ? last.values.pipeF : undefined;
  const stream = liveStream(view, 'pressure-test');
  const live = stream && { stream, gear };

  const verdict: Verdict =
    test.stage === 'failed' ? (test.checks.find((c) => c.id === 'hold')?.verdict ?? 'look-again') : liveVerdict();
  function liveVerdict(): Verdict {
    const p = points.at(-1);
    if (!p || p.expectedPsig === undefined) return 'not-proven';
    const d = p.psig - p.expectedPsig;
    return d < -p.uncertaintyPsi! ? 'look-again' : d > p.uncertaintyPsi! ? 'not-proven' : 'good';
  }
  const running = hold && !hold.end && startHere;
  const nextJoint = test.joints.find((j) => j.result === undefined)?.joint;
  return (
    <CircuitFrame
      view={view}
      phase={pressureTest}
      about={
        plan
          ? say(
              tell('web.psig-allowed-by-hold-min', {
                section: value(plan.body.section),
                targetPsig: plan.body.targetPsig,
                psig: test.limit?.psig,
                by: test.limit?.by,
                holdMin: test.holdMin,
              }),
            )
          : say(tell('web.nitrogen-by-stages'))
      }
      checks={test.checks}
      live={live}
      presets={{
        'hold-end': hold ? { startId: hold.start.id } : {},
        bubble: nextJoint ? { jointId: nextJoint.id } : {},
      }}
      figures={
        <BigFigure
          label={say(tell('web.pressure-now'))}
          testId="psig-now"
          value={
            now !== undefined && run
              ? now.toFixed(1)
              : hold
                ? (hold.end ?? hold.look ?? hold.start).body.psig.toFixed(1)
                : '–'
          }
          unit="psig"
          note={
            pipeF !== undefined && run
              ? say(tell('web.pipe-f', { pipeF: pipeF.toFixed(1) }))
              : hold
                ? say(
                    tell('web.pipe-f-last-read', {
                      pipeF: (hold.end ?? hold.look ?? hold.start).body.pipeF.toFixed(1),
                    }),
                  )
                : undefined
          }
        />
      }
      below={
        <>
          <JointList view={view} />
          {sheet.signOffs.some((s) => s.phase === 'pressure-test') ? null : (
            <Notice kind="look-again">{say(tell('web.dry-nitrogen-only-regulator-and-relief'))}</Notice>
          )}
        </>
      }
    >
      {points.length > 1 ? (
        <HoldChart
          points={points}
          target={test.target}
          untilMin={running ? (startHere.body.runSeconds ?? 0) / S_PER_MIN + test.holdMin : undefined}
          verdict={verdict}
          height={desk ? Math.max(320, Math.min(480, window.innerHeight - 420)) : 280}
        />
      ) : hold ? (
        <TypedHold test={test} />
      ) : (
        <BeforeWork title={say(tell('web.before-nitrogen-is-opened'))} items={BEFORE} />
      )}
    </CircuitFrame>
  );
}

const BEFORE = [
  say(tell('web.every-joint-made-and-cool-cores')),
  say(tell('web.expansion-valve-open-service-valves-of')),
  say(tell('web.read-low-side-limit-on-coils')),
  say(tell('web.regulator-and-relief-on-nitrogen-gauge')),
  say(tell('web.thermometer-on-shaded-pipe')),
];
