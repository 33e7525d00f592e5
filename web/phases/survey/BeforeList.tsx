import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { beforeSubject, type SurveyView } from '@/core/job/before';
import { may } from '@/core/job/permissions';
import type { BeforeState } from '@/core/scope/survey/before-dismantling';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import type { JobView } from '../job-context';
import { PhotoButton, Thumbs } from './PhotoButton';

/** Pictures that can never be taken again: each is taken, or waived with a reason. Until then nothing is taken out. */
export function BeforeList({ view, survey }: { view: JobView; survey: SurveyView }) {
  const [asked, setAsked] = useState<BeforeState>();
  const mayWaive = may(view.me.role, 'waive-picture');
  return (
    <>
      <p className="mt-1 text-ink2">Removal stays blocked until each is taken or waived.</p>
      <ul className="mt-1">
        {survey.before.map((b) => (
          <li
            key={b.id}
            data-testid={`before-${b.id}`}
            className="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b border-rule py-2"
          >
            <Mark kind={b.state === 'taken' ? 'good' : b.state === 'waived' ? 'override' : 'to-come'} />
            <span className="min-w-0 flex-1 basis-[140px] leading-snug">
              <b className="font-[640]">{b.label}</b>
              <span className="block text-[13px] text-ink2">
                {b.waiver ? `Waived by ${b.waiver.by}: ${b.waiver.reason}` : b.why}
              </span>
            </span>
            <Thumbs view={view} subject={beforeSubject(b.id)} />
            <PhotoButton view={view} subject={beforeSubject(b.id)} label={`Picture: ${b.label}`} />
            {b.state === 'missing' && mayWaive ? (
              <Button tone="quiet" className="text-[13.5px]" onClick={() => setAsked(b)}>
                Waive
              </Button>
            ) : null}
          </li>
        ))}
      </ul>
      {asked ? (
        <ReasonSheet
          title={`Waive: ${asked.label.toLowerCase()}`}
          label="Why this picture cannot or need not be taken"
          least={10}
          send="Waive it"
          onSend={(reason) =>
            view.actions.send(`/jobs/${view.sheet.job.id}/waivers`, { id: uuid(), item: asked.id, reason })
          }
          onClose={() => setAsked(undefined)}
        >
          <p className="text-ink2">The reason stays on the record.</p>
        </ReasonSheet>
      ) : null}
    </>
  );
}
