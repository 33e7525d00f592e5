import { useNavigate } from 'react-router';
import { newPieces } from '@/core/phases/scope/view';
import { q } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import type { JobView } from '@/web/phases/job-context';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { CircuitList } from './CircuitList';

/** A furnace alone has no refrigerant plate: what is installed comes from the scope. */
export function FurnaceEquipment(view: JobView) {
  const { sheet } = view;
  const navigate = useNavigate();
  const unit = newPieces(sheet).furnace;
  return (
    <JobFrame
      sheet={sheet}
      active="equipment"
      next={
        <NextMoveBar
          kind={unit ? 'good' : 'now'}
          say={unit ? t('web.furnace-comes-from-scope') : t('web.choose-furnace-in-scope')}
          because={t('web.furnace-alone-has-no-refrigerant-no')}
        >
          <Button tone="primary" onClick={() => navigate('../scope', { relative: 'path' })}>
            {t('web.go-to-scope')}
          </Button>
        </NextMoveBar>
      }
    >
      <div className="px-4 py-3.5 lg:px-7">
        <h1 className="mb-3 text-[23px]">{t('web.equipment')}</h1>
        {unit ? (
          <dl className="grid max-w-[520px] grid-cols-[150px_1fr] gap-y-1">
            <dt className="text-ink2">{t('web.furnace')}</dt>
            <dd className="font-[640]">
              {unit.maker} {unit.model}
            </dd>
            <dt className="text-ink2">{t('web.size')}</dt>
            <dd>
              {t('web.in-lb', {
                widthIn: unit.widthIn,
                depthIn: unit.depthIn,
                heightIn: unit.heightIn,
                weightLb: unit.weightLb,
              })}
            </dd>
            <dt className="text-ink2">{t('web.power')}</dt>
            <dd>{t('web.v', { volts: unit.volts })}</dd>
            {unit.outputBtuh !== null ? (
              <>
                <dt className="text-ink2">{t('web.heat')}</dt>
                <dd>{say(q(unit.outputBtuh, 'btuh'))}</dd>
              </>
            ) : null}
            {unit.riseLowF !== null && unit.riseHighF !== null ? (
              <>
                <dt className="text-ink2">{t('web.rise')}</dt>
                <dd>{t('web.from-to', { low: unit.riseLowF, high: q(unit.riseHighF, 'F', 'as is') })}</dd>
              </>
            ) : null}
          </dl>
        ) : (
          <p className="text-ink2">{t('web.no-furnace-is-chosen-yet')}</p>
        )}
      </div>
      <CircuitList view={view} />
    </JobFrame>
  );
}
