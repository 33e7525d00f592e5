import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { may } from '@/core/job/permissions';
import { beforeSubject } from '@/core/phases/scope/view';
import type { SurveyView } from '@/core/phases/survey/view';
import type { BeforeState } from '@/core/scope/survey/before-dismantling';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { say, sayLow } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { PhotoButton, Thumbs } from './PhotoButton';

/** Pictures that can never be taken again: each is taken, or waived with a reason. Until then nothing is taken out. */
export function BeforeList({ view, survey }: { view: JobView; survey: SurveyView }) {
  const [asked, setAsked] = useState<BeforeState>();
  const mayWaive = may(view.me.role, 'waive-picture');
  return (
    <>
      <p className="mt-1 text-ink2">{t('web.removal-stays-blocked-until-each-is')}</p>
      <ul className="mt-1">
        {survey.before.map((b) => (
          <li
            key={b.id}
            data-testid={`before-${b.id}`}
            className="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b border-rule py-2"
          >
            <Mark kind={b.state === 'taken' ? 'good' : b.state === 'waived' ? 'override' : 'to-come'} />
            <span className="min-w-0 flex-1 basis-[140px] leading-snug">
              <b className="font-[640]">{say(b.label)}</b>
              <span className="block text-[13px] text-ink2">
                {b.waiver ? t('web.waived-by', { by: b.waiver.by, reason: b.waiver.reason }) : say(b.why)}
              </span>
            </span>
            <Thumbs view={view} subject={beforeSubject(b.id)} />
            <PhotoButton view={view} subject={beforeSubject(b.id)} label={t('web.picture-2', { label: b.label })} />
            {b.state === 'missing' && mayWaive ? (
              <Button tone="quiet" className="text-[13.5px]" onClick={() => setAsked(b)}>
                {t('web.waive')}
              </Button>
            ) : null}
          </li>
        ))}
      </ul>
      {asked ? (
        <ReasonSheet
          title={t('web.waive-2', { label: sayLow(asked.label) })}
          label={t('web.why-this-picture-cannot-or-need')}
          least={10}
          send={t('web.waive-it')}
          onSend={(reason) =>
            view.actions.send(`/jobs/${view.sheet.job.id}/waivers`, { id: uuid(), item: asked.id, reason })
          }
          onClose={() => setAsked(undefined)}
        >
          <p className="text-ink2">{t('web.reason-stays-on-record')}</p>
        </ReasonSheet>
      ) : null}
    </>
  );
}
