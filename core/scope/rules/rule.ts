import type { ScopeItem } from '@/core/scope/item';
import type { ScopeInput } from '@/core/scope/scope-input';
import { type FactKey, factSentence } from '@/core/scope/survey/facts';

/** A rule looks at the facts and answers with items, or nothing. It never decides. */
export type Rule = (input: ScopeInput) => ScopeItem | ScopeItem[] | undefined;

/** The facts behind an item, as sentences; those nobody knows are left out. */
export function because({ known }: ScopeInput, ...keys: FactKey[]): string[] {
  return keys.filter((k) => known[k] !== undefined && known[k] !== null).map((k) => factSentence(k, known[k]!));
}

export const coilStays = (i: ScopeInput): boolean => i.choice.keepCoil && i.choice.indoorId === null;
export const inverter = (i: ScopeInput): boolean => i.outdoor?.stages === 'variable';
export const newUnit = (i: ScopeInput): string =>
  i.outdoor ? `New unit: ${i.outdoor.maker} ${i.outdoor.model}` : 'New unit not chosen';
