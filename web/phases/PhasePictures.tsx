import { useState } from 'react';
import type { Phase } from '@/core/job/phases';
import { PICTURE_KINDS, phaseSubject } from '@/core/phases/pictures';
import { value } from '@/core/words/said';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from './job-context';
import { PhotoButton, Thumbs } from './survey/PhotoButton';

/** Pictures of a phase: say what it shows, take it; they stand in the report at this phase. */
export function PhasePictures({ view, phase }: { view: JobView; phase: Phase }) {
  const subject = phaseSubject(phase, view.sheet.circuit.id);
  const [shows, setShows] = useState('');
  const taken = view.sheet.survey.photos.some((p) => p.subject === subject);
  if (view.sheet.cancelled && !taken) return null;
  return (
    <Part name={t('web.pictures')}>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        {view.sheet.cancelled ? null : (
          <>
            <label className="flex items-center gap-2 text-[14px]">
              <span className="sr-only">{t('web.picture-shows')}</span>
              <select
                value={shows}
                onChange={(e) => setShows(e.target.value)}
                className="touch border-[1.5px] border-rule bg-sheet px-2 text-[15px] font-[560]"
              >
                <option value="">{t('web.picture-of-what')}</option>
                {PICTURE_KINDS.map((kind) => (
                  <option key={kind} value={kind}>
                    {say(value(kind))}
                  </option>
                ))}
              </select>
            </label>
            <PhotoButton view={view} subject={subject} caption={shows || undefined} label={t('web.take-a-picture')} />
          </>
        )}
        <Thumbs view={view} subject={subject} />
      </div>
    </Part>
  );
}
