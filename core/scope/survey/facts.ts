import { characters, range, unitWord, YES_NO } from '@/core/finding/allow';
import { tell } from '@/core/scope/survey/words';
import { type Label, type Said, typed } from '@/core/words/said';
import type { FactDef, FactValue, Place } from './fact';
import { AIR_FACTS } from './facts-air';
import { CREW_FACTS } from './facts-crew';
import { HISTORY_FACTS } from './facts-history';
import { HOUSE_FACTS } from './facts-house';
import { INSIDE_FACTS } from './facts-inside';
import { OUTSIDE_FACTS } from './facts-outside';
import { SERVICE_FACTS } from './facts-services';
import { SUPPLY_FACTS } from './facts-supply';
import { type SystemType, type Trait, traitsOf } from './parts';

const ALL = [
  ...OUTSIDE_FACTS,
  ...SUPPLY_FACTS,
  ...INSIDE_FACTS,
  ...AIR_FACTS,
  ...SERVICE_FACTS,
  ...HISTORY_FACTS,
  ...HOUSE_FACTS,
  ...CREW_FACTS,
] as const;
export type FactKey = (typeof ALL)[number]['key'];
export type Fact = FactDef & { key: FactKey };
/** Every question of the survey, in walking order. */
export const FACTS: readonly Fact[] = ALL;

const BY_KEY = new Map<string, Fact>(FACTS.map((f) => [f.key, f]));
export const factOf = (key: string): Fact | undefined => BY_KEY.get(key);

/** Of the house, not of one of its systems. */
export const isOfHouse = (key: string): boolean => BY_KEY.get(key)?.house === true;

/** What is known: a value; null when someone looked and could not see it; absent when nobody asked yet. */
export type KnownFacts = { readonly [K in FactKey]?: FactValue | null };

export const systemTypeOf = (known: KnownFacts): SystemType | undefined =>
  (known.systemType as SystemType | null | undefined) ?? undefined;

export const applies = (fact: Fact, known: KnownFacts): boolean => appliesTo(traitsOf(known))(fact, known);

const appliesTo =
  (traits: ReadonlySet<Trait>) =>
  (fact: Fact, known: KnownFacts): boolean =>
    (!fact.onlyIf || known[fact.onlyIf.key as FactKey] === fact.onlyIf.is) && (!fact.only || traits.has(fact.only));

export const factsAt = (place: Place, known: KnownFacts): Fact[] => factsFor(known).filter((f) => f.place === place);

/** The questions this system is asked, in walking order. */
export function factsFor(known: KnownFacts): Fact[] {
  const asks = appliesTo(traitsOf(known));
  return FACTS.filter((f) => asks(f, known));
}

/** Answers that decide which pieces a system has, and with them which phases it goes through. */
export const KIND_FACTS = ['systemType', 'replaced', 'indoorType', 'fuel'] as const satisfies readonly FactKey[];

export const numberOf = (known: KnownFacts, key: FactKey): number | undefined => {
  const v = known[key];
  return typeof v === 'number' ? v : undefined;
};
export const is = (known: KnownFacts, key: FactKey, ...values: FactValue[]): boolean => {
  const v = known[key];
  return v !== null && v !== undefined && values.includes(v);
};

/** Why a value cannot be the answer to this question, or undefined. */
export function valueTrouble(fact: Fact, value: unknown): { message: Said; allowed: Label } | undefined {
  if (value === null) return undefined;
  switch (fact.kind) {
    case 'choice': {
      const allowed = fact.options.map(([v]) => v).join(', ');
      return typeof value === 'string' && fact.options.some(([v]) => v === value)
        ? undefined
        : { message: tell('survey.not-one-of-answers', { label: fact.label }), allowed };
    }
    case 'number': {
      const { allowed } = range(fact.low, fact.high, fact.unit);
      if (typeof value !== 'number' || !Number.isFinite(value))
        return { message: tell('survey.needs-number', { label: fact.label }), allowed };
      return value >= fact.low && value <= fact.high
        ? undefined
        : { message: tell('survey.outside-allowed-range', { label: fact.label }), allowed };
    }
    case 'yes-no':
      return typeof value === 'boolean'
        ? undefined
        : { message: tell('survey.yes-or-no', { label: fact.label }), ...YES_NO };
    case 'text':
      return typeof value === 'string' && value.trim().length > 0 && value.length <= 200
        ? undefined
        : {
            message: tell('survey.needs-some-words', { label: fact.label }),
            ...characters(1, 200),
          };
  }
}

/** A fact as a person reads it: "Refrigerant on the plate: R-22". */
export function factSentence(key: FactKey, value: FactValue | null): Said {
  const fact = BY_KEY.get(key)!;
  return tell('survey.fact', { label: fact.label, value: valueWords(fact, value) });
}

export function valueWords(fact: Fact, value: FactValue | null): Said {
  if (value === null) return tell('survey.not-seen');
  if (fact.kind === 'choice') {
    const label = fact.options.find(([v]) => v === value)?.[1] ?? String(value);
    return typeof label === 'string' ? typed(label) : label;
  }
  if (fact.kind === 'yes-no') return value ? tell('survey.yes') : tell('survey.no');
  if (fact.kind === 'number' && fact.unit !== 'year')
    return tell('survey.measured-value', { value: String(value), unit: unitWord(fact.unit) });
  return typed(String(value));
}

/** A coil over an oil furnace wants another pan and a gap. */
export const coilOnOil = (known: KnownFacts): boolean =>
  is(known, 'indoorType', 'oil-furnace') || (is(known, 'systemType', 'dual-fuel') && is(known, 'fuel', 'oil'));
