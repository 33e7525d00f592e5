import { Link } from 'react-router';
import type { Gate } from '@/core/job/gates';
import type { SurveyView } from '@/core/phases/survey/view';
import { PLACE_WORDS } from '@/core/scope/survey/fact';
import { list, value } from '@/core/words/said';
import { pagesOf } from '@/web/api/circuit-path';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { GateList } from '../GateList';
import type { JobView } from '../job-context';
import { SizeEstimate } from './SizeEstimate';

const MOST_UNKNOWNS = 6;

/** What the walk has told so far: hazards, the size, the old unit's story, and the unknowns that matter most. */
export function SurveySide({
  view,
  survey,
  gates,
  sizeInBench,
}: {
  view: JobView;
  survey: SurveyView;
  gates: Gate[] /** The bench shows the size large already. */;
  sizeInBench: boolean;
}) {
  const path = `${pagesOf(view.sheet)}/survey`;
  const blind = survey.unknowns;
  return (
    <div className="grid gap-5 p-4 lg:p-5">
      {survey.tonnage && !(sizeInBench && survey.known.outdoorPlate !== 'readable') ? (
        <section aria-label={t('web.size')}>
          <SizeEstimate tonnage={survey.tonnage} />
        </section>
      ) : null}
      {survey.hazards.length ? (
        <Part name={t('web.hazards')}>
          <ul>
            {survey.hazards.map((h) => (
              <li key={h.id} className="grid grid-cols-[22px_1fr] border-b border-rule2 py-1.5 leading-snug">
                <Mark kind={h.verdict} />
                <Link to={`${path}/${h.place}`} className="touch -my-3 inline-flex items-center">
                  <b className="font-[640]">{say(h.say)}</b>
                </Link>
              </li>
            ))}
          </ul>
        </Part>
      ) : null}
      {survey.story.length ? (
        <Part name={t('web.story')} title={t('web.what-ended-old-one')}>
          <ul>
            {survey.story.map((c) => (
              <li key={c.id} className="border-b border-rule2 py-1.5 leading-snug">
                <b className="font-[640]">{say(c.say)}</b>{' '}
                <span className="text-[12.5px] text-ink2">{say(value(c.strength))}</span>
                <span className="block text-[13px] text-ink2">{say(list(c.evidence, ' · '))}</span>
                <span className="block text-[13px]">{t('web.new-one-must-not-die-of', { guard: c.guard })}</span>
              </li>
            ))}
          </ul>
        </Part>
      ) : null}
      <Part
        name={t('web.unknown-2')}
        title={t('web.still-unknown', { count: blind.length ? `, ${blind.length}` : '' })}
      >
        {blind.length === 0 ? <p className="text-ink2">{t('web.nothing')}</p> : null}
        <ul>
          {blind.slice(0, MOST_UNKNOWNS).map((f) => (
            <li key={f.key} className="border-b border-rule2 py-1.5 leading-snug">
              <Link to={`${path}/${f.place}#${f.key}`} className="touch grid grid-cols-[22px_1fr] content-center">
                <Mark kind={survey.known[f.key] === null ? 'not-proven' : 'to-come'} />
                <span>
                  <b className="font-[620]">{say(f.label)}</b>
                  <span className="block text-[13px] text-ink2">
                    {survey.known[f.key] === null ? t('web.not-seen-3') : `${say(PLACE_WORDS[f.place])}. `}
                    {say(f.why)}
                  </span>
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </Part>
      <GateList gates={gates} phase="survey" view={view} />
    </div>
  );
}
