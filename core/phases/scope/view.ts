import type { LibraryItem } from '@/core/equipment/library-item';
import type { LineFound } from '@/core/equipment/plate-from-library';
import type { FitContext } from '@/core/fit/sheets';
import type { CustomerSignature, SheetWith, SignedTerms } from '@/core/job/sheet';
import { onceFor } from '@/core/numeric/once-for';
import { type Priced, pricedOf } from '@/core/phases/scope/offer/priced';
import { tell } from '@/core/phases/scope/words';
import { type Begun, beganWithSurvey } from '@/core/phases/survey/view';
import { type Chosen, chosenOf } from '@/core/scope/chosen';
import { type Disclosure, disclosuresOf, disclosureText } from '@/core/scope/disclosure';
import { signsOf } from '@/core/scope/fit-signs';
import { type GetLine, getList } from '@/core/scope/get-list';
import type { ScopeItem } from '@/core/scope/item';
import { keptParts } from '@/core/scope/kept-parts';
import type { ScopeSchools } from '@/core/scope/schools';
import {
  type DecidedItem,
  decideItems,
  isEmptyDelta,
  replacedParts,
  type ScopeDelta,
  type ScopeTotal,
  scopeDelta,
  scopeItems,
  totalOf,
} from '@/core/scope/scope';
import type { ScopeInput } from '@/core/scope/scope-input';
import { beforeSubject } from '@/core/scope/survey/before-dismantling';
import { numberOf } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { list, q, type Said, sameSaid } from '@/core/words/said';

export { beforeSubject };

/**
 * Whether the old line set stays, by the scope as it stands: not when something in it puts a new one in its place, whatever
 * was chosen first. Undefined on a job without a survey: nobody said.
 */
export function lineKept(sheet: SheetWith<Begun | 'fits' | 'scope' | 'scopeSchools' | 'survey'>): boolean | undefined {
  if (!beganWithSurvey(sheet)) return undefined;
  const input = scopeInputOf(sheet);
  return input.choice.keepLineSet && !replacedParts(scopeItems(input), input.decided).has('line-set');
}

/** The line set that stays, as surveyed: what the new unit's charge needs. A new one is measured when it lies. */
export function lineFoundOf(sheet: SheetWith<Begun | 'fits' | 'scope' | 'scopeSchools' | 'survey'>): LineFound {
  const known = knownFacts(sheet.survey.observations);
  if (!lineKept(sheet)) return {};
  const size = (v: unknown): number | undefined => (typeof v === 'string' ? Number(v) : undefined);
  return {
    liquidLineOdIn: size(known.liquidOdIn),
    vaporLineOdIn: size(known.vaporOdIn),
    lineLengthFt: numberOf(known, 'lineLengthFt'),
  };
}

/** The new pieces of this system, as they are picked. */
export const newPieces = (sheet: SheetWith<'scope' | 'survey'>): Chosen<LibraryItem> =>
  chosenOf(knownFacts(sheet.survey.observations), sheet.scope);

type NewOnes = Pick<ScopeInput, 'outdoor' | 'indoor' | 'furnace' | 'heaterKit' | 'thermostat'>;
/** What is new, by maker and model. */
export const modelsOf = ({ outdoor, indoor, furnace, heaterKit, thermostat }: NewOnes): string[] =>
  [...new Set([outdoor, indoor, furnace, heaterKit, thermostat])].flatMap((u) => (u ? [`${u.maker} ${u.model}`] : []));

type ScopeSheet = SheetWith<'fits' | 'scope' | 'scopeSchools' | 'survey'>;
const ofScope = ({ scope, survey, fits, scopeSchools }: ScopeSheet): [object, ...object[]] => [
  scope,
  survey,
  fits,
  scopeSchools,
];

export const scopeInputOf = onceFor(ofScope, inputOf);

