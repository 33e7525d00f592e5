import { type Gate, gate } from '@/core/job/gates';
import type { SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/survey/words';
import { PLACE_WORDS } from '@/core/scope/survey/fact';
import { list } from '@/core/words/said';
import { type Begun, beganWithSurvey, surveyOf } from './view';
/** Never overridable: a hazard that stops the work. */
export function hazardGate(sheet: SheetWith<'scopeSchools' | 'survey'>): Gate {
  const [stop] = surveyOf(sheet).stops;
  return gate(
    'no-hazard-stop',
    tell('job.no-hazard-that-stops-work'),
    !stop,
    stop ? tell('job.say-act', { say: stop.say, act: stop.act }) : tell('job.none-found'),
    false,
  );
}

/** What must hold before the survey is signed: nothing left unasked. "Not seen" is an answer. */
export function surveyGates(sheet: SheetWith<'scopeSchools' | 'survey'>): Gate[] {
  const survey = surveyOf(sheet);
  const open = survey.neverAsked;
  const places = [...new Set(open.map((f) => PLACE_WORDS[f.place]))];
  return [
    gate(
      'system-type',
      tell('job.what-kind-of-system'),
      survey.systemType !== undefined,
      survey.systemType ? tell('job.known') : tell('job.nobody-said-what-kind-of-system'),
      false,
    ),
    gate(
      'survey-asked',
      tell('job.every-question-answered-or-marked-not'),
      open.length === 0,
      open.length
        ? tell('job.not-asked', {
            count: open.length,
            places: list(places.slice(0, 3)),
            count2: places.length > 3 ? ' …' : '',
          })
        : tell('job.all-asked'),
    ),
  ];
}

/** A hazard that stops the work holds every later phase; without one it is not asked for there. */
export function hazardHolds(sheet: SheetWith<Begun | 'scopeSchools' | 'survey'>): Gate[] {
  const hazard = hazardGate(sheet);
  return beganWithSurvey(sheet) && !hazard.holds ? [hazard] : [];
}
