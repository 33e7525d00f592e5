import type { LibraryItem } from '@/core/equipment/library-item';
import type { JobSheet } from '@/core/job/sheet';
import { type EntryOf, entriesOf } from '@/core/phases/log/circuit-log';
import { modelsOf, scopeInputOf } from '@/core/phases/scope/view';
import { chosenOf } from '@/core/scope/chosen';
import { type Disclosure, disclosuresOf } from '@/core/scope/disclosure';
import type { ScopeItem } from '@/core/scope/item';
import { type DecidedItem, decideItems, replacedParts, scopeItems } from '@/core/scope/scope';
import type { ScopeInput } from '@/core/scope/scope-input';
import { itemLater, type LaterLine, partLater } from './later';
import { type Priced, pricedOf } from './priced';
import { runningOf } from './running';

type Option = EntryOf<'offer-option'>['body'];

/** One way of doing the work, with everything that sets it apart. */
export type Offer = Priced & {
  /** The id of its entry; the scope as it stands where nobody kept one. */
  id: string;
  name: string;
  why: string;
  /** It is the scope as it stands on the page. */
  stands: boolean;
  models: string[];
  /** Items that are in, and what of them is still to be decided. */
  items: ScopeItem[];
  open: number;
  /** Parts of the circuit that stay: their risk and what the warranty leaves out. */
  kept: Disclosure[];
  later: LaterLine[];
  running: { cost: number; low: number; high: number } | undefined;
};

/** Options that were kept, oldest first. */
export const keptOptions = (sheet: Pick<JobSheet, 'systemLog'>): EntryOf<'offer-option'>[] =>
  entriesOf(sheet.systemLog, 'offer-option');

/** The scope as it stands now, as an option keeps it: equipment and every item that was decided. */
export function optionNow(sheet: JobSheet): Pick<Option, 'choice' | 'items'> {
  const input = scopeInputOf(sheet);
  const decided = decideItems(scopeItems(input), sheet.scope.decisions);
  const told = decided.flatMap((i) => (i.safety || i.standing === 'open' ? [] : [[i.id, i.standing] as const]));
  return { choice: sheet.scope.choice, items: Object.fromEntries(told) as Option['items'] };
}

/** Everything of an option that differs from the scope as it stands: what taking it would write. */
export function toTake(sheet: JobSheet, option: Option): { itemId: string; decision: 'in' | 'out' }[] {
  const now = optionNow(sheet).items;
  // An item that its equipment no longer asks for is left alone.
  return sceneOf(sheet, option).items.flatMap(({ id, safety }) => {
    const decision = option.items[id];
    return safety || decision === undefined || now[id] === decision ? [] : [{ itemId: id, decision }];
  });
}

/** All options side by side; without any, the scope as it stands alone. */
export function offersOf(sheet: JobSheet): Offer[] {
  const options = keptOptions(sheet);
  const bodies: (Option & { id: string })[] = options.length
    ? options.map(({ id, body }) => ({ id, ...body }))
    : [{ id: 'now', name: '', why: '', ...optionNow(sheet) }];
  const seen = bodies.map((b) => sceneOf(sheet, b));
  return seen.map((s, i) => {
    const others = seen.filter((_, j) => j !== i);
    return { ...offerOf(sheet, s), later: laterOf(s, others), id: bodies[i]!.id };
  });
}

type Scene = {
  option: Option;
  input: ScopeInput;
  items: DecidedItem[];
  kept: Disclosure[];
};

