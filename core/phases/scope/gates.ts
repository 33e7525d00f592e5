import { EQUIPMENT_KIND_WORDS as PIECE_WORDS } from '@/core/equipment/library-item';
import { FIT_WORDS, type FitKind, type FitSheet, judgeFit } from '@/core/fit/sheets';
import { type Gate, gate, withOverrides } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { isSigned, type SheetWith } from '@/core/job/sheet';
import { overridesIn } from '@/core/phases/phase';
import { tell } from '@/core/phases/scope/words';
import { hazardGate } from '@/core/phases/survey/gates';
import { type Begun, beganWithSurvey, hasCircuit, surveyOf } from '@/core/phases/survey/view';
import { fitKindsFor } from '@/core/scope/fit-start';
import { knownFacts } from '@/core/scope/survey/survey';
import { list, lower, typed } from '@/core/words/said';
import { goGate } from './go';
import { fitContextOf, modelsOf, newPieces, scopeOf } from './view';

export function scopeGates(sheet: SheetWith<'fits' | 'scope' | 'scopeSchools' | 'signOffs' | 'survey'>): Gate[] {
  const scope = scopeOf(sheet);
  const signed = sheet.signOffs.some((s) => s.phase === 'survey');
  const open = scope.items.filter((i) => i.standing === 'open');
  const pieces = newPieces(sheet);
  const picked = modelsOf(pieces);
  const current = scope.agreed !== undefined && scope.change === undefined;
  return [
    gate(
      'survey-signed',
      tell('job.signed-survey'),
      signed,
      signed ? tell('job.survey-signed') : tell('job.sign-survey-first'),
    ),
    gate(
      'new-unit',
      tell('job.new-equipment-chosen'),
      pieces.missing.length === 0,
      pieces.missing.length === 0
        ? typed(picked.join(', '))
        : picked.length === 0
          ? tell('job.choose-new-unit-from-library')
          : tell('job.still-to-choose', { pieces: list(pieces.missing.map((p) => lower(PIECE_WORDS[p]))) }),
      false,
    ),
    gate(
      'items-decided',
      tell('job.every-should-decided'),
      open.length === 0,
      open.length ? tell('job.to-decide-first', { count: open.length, say: open[0]!.say }) : tell('job.all-decided'),
    ),
    gate(
      'customer-agreed',
      tell('job.customers-signature-under-this-scope'),
      current,
      current
        ? tell('job.signed-by', { customer: scope.agreed!.customer })
        : scope.agreed
          ? tell('job.scope-changed-after-it-was-signed')
          : tell('job.not-signed-by-customer-yet'),
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
    tell('job.no-fit-sheet-that-stops-work'),
    !first,
    first
      ? tell('job.fit_words-claim', { fitWords: FIT_WORDS[first.kind], claim: first.check.claim })
      : tell('job.none-stops'),
    false,
  );
}

/** Fit sheets that this kind of system needs and nobody has filled in. */
export const emptyFits = (sheet: SheetWith<'fits' | 'survey'>): FitKind[] =>
  fitKindsFor(knownFacts(sheet.survey.observations)).filter((kind) => sheet.fits[kind] === undefined);

function scopeSignedGate(sheet: SheetWith<'signOffs'>): Gate {
  const signed = isSigned(sheet, 'scope');
  return gate(
    'scope-signed',
    tell('job.signed-scope'),
    signed,
    signed ? tell('job.scope-signed') : tell('job.sign-scope-first'),
  );
}

/** What must hold before anything is taken out. */
export function removalGates(sheet: JobSheet): Gate[] {
  const { beforeMissing } = surveyOf(sheet);
  return [
    hazardGate(sheet),
    fitStopGate(sheet),
    scopeSignedGate(sheet),
    gate(
      'before-list',
      tell('job.pictures-before-dismantling-taken-or-waived'),
      beforeMissing.length === 0,
      beforeMissing.length
        ? tell('job.missing', { value: list(beforeMissing.map((b) => lower(b.label))) })
        : tell('job.all-there'),
      false,
    ),
    goGate(sheet),
  ].map(withOverrides(overridesIn({ id: 'recover' }, sheet)));
}

/** What was agreed before the work, as the hand-over asks for it; nothing on a job without a survey. */
export function agreedGates(
  sheet: SheetWith<Begun | 'fits' | 'scope' | 'scopeSchools' | 'signOffs' | 'survey'>,
): Gate[] {
  if (!beganWithSurvey(sheet)) return [];
  const scope = scopeOf(sheet);
  const unsigned = scope.disclosures.filter((d) => !d.signature);
  const declined = scope.items.filter((i) => i.level === 'must' && i.standing === 'out');
  return [
    ...(hasCircuit(sheet) ? [] : [scopeSignedGate(sheet)]),
    gate(
      'disclosures',
      tell('job.signed-disclosure-for-every-kept-part'),
      unsigned.length === 0,
      unsigned.length
        ? tell('job.not-signed', { value: list(unsigned.map((d) => lower(d.part))) })
        : scope.disclosures.length
          ? tell('job.all-signed')
          : tell('job.nothing-is-kept'),
    ),
    gate(
      'change-answered',
      tell('job.customers-answer-to-every-change'),
      scope.change === undefined,
      scope.change ? tell('job.change-found-on-day-is-not') : tell('job.nothing-open'),
    ),
    gate(
      'musts-in',
      tell('job.every-must-done'),
      declined.length === 0,
      declined.length
        ? tell('job.declined', { say: declined[0]!.say })
        : sheet.scope.decisions.length
          ? tell('job.none-declined')
          : tell('job.nothing-decided'),
    ),
  ];
}
