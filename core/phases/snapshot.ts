import type { Gate } from '@/core/job/gates';
import { movementsOf } from '@/core/job/movements';
import type { Phase } from '@/core/job/phases';
import { type EquippedSheet, isEquipped, type JobSheet, type SheetMeasurement, type SheetWith } from '@/core/job/sheet';
import { type BuildUp, buildUpOf, judgeCharge } from '@/core/phases/charge/charge-sheet';
import { evacuationView } from '@/core/phases/evacuate/view';
import { registersOf } from '@/core/phases/hand-over/balance';
import { furnaceFindings } from '@/core/phases/hand-over/furnace';
import { pipeFindings, ventFindings } from '@/core/phases/hand-over/gas-pipe';
import { joinView } from '@/core/phases/join/view';
import { isOf, standingEntries } from '@/core/phases/log/circuit-log';
import { pressureView } from '@/core/phases/pressure-test/view';
import { recoveryView } from '@/core/phases/recover/view';
import { newPieces, scopeOf } from '@/core/phases/scope/view';
import { settingOf } from '@/core/phases/set/report';
import { changesOf } from '@/core/phases/start-up/changes';
import { otherProofs } from '@/core/phases/start-up/mode-proofs';
import type { RecordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { airflowOf, startUpSystem } from '@/core/phases/start-up/system';
import { beganWithSurvey, surveyOf } from '@/core/phases/survey/view';
import { wiringRecordOf } from '@/core/phases/wire/report';
import type { CircuitPhase } from './circuit-kept';

/**
 * Raised whenever a formula, table, threshold or the shape changes what a snapshot would say; then `scripts/freeze-example.ts`
 * writes its stored example, and `contract/snapshot.ts` reads the older ones.
 */
export const FORMULA_VERSION = '10';

/** What a signature freezes: inputs, derived values, findings, schools, overrides and the version of the formulas. */
export function snapshotOf(sheet: EquippedSheet, phase: Phase, gates: Gate[], recorded: RecordedStartUp | undefined) {
  const build = buildUpOf(sheet);
  const charge: { build: BuildUp; finding: unknown; state: unknown } | null = build.ok
    ? { build: build.value, ...pick(judgeCharge(sheet, build.value)) }
    : null;
  const base = {
    phase,
    formulaVersion: FORMULA_VERSION,
    job: sheet.job,
    customer: sheet.customer,
    site: sheet.site,
    system: sheet.system,
    circuit: sheet.circuit,
    schools: sheet.schools,
    gates,
    overrides: sheet.overrides,
    vacuum: sheet.vacuum,
    movements: movementsOf(sheet.measurements) as SheetMeasurement[],
    charge,
    runs: sheet.runs,
    before: beganWithSurvey(sheet) ? beforeOf(sheet) : null,
    circuitRecord: sheet.circuitLog.length ? circuitRecordOf(sheet) : null,
    ...furnaceOf(sheet),
    jobLog: sheet.jobLog,
    acceptances: sheet.acceptances,
  };
  if (phase === 'charge') return { ...base, startUp: null };
  return {
    ...base,
    startUp: recorded
      ? {
          mode: recorded.mode,
          proofs: otherProofs(sheet, recorded.mode),
          written: standingEntries(sheet.systemLog).filter((e) => e.phase === 'start-up' && isOf(e, sheet.circuit)),
          changes: changesOf(sheet),
          confirmations: sheet.startUp.confirmations,
          airflow: airflowOf(sheet, undefined, recorded.mode) ?? null,
          system: startUpSystem(sheet),
          steady: recorded.steady,
          figures: recorded.judgement.figures,
          findings: recorded.judgement.findings,
          measurements: recorded.measurements,
        }
      : null,
  };
}

/** What was written down of the refrigerant circuit, and how each phase of it is judged. */
function circuitRecordOf(sheet: JobSheet) {
  return {
    log: sheet.circuitLog,
    schools: sheet.circuitSchools,
    cylinders: sheet.cylinders,
    recovery: recoveryView(sheet),
    joining: isEquipped(sheet) ? joinView(sheet) : null,
    pressure: pressureView(sheet),
    evacuation: evacuationView(sheet),
  };
}
export type CircuitRecord = ReturnType<typeof circuitRecordOf>;

/** What a signature under a phase of the circuit freezes. */
export function circuitSnapshotOf(sheet: JobSheet, phase: CircuitPhase, gates: Gate[]) {
  const { job, customer, site, system, circuit } = sheet;
  return {
    phase,
    formulaVersion: FORMULA_VERSION,
    job,
    customer,
    site,
    system,
    circuit,
    gates,
    overrides: sheet.overrides,
    runs: sheet.runs,
    circuitRecord: circuitRecordOf(sheet),
  };
}

/** The typed proof of what newly burns fuel, and how it is judged. */
const furnaceOf = (sheet: SheetWith<'furnace' | 'scope' | 'site' | 'survey'>) => ({
  furnace: sheet.furnace,
  furnaceChecks: furnaceFindings(sheet) ?? [],
});

/** What was found, chosen and agreed before the work. */
function beforeOf(
  sheet: SheetWith<
    | 'acceptances'
    | 'fits'
    | 'furnace'
    | 'removal'
    | 'scope'
    | 'scopeSchools'
    | 'signOffs'
    | 'site'
    | 'survey'
    | 'systemLog'
  >,
) {
  const survey = surveyOf(sheet);
  const scope = scopeOf(sheet);
  const pieces = newPieces(sheet);
  return {
    observations: sheet.survey.observations,
    photos: sheet.survey.photos,
    waivers: sheet.survey.waivers,
    hazards: survey.hazards,
    clearance: survey.clearance ?? null,
    tonnage: survey.tonnage ?? null,
    story: survey.story,
    choice: pieces.choice,
    outdoor: pieces.outdoor ?? null,
    indoor: pieces.indoor ?? null,
    furnace: pieces.furnace ?? null,
    items: scope.items,
    total: scope.total,
    disclosures: scope.disclosures,
    answers: scope.answers,
    fits: sheet.fits,
    scopeSchools: sheet.scopeSchools,
    removal: sheet.removal,
    setting: settingOf(sheet),
    wiring: wiringRecordOf(sheet),
    registers: registersOf(sheet),
    gasPipe: {
      written: standingEntries(sheet.systemLog).filter((e) => e.kind === 'gas-test' || e.kind === 'vent-gas'),
      checks: [...(pipeFindings(sheet) ?? []), ...(ventFindings(sheet) ?? [])],
    },
  };
}
export type BeforeSnapshot = ReturnType<typeof beforeOf>;

/** What a signature under survey or scope freezes, or under the hand-over of a furnace alone: no refrigerant circuit in it. */
export function beforeSnapshotOf(
  sheet: JobSheet,
  phase: 'survey' | 'scope' | 'plan' | 'set' | 'wire' | 'hand-over',
  gates: Gate[],
) {
  const { job, customer, site, system } = sheet;
  return {
    phase,
    formulaVersion: FORMULA_VERSION,
    job,
    customer,
    site,
    system,
    gates,
    overrides: sheet.overrides,
    before: beforeOf(sheet),
    ...furnaceOf(sheet),
    jobLog: sheet.jobLog,
  };
}
export type FurnaceSnapshot = ReturnType<typeof beforeSnapshotOf>;

const pick = ({ finding, state }: ReturnType<typeof judgeCharge>) => ({ finding, state });

export type Snapshot = ReturnType<typeof snapshotOf>;

/** What a signature freezes, by phase; undefined where the new equipment is not known yet. */
export type SnapshotOf = (sheet: JobSheet, gates: Gate[], recorded?: RecordedStartUp) => object | undefined;

export const commissioningSnapshot =
  (phase: 'charge' | 'start-up' | 'hand-over'): SnapshotOf =>
  (sheet, gates, recorded) =>
    isEquipped(sheet) ? snapshotOf(sheet, phase, gates, recorded) : undefined;