function inputOf(sheet: ScopeSheet): ScopeInput {
  const known = knownFacts(sheet.survey.observations);
  const { choice, outdoor, indoor, furnace, heaterKit, thermostat } = chosenOf(known, sheet.scope);
  return {
    known,
    choice,
    outdoor,
    indoor,
    furnace,
    heaterKit,
    thermostat,
    pairListed: (outdoor && indoor ? sheet.scope.pairListed : null) ?? undefined,
    patterns: sheet.survey.patterns,
    signs: signsOf(sheet.fits),
    lines: sheet.scope.lines,
    schools: sheet.scopeSchools,
    decided: new Map(sheet.scope.decisions.map((d) => [d.itemId, d.decision])),
  };
}

/** What the fit sheets are judged in: the site, the ducts, the stand that the scope chose. */
export function fitContextOf(sheet: SheetWith<'fits' | 'scope' | 'site' | 'survey'>): FitContext {
  return {
    elevationFt: sheet.site.elevationFt,
    ductTons: signsOf(sheet.fits).ductTons,
    standIn: sheet.scope.choice.standIn,
    narrowestIn: numberOf(knownFacts(sheet.survey.observations), 'narrowestIn'),
  };
}

export type DisclosureView = Disclosure & {
  text: Said;
  signature: CustomerSignature | undefined;
};

export type ScopeView = {
  input: ScopeInput;
  items: DecidedItem[];
  total: ScopeTotal;
  /** What it is sold for with its equipment. */
  offer: Priced;
  disclosures: DisclosureView[];
  /** The work in words: every item that is in, the total, what was declined; the customer signs under these and the other options. */
  text: Said;
  /** The newest yes to the whole scope, whatever changed since. */
  agreed: CustomerSignature | undefined;
  /** What changed since the customer last answered; undefined when nothing did, or nothing was agreed yet. */
  change: { delta: ScopeDelta; text: Said } | undefined;
  answers: CustomerSignature[];
  /** What must be bought or made for it. */
  get: GetLine[];
};

/** The scope as it stands: items as decided, price, what the customer agreed to and what changed since. */
export const scopeOf = onceFor(ofScope, makeView);

function makeView(sheet: ScopeSheet): ScopeView {
  const input = scopeInputOf(sheet);
  const labour = sheet.scopeSchools.labourPerHour;
  const raw = scopeItems(input);
  const items = decideItems(raw, sheet.scope.decisions);
  const total = totalOf(items, labour);
  const { signatures } = sheet.scope;
  const answers = signatures.filter((s) => s.subject === 'scope' || s.subject === 'change');
  const agreed = answers.find((s) => s.subject === 'scope' && s.answer === 'yes');
  const last = answers.at(-1);
  const offer = pricedOf(inside(items), input);
  const delta = agreed && last?.items ? scopeDelta(last.items, raw, labour) : undefined;
  return {
    input,
    items,
    total,
    offer,
    disclosures: keptOf(input, raw, items).map((d) => {
      const text = disclosureText(d);
      return {
        ...d,
        text,
        signature: signatures.find((s) => s.subject === `disclosure:${d.id}` && sameSaid(s.said ?? undefined, text)),
      };
    }),
    text: scopeText(items, total, labour, input, offer),
    agreed,
    change: delta && !isEmptyDelta(delta) ? { delta, text: changeText(delta, sheet.scopeSchools) } : undefined,
    answers,
    get: getList({ ...input, items, fits: sheet.fits }),
  };
}

/** Every part that stays, each told and signed for: coil and line set by themselves, all else on one sheet. */
function keptOf(input: ScopeInput, raw: readonly ScopeItem[], items: readonly DecidedItem[]): Disclosure[] {
  const inScope = (id: string): boolean => items.some((i) => i.id === id && i.standing === 'in');
  const rest = keptParts(input, inScope);
  return [...disclosuresOf(input, replacedParts(raw, input.decided)), ...(rest ? [rest] : [])];
}

