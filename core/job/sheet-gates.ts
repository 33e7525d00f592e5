import { buildUp, judgeCharge } from './charge-sheet';
import { type Gate, type GateFacts, gatesOf, passes } from './gates';
import { BUILT_PHASES, type BuiltPhase, PHASE_WORDS } from './phases';
import type { JobSheet } from './sheet';
import type { recordedStartUp } from './start-up-sheet';

/** The gates of a phase of this job. */
export function sheetGates(sheet: JobSheet, phase: BuiltPhase, recorded?: ReturnType<typeof recordedStartUp>): Gate[] {
  const build = buildUp(sheet.circuit.plate);
  const charge = build.ok ? judgeCharge(sheet, build.value) : undefined;
  const facts: GateFacts = {
    phase,
    vacuum: sheet.vacuum ?? undefined,
    plateTrouble: build.ok ? null : build.refused.message,
    weighedIn: charge?.state.done ?? false,
    weighSay: charge?.finding.claim ?? 'No charge build-up',
    certification: sheet.certification,
    signed: signedPhases(sheet),
    startUp: {
      steady: recorded?.steady.state === 'steady',
      steadySay: recorded ? recorded.steady.say : 'No reading recorded',
      missing: recorded?.missing ?? ['every reading'],
      findings: recorded?.judgement.findings ?? [],
      enclosureRestored: sheet.startUp.confirmations.enclosureRestored !== undefined,
    },
    overrides: sheet.overrides.filter((o) => o.phase === phase),
  };
  return gatesOf(facts);
}

export function signedPhases(sheet: JobSheet): Partial<Record<BuiltPhase, boolean>> {
  return Object.fromEntries(sheet.signOffs.map((s) => [s.phase, true]));
}

export const mayWork = (gates: readonly Gate[], ids: readonly string[]): boolean =>
  gates.filter((g) => ids.includes(g.id)).every(passes);

export type Standing = {
  phase: BuiltPhase;
  state: 'open' | 'done';
  mark: 'good' | 'look-again' | 'stop' | 'not-proven';
  waitsFor: string;
};

/** Where a job stands and what it waits for: one sentence for the lists. */
export function standingOf(sheet: JobSheet, recorded?: ReturnType<typeof recordedStartUp>): Standing {
  const signed = signedPhases(sheet);
  const phase = BUILT_PHASES.find((p) => !signed[p]);
  if (!phase) return { phase: 'hand-over', state: 'done', mark: 'good', waitsFor: 'Handed over' };
  if (phase === 'start-up' && recorded) {
    const first = recorded.judgement.findings.find((f) => f.verdict !== 'good');
    return {
      phase,
      state: 'open',
      mark: first?.verdict ?? 'good',
      waitsFor: first?.next?.say ?? first?.claim ?? 'Sign the start-up',
    };
  }
  const held = sheetGates(sheet, phase, recorded).filter((g) => !passes(g) && g.id !== 'certification');
  const first = held[0];
  const running = sheet.runs.some((r) => r.state === 'running' && r.phase === phase);
  return {
    phase,
    state: 'open',
    mark: first ? 'not-proven' : 'good',
    waitsFor: first
      ? phase === 'start-up'
        ? running
          ? 'Running: waits for a steady reading'
          : 'Start the system'
        : first.say
      : `Sign the ${PHASE_WORDS[phase].toLowerCase()}`,
  };
}
