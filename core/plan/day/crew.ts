import type { DayActivity, Person, Taken } from './activity';
import { bothWork, openSpan, type Span, type WorkDay, workingSpans } from './calendar';

/** Who works, and on which days. */
export type Crew = { people: readonly Person[]; days: readonly WorkDay[] };

/** A crew's hours are asked for again and again while its days are placed; they are those of the same crew. */
const known = new WeakMap<Crew, Map<string, Span[]>>();

/** What all of these work together; what runs alone runs as long as the house is open, through breaks too. */
export function crewOf(crew: Crew, who: readonly string[]): Span[] {
  const spans = known.get(crew) ?? new Map<string, Span[]>();
  known.set(crew, spans);
  const key = who.join('\n');
  const found = spans.get(key) ?? together(crew, who);
  spans.set(key, found);
  return found;
}

function together(crew: Crew, who: readonly string[]): Span[] {
  if (who.length === 0) return crew.days.map((d) => openSpan(d, crew.days));
  return who
    .map((name) => workingSpans(crew.days, crew.people.find((p) => p.name === name)?.away ?? []))
    .reduce(bothWork);
}

/**
 * Who could do a piece, the likeliest first: who was told, of the certified where it needs one, then whom it suits, then who has
 * least to do.
 */
export function combosOf(a: DayActivity, crew: Crew, taken: Taken): (readonly string[])[] {
  if (a.people === 0) return [[]];
  const told = (a.who ?? []).filter((name) => crew.people.some((p) => p.name === name));
  const need = Math.min(a.people, crew.people.length);
  if (told.length >= need) return [told];
  const load = (p: Person): number => taken.people.get(p.name)!.reduce((sum, b) => sum + b.span[1] - b.span[0], 0);
  const suits = (p: Person): number => (a.prefers === undefined || p.leads === (a.prefers === 'lead') ? 0 : 1);
  const holders = crew.people.filter((p) => p.certified);
  const able = a.certified && holders.length ? holders : crew.people;
  const rest = able
    .filter((p) => !told.includes(p.name))
    .map((p) => ({ name: p.name, suits: suits(p), load: load(p) }))
    .sort((x, y) => x.suits - y.suits || x.load - y.load)
    .map((p) => p.name);
  const missing = need - told.length;
  // One holds the certificate; who helps needs none.
  const helpers = crew.people.map((p) => p.name).filter((name) => !told.includes(name) && !rest.includes(name));
  const sets = rest.length >= missing ? choose(rest, missing) : choose([...rest, ...helpers], missing);
  return sets.map((more) => [...told, ...more]);
}

/** Every choice of n names, the first ones first. */
function choose(names: readonly string[], n: number): string[][] {
  if (n === 0) return [[]];
  return names.flatMap((name, i) => choose(names.slice(i + 1), n - 1).map((more) => [name, ...more]));
}
