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

export const PLACE_WORDS: Record<Place, string> = {
  start: 'At the door',
  outdoor: 'Outdoor unit',
  disconnect: 'Disconnect and breaker',
  'line-set': 'Line set',
  indoor: 'Indoor unit and coil',
  ducts: 'Ducts and filter',
  drain: 'Drain',
  thermostat: 'Thermostat',
  'gas-vent': 'Gas and vent',
  access: 'Way in',
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
export const SYSTEM_TYPE_WORDS: Record<SystemType, string> = {
  'split-hp': 'Split heat pump',
  'split-ac': 'Split cooling with furnace',
  'packaged-hp': 'Packaged heat pump',
  'gas-pack': 'Gas pack',
  'furnace-gas': 'Gas furnace only',
  'furnace-oil': 'Oil furnace only',
  rooftop: 'Rooftop unit',
};

export type FactValue = string | number | boolean;
type Common = {
  key: string;
  place: Place;
  label: string;
  /** What this fact decides, in one short sentence. */
  why: string;
  /** How much is decided by it: the heaviest unknown is the next question. 1 to 10. */
  weight: number;
  /** Only for these kinds of system; omitted: for all. */
  only?: readonly SystemType[];
  /** Only while another question has this answer. */
  onlyIf?: { key: string; is: FactValue };
};
export type FactDef = Common &
  (
    | { kind: 'choice'; options: readonly (readonly [value: string, label: string])[] }
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
