import { money } from '@/core/units/money';
import { type Part, priceOf } from './item';
import { COIL_RULES } from './rules/coil-rules';
import { coilStays } from './rules/rule';
import type { ScopeInput } from './scope-input';
import { type FactKey, factSentence, numberOf } from './survey/facts';

/** What the customer is told and signs about a part that stays. */
export type Disclosure = {
  id: string;
  part: string;
  ageYears: number | null;
  findings: string[];
  risks: string[];
  alternative: { say: string; price: number };
  warrantyExcludes: string;
};

const told = (i: ScopeInput, ...keys: FactKey[]): string[] =>
  keys.filter((k) => i.known[k] !== undefined).map((k) => factSentence(k, i.known[k] ?? null));

/** A new coil's price line is the one of the rule that would ask for it. */
const NEW_COIL = { hours: 5, materials: 1450 };
const NEW_LINES = { hours: 4, materials: 380 };

/** One disclosure for each part that is kept, from the facts as they stand; a part that is replaced after all needs none. */
export function disclosuresOf(i: ScopeInput, replaced: ReadonlySet<Part>): Disclosure[] {
  const out: Disclosure[] = [];
  const labour = i.schools.labourPerHour;
  const price = (p: typeof NEW_COIL): number =>
    priceOf({ id: '', say: '', level: 'should', reason: '', source: '', triggers: [], ...p }, labour);
  if (coilStays(i) && !replaced.has('coil')) {
    const why = COIL_RULES.flatMap((rule) => rule(i) ?? []).find((item) => item.id === 'coil-age');
    out.push({
      id: 'coil',
      part: 'Indoor coil',
      ageYears: numberOf(i.known, 'coilAgeYr') ?? null,
      findings: told(i, 'coilAgeYr', 'coilLeaks', 'endPlates', 'coilFace', 'metering', 'saltAir'),
      risks: [
        'It may leak later, and the leak takes the new charge with it.',
        'The pair may deliver less than the listed efficiency.',
        ...(why ? [why.reason] : []),
      ],
      alternative: { say: 'A new listed coil now', price: price(NEW_COIL) },
      warrantyExcludes: 'The kept coil, refrigerant lost through it, and labour for its repair.',
    });
  }
  if (
    i.choice.keepLineSet &&
    !replaced.has('line-set') &&
    i.outdoor &&
    (i.known.systemType === 'split-hp' || i.known.systemType === 'split-ac')
  ) {
    out.push({
      id: 'line-set',
      part: 'Line set',
      ageYears: null,
      findings: told(i, 'lineState', 'lineLengthFt', 'liquidOdIn', 'vaporOdIn', 'lineInsulation'),
      risks: ['A joint or rub that is hidden may leak later.', 'Old oil left in it can harm the compressor.'],
      alternative: { say: 'A new line set now', price: price(NEW_LINES) },
      warrantyExcludes: 'Leaks of the kept lines and opening of walls to reach them.',
    });
  }
  return out;
}

/** The text a signature stands under: any change of it makes the signature one for an earlier text. */
export function disclosureText(d: Disclosure): string {
  return [
    `${d.part} stays${d.ageYears === null ? '' : `, ${d.ageYears} years old`}.`,
    ...d.findings,
    ...d.risks,
    `Offered instead: ${d.alternative.say}, ${money(d.alternative.price)}.`,
    `Warranty excludes: ${d.warrantyExcludes}`,
  ].join('\n');
}