/** The words of the scope: the new equipment by name, what is done, what was declined, the sum. */
export function scopeText(
  items: readonly DecidedItem[],
  total: ScopeTotal,
  labourPerHour: number,
  pieces: NewOnes,
  offer?: Priced,
): Said {
  const models = modelsOf(pieces);
  const lines = (standing: DecidedItem['standing']): Said[] =>
    items.filter((i) => i.standing === standing).map((i) => tell('job.line-in', { say: i.say }));
  const declined = items
    .filter((i) => i.decision?.decision === 'out')
    .map((i) => tell('job.declined-3', { say: i.say, reason: i.decision?.reason ?? tell('job.no-reason-given') }));
  return lined([
    ...(models.length ? [tell('job.new-equipment-named', { models: list(models) })] : []),
    tell('job.work-agreed'),
    ...lines('in'),
    ...(declined.length ? [tell('job.offered-and-declined-2'), ...declined] : []),
    tell('job.estimate-hours-at-in-all-equipment', {
      hours: q(total.hours, 'number', 1),
      labourPerHour: q(labourPerHour, 'money'),
      price: q(total.price, 'money'),
    }),
    ...offerLines(offer),
  ]);
}

/** Equipment, tax, total and deposit, where every piece has its price: a total without one would be none. */
function offerLines(offer: Priced | undefined): Said[] {
  if (!offer || offer.unpriced.length > 0 || offer.equipment === 0) return [];
  const { tax, total, deposit, rest } = offer.price;
  return [
    tell('offer.equipment-line', { equipment: q(offer.equipment, 'cents') }),
    ...(tax > 0 ? [tell('offer.tax-line', { tax: q(tax, 'cents') })] : []),
    tell('offer.total-line', { total: q(total, 'cents') }),
    ...(deposit > 0 ? [tell('offer.deposit-line', { deposit: q(deposit, 'cents'), rest: q(rest, 'cents') })] : []),
  ];
}

/** Tax that a change adds or takes away. */
const changeTax = ({ hours, price }: ScopeDelta, schools: ScopeSchools): number => {
  const work = hours * schools.labourPerHour;
  return ((price - work + (schools.taxOn === 'all' ? work : 0)) * schools.taxPct) / 100;
};

const inside = (items: readonly DecidedItem[]): DecidedItem[] => items.filter((i) => i.standing === 'in');

export const lined = (lines: readonly Said[]): Said => tell('job.lines', { lines: list(lines, '\n') });

/** The price lines of a change, as the customer answers them. */
export function changeText(delta: ScopeDelta, schools?: ScopeSchools): Said {
  return lined([
    tell('job.found-on-day-changes-to-work'),
    ...delta.added.map((i) => tell('job.line-added', { say: i.say, reason: i.reason })),
    ...delta.removed.map((i) => tell('job.line-removed', { say: i.say })),
    ...delta.changed.map((c) => tell('job.line-changed', { say: c.say, from: c.from, to: c.to })),
    tell('job.hours-in-all', { hours: q(delta.hours, 'hChange'), price: q(delta.price, 'moneyChange') }),
    ...(schools && schools.taxPct > 0
      ? [tell('offer.tax-on-the-change', { tax: q(changeTax(delta, schools), 'moneyChange') })]
      : []),
  ]);
}

/** What an answer freezes besides its words: prices, hours and the company's policy as they stood. */
export const termsOf = (view: ScopeView): SignedTerms => ({
  currency: view.input.schools.currency,
  hours: view.total.hours,
  price: view.total.price,
  schools: view.input.schools,
  ...(view.offer.unpriced.length === 0 && view.offer.equipment > 0
    ? { offer: { equipment: view.offer.equipment, ...termsIn(view.offer) } }
    : {}),
});
const termsIn = ({ price: { tax, total, deposit, rest } }: Priced) => ({ tax, total, deposit, rest });

/** Items a customer answers to: what an answer must remember so that the next change can be told from it. */
export const itemsToRemember = (view: ScopeView): ScopeItem[] =>
  view.items.map(({ standing: _s, decision: _d, ...item }) => item);
