import { FIT_WORDS } from '@/core/fit/sheets';
import { PLACE_WORDS, type Place } from '@/core/scope/survey/fact';
import { factsAt } from '@/core/scope/survey/facts';
import { money, moneyChange } from '@/core/units/money';
import { hasCircuit, type SurveyView, scopeOf, surveyOf } from './before';
import { emptyFits, removalGates, scopeGates, surveyGates } from './before-gates';
import { passes, withOverrides } from './gates';
import { type Button, go, type Move } from './move';
import type { JobSheet } from './sheet';

const sign = (label: string): Button => ({ label, action: { kind: 'sign' } });
const customer = (subject: string, label: string): Button => ({ label, action: { kind: 'customer', subject } });

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
      button: go(`survey/${stop.place}#${stop.id}`, 'Show the place'),
    };
  const signed = sheet.signOffs.find((s) => s.phase === 'survey');
  const [first] = survey.neverAsked;
  const gates = surveyGates(sheet).map(overridesOf(sheet, 'survey'));
  if (signed)
    return {
      kind: 'good',
      say: 'Survey signed. Go on to the scope.',
      because: `${signed.by} signed it. What is found later is added here and changes the scope.`,
      button: go('scope', 'Go to scope'),
    };
  const past = gates.find((g) => g.override);
  if (past && gates.every(passes))
    return {
      kind: 'now',
      say: 'Sign the survey, with unanswered questions.',
      because: `${past.override!.by}: ${past.override!.reason}`,
      button: sign('Sign the survey'),
    };
  if (first) {
    const more = survey.neverAsked.length - 1;
    return {
      kind: 'now',
      say: `Find out: ${first.label.charAt(0).toLowerCase()}${first.label.slice(1)}.`,
      because: `${first.why}${more ? ` ${more} more not asked; this one decides most.` : ''}`,
      button: go(`survey/${first.place}#${first.key}`, PLACE_WORDS[first.place]),
    };
  }
  const held = gates.find((g) => !passes(g));
  if (held) return { kind: 'not-proven', say: `Held: ${held.asks}.`, because: held.say };
  const [blind] = survey.unknowns;
  return {
    kind: 'now',
    say: 'Everything is asked. Sign the survey.',
    because: blind
      ? `${survey.unknowns.length} not seen; the one that matters most: ${blind.label.toLowerCase()}. ${blind.why}`
      : 'Nothing is left unknown.',
    button: sign('Sign the survey'),
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
      say: `The scope changed: ${delta.added.length} new, ${delta.removed.length} gone, ${delta.changed.length} altered.`,
      because: `${delta.hours >= 0 ? '+' : '−'}${Math.abs(delta.hours).toFixed(1)} h, ${moneyChange(delta.price)}. The customer says yes or no before it is done.`,
      button: customer('change', 'Ask the customer'),
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
      say: 'Finish and sign the survey first.',
      because: 'The scope follows from what is there.',
      button: go('survey', 'Go to survey'),
    };
  if (held('new-unit'))
    return {
      kind: 'now',
      say: hasCircuit(sheet) ? 'Choose the new equipment.' : 'Choose the new furnace.',
      because: hasCircuit(sheet)
        ? 'Refrigerant, metering, wires and sizes follow from it.'
        : 'Wires, weight and whether it fits follow from it.',
    };
  if (held('items-decided') && open)
    return {
      kind: 'now',
      say: `Decide: ${open.say.charAt(0).toLowerCase()}${open.say.slice(1)}.`,
      because: open.reason,
      button: go(`scope#item-${open.id}`, 'Show it'),
    };
  // A customer who is not there to sign the scope is not there to read a disclosure either: it holds the hand-over.
  if (undisclosed && !gates.some((g) => g.id === 'customer-agreed' && g.override))
    return {
      kind: 'now',
      say: `${undisclosed.part} stays: let the customer sign the disclosure.`,
      because: 'A kept part is a known risk; unsigned it holds the hand-over.',
      button: customer(`disclosure:${undisclosed.id}`, 'Read and sign'),
    };
  if (held('customer-agreed'))
    return {
      kind: 'now',
      say: 'Let the customer read and sign the scope.',
      because: `${scope.items.filter((i) => i.standing === 'in').length} items, ${scope.total.hours.toFixed(1)} h, ${money(scope.total.price)} without equipment.`,
      button: customer('scope', 'Customer signs'),
    };
  const empty = emptyFits(sheet);
  return {
    kind: empty.length ? 'look-again' : 'now',
    say: empty.length
      ? `Sign the scope, with ${empty.length} fit ${empty.length === 1 ? 'sheet' : 'sheets'} not measured.`
      : 'Sign the scope.',
    because: empty.length
      ? `Nobody measured: ${empty.map((k) => FIT_WORDS[k].toLowerCase()).join(', ')}. Whether it fits there is not proven.`
      : 'It freezes what was found, chosen and agreed.',
    button: sign('Sign the scope'),
  };
}

/** A lead let the removal go before the scope was signed, and it is not released yet. */
const releasedWithoutScope = (sheet: JobSheet): boolean =>
  sheet.removal === null && removalGates(sheet).some((g) => g.id === 'scope-signed' && g.override !== undefined);

function removalMove(sheet: JobSheet): Move {
  if (sheet.removal)
    return {
      kind: 'good',
      say: 'Removal released.',
      because: `${sheet.removal.by} released it. A fact found later changes the scope; answer it in the survey.`,
      button: hasCircuit(sheet) ? go('recover', 'Go to recover') : go('hand-over', 'Go to hand-over'),
    };
  const held = removalGates(sheet).find((g) => !passes(g));
  if (held?.id === 'no-hazard-stop')
    return {
      kind: 'stop',
      say: 'Nothing is taken out while this stands.',
      because: held.say,
      button: go('survey/ducts', 'Show the place'),
    };
  if (held?.id === 'no-fit-stop')
    return {
      kind: 'stop',
      say: 'Nothing is taken out while the new one does not fit.',
      because: held.say,
      button: go('fit', 'Show the fit sheets'),
    };
  if (held?.id === 'before-list')
    return {
      kind: 'now',
      say: 'Take the pictures before anything is taken apart.',
      because: `${held.say}.`,
      button: go('survey/before', 'Take pictures'),
    };
  return {
    kind: 'now',
    say: releasedWithoutScope(sheet)
      ? 'Release the removal, without a signed scope.'
      : 'Scope signed. Release the removal.',
    because: 'Pictures are there and no hazard stands. Lock out and prove dead before anything is cut.',
    button: { label: 'Release the removal', action: { kind: 'release-removal' } },
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
      say: `Done here. Go on: ${next === 'before' ? 'before dismantling' : PLACE_WORDS[next].toLowerCase()}.`,
      because: move.say,
      button: go(`survey/${next}`, 'Next place'),
    };
  }
  return button.action.to.startsWith(`survey/${place}`) ? { ...move, button: { ...button, label: 'Show it' } } : move;
}
