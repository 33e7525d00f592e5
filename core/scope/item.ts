import type { Label, Said } from '@/core/words/said';
export const LEVELS = ['must', 'should', 'could'] as const;
export type Level = (typeof LEVELS)[number];

/** One thing in the scope, with everything a person needs to agree or to object. */
export type ScopeItem = {
  id: string;
  say: Said;
  level: Level;
  /** Two or more reasons for a should: said louder. */
  strong?: true;
  /** Written by hand, not by a rule: in until somebody takes it out. */
  own?: true;
  /** Safety or law: no one can take it out. */
  safety?: true;
  reason: Said;
  source: Said;
  /** The facts that brought it here, as sentences. */
  triggers: Label[];
  hours: number;
  materials: number;
  /** This work puts a new part in the place of the old one. */
  replaces?: Part;
  /** This work only makes sense while the old part stays. */
  keeps?: Part;
};

export const PARTS = ['coil', 'line-set'] as const;
export type Part = (typeof PARTS)[number];

export type Decision = {
  itemId: string;
  decision: 'in' | 'out';
  reason: string | null;
  by: string;
  role: string;
  at: string;
};

/** In or out: a must and what was written by hand are in by themselves, a could stays out, a should waits for a person. */
export type Standing = 'in' | 'out' | 'open';
export function standingOfItem(item: ScopeItem, decision: Decision | undefined): Standing {
  if (item.safety) return 'in';
  if (decision) return decision.decision;
  if (item.own) return 'in';
  return item.level === 'must' ? 'in' : item.level === 'could' ? 'out' : 'open';
}

export const priceOf = (item: Pick<ScopeItem, 'hours' | 'materials'>, labourPerHour: number): number =>
  item.materials + item.hours * labourPerHour;
