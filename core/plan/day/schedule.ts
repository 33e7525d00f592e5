import { type Activity, timesOf } from '@/core/plan/network';
import type { Because, DayActivity, PlacedPiece, Taken } from './activity';
import { SAME_H } from './calendar';
import { type Crew, combosOf, crewOf } from './crew';
import { firstPlace, type Tried } from './first-place';

export type DayRules = {
  /** How much longer work takes at a hot place from a moment on; 1 where nothing is said. */
  stretch?: ((place: 'attic' | 'roof', at: number) => number) | undefined;
  /** What is not begun begins no earlier. */
  now?: number | undefined;
};

/** What is left of a piece that was begun is at least this, h (design default): nobody knows that it is done until it is said. */
const LEAST_LEFT_H = 1 / 12;

/**
 * A day's work in its places: named people, one of each gear, breaks, windows.
 *
 * Serial: one piece after the other in the order of latest start, then the longer, then the name, each as early as what it waits for,
 * its people and its gear allow; of those who could do it whoever ends it first. What is done stays where it was. Where the sun makes
 * work slow, the same is tried with hot places first: taken where it ends the day sooner, or as soon with less time in the heat.
 *
 * @param pieces without a loop; each `after` is one of them · @param crew with its days
 * @returns every piece in its place, in the order they were placed
 * @source serial schedule generation (common practice of project planning); not proven to be the shortest
 */
export function placeDay(pieces: readonly DayActivity[], crew: Crew, rules: DayRules = {}): PlacedPiece[] {
  const order = inTurn(pieces);
  const usual = placeInTurn(pieces, order, crew, rules);
  if (!rules.stretch || !pieces.some((p) => p.hot && !p.done)) return usual;
  const early = placeInTurn(pieces, hotFirst(order), crew, rules);
  const [a, b] = [lastEnd(usual), lastEnd(early)];
  if (b < a - SAME_H) return early;
  return b < a + SAME_H && inHeat(early, pieces, rules) < inHeat(usual, pieces, rules) - SAME_H ? early : usual;
}

const lastEnd = (placed: readonly PlacedPiece[]): number => Math.max(...placed.map((p) => p.end));

/** Hours that the heat adds. */
function inHeat(placed: readonly PlacedPiece[], pieces: readonly DayActivity[], { stretch }: DayRules): number {
  const byId = new Map(pieces.map((p) => [p.id, p]));
  return placed.reduce((sum, { id, start }) => {
    const { hot, hours } = byId.get(id)!;
    return sum + (hot && stretch ? hours * (stretch(hot, start) - 1) : 0);
  }, 0);
}

/** What is done at a hot place comes first, with all that it waits for; else the order stays. */
function hotFirst(order: readonly DayActivity[]): DayActivity[] {
  const byId = new Map(order.map((a) => [a.id, a]));
  const first = new Set<string>();
  const take = (a: DayActivity): void => {
    if (first.has(a.id)) return;
    first.add(a.id);
    for (const id of a.after) take(byId.get(id)!);
  };
  for (const a of order) if (a.hot) take(a);
  return [...order.filter((a) => first.has(a.id)), ...order.filter((a) => !first.has(a.id))];
}

function placeInTurn(
  pieces: readonly DayActivity[],
  order: readonly DayActivity[],
  crew: Crew,
  rules: DayRules,
): PlacedPiece[] {
  const taken: Taken = { people: new Map(crew.people.map((p) => [p.name, []])), gear: new Map() };
  const placed = new Map<string, PlacedPiece>();
  const put = (a: DayActivity, p: PlacedPiece): void => {
    placed.set(p.id, p);
    const span = [p.start, p.end] as const;
    for (const who of p.who) taken.people.get(who)?.push({ span, because: { kind: 'person', id: p.id, who } });
    if (!a.gear) return;
    const same = taken.gear.get(a.gear) ?? [];
    same.push({ span, because: { kind: 'gear', id: p.id, gear: a.gear } });
    taken.gear.set(a.gear, same);
  };
  for (const a of pieces)
    if (a.done) put(a, { id: a.id, start: a.done[0], end: a.done[1], who: a.who ?? [], because: { kind: 'start' } });
  for (const a of pieces) if (!a.done && a.begun !== undefined) put(a, goesOn(a, crew, rules));
  const left = order.filter((a) => !placed.has(a.id));
  while (left.length) {
    const at = left.findIndex((a) => a.after.every((b) => placed.has(b)));
    const a = left.splice(at, 1)[0]!;
    put(a, bestPlace(a, crew, taken, placed, rules));
  }
  return [...placed.values()];
}

/** Pieces by latest start, then the longer, then the name. */
function inTurn(pieces: readonly DayActivity[]): DayActivity[] {
  const { timed } = timesOf(pieces as readonly Activity[]);
  const latest = new Map(timed.map((t) => [t.activity.id, t.latestStart]));
  return [...pieces].sort(
    (a, b) => latest.get(a.id)! - latest.get(b.id)! || b.hours - a.hours || (a.id < b.id ? -1 : 1),
  );
}

/** A piece that was begun: the rest of it from now on. */
function goesOn(a: DayActivity, crew: Crew, { now = a.begun! }: DayRules): PlacedPiece {
  const begun = a.begun!;
  const who = a.who ?? [];
  const spans = crewOf(crew, who);
  const worked = spans.reduce((sum, [f, t]) => sum + Math.max(0, Math.min(t, now) - Math.max(f, begun)), 0);
  const rest = Math.max(LEAST_LEFT_H, a.hours - worked);
  const tried = firstPlace({ hours: () => rest, from: Math.max(now, begun), spans, busy: [], whole: a.people === 0 });
  return { id: a.id, start: begun, end: tried.end, who, because: { kind: 'start' } };
}

/** The place that ends a piece first, of all who could do it. */
function bestPlace(
  a: DayActivity,
  crew: Crew,
  taken: Taken,
  placed: ReadonlyMap<string, PlacedPiece>,
  rules: DayRules,
): PlacedPiece {
  const [from, because] = readyAt(a, placed, rules.now, crew);
  const hours = (at: number): number => a.hours * (a.hot && rules.stretch ? rules.stretch(a.hot, at) : 1);
  let best: (Tried & { who: readonly string[] }) | undefined;
  for (const who of combosOf(a, crew, taken)) {
    const tried = firstPlace({
      hours,
      from,
      spans: crewOf(crew, who),
      busy: [...who.map((name) => taken.people.get(name)!), (a.gear && taken.gear.get(a.gear)) ?? []].flat(),
      windows: a.windows,
      whole: a.people === 0,
    });
    if (!best || tried.end < best.end - SAME_H) best = { ...tried, who };
    // Nobody ends it sooner than who begins at once and works through.
    if (best.end <= from + hours(from) + SAME_H) break;
  }
  const { start, end, who, missed } = best!;
  return { id: a.id, start, end, who, because: best!.because ?? because, ...(missed ? { missed } : {}) };
}

/** From when a piece can begin, and what it waits for last. */
function readyAt(
  a: DayActivity,
  placed: ReadonlyMap<string, PlacedPiece>,
  now: number | undefined,
  crew: Crew,
): [number, Because] {
  let ready: [number, Because] = [crew.days[0]!.from, { kind: 'start' }];
  for (const id of a.after) {
    const { end } = placed.get(id)!;
    if (end > ready[0]) ready = [end, { kind: 'after', id }];
  }
  if (a.notBefore !== undefined && a.notBefore > ready[0]) ready = [a.notBefore, { kind: 'not before' }];
  return now !== undefined && now > ready[0] ? [now, { kind: 'now' }] : ready;
}
