import { tell } from '@/core/scope/survey/words';
import type { Label, Said } from '@/core/words/said';
import type { Trait } from './parts';

/** The places of a survey in the order a person walks the house. */
export const PLACES = [
  'start',
  'outdoor',
  'disconnect',
  'line-set',
  'indoor',
  'ducts',
  'drain',
  'thermostat',
  'gas-vent',
  'access',
] as const;
export type Place = (typeof PLACES)[number];

export const PLACE_WORDS: Record<Place, Said> = {
  start: tell('survey.at-door'),
  outdoor: tell('survey.outdoor-unit'),
  disconnect: tell('survey.disconnect-and-breaker'),
  'line-set': tell('survey.line-set'),
  indoor: tell('survey.indoor-unit-and-coil'),
  ducts: tell('survey.ducts-and-filter'),
  drain: tell('survey.drain'),
  thermostat: tell('survey.thermostat'),
  'gas-vent': tell('survey.gas-and-vent'),
  access: tell('survey.way-in'),
};

export type FactValue = string | number | boolean;
type Common = {
  key: string;
  place: Place;
  label: Said;
  /** What this fact decides, in one short sentence. */
  why: Said;
  /** How much is decided by it: the heaviest unknown is the next question. 1 to 10. */
  weight: number;
  /** Of the house, whichever of its systems is surveyed: asked once. */
  house?: true;
  /** Only for systems of this trait; omitted: for all. */
  only?: Trait;
  /** Only while another question has this answer. */
  onlyIf?: { key: string; is: FactValue };
};
export type FactDef = Common &
  (
    | { kind: 'choice'; options: readonly (readonly [value: string, label: Label])[] }
    | { kind: 'number'; unit: string; low: number; high: number }
    | { kind: 'yes-no' }
    | { kind: 'text' }
  );
