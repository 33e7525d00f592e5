import { FIT_WORDS } from '@/core/fit/sheets';
import { tell } from '@/core/job/words';
import { PLACE_WORDS, type Place } from '@/core/scope/survey/fact';
import { factsAt } from '@/core/scope/survey/facts';
import { list, lower, q, type Said, value } from '@/core/words/said';
import { hasCircuit, type SurveyView, scopeOf, surveyOf } from './before';
import { emptyFits, removalGates, scopeGates, surveyGates } from './before-gates';
import { passes, withOverrides } from './gates';
import { type Button, go, type Move } from './move';
import type { JobSheet } from './sheet';

const sign = (label: Said): Button => ({ label, action: { kind: 'sign' } });
const customer = (subject: string, label: Said): Button => ({ label, action: { kind: 'customer', subject } });

const overridesOf = (sheet: JobSheet, phase: string) => withOverrides(sheet.overrides.filter((o) => o.phase === phase));

/** What the lead does next in the survey: a hazard first, then the question that decides most. */
export function surveyMove(sheet: JobSheet): Move {
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
  const gates = surveyGates(sheet).map(overridesOf(sheet, 'survey'));
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

/** What comes next in the scope: choose, decide, disclose, let the customer sign, sign; later the change, then the removal. */
export function scopeMove(sheet: JobSheet): Move {
  const scope = scopeOf(sheet);
  const signed = sheet.signOffs.some((s) => s.phase === 'scope');
  if (scope.agreed && scope.change) {
    const { delta } = scope.change;
    return {
      kind: 'look-again',
      say: tell('job.scope-changed-new-gone-altered', {
        count: delta.added.length,
        count2: delta.removed.length,
        count3: delta.changed.length,
      }),
      because: tell('job.customer-says-yes-or-no-before', {
        hours: delta.hours >= 0 ? '+' : '−',
        hours2: q(Math.abs(delta.hours), 'h'),
        price: q(delta.price, 'moneyChange'),
      }),
      button: customer('change', tell('job.ask-customer')),
    };
  }
  if (signed || releasedWithoutScope(sheet)) return removalMove(sheet);
  const open = scope.items.find((i) => i.standing === 'open');
  const undisclosed = scope.disclosures.find((d) => !d.signature);
  const gates = scopeGates(sheet).map(overridesOf(sheet, 'scope'));
  const held = (id: string): boolean => gates.some((g) => g.id === id && !passes(g));
  if (held('survey-signed'))
    return {
      kind: 'not-proven',
      say: tell('job.finish-and-sign-survey-first'),
      because: tell('job.scope-follows-from-what-is-there'),
      button: go('survey', tell('job.go-to-survey')),
    };
  if (held('new-unit'))
    return {
      kind: 'now',
      say: hasCircuit(sheet) ? tell('job.choose-new-equipment') : tell('job.choose-new-furnace'),
      because: hasCircuit(sheet)
        ? tell('job.refrigerant-metering-wires-and-sizes-follow')
        : tell('job.wires-weight-and-whether-it-fits'),
    };
  if (held('items-decided') && open)
    return {
      kind: 'now',
      say: tell('job.decide', { say: lower(open.say) }),
      because: open.reason,
      button: go(`scope#item-${open.id}`, tell('job.show-it')),
    };
  // A customer who is not there to sign the scope is not there to read a disclosure either: it holds the hand-over.
  if (undisclosed && !gates.some((g) => g.id === 'customer-agreed' && g.override))
    return {
      kind: 'now',
      say: tell('job.stays-let-customer-sign-disclosure', { part: undisclosed.part }),
      because: tell('job.kept-part-is-known-risk-unsigned'),
      button: customer(`disclosure:${undisclosed.id}`, tell('job.read-and-sign')),
    };
  if (held('customer-agreed'))
    return {
      kind: 'now',
      say: tell('job.let-customer-read-and-sign-scope'),
      because: tell('job.items-without-equipment', {
        count: scope.items.filter((i) => i.standing === 'in').length,
        hours: q(scope.total.hours, 'h'),
        price: q(scope.total.price, 'money'),
      }),
      button: customer('scope', tell('job.customer-signs')),
    };
  const empty = emptyFits(sheet);
  return {
    kind: empty.length ? 'look-again' : 'now',
    say: empty.length
      ? tell('job.sign-scope-with-fit-not-measured', {
          count: empty.length,
          count2: value(empty.length === 1 ? 'sheet' : 'sheets'),
        })
      : tell('job.sign-scope'),
    because: empty.length
      ? tell('job.nobody-measured-whether-it-fits-there', { value: list(empty.map((k) => lower(FIT_WORDS[k]))) })
      : tell('job.it-freezes-what-was-found-chosen'),
    button: sign(tell('job.sign-scope-2')),
  };
}

/** A lead let the removal go before the scope was signed, and it is not released yet. */
const releasedWithoutScope = (sheet: JobSheet): boolean =>
  sheet.removal === null && removalGates(sheet).some((g) => g.id === 'scope-signed' && g.override !== undefined);

function removalMove(sheet: JobSheet): Move {
  if (sheet.removal)
    return {
      kind: 'good',
      say: tell('job.removal-released'),
      because: tell('job.released-it-fact-found-later-changes', { by: sheet.removal.by }),
      button: hasCircuit(sheet)
        ? go('recover', tell('job.go-to-recover'))
        : go('hand-over', tell('job.go-to-hand-over')),
    };
  const held = removalGates(sheet).find((g) => !passes(g));
  if (held?.id === 'no-hazard-stop')
    return {
      kind: 'stop',
      say: tell('job.nothing-is-taken-out-while-this'),
      because: held.say,
      button: go('survey/ducts', tell('job.show-place')),
    };
  if (held?.id === 'no-fit-stop')
    return {
      kind: 'stop',
      say: tell('job.nothing-is-taken-out-while-new'),
      because: held.say,
      button: go('fit', tell('job.show-fit-sheets')),
    };
  if (held?.id === 'before-list')
    return {
      kind: 'now',
      say: tell('job.take-pictures-before-anything-is-taken'),
      because: tell('job.say', { say: held.say }),
      button: go('survey/before', tell('job.take-pictures')),
    };
  return {
    kind: 'now',
    say: releasedWithoutScope(sheet)
      ? tell('job.release-removal-without-signed-scope')
      : tell('job.scope-signed-release-removal'),
    because: tell('job.pictures-are-there-and-no-hazard'),
    button: { label: tell('job.release-removal'), action: { kind: 'release-removal' } },
  };
}

/** The walk's next place from this one; after the last come the pictures before dismantling. */
export function placeAfter(survey: SurveyView, place: Place): Place | 'before' {
  const stations = survey.places.filter((p) => p.applies).map((p) => p.place);
  return stations[stations.indexOf(place) + 1] ?? 'before';
}

/** The survey's next move as seen from one place: where everything here is answered, on to the next place. */
export function surveyMoveAt(sheet: JobSheet, place: Place | 'before'): Move {
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
