/** The phases of a changeout: the same words in core, contract, SQL, routes and screens. */
export const PHASES = [
  'survey',
  'scope',
  'plan',
  'recover',
  'set',
  'wire',
  'join',
  'pressure-test',
  'evacuate',
  'charge',
  'start-up',
  'hand-over',
] as const;
export type Phase = (typeof PHASES)[number];

/** Phases that have a screen. One not built yet may hold a typed record that a gate reads. */
export const BUILT_PHASES = [
  'survey',
  'scope',
  'recover',
  'join',
  'pressure-test',
  'evacuate',
  'charge',
  'start-up',
  'hand-over',
] as const satisfies readonly Phase[];
export type BuiltPhase = (typeof BUILT_PHASES)[number];
/** Phases whose readings and movements are recorded. */
export const READING_PHASES = ['charge', 'start-up', 'hand-over'] as const satisfies readonly Phase[];

export const PHASE_WORDS: Record<Phase, string> = {
  survey: 'Survey',
  scope: 'Scope',
  plan: 'Day plan',
  recover: 'Recover',
  set: 'Set',
  wire: 'Wire',
  join: 'Join',
  'pressure-test': 'Pressure test',
  evacuate: 'Evacuate',
  charge: 'Charge',
  'start-up': 'Start-up',
  'hand-over': 'Hand-over',
};

/** The work of a phase as a noun, where "sign the …" asks for one. */
export const PHASE_NOUNS: Record<Phase, string> = {
  survey: 'survey',
  scope: 'scope',
  plan: 'day plan',
  recover: 'recovery',
  set: 'setting',
  wire: 'wiring',
  join: 'joining',
  'pressure-test': 'pressure test',
  evacuate: 'evacuation',
  charge: 'charge',
  'start-up': 'start-up',
  'hand-over': 'hand-over',
};
const capital = (word: string): string => `${word.charAt(0).toUpperCase()}${word.slice(1)}`;
export const phaseNoun = (phase: Phase): string => capital(PHASE_NOUNS[phase]);

export const PHASE_GROUPS: readonly { group: string; phases: readonly Phase[] }[] = [
  { group: 'Before', phases: ['survey', 'scope', 'plan'] },
  { group: 'Out', phases: ['recover'] },
  { group: 'In', phases: ['set', 'wire', 'join'] },
  { group: 'Prove', phases: ['pressure-test', 'evacuate', 'charge', 'start-up'] },
  { group: 'Close', phases: ['hand-over'] },
];