/** The scope as it would stand with an option taken. */
function sceneOf(sheet: JobSheet, option: Option): Scene {
  const base = scopeInputOf(sheet);
  const { choice } = option;
  const pick = (id: string | null | undefined): LibraryItem | null =>
    (id && piecesOf(sheet).find((p) => p.id === id)) || null;
  const outdoor = pick(choice.outdoorId);
  const indoor = pick(choice.indoorId);
  const chosen = chosenOf(base.known, {
    choice,
    outdoor,
    indoor,
    furnace: pick(choice.furnaceId),
    heaterKit: pick(choice.heaterKitId),
    thermostat: pick(choice.thermostatId),
  });
  const decided = new Map([...base.decided, ...Object.entries(option.items)]);
  const input: ScopeInput = {
    ...base,
    ...chosen,
    pairListed: chosen.outdoor && chosen.indoor ? listed(sheet, chosen.outdoor, chosen.indoor) : undefined,
    decided,
  };
  const raw = scopeItems(input);
  const decisions = [...decided].map(([itemId, decision]) => ({
    itemId,
    decision,
    reason: null,
    by: '',
    role: '',
    at: '',
  }));
  return {
    option,
    input,
    items: decideItems(raw, decisions),
    kept: disclosuresOf(input, replacedParts(raw, decided)),
  };
}

/** Every piece that the scope or an option names. */
const piecesOf = ({ scope }: JobSheet): LibraryItem[] =>
  [scope.outdoor, scope.indoor, scope.furnace, scope.heaterKit, scope.thermostat, ...(scope.pieces ?? [])].filter(
    (p): p is LibraryItem => p !== null,
  );

const listed = (sheet: JobSheet, outdoor: { model: string }, indoor: { model: string }): boolean =>
  sheet.scope.outdoor?.model === outdoor.model && sheet.scope.indoor?.model === indoor.model
    ? sheet.scope.pairListed === true
    : (sheet.scope.pairs ?? []).some((p) => p.outdoorModel === outdoor.model && p.indoorModel === indoor.model);

function offerOf(sheet: JobSheet, { option, input, items, kept }: Scene): Omit<Offer, 'later' | 'id'> {
  const inside = items.filter((i) => i.standing === 'in');
  const now = optionNow(sheet);
  return {
    name: option.name,
    why: option.why,
    stands: toTake(sheet, option).length === 0 && JSON.stringify(pickedIn(option)) === JSON.stringify(pickedIn(now)),
    models: modelsOf(input),
    ...pricedOf(inside, input),
    items: inside,
    open: items.filter((i) => i.standing === 'open').length,
    kept,
    running: runningOf(sheet, input.outdoor),
  };
}

const pickedIn = ({ choice: c }: Pick<Option, 'choice'>) => [
  c.outdoorId,
  c.indoorId,
  c.furnaceId,
  c.heaterKitId ?? null,
  c.thermostatId ?? null,
  c.keepCoil,
  c.keepLineSet,
  c.keepDisconnect,
  c.ductsTouched,
  c.softStarter,
  c.standIn,
];

/** What this option leaves for later: parts that stay, and work that another option has in. */
function laterOf({ input, items, kept }: Scene, others: readonly Scene[]): LaterLine[] {
  const { schools } = input;
  const parts = kept.flatMap((d) =>
    d.id === 'coil' || d.id === 'line-set'
      ? (partLater(d.id, { schools, chargeOz: input.outdoor?.factoryChargeOz ?? undefined }) ?? [])
      : [],
  );
  const mine = new Set(items.filter((i) => i.standing === 'in').map((i) => i.id));
  const theirs = new Map(
    others.flatMap((o) => o.items.filter((i) => i.standing === 'in' && !i.replaces).map((i) => [i.id, i] as const)),
  );
  const left = [...theirs.values()].filter((i) => !mine.has(i.id) && !i.safety && !i.keeps);
  return [...parts, ...left.flatMap((i) => itemLater(i, schools) ?? [])];
}

/** Two winters' bills that overlap: nobody can say which is cheaper. */
export const noClearWinner = (offers: readonly Offer[]): boolean => {
  const bills = offers.flatMap((o) => o.running ?? []);
  return bills.some((a, i) => bills.some((b, j) => i !== j && a.low <= b.high && b.low <= a.high && a.cost !== b.cost));
};
