import { onceFor } from '@/core/numeric/once-for';
import { tell } from '@/core/scope/survey/words';
import type { Said } from '@/core/words/said';
import { type FactValue, PLACES, type Place } from './fact';
import { type Fact, type FactKey, factsFor, type KnownFacts } from './facts';

export const METHODS = ['seen', 'plate', 'measured', 'asked', 'papers'] as const;
export type Method = (typeof METHODS)[number];
export const METHOD_WORDS: Record<Method, Said> = {
  seen: tell('survey.seen'),
  plate: tell('survey.read-off-plate'),
  measured: tell('survey.measured'),
  asked: tell('survey.asked'),
  papers: tell('survey.from-papers'),
};
export const CONFIDENCES = ['high', 'medium', 'low'] as const;
export type Confidence = (typeof CONFIDENCES)[number];

/** One answer, as it was given: never changed, only followed by a later one. */
export type Observation = {
  id: string;
  fact: FactKey;
  /** Null: looked, and not to be seen. */
  value: FactValue | null;
  unit: string;
  method: Method;
  /** Who or what said it: the plate, the owner, a submittal. */
  source: string;
  confidence: Confidence;
  note: string | null;
  photoId: string | null;
  /** Found after the scope was signed. */
  foundOnTheDay: boolean;
  by: string;
  at: string;
};

/** The last answer to each question. */
export function latest(observations: readonly Observation[]): Map<FactKey, Observation> {
  return new Map(observations.map((o) => [o.fact, o]));
}

/** Answers that a later "not seen" does not take away: who looked and saw nothing has not made a hazard go. */
const STANDS: readonly (readonly [FactKey, FactValue])[] = [
  ['asbestos', 'suspect'],
  ['twoFeeds', true],
  ['statType', 'line-voltage'],
];

export const knownFacts = onceFor((observations: readonly Observation[]) => [observations], known);

function known(observations: readonly Observation[]): KnownFacts {
  const out: Record<string, FactValue | null> = {};
  for (const o of observations) {
    const stands = STANDS.some(([key, value]) => key === o.fact && out[key] === value);
    if (!(stands && o.value === null)) out[o.fact] = o.value;
  }
  return out;
}

/** What an accredited person lets go on beside suspected asbestos: name, number, the work and a picture of the paper. */
export type Clearance = { by: string; number: string; work: string; photoId: string };

export function clearanceOf(observations: readonly Observation[]): Clearance | undefined {
  const known = knownFacts(observations);
  const { asbestosClearedBy: by, asbestosClearedNumber: number, asbestosClearedWork: work } = known;
  const photoId = observations.findLast((o) => o.fact === 'asbestosClearedWork')?.photoId;
  return known.asbestos === 'suspect' &&
    typeof by === 'string' &&
    typeof number === 'string' &&
    typeof work === 'string' &&
    photoId
    ? { by, number, work, photoId }
    : undefined;
}

export type PlaceState = { place: Place; asked: number; answered: number; notSeen: number; applies: boolean };

export function placeStates(known: KnownFacts): PlaceState[] {
  const asked = factsFor(known);
  return PLACES.map((place) => {
    const facts = asked.filter((f) => f.place === place);
    return {
      place,
      applies: facts.length > 0,
      asked: facts.length,
      answered: facts.filter((f) => known[f.key] !== undefined && known[f.key] !== null).length,
      notSeen: facts.filter((f) => known[f.key] === null).length,
    };
  });
}

/** Questions without an answer, the heaviest first; one that was looked for and not seen comes after one never asked. */
export function unknowns(known: KnownFacts): Fact[] {
  const rank = (f: Fact): number => f.weight + (known[f.key] === null ? 0 : 0.5);
  return factsFor(known)
    .filter((f) => known[f.key] === undefined || known[f.key] === null)
    .sort((a, b) => rank(b) - rank(a));
}

export const neverAsked = (known: KnownFacts): Fact[] => unknowns(known).filter((f) => known[f.key] === undefined);
