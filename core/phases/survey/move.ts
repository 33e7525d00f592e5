import { passes, withOverrides } from '@/core/job/gates';
import { type Button, go, type Move } from '@/core/job/move';
import type { SheetWith } from '@/core/job/sheet';
import { overridesIn } from '@/core/phases/phase';
import { tell } from '@/core/phases/survey/words';
import { PLACE_WORDS, type Place } from '@/core/scope/survey/fact';
import { factsAt } from '@/core/scope/survey/facts';
import { lower, type Said } from '@/core/words/said';
import { surveyGates } from './gates';
import { type SurveyView, surveyOf } from './view';

const sign = (label: Said): Button => ({ label, action: { kind: 'sign' } });

/** What the lead does next in the survey: a hazard first, then the question that decides most. */
export function surveyMove(sheet: SheetWith<'overrides' | 'scopeSchools' | 'signOffs' | 'survey'>): Move {
  const survey = surveyOf(sheet);
  const [stop] = survey.stops;
  if (stop)
    return {
      kind: 'stop',
      say: stop.say,
      because: stop.act,
      button: go(`survey/${stop.place}#${stop.id}`, tell('job.show-place')),
    };
  const signed = sheet.signOffs.find((s) => s.phase === 'survey');
  const [first] = survey.neverAsked;
  const gates = surveyGates(sheet).map(withOverrides(overridesIn({ id: 'survey' }, sheet)));
  if (signed)
    return {
      kind: 'good',
      say: tell('job.survey-signed-go-on-to-scope'),
      because: tell('job.signed-it-what-is-found-later', { by: signed.by }),
      button: go('scope', tell('job.go-to-scope')),
    };
  const past = gates.find((g) => g.override);
  if (past && gates.every(passes))
    return {
      kind: 'now',
      say: tell('job.sign-survey-with-unanswered-questions'),
      because: tell('job.by-reason', { by: past.override!.by, reason: past.override!.reason }),
      button: sign(tell('job.sign-survey')),
    };
  if (first) {
    const more = survey.neverAsked.length - 1;
    return {
      kind: 'now',
      say: tell('job.find-out', { label: lower(first.label) }),
      because: tell('job.why-more', {
        why: first.why,
        more: more ? tell('job.more-not-asked-this-one-decides', { more }) : '',
      }),
      button: go(`survey/${first.place}#${first.key}`, PLACE_WORDS[first.place]),
    };
  }
  const held = gates.find((g) => !passes(g));
  if (held) return { kind: 'not-proven', say: tell('job.held', { asks: held.asks }), because: held.say };
  const [blind] = survey.unknowns;
  return {
    kind: 'now',
    say: tell('job.everything-is-asked-sign-survey'),
    because: blind
      ? tell('job.not-seen-one-that-matters-most', {
          count: survey.unknowns.length,
          label: lower(blind.label),
          why: blind.why,
        })
      : tell('job.nothing-is-left-unknown'),
    button: sign(tell('job.sign-survey')),
  };
}

/** The walk's next place from this one; after the last come the pictures before dismantling. */
export function placeAfter(survey: SurveyView, place: Place): Place | 'before' {
  const stations = survey.places.filter((p) => p.applies).map((p) => p.place);
  return stations[stations.indexOf(place) + 1] ?? 'before';
}

/** The survey's next move as seen from one place: where everything here is answered, on to the next place. */
export function surveyMoveAt(
  sheet: SheetWith<'overrides' | 'scopeSchools' | 'signOffs' | 'survey'>,
  place: Place | 'before',
): Move {
  const move = surveyMove(sheet);
  const { button } = move;
  if (place === 'before' || move.kind !== 'now' || button?.action.kind !== 'go') return move;
  const survey = surveyOf(sheet);
  if (factsAt(place, survey.known).every((f) => survey.known[f.key] !== undefined)) {
    const next = placeAfter(survey, place);
    return {
      kind: 'now',
      say: tell('job.done-here-go-on', {
        next: next === 'before' ? tell('job.before-dismantling') : lower(PLACE_WORDS[next]),
      }),
      because: move.say,
      button: go(`survey/${next}`, tell('job.next-place')),
    };
  }
  return button.action.to.startsWith(`survey/${place}`)
    ? { ...move, button: { ...button, label: tell('job.show-it') } }
    : move;
}
