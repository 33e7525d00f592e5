import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import type { RunMode } from '@/core/finding/run-mode';
import { acceptable } from '@/core/job/acceptance';
import { type EquippedSheet, isEquipped, type JobSheet, type SheetMeasurement } from '@/core/job/sheet';
import { type Limit, limitOf, requiredNow } from '@/core/startup/limit';
import { withTyped } from '@/core/startup/live';
import { placed } from '@/core/startup/probe-place';
import { QUANTITIES, type Quantity, type Readings } from '@/core/startup/quantities';
import { steadyFromRepeats, type TypedRound } from '@/core/startup/steady-from-repeats';
import { DEFAULT_STEADY, type SteadyResult } from '@/core/startup/steady-state';
import type { Said } from '@/core/words/said';
import { sinceChange, unreadFinding } from './corrections';
import { type Held, heldInRun, typedFloodingMin, typedSpeedHeld } from './held';
import { judgeMode, type Stood, stoodOf } from './judged';
import { modesOf, proofFindings } from './mode-proofs';
import { type Judgement, nextOf, openFor, signing } from './next';
import { placesOf } from './probe-place';
import { MS_PER_MIN, readingsOfRound, roundsOf, typedRounds, typedRunMin } from './rounds';
import { acceptedOn, type RunData, startUpSystem } from './system';

/** What is read now in one mode, with the proofs of the others beside it and the one next move. */
export function judgeSheet(
  sheet: EquippedSheet,
  readings: Readings,
  steady: SteadyResult,
  run?: RunData,
  held: Held = run ? heldInRun(sheet, run) : {},
  mode = sheet.job.mode,
  /** When the round was recorded that these readings are of; of what is read now nothing. */
  readAt?: string,
): Judgement {
  const { figures, findings } = judgeMode(sheet, mode, readings, { steady, held }, run);
  const ordered = orderFindings([
    ...findings,
    ...unreadFinding(sheet, readAt),
    ...proofFindings(sheet, mode, readings),
  ]);
  return { figures, findings: ordered, next: nextOf(openFor(sheet, ordered), signing(ordered)) };
}

/**
 * Readings, steadiness and judgement without instruments: the last recorded round stands until what is being typed takes
 * its place, box by box; a run time counts as soon as it is typed.
 */
export function judgeTyped(
  sheet: EquippedSheet,
  typing: Partial<Record<Quantity, number>>,
  nowMs: number,
): { readings: Readings; steady: SteadyResult; judgement: Judgement } {
  const rounds = typedRounds(sheet);
  const nowMin = nowMs / MS_PER_MIN;
  const last = roundsOf(sheet).at(-1);
  // What is typed now is read where probes are now; what is on record keeps its place.
  const readings = {
    ...(last ? readingsOfRound(last.measurements) : {}),
    ...placed(withTyped({}, typing), placesOf(sheet)),
  };
  const recorded = Object.keys(typing).length ? undefined : last;
  // What instruments recorded is judged as it stood then: nobody types it once more.
  const stood = recorded?.measurements.some((m) => m.detail?.steady)
    ? stoodOf(sheet, sheet.job.mode, recorded, undefined)
    : stoodByTyping(sheet, rounds, readings, typing, nowMin);
  const judgement = judgeSheet(sheet, readings, stood.steady, undefined, stood.held, sheet.job.mode, recorded?.at);
  return { readings, steady: stood.steady, judgement };
}

/** How a system that is read by hand stands: by its rounds, with the one that is being typed as the last. */
function stoodByTyping(
  sheet: EquippedSheet,
  rounds: readonly TypedRound[],
  readings: Readings,
  typing: Partial<Record<Quantity, number>>,
  nowMin: number,
): Stood {
  const ranMin = typing.runMinutes ?? typedRunMin(rounds, nowMin);
  const now = { atMin: nowMin, values: Object.fromEntries(Object.entries(readings).map(([k, r]) => [k, r.value])) };
  const all = Object.keys(typing).length ? [...rounds, now] : rounds;
  return {
    steady: steadyFromRepeats(sinceChange(sheet, rounds), ranMin, DEFAULT_STEADY, nowMin),
    held: {
      ...(ranMin === undefined ? {} : { ranMin }),
      floodingMin: typedFloodingMin(sheet, all),
      ...typedSpeedHeld(all),
    },
  };
}

export type RecordedStartUp = {
  mode: RunMode;
  judgement: Judgement;
  steady: SteadyResult;
  missing: Said[];
  measurements: SheetMeasurement[];
  setId: string;
  /** Why the charge cannot be judged now; then the run's length stands in place of steadiness. */
  limit: Limit | undefined;
  ranMin: number | undefined;
};

/**
 * The recorded reading that a signature would rest on: the last round with its own steadiness.
 * `runUpTo` gives the samples of a run up to a second, so that a later drift cannot change what was recorded.
 */
export function recordedStartUp(
  sheet: JobSheet,
  runUpTo: (runId: string, seconds: number) => RunData | undefined,
): RecordedStartUp | undefined {
  if (!isEquipped(sheet)) return undefined;
  const mode = recordedIn(sheet);
  const last = mode && roundsOf(sheet, mode).at(-1);
  if (!last) return undefined;
  const streamed = last.measurements.find((m) => m.runId !== null && m.runSeconds !== null);
  const run = streamed ? runUpTo(streamed.runId!, streamed.runSeconds!) : undefined;
  const stood = stoodOf(sheet, mode, last, run);
  const readings = readingsOfRound(last.measurements);
  const limit = limitOf({ mode, system: startUpSystem(sheet, run), readings });
  const missing = requiredNow(limit)
    .filter((q) => readings[q] === undefined)
    .map((q) => QUANTITIES[q].label);
  return {
    mode,
    judgement: judgeSheet(sheet, readings, stood.steady, run, stood.held, mode, last.at),
    steady: stood.steady,
    missing,
    measurements: last.measurements,
    setId: last.setId,
    limit,
    ranMin: stood.held.ranMin,
  };
}

/** Look-agains of the recorded start-up that lead and customer may still let stand. */
export function acceptableIn(sheet: JobSheet, recorded: RecordedStartUp | undefined): Finding[] {
  const stands = new Set(acceptedOn(sheet));
  return acceptable(recorded?.judgement.findings ?? []).filter((f) => !stands.has(f.id));
}

/** The mode whose newest round a signature rests on: the one that is read now, else the first that is on record. */
const recordedIn = (sheet: EquippedSheet): RunMode | undefined =>
  [sheet.job.mode, ...modesOf(sheet.circuit.plate)].find((m) => roundsOf(sheet, m).length > 0);
