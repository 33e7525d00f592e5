import { isSigned } from '@/core/job/sheet';
import { recover } from '@/core/phases/recover/phase';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { OZ_PER_LB } from '@/core/units/units';
import { list, q } from '@/core/words/said';
import { Notice } from '@/web/kit/Notice';
import { figureOf, lbOz, say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { BigFigure, CircuitFrame } from '../circuit/CircuitFrame';
import type { JobView } from '../job-context';
import { CylinderSide } from './CylinderSide';
import { PumpDownGuide } from './PumpDownGuide';
import { Strip } from './Strip';
import { type Recovery, useRecovery } from './use-recovery';

export default function RecoverPage(view: JobView) {
  const of = useRecovery(view);
  const { rec, refrigerant, cylinder } = of;
  // A pump-down is followed on its curve; a recovery beside the cylinder that fills.
  const stripFirst = of.run !== undefined && rec.method?.body.method === 'pump-down' && !rec.weighed;
  const strip = <Strip of={of} feed={view.feed} />;
  const a2l = refrigerant !== undefined && REFRIGERANT_FACTS[refrigerant].safetyGroup === 'A2L';
  return (
    <CircuitFrame
      view={view}
      phase={recover}
      about={about(of)}
      checks={rec.checks}
      live={of.live}
      presets={{
        recovered: cylinder ? { cylinderId: cylinder.id } : {},
        method: rec.advice
          ? { method: rec.advice.method, reason: say(list(rec.advice.reasons, '; ')).slice(0, 300) }
          : {},
      }}
      figures={<Now of={of} />}
      below={
        isSigned(view.sheet, 'recover') ? null : (
          <>
            {of.noneHere ? <Notice kind="stop">{t('web.no-cylinder-checked-out-here')}</Notice> : null}
            <Notice kind="look-again">
              {t('web.never-vent-gloves-and-eye-protection', {
                refrigerant: a2l ? tell('web.a2l-ventilate-no-spark-a2l-rated') : '',
              })}
            </Notice>
          </>
        )
      }
    >
      {stripFirst ? strip : null}
      <div className="grid items-start gap-x-8 gap-y-3 lg:grid-cols-[auto_1fr]">
        <CylinderSide of={of} />
        <PumpDownGuide view={rec} suctionPsig={of.shows('suctionPsig')} switches={of.switches} />
      </div>
      {stripFirst ? null : strip}
    </CircuitFrame>
  );
}

/** The old charge in a few words. */
function about({ rec }: Recovery): string {
  if (!rec.old) return t('web.make-safe-recover-then-open');
  const expected =
    rec.expectedOz !== undefined
      ? tell('web.expected-2', { expectedOz: lbOz(rec.expectedOz) })
      : tell('web.charge-not-known');
  return `${rec.old.body.refrigerant}${say(expected)}`;
}

/** Suction while a run goes on, else what was recovered. */
function Now({ of: { run, rec, shows } }: { of: Recovery }) {
  const suction = run ? shows('suctionPsig') : undefined;
  const now = figureOf(
    suction !== undefined ? q(suction, 'psig') : q(rec.recoveredOz > 0 ? rec.recoveredOz / OZ_PER_LB : null, 'lb'),
  );
  const share = rec.share ? tell('web.of-what-was-expected', { pct: rec.share.pct.toFixed(0) }) : '';
  return (
    <BigFigure
      label={say(run ? tell('web.suction-now') : tell('web.recovered'))}
      testId="recover-now"
      value={now.value}
      unit={now.unit}
      note={rec.recoveredOz > 0 ? t('web.in-cylinder', { recoveredOz: lbOz(rec.recoveredOz), share }) : undefined}
    />
  );
}
