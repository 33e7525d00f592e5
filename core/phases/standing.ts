import type { Verdict } from '@/core/finding/finding';
import { type Gate, passes } from '@/core/job/gates';
import { owedTasks, readOn } from '@/core/job/owed';
import type { Phase } from '@/core/job/phases';
import type { JobSheet, SheetWith } from '@/core/job/sheet';
import { handOver } from '@/core/phases/hand-over/phase';
import { purposeOf, visitNow } from '@/core/phases/hand-over/visits';
import { scope } from '@/core/phases/scope/phase';
import { scopeOf } from '@/core/phases/scope/view';
import type { RecordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { tell } from '@/core/phases/words';
import { clock, day, list, lower, type Said, value } from '@/core/words/said';
import { isCircuitPhase } from './circuit-kept';
import { gatesIn, type Note, type PhaseDescriptor, type Waits } from './phase';
import { PHASES_BUILT, phaseById } from './registry';
import { waitsByMove } from './waits';
export const mayWork = (gates: readonly Gate[], ids: readonly string[]): boolean =>
  gates.filter((g) => ids.includes(g.id)).every(passes);

export type Standing = { phase: Phase; state: 'open' | 'done'; mark: Verdict; waitsFor: Said };

/** The gates of a phase of this job, by its name. */
export const sheetGates = (sheet: JobSheet, phase: Phase, recorded?: RecordedStartUp): Gate[] => {
  const built = phaseById(phase);
  return built ? gatesIn(built, sheet, recorded) : [];
};

/** The phases this job goes through. */
export const phasesOf = (sheet: JobSheet): readonly Phase[] =>
  PHASES_BUILT.filter((p) => p.needed(sheet)).map((p) => p.id);

/** Phases that this job does not need, and why: they stay folded in the rail. */
export const notNeeded = (sheet: JobSheet): { phase: Phase; because: Said }[] =>
  PHASES_BUILT.flatMap((p) => {
    const because = p.needed(sheet) ? undefined : p.because?.(sheet);
    return because ? [{ phase: p.id, because }] : [];
  });

export function signedPhases(sheet: SheetWith<'signOffs'>): Partial<Record<Phase, boolean>> {
  return Object.fromEntries(sheet.signOffs.map((s) => [s.phase, true]));
}

/** Where a job stands and what it waits for: one sentence for the lists. */
export function standingOf(sheet: JobSheet, recorded?: RecordedStartUp): Standing {
  const signed = signedPhases(sheet);
  const at = (phase: PhaseDescriptor, { mark, say }: Waits): Standing => ({
    phase: phase.id,
    state: 'open',
    mark,
    waitsFor: say,
  });
  // A scope that waits for an answer, or whose removal is not released, comes before the work.
  if (signed.scope && !signed.charge && !signed['hand-over'] && (scopeOf(sheet).change || !sheet.removal))
    return at(scope, waitsByMove(scope.move(sheet, { maySign: true })));
  // Signed work is not asked for again: a phase before a signed charge that was never signed stays as it is.
  const phase = PHASES_BUILT.find((p) => p.needed(sheet) && !signed[p.id] && !(signed.charge && isCircuitPhase(p.id)));
  if (phase) return at(phase, phase.waits?.(sheet, recorded) ?? waitsByMove(phase.move(sheet, { maySign: true })));
  const back = visitNow(sheet);
  if (back)
    return at(handOver, {
      mark: 'not-proven',
      say: tell('phases.comes-back', { n: back.n, day: day(back.on), purpose: purposeOf(back) }),
    });
  const on = readOn(recorded?.measurements, sheet.job.scheduledFor, sheet.site.timeZone);
  const owed = owedTasks(recorded?.judgement.findings ?? [], on);
  return {
    phase: 'hand-over',
    state: 'done',
    mark: owed.length ? 'look-again' : 'good',
    waitsFor: owed.length
      ? tell('job.handed-over', {
          value: list(
            owed.map((o) => o.say),
            '; ',
          ),
        })
      : tell('job.handed-over-2'),
  };
}

/** The line under a phase in the rail: its own, else what it was signed at, what runs, or the gate that holds it. */
export function noteOf(phase: PhaseDescriptor, sheet: JobSheet): Note {
  const signed = sheet.signOffs.find((s) => s.phase === phase.id);
  const own = phase.note?.(sheet, signed !== undefined);
  if (own) return own;
  if (signed) return { say: tell('phases.signed-at', { at: clock(signed.at) }) };
  if (sheet.runs.some((r) => r.phase === phase.id && r.state === 'running'))
    return { say: phase.running ?? value('running') };
  const held = gatesIn(phase, sheet).find((g) => !passes(g));
  return { say: held ? tell('phases.waits-for', { asks: lower(held.asks) }) : tell('phases.ready-to-sign') };
}
