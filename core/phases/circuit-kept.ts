import { movementsOf } from '@/core/job/movements';
import type { SheetWith } from '@/core/job/sheet';
import { latestOf } from '@/core/phases/log/circuit-log';
import { hasCircuit, keepsOutdoor } from '@/core/phases/survey/view';
import { tell } from '@/core/phases/words';
import type { Said } from '@/core/words/said';
/** Phases of the refrigerant circuit between the old unit and the charge. */
export const CIRCUIT_PHASES = ['recover', 'join', 'pressure-test', 'evacuate'] as const;

export type CircuitPhase = (typeof CIRCUIT_PHASES)[number];

export const isCircuitPhase = (phase: string): phase is CircuitPhase =>
  (CIRCUIT_PHASES as readonly string[]).includes(phase);

/**
 * Whether these phases are kept on this sheet. A job whose vacuum was only typed, or whose charge moved, before anything
 * of the circuit was written down claims nothing about them.
 */
export function keepsCircuitLog(
  sheet: SheetWith<'circuit' | 'circuitLog' | 'measurements' | 'signOffs' | 'survey' | 'vacuum'>,
): boolean {
  if (!hasCircuit(sheet)) return false;
  if (sheet.circuitLog.length > 0) return true;
  return (
    sheet.vacuum === null &&
    !sheet.signOffs.some((s) => s.phase === 'charge') &&
    movementsOf(sheet.measurements).length === 0
  );
}

/**
 * Whether a typed vacuum would pass by all that comes before it: nothing of recovery, joining, pressure test or
 * evacuation is on record. A lead says why.
 */
export const vacuumWantsReason = (sheet: SheetWith<'circuit' | 'circuitLog'>): boolean =>
  sheet.circuitLog.length === 0 && sealedWhy(sheet) === undefined;

/** Circuit phases of this job: a packaged unit comes sealed, so nothing is joined, tested or evacuated. */
export function circuitPhasesOf(
  sheet: SheetWith<'circuit' | 'circuitLog' | 'measurements' | 'signOffs' | 'survey' | 'vacuum'>,
): readonly CircuitPhase[] {
  if (!keepsCircuitLog(sheet)) return [];
  if (sheet.circuit.plate?.packaged) return ['recover'];
  return sealedWhy(sheet) ? ['recover', 'join'] : CIRCUIT_PHASES;
}

/** Why nothing of this circuit is evacuated here: it came sealed. A set that was cut or vented is entered as field-charged. */
export function sealedWhy(sheet: SheetWith<'circuit' | 'circuitLog'>): Said | undefined {
  if (sheet.circuit.plate?.packaged) return tell('work.packaged-unit-comes-sealed-with-its');
  if (latestOf(sheet.circuitLog, 'line-run')?.body.setType === 'pre-charged')
    return tell('work.pre-charged-line-set-is-connected');
  return undefined;
}

export const noCircuitBecause = (sheet: SheetWith<'circuit' | 'survey'>): Said | undefined =>
  hasCircuit(sheet)
    ? undefined
    : keepsOutdoor(sheet)
      ? tell('job.circuit-stays-closed')
      : tell('job.furnace-alone-has-no-refrigerant');

/** Why a phase of the circuit is not needed: nothing to cool with, or a circuit that came sealed. */
export const circuitBecause = (
  sheet: SheetWith<'circuit' | 'circuitLog' | 'survey'>,
  phase: CircuitPhase,
): Said | undefined => noCircuitBecause(sheet) ?? (phase === 'recover' ? undefined : sealedWhy(sheet));
