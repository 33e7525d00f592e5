import { useEffect } from 'react';
import { Navigate, useLocation, useNavigate, useParams } from 'react-router';
import { may } from '@/core/job/permissions';
import { nextMoveOf } from '@/core/phases/phase';
import { sheetGates } from '@/core/phases/standing';
import { placeAfter } from '@/core/phases/survey/move';
import { survey as surveyPhase } from '@/core/phases/survey/phase';
import { surveyOf } from '@/core/phases/survey/view';
import { type FactValue, PLACE_WORDS, PLACES } from '@/core/scope/survey/fact';
import { type Fact, factsAt } from '@/core/scope/survey/facts';
import { latest } from '@/core/scope/survey/survey';
import { value } from '@/core/words/said';
import { pagesOf } from '@/web/api/circuit-path';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { JobFrame } from '@/web/shell/JobFrame';
import { say, sayLow } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { NextMove } from '../NextMove';
import { usePress } from '../use-press';
import { BeforeList } from './BeforeList';
import { FactRow, type How } from './FactRow';
import { PlaceNotices } from './PlaceNotices';
import { SizeEstimate } from './SizeEstimate';
import { SurveySide } from './SurveySide';
import { useAnswers } from './use-answers';
import { useScopeChange } from './use-scope-change';
import { Walk } from './Walk';

/** The survey: one screen a place, in the order a person walks the house. */
export default function SurveyPage(view: JobView) {
  const answers = useAnswers(view);
  const { sheet, me } = view;
  const { part } = useParams();
  const { hash } = useLocation();
  const navigate = useNavigate();
  const { press, busy, problem } = usePress(view, 'survey', {});
  const { changed, answering } = useScopeChange(sheet);
  const survey = surveyOf(sheet);
  const gates = sheetGates(sheet, 'survey');
  const seen = latest(sheet.survey.observations);
  const lit = hash.slice(1);
  const path = pagesOf(sheet);

  useEffect(() => {
    if (lit) document.getElementById(lit)?.scrollIntoView({ block: 'center' });
  }, [lit]);

  function answer(fact: Fact, value: FactValue | null, how: How): void {
    answering(fact.label);
    answers.answer(fact, value, how);
  }

  const place = part === 'before' ? 'before' : PLACES.find((p) => p === part);
  if (!place) return <Navigate to={`${path}/survey/${survey.neverAsked[0]?.place ?? 'start'}`} replace />;
  const facts = place === 'before' ? [] : factsAt(place, survey.known);
  const following = place === 'before' ? undefined : placeAfter(survey, place);
  const move = nextMoveOf(surveyPhase, sheet, { maySign: may(me.role, surveyPhase.signedBy), facts: { place } });
  const asks = move.button?.action;
  const skip = following && asks?.kind === 'go' && asks.to.startsWith(`survey/${place}`) ? following : undefined;

  return (
    <JobFrame
      sheet={sheet}
      active="survey"
      side={<SurveySide view={view} survey={survey} gates={gates} sizeInBench={place === 'outdoor'} />}
      next={
        <NextMove move={move} busy={busy} press={press}>
          {skip ? (
            <Button onClick={() => navigate(`${path}/survey/${skip}`)}>
              {t('web.skip-to', { skip: skip === 'before' ? value('pictures') : sayLow(PLACE_WORDS[skip]) })}
            </Button>
          ) : null}
        </NextMove>
      }
    >
      <div className="px-4 pb-6 lg:px-7">
        <Walk
          base={path}
          places={survey.places}
          active={place}
          before={{ done: survey.before.length - survey.beforeMissing.length, all: survey.before.length }}
        />
        <h1 className="mt-3 text-[23px]">
          {say(place === 'before' ? tell('web.before-dismantling') : PLACE_WORDS[place])}
        </h1>
        <div className="mt-2 grid gap-2">
          <Trouble problem={problem ?? answers.problem} />
          <PlaceNotices survey={survey} place={place} changed={changed} />
        </div>
        {place === 'outdoor' && survey.tonnage && survey.known.outdoorPlate !== 'readable' ? (
          <section aria-label={t('web.size')} className="mt-2 border-[1.5px] border-rule bg-sheet/60 px-3 pt-2 pb-1">
            <SizeEstimate tonnage={survey.tonnage} />
          </section>
        ) : null}
        {place === 'before' ? (
          <BeforeList view={view} survey={survey} />
        ) : (
          <ul className="mt-1">
            {facts.map((f) => (
              <FactRow
                key={f.key}
                view={view}
                fact={f}
                seen={seen.get(f.key)}
                lit={lit === f.key}
                onAnswer={(value, how) => answer(f, value, how)}
              />
            ))}
          </ul>
        )}
      </div>
    </JobFrame>
  );
}
