import type { ScopeItem } from '@/core/scope/item';
import { NEW_LINE_SET } from '@/core/scope/rules/circuit-rules';
import type { ScopeView } from './view';

/** A no takes what was offered out, except for safety; a yes takes in what was only advised. */
function decisionOf(item: ScopeItem, answer: 'yes' | 'no'): 'in' | 'out' | undefined {
  if (answer === 'no') return item.safety ? undefined : 'out';
  return item.level === 'should' ? 'in' : undefined;
}

export type AnsweredItem = { itemId: string; decision: 'in' | 'out'; reason: string | null };

/** What a customer's answer to what was found on the day decides, item by item; nothing where nothing was found. */
export const decidedByAnswer = (
  { change }: Pick<ScopeView, 'change'>,
  { answer, reason }: { answer: 'yes' | 'no'; reason: string | null },
): AnsweredItem[] =>
  (change?.delta.added ?? []).flatMap((item) => {
    const decision = decisionOf(item, answer);
    return decision ? [{ itemId: item.id, decision, reason: decision === 'out' ? reason : null }] : [];
  });

/** Whether what was found on the day is another line set: then the plate takes its sizes. */
export const changesLineSet = ({ change }: Pick<ScopeView, 'change'>): boolean =>
  [...(change?.delta.added ?? []), ...(change?.delta.removed ?? [])].some((i) => i.id === NEW_LINE_SET);
