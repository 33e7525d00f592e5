import { tell } from '@/core/scope/words';
import { q, type Said, sameSaid, value } from '@/core/words/said';
import { type Decision, LEVELS, type Part, priceOf, type ScopeItem, type Standing, standingOfItem } from './item';
import { ownItem } from './own-line';
import { AIR_WATER_RULES } from './rules/air-water-rules';
import { BASE_RULES } from './rules/base-rules';
import { CIRCUIT_RULES } from './rules/circuit-rules';
import { COIL_RULES } from './rules/coil-rules';
import { HOUSE_RULES } from './rules/house-rules';
import { POWER_RULES } from './rules/power-rules';
import type { Rule } from './rules/rule';
import { SITE_RULES } from './rules/site-rules';
import type { ScopeInput } from './scope-input';

const RULES: readonly Rule[] = [
  ...BASE_RULES,
  ...SITE_RULES,
  ...HOUSE_RULES,
  ...COIL_RULES,
  ...CIRCUIT_RULES,
  ...POWER_RULES,
  ...AIR_WATER_RULES,
];

/** Every item the facts ask for: safety first, then must, strong should, should, could. */
export function scopeItems(input: ScopeInput): ScopeItem[] {
  const found = [...RULES.flatMap((rule) => rule(input) ?? []), ...input.lines.map(ownItem)];
  const gone = replacedParts(found, input.decided);
  const all = pricedOnce(found.filter((i) => i.keeps === undefined || !gone.has(i.keeps)));
  const rank = (i: ScopeItem): number => LEVELS.indexOf(i.level) * 4 - (i.safety ? 2 : 0) - (i.strong ? 1 : 0);
  const seen = new Set<string>();
  return all.filter((i) => !seen.has(i.id) && seen.add(i.id)).sort((a, b) => rank(a) - rank(b));
}

/** Parts that something in the scope puts a new one in the place of, as decided so far. */
export function replacedParts(items: readonly ScopeItem[], decided: ReadonlyMap<string, 'in' | 'out'>): Set<Part> {
  const goes = (i: ScopeItem): boolean => {
    const decision = decided.get(i.id);
    return i.safety === true || decision === 'in' || (i.level === 'must' && decision !== 'out');
  };
  return new Set(items.flatMap((i) => (i.replaces && goes(i) ? [i.replaces] : [])));
}

/** Several reasons to replace one part are one price: the weightiest carries it. */
function pricedOnce(items: readonly ScopeItem[]): ScopeItem[] {
  const weight = (i: ScopeItem): number => (i.safety ? 3 : i.level === 'must' ? 2 : i.level === 'should' ? 1 : 0);
  return items.map((i) => {
    if (!i.replaces) return i;
    const same = items.filter((x) => x.replaces === i.replaces);
    const first = same.reduce((a, b) => (weight(b) > weight(a) ? b : a));
    return first.id === i.id
      ? i
      : { ...i, hours: 0, materials: 0, reason: tell('scope.priced-under', { reason: i.reason, say: first.say }) };
  });
}

export type DecidedItem = ScopeItem & { standing: Standing; decision: Decision | undefined };

export function decideItems(items: readonly ScopeItem[], decisions: readonly Decision[]): DecidedItem[] {
  const last = new Map(decisions.map((d) => [d.itemId, d]));
  return items.map((item) => {
    const decision = last.get(item.id);
    return { ...item, decision, standing: standingOfItem(item, decision) };
  });
}

export type ScopeTotal = { hours: number; price: number; open: number };

export function totalOf(items: readonly DecidedItem[], labourPerHour: number): ScopeTotal {
  const inside = items.filter((i) => i.standing === 'in');
  return {
    hours: inside.reduce((s, i) => s + i.hours, 0),
    price: inside.reduce((s, i) => s + priceOf(i, labourPerHour), 0),
    open: items.filter((i) => i.standing === 'open').length,
  };
}

export type ItemChange = { id: string; say: Said; from: Said; to: Said };
export type ScopeDelta = {
  added: ScopeItem[];
  removed: ScopeItem[];
  changed: ItemChange[];
  hours: number;
  price: number;
};

const samePrice = (a: ScopeItem, b: ScopeItem): boolean => a.hours === b.hours && a.materials === b.materials;

/** What is told of an altered item: its level, else its words, else its hours and materials. */
function alteration(old: ScopeItem, now: ScopeItem): { from: Said; to: Said } {
  if (old.level !== now.level) return { from: value(old.level), to: value(now.level) };
  if (!sameSaid(old.say, now.say)) return { from: old.say, to: now.say };
  const cost = (i: ScopeItem): Said =>
    tell('scope.hours-and-materials', { hours: q(i.hours, 'h'), materials: q(i.materials, 'money') });
  return { from: cost(old), to: cost(now) };
}

/** What a changed fact does to the scope: items in, out and altered, with their hours and price lines. */
export function scopeDelta(
  before: readonly ScopeItem[],
  after: readonly ScopeItem[],
  labourPerHour: number,
): ScopeDelta {
  const was = new Map(before.map((i) => [i.id, i]));
  const is = new Set(after.map((i) => i.id));
  const added = after.filter((i) => !was.has(i.id));
  const removed = before.filter((i) => !is.has(i.id));
  const changed = after.flatMap((i) => {
    const old = was.get(i.id);
    if (!old || (old.level === i.level && sameSaid(old.say, i.say) && samePrice(old, i))) return [];
    return [
      {
        id: i.id,
        say: i.say,
        ...alteration(old, i),
      },
    ];
  });
  // A could is offered, not counted.
  const sum = (list: readonly ScopeItem[], of: (i: ScopeItem) => number): number =>
    list.filter((i) => i.level !== 'could').reduce((total, i) => total + of(i), 0);
  const diff = (of: (i: ScopeItem) => number): number => sum(after, of) - sum(before, of);
  return { added, removed, changed, hours: diff((i) => i.hours), price: diff((i) => priceOf(i, labourPerHour)) };
}

export const isEmptyDelta = (d: ScopeDelta): boolean => d.added.length + d.removed.length + d.changed.length === 0;
