import type { Verdict } from '@/core/finding/finding';
import { worstOf } from '@/core/finding/order';
import { join } from '@/core/phases/join/phase';
import { joinView, volumeOf } from '@/core/phases/join/view';
import { value } from '@/core/words/said';
import { LineElevation } from '@/web/bench/line/LineElevation';
import { Notice } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { useDesk } from '@/web/kit/use-media';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { BigFigure, CircuitFrame } from '../circuit/CircuitFrame';
import { useEntries } from '../circuit/use-entries';
import type { EquippedView } from '../job-context';
import { JointLog } from './JointLog';

export default function JoinPage(view: EquippedView) {
  const { sheet } = view;
  const desk = useDesk();
  const write = useEntries(view);
  const { act } = useAct();
  const { run, figures, checks, joints } = joinView(sheet);
  const signed = sheet.signOffs.some((s) => s.phase === 'join');
  const of = (...ids: string[]): Verdict => worstOf(checks.filter((c) => ids.includes(c.id)));
  const volume = volumeOf(sheet);
  return (
    <CircuitFrame
      view={view}
      phase={join}
      about={
        figures
          ? t('web.ft-ft-with-elbows-coil', {
              lengthFt: figures.lengthFt.toFixed(0),
              equivalentFt: figures.equivalentFt.toFixed(0),
              liftFt:
                figures.liftFt === 0
                  ? t('web.level-with-unit')
                  : t('web.ft-unit', {
                      liftFt: Math.abs(figures.liftFt).toFixed(0),
                      liftFt2: value(figures.liftFt > 0 ? 'above' : 'below'),
                    }),
            })
          : t('web.line-set-brazing-under-nitrogen')
      }
      checks={checks}
      figures={
        figures?.suction ? (
          <BigFigure
            label={t('web.vapour-line-costs')}
            testId="suction-loss"
            value={figures.suction.saturationLossF.toFixed(2)}
            unit="°F"
            note={t('web.psi-fpm-section-ft', {
              psi: figures.suction.psi.toFixed(2),
              x: (Math.round(figures.suction.velocityFpm / 10) * 10).toFixed(0),
              volume: volume?.toFixed(2) ?? '–',
            })}
          />
        ) : undefined
      }
      below={
        <>
          {joints.length ? <JointLog view={view} /> : null}
          {signed ? null : <Notice kind="look-again">{t('web.recover-and-evacuate-before-any-flame')}</Notice>}
        </>
      }
    >
      {run ? (
        <LineElevation
          pieces={run.body.pieces}
          liquidOdIn={run.body.liquidOdIn}
          vaporOdIn={run.body.vaporOdIn}
          suctionVerdict={of('suction', 'riser')}
          liquidVerdict={of('liquid')}
          joints={joints.map(({ joint, checks }) => ({
            id: joint.id,
            place: joint.body.place,
            method: say(value(joint.body.method)),
            verdict: checks.length ? worstOf(checks) : 'good',
          }))}
          height={desk ? 330 : 260}
          onPiece={
            signed
              ? undefined
              : (index, ft) =>
                  void act(() =>
                    write(
                      'line-run',
                      { ...run.body, pieces: run.body.pieces.map((p, i) => (i === index ? { ...p, ft } : p)) },
                      run.id,
                    ),
                  )
          }
        />
      ) : (
        <p className="max-w-[60ch] py-3 text-[16px]">{t('web.write-line-set-down-from-outdoor')}</p>
      )}
    </CircuitFrame>
  );
}
