import type { NextMove } from '@/core/finding/finding';
import { judgeStartUp, type StartUpFindings } from '@/core/startup/judge';
import type { JudgeInput } from '@/core/startup/judge-input';
import { learnedSteps } from '@/core/startup/learned-steps';
import { type RunSample, steadySamples } from '@/core/startup/live';
import { QUANTITIES, type Quantity, REQUIRED_QUANTITIES, type Readings } from '@/core/startup/quantities';
import { steadyFromRepeats, type TypedRound } from '@/core/startup/steady-from-repeats';
import {
  DEFAULT_STEADY,
  LARGE_STEP_SHARE,
  type RunEvent,
  type SteadyResult,
  steadyState,
} from '@/core/startup/steady-state';
import type { Airflow, Confirmations, StartUpSystem } from '@/core/startup/system';
import { buildUpOf, movementsOf, standing } from './charge-sheet';
import { nextMove, orderFindings } from './order-findings';
import { type EquippedSheet, isEquipped, type JobSheet, type SheetMeasurement } from './sheet';

/** Figures, findings in the order of the ladder, and the one next move. */
export type Judgement = StartUpFindings & { next: NextMove };

export type RunData = { samples: readonly RunSample[]; events: readonly RunEvent[] };

export function confirmationsOf(sheet: JobSheet): Confirmations {
  const c = sheet.startUp.confirmations;
  return {
    filterClean: !!c.filterClean,
    indoorCoilClean: !!c.indoorCoilClean,
    outdoorCoilCleanDry: !!c.outdoorCoilCleanDry,
    enclosureRestored: !!c.enclosureRestored,
  };
}

/**
 * The newest airflow on record, with its method. A change of the blower after it was measured voids the proof: then
 * there is none until it is measured again.
 */
export function airflowOf(sheet: JobSheet, run?: RunData): (Airflow & { at: string }) | undefined {
  const last = standing(sheet.measurements)
    .filter((m) => m.quantity === 'airflowCfm')
    .at(-1);
  if (!last) return undefined;
  const changed = run?.events.some(
    (e) => e.kind === 'setting' && e.change?.indoorAir !== undefined && e.runSeconds > (last.runSeconds ?? -1),
  );
  if (changed && last.runId !== null) return undefined;
  return {
    cfm: last.value,
    method: String(last.detail?.method ?? 'flow grid or hood'),
    source: last.source,
    at: last.occurredAt,
  };
}

/** Steadiness of a streamed run at its end, or of the samples given. */
export function steadinessOf(sheet: EquippedSheet, run: RunData): SteadyResult {
  const { refrigerant } = sheet.circuit.plate;
  const samples = steadySamples(run.samples, { refrigerant, barometerPsia: sheet.site.barometerPsia });
  const build = buildUpOf(sheet);
  const total = build.ok ? build.value.totalOz : Number.POSITIVE_INFINITY;
  const large = movementsOf(sheet.measurements).some(
    (m) => m.phase === 'start-up' && Math.abs(m.oz) > LARGE_STEP_SHARE * total,
  );
  return steadyState(
    samples,
    run.events,
    large ? { ...DEFAULT_STEADY, recheckMin: DEFAULT_STEADY.minRunMin } : DEFAULT_STEADY,
  );
}

export function startUpSystem(sheet: EquippedSheet, run?: RunData): StartUpSystem {
  const { plate } = sheet.circuit;
  const build = buildUpOf(sheet);
  const movements = movementsOf(sheet.measurements);
  const sum = (phase: string): number => movements.filter((m) => m.phase === phase).reduce((s, m) => s + m.oz, 0);
  const totalOz = build.ok ? build.value.totalOz : plate.factoryChargeOz;
  const inUnitOz = build.ok ? build.value.alreadyInUnitOz : plate.factoryChargeOz;
  const trimOz = sum('start-up');
  const key = plate.metering === 'fixed-orifice' ? 'superheatF' : 'subcoolingF';
  const trims = movements.flatMap((m) =>
    m.phase === 'start-up' && m.runSeconds !== null
      ? [{ startS: Number(m.detail?.startS ?? m.runSeconds), endS: m.runSeconds, oz: m.oz }]
      : [],
  );
  const samples =
    run && trims.length
      ? steadySamples(run.samples, { refrigerant: plate.refrigerant, barometerPsia: sheet.site.barometerPsia })
      : [];
  return {
    refrigerant: plate.refrigerant,
    metering: plate.metering,
    nominalTons: plate.nominalTons,
    targetSubcoolingF: plate.targetSubcoolingF ?? undefined,
    targetSource: plate.targetSource,
    compressorRlaA: plate.compressorRlaA,
    outdoorFanFlaA: plate.outdoorFanFlaA,
    plateVolts: plate.plateVolts,
    inverter: plate.inverter,
    barometerPsia: sheet.site.barometerPsia,
    chargeTargetOz: totalOz,
    chargeInOz: inUnitOz + sum('charge') + trimOz,
    trimOz,
    learned: learnedSteps(trims, samples, key),
    unknownLine:
      build.ok && build.value.lengthUnknown
        ? { includedFt: plate.includedLineFt, ozPerFt: build.value.ozPerFt, trims: trims.length }
        : undefined,
  };
}

