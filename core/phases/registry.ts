import type { Phase } from '@/core/job/phases';
import type { JobSheet } from '@/core/job/sheet';
import { charge } from '@/core/phases/charge/phase';
import { evacuate } from '@/core/phases/evacuate/phase';
import { handOver } from '@/core/phases/hand-over/phase';
import { join } from '@/core/phases/join/phase';
import { plan } from '@/core/phases/plan/phase';
import { pressureTest } from '@/core/phases/pressure-test/phase';
import { recover } from '@/core/phases/recover/phase';
import { scope } from '@/core/phases/scope/phase';
import { set } from '@/core/phases/set/phase';
import { startUp } from '@/core/phases/start-up/phase';
import { survey } from '@/core/phases/survey/phase';
import { wire } from '@/core/phases/wire/phase';
import { tell } from '@/core/phases/words';
import type { BenchKind } from '@/core/plant/bench/bench';
import type { Said } from '@/core/words/said';
import type { PhaseDescriptor } from './phase';
/** Every phase that is built, in the order of the work. A new one is a folder and a line here. */
export const PHASES_BUILT = [
  survey,
  scope,
  plan,
  recover,
  set,
  wire,
  join,
  pressureTest,
  evacuate,
  charge,
  startUp,
  handOver,
] as const satisfies readonly PhaseDescriptor[];

const BY_ID = new Map<string, PhaseDescriptor>(PHASES_BUILT.map((p) => [p.id, p]));

export const phaseById = (id: string): PhaseDescriptor | undefined => BY_ID.get(id);

/** What a gate asks for, as a noun, by its name alone. */
export const gateWords = (id: string): Said | undefined =>
  id === 'certification'
    ? tell('job.gate-certification')
    : PHASES_BUILT.map((p): Said | undefined => p.gateWords[id as never]).find((words) => words !== undefined);

/** The simulated bench that a phase works on; none where its instruments hang on the running system. */
export const benchOf = (phase: string): BenchKind | undefined => {
  const hang = phaseById(phase)?.instruments;
  return hang === 'system' ? undefined : hang;
};

/** Phases that instruments run in. */
export const RUN_PHASES = PHASES_BUILT.filter((p: PhaseDescriptor) => p.instruments).map((p) => p.id) as [
  Phase,
  ...Phase[],
];

/**
 * What a phase's log, signature and overrides belong to: the job, the system or the circuit. What is no phase (the release to
 * take out, the proof of a furnace) belongs to the system.
 */
export const ownerOf = (sheet: Pick<JobSheet, 'job' | 'system' | 'circuit'>, phase: string): string =>
  sheet[phaseById(phase)?.owner ?? 'system'].id;
