import { tell } from '@/core/job/words';
import type { Said } from '@/core/words/said';
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

/** Phases whose readings and movements are recorded. */
export const READING_PHASES = ['charge', 'start-up', 'hand-over'] as const satisfies readonly Phase[];

export const PHASE_WORDS: Record<Phase, Said> = {
  survey: tell('job.survey'),
  scope: tell('job.scope'),
  plan: tell('job.day-plan'),
  recover: tell('job.recover'),
  set: tell('job.set'),
  wire: tell('job.wire'),
  join: tell('job.join'),
  'pressure-test': tell('job.pressure-test'),
  evacuate: tell('job.evacuate'),
  charge: tell('job.charge'),
  'start-up': tell('job.start-up'),
  'hand-over': tell('job.hand-over'),
};

/** The work of a phase as a noun, where "sign the …" asks for one. */
export const PHASE_NOUNS: Record<Phase, Said> = {
  survey: tell('job.survey-2'),
  scope: tell('job.scope-2'),
  plan: tell('job.day-plan-2'),
  recover: tell('job.recovery'),
  set: tell('job.setting'),
  wire: tell('job.wiring'),
  join: tell('job.joining'),
  'pressure-test': tell('job.pressure-test-2'),
  evacuate: tell('job.evacuation'),
  charge: tell('job.charge-2'),
  'start-up': tell('job.start-up-2'),
  'hand-over': tell('job.hand-over-2'),
};

export const PHASE_GROUPS: readonly { group: Said; phases: readonly Phase[] }[] = [
  { group: tell('job.before'), phases: ['survey', 'scope', 'plan'] },
  { group: tell('job.out'), phases: ['recover'] },
  { group: tell('job.in'), phases: ['set', 'wire', 'join'] },
  { group: tell('job.prove'), phases: ['pressure-test', 'evacuate', 'charge', 'start-up'] },
  { group: tell('job.close'), phases: ['hand-over'] },
];
