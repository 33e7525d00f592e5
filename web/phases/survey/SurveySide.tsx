import { Link } from 'react-router';
import type { SurveyView } from '@/core/job/before';
import type { Gate } from '@/core/job/gates';
import { PLACE_WORDS } from '@/core/scope/survey/fact';
import { Mark } from '@/web/kit/Mark';
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
  const path = `/jobs/${view.sheet.job.id}/survey`;
  const blind = survey.unknowns;
  return (
    <div className="grid gap-5 p-4 lg:p-5">
      {survey.tonnage && !(sizeInBench && survey.known.outdoorPlate !== 'readable') ? (
        <section aria-label="Size">
          <SizeEstimate tonnage={survey.tonnage} />
        </section>
      ) : null}
      {survey.hazards.length ? (
        <section aria-label="Hazards">
          <h2 className="text-[15px] font-[680]">Hazards</h2>
          <ul>
            {survey.hazards.map((h) => (
              <li key={h.id} className="grid grid-cols-[22px_1fr] border-b border-rule2 py-1.5 leading-snug">
                <Mark kind={h.verdict} />
                <Link to={`${path}/${h.place}`}>
                  <b className="font-[640]">{h.say}</b>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      {survey.story.length ? (
        <section aria-label="Story">
          <h2 className="text-[15px] font-[680]">What ended the old one</h2>
          <ul>
            {survey.story.map((c) => (
              <li key={c.id} className="border-b border-rule2 py-1.5 leading-snug">
                <b className="font-[640]">{c.say}</b> <span className="text-[12.5px] text-ink2">{c.strength}</span>
                <span className="block text-[13px] text-ink2">{c.evidence.join(' · ')}</span>
                <span className="block text-[13px]">The new one must not die of this: {c.guard}</span>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      <section aria-label="Unknown">
        <h2 className="text-[15px] font-[680]">Still unknown{blind.length ? `, ${blind.length}` : ''}</h2>
        {blind.length === 0 ? <p className="text-ink2">Nothing.</p> : null}
        <ul>
          {blind.slice(0, MOST_UNKNOWNS).map((f) => (
            <li key={f.key} className="border-b border-rule2 py-1.5 leading-snug">
              <Link to={`${path}/${f.place}#${f.key}`} className="grid grid-cols-[22px_1fr]">
                <Mark kind={survey.known[f.key] === null ? 'not-proven' : 'to-come'} />
                <span>
                  <b className="font-[620]">{f.label}</b>
                  <span className="block text-[13px] text-ink2">
                    {survey.known[f.key] === null ? 'Not seen. ' : `${PLACE_WORDS[f.place]}. `}
                    {f.why}
                  </span>
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
      <GateList gates={gates} phase="survey" view={view} />
    </div>
  );
}
