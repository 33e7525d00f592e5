import { FIT_WORDS, type FitKind, type FitSheet, judgeFit } from '@/core/fit/sheets';
import { fitKindsFor } from '@/core/scope/fit-start';
import { PLACE_WORDS } from '@/core/scope/survey/fact';
import { knownFacts } from '@/core/scope/survey/survey';
import { beganWithSurvey, fitContextOf, hasCircuit, scopeOf, surveyOf } from './before';
import { type Gate, gate, withOverrides } from './gates';
import type { JobSheet } from './sheet';

/** Never overridable: a hazard that stops the work. */
function hazardGate(sheet: JobSheet): Gate {
  const [stop] = surveyOf(sheet).stops;
  return gate(
    'no-hazard-stop',
    'no hazard that stops the work',
    !stop,
    stop ? `${stop.say} ${stop.act}` : 'None found',
    false,
  );
}

/** What must hold before the survey is signed: nothing left unasked. "Not seen" is an answer. */
export function surveyGates(sheet: JobSheet): Gate[] {
  const survey = surveyOf(sheet);
  const open = survey.neverAsked;
  const places = [...new Set(open.map((f) => PLACE_WORDS[f.place]))];
  return [
    gate(
      'system-type',
      'what kind of system',
      survey.systemType !== undefined,
      survey.systemType ? 'Known' : 'Nobody said what kind of system it is',
      false,
    ),
    gate(
      'survey-asked',
      'every question answered or marked not seen',
      open.length === 0,
      open.length
        ? `${open.length} not asked: ${places.slice(0, 3).join(', ')}${places.length > 3 ? ' …' : ''}`
        : 'All asked',
    ),
  ];
}

export function scopeGates(sheet: JobSheet): Gate[] {
  const scope = scopeOf(sheet);
  const signed = sheet.signOffs.some((s) => s.phase === 'survey');
  const open = scope.items.filter((i) => i.standing === 'open');
  const current = scope.agreed !== undefined && scope.change === undefined;
  return [
    gate('survey-signed', 'a signed survey', signed, signed ? 'Survey signed' : 'Sign the survey first'),
    gate(
      'new-unit',
      'the new equipment chosen',
      sheet.scope.outdoor !== null || sheet.scope.indoor !== null,
      sheet.scope.outdoor
        ? `${sheet.scope.outdoor.maker} ${sheet.scope.outdoor.model}`
        : sheet.scope.indoor
          ? `${sheet.scope.indoor.maker} ${sheet.scope.indoor.model}`
          : 'Choose the new unit from the library',
      false,
    ),
    gate(
      'items-decided',
      'every should decided',
      open.length === 0,
      open.length ? `${open.length} to decide, first: ${open[0]!.say}` : 'All decided',
    ),
    gate(
      'customer-agreed',
      'the customer’s signature under this scope',
      current,
      current
        ? `Signed by ${scope.agreed!.customer}`
        : scope.agreed
          ? 'The scope changed after it was signed'
          : 'Not signed by the customer yet',
    ),
  ];
}

/** Never overridable: what does not fit by a stop of its sheet is not begun. */
function fitStopGate(sheet: JobSheet): Gate {
  const context = fitContextOf(sheet);
  const stops = Object.values(sheet.fits).flatMap((fit) =>
    judgeFit(fit as FitSheet, context)
      .filter((c) => c.verdict === 'stop')
      .map((c) => ({ kind: (fit as FitSheet).kind, check: c })),
  );
  const [first] = stops;
  return gate(
    'no-fit-stop',
    'no fit sheet that stops the work',
    !first,
    first ? `${FIT_WORDS[first.kind]}: ${first.check.claim}` : 'None stops',
    false,
  );
}

/** Fit sheets that this kind of system needs and nobody has filled in. */
export const emptyFits = (sheet: JobSheet): FitKind[] =>
  fitKindsFor(knownFacts(sheet.survey.observations)).filter((kind) => sheet.fits[kind] === undefined);

/** What must hold before anything is taken out. */
export function removalGates(sheet: JobSheet): Gate[] {
  const { beforeMissing } = surveyOf(sheet);
  const signed = sheet.signOffs.some((s) => s.phase === 'scope');
  return [
    hazardGate(sheet),
    fitStopGate(sheet),
    gate('scope-signed', 'a signed scope', signed, signed ? 'Scope signed' : 'Sign the scope first'),
    gate(
      'before-list',
      'pictures before dismantling, taken or waived',
      beforeMissing.length === 0,
      beforeMissing.length ? `Missing: ${beforeMissing.map((b) => b.label.toLowerCase()).join(', ')}` : 'All there',
      false,
    ),
  ].map(withOverrides(sheet.overrides.filter((o) => o.phase === 'recover')));
}

/** What a survey adds to the gates of the later phases; nothing on a job that has none. */
export function laterGates(sheet: JobSheet, phase: 'charge' | 'start-up' | 'hand-over'): Gate[] {
  if (!beganWithSurvey(sheet)) return [];
  const hazard = hazardGate(sheet);
  if (phase !== 'hand-over') return hazard.holds ? [] : [hazard];
  const scope = scopeOf(sheet);
  const unsigned = scope.disclosures.filter((d) => !d.signature);
  const declined = scope.items.filter((i) => i.level === 'must' && i.standing === 'out');
  const scopeSigned = sheet.signOffs.some((s) => s.phase === 'scope');
  return [
    ...(hazard.holds ? [] : [hazard]),
    ...(hasCircuit(sheet)
      ? []
      : [gate('scope-signed', 'a signed scope', scopeSigned, scopeSigned ? 'Scope signed' : 'Sign the scope first')]),
    gate(
      'disclosures',
      'a signed disclosure for every kept part',
      unsigned.length === 0,
      unsigned.length
        ? `Not signed: ${unsigned.map((d) => d.part.toLowerCase()).join(', ')}`
        : scope.disclosures.length
          ? 'All signed'
          : 'Nothing is kept',
    ),
    gate(
      'change-answered',
      'the customer’s answer to every change',
      scope.change === undefined,
      scope.change ? 'A change found on the day is not answered' : 'Nothing open',
    ),
    gate(
      'musts-in',
      'every must done',
      declined.length === 0,
      declined.length ? `Declined: ${declined[0]!.say}` : 'None declined',
    ),
  ];
}
