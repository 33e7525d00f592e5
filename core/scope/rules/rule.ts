import { costOf, type Work } from '@/core/policy/prices';
import type { ScopeItem } from '@/core/scope/item';
import type { ScopeInput } from '@/core/scope/scope-input';
import { type FactKey, factSentence } from '@/core/scope/survey/facts';
import { opensCircuit } from '@/core/scope/survey/parts';
import { tell } from '@/core/scope/words';
import type { Said } from '@/core/words/said';

/** A rule looks at the facts and answers with items, or nothing. It never decides. */
export type Rule = (input: ScopeInput) => ScopeItem | ScopeItem[] | undefined;

/** The facts behind an item, as sentences; those nobody knows are left out. */
export function because({ known }: ScopeInput, ...keys: FactKey[]): Said[] {
  return keys.filter((k) => known[k] !== undefined && known[k] !== null).map((k) => factSentence(k, known[k]!));
}

/** The old coil stays in a circuit that is opened: it is charged again. */
export const coilStays = (i: ScopeInput): boolean =>
  i.choice.keepCoil && i.choice.indoorId === null && opensCircuit(i.known);
export const inverter = (i: ScopeInput): boolean => i.outdoor?.stages === 'variable';
export const newUnit = (i: ScopeInput): Said =>
  i.outdoor
    ? tell('scope.new-unit', { maker: i.outdoor.maker, model: i.outdoor.model })
    : tell('scope.new-unit-not-chosen');

/** What a kind of work costs by the company's list. */
export const cost = ({ schools }: ScopeInput, work: Work) => costOf(schools, work);
