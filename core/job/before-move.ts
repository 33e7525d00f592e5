import type { Verdict } from '@/core/finding/finding';
import { FIT_WORDS } from '@/core/fit/sheets';
import { PLACE_WORDS } from '@/core/scope/survey/fact';
import { money, moneyChange } from '@/core/units/money';
import { hasCircuit, scopeOf, surveyOf } from './before';
import { emptyFits, removalGates, scopeGates, surveyGates } from './before-gates';
import { passes, withOverrides } from './gates';
import type { JobSheet } from './sheet';

/** The next move of a phase before the work: one sentence, why, and where its button leads. */
export type BeforeMove = {
  kind: Verdict | 'now';
  say: string;
  because: string;
  action:
    | { kind: 'go'; to: string; label: string }
    | { kind: 'sign'; label: string }
    | { kind: 'customer'; label: string }
    | { kind: 'answer-change'; label: string }
    | { kind: 'disclose'; id: string; label: string }
    | { kind: 'remove'; label: string }
    | { kind: 'none' };
};

const overridesOf = (sheet: JobSheet, phase: string) => withOverrides(sheet.overrides.filter((o) => o.phase === phase));

/** What the lead does next in the survey: a hazard first, then the question that decides most. */
export function surveyMove(sheet: JobSheet): BeforeMove {
  const survey = surveyOf(sheet);
  const [stop] = survey.stops;
  if (stop)
    return {
      kind: 'stop',
      say: stop.say,
      because: stop.act,
      action: { kind: 'go', to: `survey/${stop.place}#${stop.id}`, label: 'Show the place' },
    };
  const signed = sheet.signOffs.find((s) => s.phase === 'survey');
  const [first] = survey.neverAsked;
  const gates = surveyGates(sheet).map(overridesOf(sheet, 'survey'));
  if (signed)
    return {
      kind: 'good',
      say: 'Survey signed. Go on to the scope.',
      because: `${signed.by} signed it. What is found later is added here and changes the scope.`,
      action: { kind: 'go', to: 'scope', label: 'Go to scope' },
    };
  const past = gates.find((g) => g.override);
  if (past && gates.every(passes))
    return {
      kind: 'now',
      say: 'Sign the survey, with unanswered questions.',
      because: `${past.override!.by}: ${past.override!.reason}`,
      action: { kind: 'sign', label: 'Sign the survey' },
    };
  if (first) {
    const more = survey.neverAsked.length - 1;
    return {
      kind: 'now',
      say: `Find out: ${first.label.charAt(0).toLowerCase()}${first.label.slice(1)}.`,
      because: `${first.why}${more ? ` ${more} more not asked; this one decides most.` : ''}`,
      action: { kind: 'go', to: `survey/${first.place}#${first.key}`, label: PLACE_WORDS[first.place] },
    };
  }
  const held = gates.find((g) => !passes(g));
  if (held) return { kind: 'not-proven', say: `Held: ${held.asks}.`, because: held.say, action: { kind: 'none' } };
  const [blind] = survey.unknowns;
  return {
    kind: 'now',
    say: 'Everything is asked. Sign the survey.',
    because: blind
      ? `${survey.unknowns.length} not seen; the one that matters most: ${blind.label.toLowerCase()}. ${blind.why}`
      : 'Nothing is left unknown.',
    action: { kind: 'sign', label: 'Sign the survey' },
  };
}

/** What comes next in the scope: choose, decide, disclose, let the customer sign, sign; later the change, then the removal. */
export function scopeMove(sheet: JobSheet): BeforeMove {
  const scope = scopeOf(sheet);
  const signed = sheet.signOffs.some((s) => s.phase === 'scope');
  if (scope.agreed && scope.change) {
    const { delta } = scope.change;
    return {
      kind: 'look-again',
      say: `The scope changed: ${delta.added.length} new, ${delta.removed.length} gone, ${delta.changed.length} altered.`,
      because: `${delta.hours >= 0 ? '+' : '−'}${Math.abs(delta.hours).toFixed(1)} h, ${moneyChange(delta.price)}. The customer says yes or no before it is done.`,
      action: { kind: 'answer-change', label: 'Ask the customer' },
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
      action: { kind: 'go', to: 'survey', label: 'Go to survey' },
    };
  if (held('new-unit'))
    return {
      kind: 'now',
      say: hasCircuit(sheet) ? 'Choose the new equipment.' : 'Choose the new furnace.',
      because: hasCircuit(sheet)
        ? 'Refrigerant, metering, wires and sizes follow from it.'
        : 'Wires, weight and whether it fits follow from it.',
      action: { kind: 'none' },
    };
  if (held('items-decided') && open)
    return {
      kind: 'now',
      say: `Decide: ${open.say.charAt(0).toLowerCase()}${open.say.slice(1)}.`,
      because: open.reason,
      action: { kind: 'go', to: `scope#item-${open.id}`, label: 'Show it' },
    };
  // A customer who is not there to sign the scope is not there to read a disclosure either: it holds the hand-over.
  if (undisclosed && !gates.some((g) => g.id === 'customer-agreed' && g.override))
    return {
      kind: 'now',
      say: `${undisclosed.part} stays: let the customer sign the disclosure.`,
      because: 'A kept part is a known risk; unsigned it holds the hand-over.',
      action: { kind: 'disclose', id: undisclosed.id, label: 'Read and sign' },
    };
  if (held('customer-agreed'))
    return {
      kind: 'now',
      say: 'Let the customer read and sign the scope.',
      because: `${scope.items.filter((i) => i.standing === 'in').length} items, ${scope.total.hours.toFixed(1)} h, ${money(scope.total.price)} without equipment.`,
      action: { kind: 'customer', label: 'Customer signs' },
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
    action: { kind: 'sign', label: 'Sign the scope' },
  };
}

/** A lead let the removal go before the scope was signed, and it is not released yet. */
const releasedWithoutScope = (sheet: JobSheet): boolean =>
  sheet.removal === null && removalGates(sheet).some((g) => g.id === 'scope-signed' && g.override !== undefined);

function removalMove(sheet: JobSheet): BeforeMove {
  if (sheet.removal)
    return {
      kind: 'good',
      say: 'Removal released.',
      because: `${sheet.removal.by} released it. A fact found later changes the scope; answer it in the survey.`,
      action: !hasCircuit(sheet)
        ? { kind: 'go', to: 'hand-over', label: 'Go to hand-over' }
        : { kind: 'go', to: 'recover', label: 'Go to recover' },
    };
  const held = removalGates(sheet).find((g) => !passes(g));
  if (held?.id === 'no-hazard-stop')
    return {
      kind: 'stop',
      say: 'Nothing is taken out while this stands.',
      because: held.say,
      action: { kind: 'go', to: 'survey/ducts', label: 'Show the place' },
    };
  if (held?.id === 'no-fit-stop')
    return {
      kind: 'stop',
      say: 'Nothing is taken out while the new one does not fit.',
      because: held.say,
      action: { kind: 'go', to: 'fit', label: 'Show the fit sheets' },
    };
  if (held?.id === 'before-list')
    return {
      kind: 'now',
      say: 'Take the pictures before anything is taken apart.',
      because: `${held.say}.`,
      action: { kind: 'go', to: 'survey/before', label: 'Take pictures' },
    };
  return {
    kind: 'now',
    say: releasedWithoutScope(sheet)
      ? 'Release the removal, without a signed scope.'
      : 'Scope signed. Release the removal.',
    because: 'Pictures are there and no hazard stands. Lock out and prove dead before anything is cut.',
    action: { kind: 'remove', label: 'Release the removal' },
  };
}
