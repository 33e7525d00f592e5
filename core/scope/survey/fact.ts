import { tell } from '@/core/scope/survey/words';
import type { Label, Said } from '@/core/words/said';
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

export const SYSTEM_TYPES = [
  'split-hp',
  'split-ac',
  'packaged-hp',
  'gas-pack',
  'furnace-gas',
  'furnace-oil',
  'rooftop',
] as const;
export type SystemType = (typeof SYSTEM_TYPES)[number];
export const SYSTEM_TYPE_WORDS: Record<SystemType, Said> = {
  'split-hp': tell('survey.split-heat-pump'),
  'split-ac': tell('survey.split-cooling-with-furnace'),
  'packaged-hp': tell('survey.packaged-heat-pump'),
  'gas-pack': tell('survey.gas-pack'),
  'furnace-gas': tell('survey.gas-furnace-only'),
  'furnace-oil': tell('survey.oil-furnace-only'),
  rooftop: tell('survey.rooftop-unit'),
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
  /** Only for these kinds of system; omitted: for all. */
  only?: readonly SystemType[];
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

export const SPLITS = ['split-hp', 'split-ac'] as const satisfies readonly SystemType[];
export const PACKAGES = ['packaged-hp', 'gas-pack', 'rooftop'] as const satisfies readonly SystemType[];
export const COOLED = [...SPLITS, ...PACKAGES] as const;
export const FIRED = [
  'split-ac',
  'gas-pack',
  'furnace-gas',
  'furnace-oil',
  'rooftop',
] as const satisfies readonly SystemType[];
