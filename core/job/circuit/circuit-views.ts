import { sectionVolume } from '@/core/circuit/hold-volume';
import { afterRunOf } from '@/core/circuit/join/after-run';
import { type JoinView, joinOf, lengthOf } from '@/core/circuit/join/joining';
import { latestOf } from '@/core/circuit/log/circuit-log';
import { type PressureView, pressureOf } from '@/core/circuit/pressure/pressure-test';
import { type RecoveryView, recoveryOf } from '@/core/circuit/recovery/recovery';
import { type EvacuationView, evacuationOf } from '@/core/circuit/vacuum/evacuation';
import type { Finding } from '@/core/finding/finding';
import { beganWithSurvey, hasCircuit, lineKept } from '@/core/job/before';
import { movementsOf } from '@/core/job/charge-sheet';
import { tell } from '@/core/job/circuit/words';
import type { EquippedSheet, JobSheet } from '@/core/job/sheet';
import { knownFacts } from '@/core/scope/survey/survey';
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
export function keepsCircuitLog(sheet: JobSheet): boolean {
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
export const vacuumWantsReason = (sheet: JobSheet): boolean =>
  sheet.circuitLog.length === 0 && sealedWhy(sheet) === undefined;

/** Circuit phases of this job: a packaged unit comes sealed, so nothing is joined, tested or evacuated. */
export function circuitPhasesOf(sheet: JobSheet): readonly CircuitPhase[] {
  if (!keepsCircuitLog(sheet)) return [];
  if (sheet.circuit.plate?.packaged) return ['recover'];
  return sealedWhy(sheet) ? ['recover', 'join'] : CIRCUIT_PHASES;
}

/** Why nothing of this circuit is evacuated here: it came sealed. A set that was cut or vented is entered as field-charged. */
export function sealedWhy(sheet: JobSheet): Said | undefined {
  if (sheet.circuit.plate?.packaged) return tell('work.packaged-unit-comes-sealed-with-its');
  if (latestOf(sheet.circuitLog, 'line-run')?.body.setType === 'pre-charged')
    return tell('work.pre-charged-line-set-is-connected');
  return undefined;
}

export const recoveryView = (sheet: JobSheet): RecoveryView =>
  recoveryOf(sheet.circuitLog, { schools: sheet.circuitSchools, feeds: feedsOf(sheet) });

/** Feeds that must be proven dead, by the survey. */
export const feedsOf = (sheet: JobSheet): 1 | 2 => (knownFacts(sheet.survey.observations).twoFeeds === true ? 2 : 1);

/** Volume of the section under test, from the drawn line set, else from the plate. */
export function volumeOf(sheet: EquippedSheet): number | undefined {
  const { plate } = sheet.circuit;
  const run = latestOf(sheet.circuitLog, 'line-run');
  const volume = sectionVolume({
    liquidOdIn: run?.body.liquidOdIn ?? plate.liquidLineOdIn,
    vaporOdIn: run?.body.vaporOdIn ?? plate.vaporLineOdIn,
    lengthFt: Math.min(500, run ? lengthOf(run.body) : (plate.lineLengthFt ?? plate.includedLineFt)),
    tons: plate.nominalTons,
    withOutdoor: plate.unitState !== 'factory-held',
  });
  return volume.ok ? volume.value.volumeFt3 : undefined;
}

export function joinView(sheet: EquippedSheet): JoinView {
  const { plate } = sheet.circuit;
  return joinOf(sheet.circuitLog, {
    refrigerant: plate.refrigerant,
    tons: plate.nominalTons,
    heatPump: plate.heatPump,
    fixedOrifice: plate.metering === 'fixed-orifice',
    listedOrifice: plate.orificeStamp,
    subcoolingF: plate.targetSubcoolingF,
    schools: sheet.circuitSchools,
    testPsig: latestOf(sheet.circuitLog, 'test-plan')?.body.targetPsig,
    volumeFt3: volumeOf(sheet),
    scopeKeepsLines: sheet.signOffs.some((s) => s.phase === 'scope') ? lineKept(sheet) : undefined,
    listed: sheet.scope.outdoor
      ? { liquidOdIn: sheet.scope.outdoor.liquidOdIn, vaporOdIn: sheet.scope.outdoor.vaporOdIn }
      : undefined,
  });
}

export function pressureView(sheet: JobSheet): PressureView {
  const run = latestOf(sheet.circuitLog, 'line-run');
  return pressureOf(sheet.circuitLog, {
    schools: sheet.circuitSchools,
    barometerPsia: sheet.site.barometerPsia,
    lineFt: run ? lengthOf(run.body) : (sheet.circuit.plate?.lineLengthFt ?? undefined),
    keptLines: run?.body.kept ?? false,
    preCharged: run?.body.setType === 'pre-charged',
    expansionOpen: latestOf(sheet.circuitLog, 'expansion-open') !== undefined,
  });
}

export function evacuationView(sheet: JobSheet): EvacuationView {
  const run = latestOf(sheet.circuitLog, 'line-run');
  const wetReasons = [
    ...(run?.body.kept ? [tell('work.kept-line-set')] : []),
    ...(knownFacts(sheet.survey.observations).acid === 'acid' ? [tell('work.burnout-behind-it')] : []),
    ...(latestOf(sheet.circuitLog, 'drier')?.body.oldOneCut === 'torched out' ? [tell('work.torched-drier')] : []),
  ];
  return evacuationOf(sheet.circuitLog, { schools: sheet.circuitSchools, wetReasons });
}

/** What driers and moisture indicator show after the run; empty where none asks for it. */
export const afterRunView = (sheet: EquippedSheet): Finding[] =>
  afterRunOf(sheet.circuitLog, {
    refrigerant: sheet.circuit.plate.refrigerant,
    takeOut: sheet.scopeSchools.suctionDrierAfter === 'remove',
  });

/** What the survey already found of the old unit, for the crew to confirm: whether it runs, and acid in its oil. */
export function removalFactsFromSurvey(sheet: JobSheet): { compressorRuns?: string; burnout?: string } {
  if (!beganWithSurvey(sheet)) return {};
  const { compressorState, acid } = knownFacts(sheet.survey.observations);
  const dead = compressorState === 'locked' || compressorState === 'open' || compressorState === 'grounded';
  const burnt = acid === 'acid' || compressorState === 'grounded';
  return {
    ...(compressorState === 'runs' ? { compressorRuns: 'yes' } : dead ? { compressorRuns: 'no' } : {}),
    ...(burnt ? { burnout: 'yes' } : acid === 'none' ? { burnout: 'no' } : {}),
  };
}

/** What the old unit's record starts from: what the survey read off its plate and its line set. */
export function oldChargeFromSurvey(sheet: JobSheet) {
  if (!beganWithSurvey(sheet)) return {};
  const known = knownFacts(sheet.survey.observations);
  const number = (v: unknown): number | null => (typeof v === 'number' ? v : null);
  return {
    refrigerant: typeof known.oldRefrigerant === 'string' ? known.oldRefrigerant : undefined,
    factoryOz: number(known.oldChargeOz),
    lineLengthFt: number(known.lineLengthFt),
  };
}
