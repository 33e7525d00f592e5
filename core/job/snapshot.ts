import { type BuildUp, buildUp, judgeCharge, movementsOf } from './charge-sheet';
import type { Gate } from './gates';
import type { BuiltPhase } from './phases';
import type { JobSheet, SheetMeasurement } from './sheet';
import { airflowOf, type recordedStartUp, startUpSystem } from './start-up-sheet';

/** Raised whenever a formula, table or threshold changes what a snapshot would say. */
export const FORMULA_VERSION = '1';

/** What a signature freezes: inputs, derived values, findings, schools, overrides and the version of the formulas. */
export function snapshotOf(
  sheet: JobSheet,
  phase: BuiltPhase,
  gates: Gate[],
  recorded: ReturnType<typeof recordedStartUp>,
) {
  const build = buildUp(sheet.circuit.plate);
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
  };
  if (phase === 'charge') return { ...base, startUp: null };
  return {
    ...base,
    startUp: recorded
      ? {
          confirmations: sheet.startUp.confirmations,
          airflow: airflowOf(sheet) ?? null,
          system: startUpSystem(sheet),
          steady: recorded.steady,
          figures: recorded.judgement.figures,
          findings: recorded.judgement.findings,
          measurements: recorded.measurements,
        }
      : null,
  };
}

const pick = ({ finding, state }: ReturnType<typeof judgeCharge>) => ({ finding, state });

export type Snapshot = ReturnType<typeof snapshotOf>;