export function judgeSheet(sheet: EquippedSheet, readings: Readings, steady: SteadyResult, run?: RunData): Judgement {
  const input: JudgeInput = {
    system: startUpSystem(sheet, run),
    readings,
    steady,
    airflow: airflowOf(sheet, run),
    confirmations: confirmationsOf(sheet),
    schools: sheet.schools,
    mode: sheet.job.mode,
  };
  const { figures, findings } = judgeStartUp(input);
  const ordered = orderFindings(findings);
  return { figures, findings: ordered, next: nextMove(ordered, ALL_GOOD) };
}

const ALL_GOOD: NextMove = {
  say: 'Everything stands in its slot. Record the final reading and sign.',
  because: 'Power, probes, steadiness, airflow, coils and charge are all proven.',
  action: { kind: 'sign' },
};

/** Recorded rounds of start-up readings, oldest first. */
export function roundsOf(sheet: JobSheet): { setId: string; at: string; measurements: SheetMeasurement[] }[] {
  const rounds = new Map<string, SheetMeasurement[]>();
  for (const m of standing(sheet.measurements)) {
    if (m.phase !== 'start-up' || !(m.stage === 'reading' || m.stage === 'final')) continue;
    rounds.set(m.setId, [...(rounds.get(m.setId) ?? []), m]);
  }
  return [...rounds.entries()].map(([setId, measurements]) => ({
    setId,
    at: measurements[0]!.occurredAt,
    measurements,
  }));
}

export function readingsOfRound(measurements: readonly SheetMeasurement[]): Readings {
  const out: Readings = {};
  for (const m of measurements) {
    if (m.quantity in QUANTITIES) {
      out[m.quantity as Quantity] = { value: m.value, uncertainty: m.uncertainty, source: m.source };
    }
  }
  return out;
}

/** Rounds that were typed, as the repeat test wants them. */
export function typedRounds(sheet: JobSheet): TypedRound[] {
  return roundsOf(sheet)
    .filter((r) => r.measurements.every((m) => m.source === 'typed'))
    .map((r) => ({
      atMin: Date.parse(r.at) / 60_000,
      values: Object.fromEntries(r.measurements.map((m) => [m.quantity, m.value])),
    }));
}

export function typedSteadiness(sheet: JobSheet): SteadyResult {
  const rounds = typedRounds(sheet);
  return steadyFromRepeats(rounds, rounds[rounds.length - 1]?.values.runMinutes);
}

/**
 * The recorded reading that a signature would rest on: the last round with its own steadiness.
 * `runUpTo` gives the samples of a run up to a second, so that a later drift cannot change what was recorded.
 */
export function recordedStartUp(
  sheet: JobSheet,
  runUpTo: (runId: string, seconds: number) => RunData | undefined,
):
  | { judgement: Judgement; steady: SteadyResult; missing: string[]; measurements: SheetMeasurement[]; setId: string }
  | undefined {
  const rounds = roundsOf(sheet);
  const last = rounds[rounds.length - 1];
  if (!last || !isEquipped(sheet)) return undefined;
  const streamed = last.measurements.find((m) => m.runId !== null && m.runSeconds !== null);
  const run = streamed ? runUpTo(streamed.runId!, streamed.runSeconds!) : undefined;
  const steady = run ? steadinessOf(sheet, run) : typedSteadiness(sheet);
  const readings = readingsOfRound(last.measurements);
  const missing = REQUIRED_QUANTITIES.filter((q) => readings[q] === undefined).map((q) =>
    QUANTITIES[q].label.toLowerCase(),
  );
  return {
    judgement: judgeSheet(sheet, readings, steady, run),
    steady,
    missing,
    measurements: last.measurements,
    setId: last.setId,
  };
}
