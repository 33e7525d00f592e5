import { costOf, type Work } from '@/core/policy/prices';
import { tell } from '@/core/scope/words';
import { list, q, type Said } from '@/core/words/said';
import { type Part, priceOf } from './item';
import { COIL_RULES } from './rules/coil-rules';
import { coilStays } from './rules/rule';
import type { ScopeInput } from './scope-input';
import { type FactKey, factSentence, numberOf } from './survey/facts';
import { traitsOf } from './survey/parts';

/** What the customer is told and signs about a part that stays. */
export type Disclosure = {
  id: string;
  part: Said;
  ageYears: number | null;
  findings: Said[];
  risks: Said[];
  alternative: { say: Said; price: number };
  warrantyExcludes: Said;
};

const told = (i: ScopeInput, ...keys: FactKey[]): Said[] =>
  keys.filter((k) => i.known[k] !== undefined).map((k) => factSentence(k, i.known[k] ?? null));

/** A new coil's price line is the one of the rule that would ask for it. */

/** One disclosure for each part that is kept, from the facts as they stand; a part that is replaced after all needs none. */
export function disclosuresOf(i: ScopeInput, replaced: ReadonlySet<Part>): Disclosure[] {
  const out: Disclosure[] = [];
  const labour = i.schools.labourPerHour;
  const price = (work: Work): number => priceOf(costOf(i.schools, work), labour);
  if (coilStays(i) && !replaced.has('coil')) {
    const why = COIL_RULES.flatMap((rule) => rule(i) ?? []).find((item) => item.id === 'coil-age');
    out.push({
      id: 'coil',
      part: tell('scope.indoor-coil'),
      ageYears: numberOf(i.known, 'coilAgeYr') ?? null,
      findings: told(i, 'coilAgeYr', 'coilLeaks', 'endPlates', 'coilFace', 'coilBack', 'metering', 'saltAir'),
      risks: [
        tell('scope.it-may-leak-later-and-leak'),
        tell('scope.pair-may-deliver-less-than-listed'),
        ...(why ? [why.reason] : []),
      ],
      alternative: { say: tell('scope.new-listed-coil-now'), price: price('coil') },
      warrantyExcludes: tell('scope.kept-coil-refrigerant-lost-through-it'),
    });
  }
  if (i.choice.keepLineSet && !replaced.has('line-set') && i.outdoor && traitsOf(i.known).has('split')) {
    out.push({
      id: 'line-set',
      part: tell('scope.line-set'),
      ageYears: null,
      findings: told(i, 'lineState', 'lineLengthFt', 'liquidOdIn', 'vaporOdIn', 'lineInsulation'),
      risks: [tell('scope.joint-or-rub-that-is-hidden'), tell('scope.old-oil-left-in-it-can')],
      alternative: { say: tell('scope.new-line-set-now'), price: price('line-set') },
      warrantyExcludes: tell('scope.leaks-of-kept-lines-and-opening'),
    });
  }
  return out;
}

/** The text a signature stands under: any change of it makes the signature one for an earlier text. */
export function disclosureText(d: Disclosure): Said {
  return tell('scope.lines', {
    lines: list(
      [
        d.ageYears === null
          ? tell('scope.stays', { part: d.part })
          : tell('scope.stays-at-age', { part: d.part, ageYears: d.ageYears }),
        ...d.findings,
        ...d.risks,
        tell('scope.offered-instead', { say: d.alternative.say, price: q(d.alternative.price, 'money') }),
        tell('scope.warranty-excludes', { warrantyExcludes: d.warrantyExcludes }),
      ],
      '\n',
    ),
  });
}
