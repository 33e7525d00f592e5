import { isSigned } from '@/core/job/sheet';
import { S_PER_MIN } from '@/core/phases/live/stream';
import { pressureTest } from '@/core/phases/pressure-test/phase';
import { value } from '@/core/words/said';
import { HoldChart } from '@/web/bench/hold/HoldChart';
import { Notice } from '@/web/kit/Notice';
import { useDesk } from '@/web/kit/use-media';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { BeforeWork } from '../BeforeWork';
import { BigFigure, CircuitFrame } from '../circuit/CircuitFrame';
import type { EquippedView } from '../job-context';
import { JointList } from './JointList';
import { TypedHold } from './TypedHold';
import { useHold } from './use-hold';

export default function PressurePage(view: EquippedView) {
  const desk = useDesk();
  const { test, points, live, psig, pipeF, reading, verdict, holding } = useHold(view);
  const { hold, plan } = test;
  const nextJoint = test.joints.find((j) => j.result === undefined)?.joint;
  const about = plan
    ? tell('web.psig-allowed-by-hold-min', {
        section: value(plan.body.section),
        targetPsig: plan.body.targetPsig,
        psig: test.limit?.psig,
        by: test.limit?.by,
        holdMin: test.holdMin,
      })
    : tell('web.nitrogen-by-stages');
  const pipe = pipeF === undefined ? undefined : { pipeF: pipeF.toFixed(1) };
  return (
    <CircuitFrame
      view={view}
      phase={pressureTest}
      about={say(about)}
      checks={test.checks}
      live={live}
      presets={{
        'hold-end': hold ? { startId: hold.start.id } : {},
        bubble: nextJoint ? { jointId: nextJoint.id } : {},
      }}
      figures={
        <BigFigure
          label={t('web.pressure-now')}
          testId="psig-now"
          value={psig?.toFixed(1) ?? '–'}
          unit="psig"
          note={pipe && say(reading ? tell('web.pipe-f', pipe) : tell('web.pipe-f-last-read', pipe))}
        />
      }
      below={
        <>
          <JointList view={view} />
          {isSigned(view.sheet, 'pressure-test') ? null : (
            <Notice kind="look-again">{t('web.dry-nitrogen-only-regulator-and-relief')}</Notice>
          )}
        </>
      }
    >
      {points.length > 1 ? (
        <HoldChart
          points={points}
          target={test.target}
          untilMin={holding ? (holding.body.runSeconds ?? 0) / S_PER_MIN + test.holdMin : undefined}
          verdict={verdict}
          height={desk ? Math.max(320, Math.min(480, window.innerHeight - 420)) : 280}
        />
      ) : hold ? (
        <TypedHold test={test} />
      ) : (
        <BeforeWork title={t('web.before-nitrogen-is-opened')} items={BEFORE} />
      )}
    </CircuitFrame>
  );
}

const BEFORE = [
  t('web.every-joint-made-and-cool-cores'),
  t('web.expansion-valve-open-service-valves-of'),
  t('web.read-low-side-limit-on-coils'),
  t('web.regulator-and-relief-on-nitrogen-gauge'),
  t('web.thermometer-on-shaded-pipe'),
];
