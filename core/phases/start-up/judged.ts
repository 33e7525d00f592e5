import { orderFindings } from '@/core/finding/order';
import type { Call, RunMode } from '@/core/finding/run-mode';
import { callOf, isLowStage } from '@/core/finding/run-mode';
import type { EquippedSheet, SheetMeasurement, SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/start-up/words';
import { judgeStartUp, type StartUpFindings } from '@/core/startup/judge';
import type { Readings } from '@/core/startup/quantities';
import { steadyFromRepeats } from '@/core/startup/steady-from-repeats';
import type { SteadyResult } from '@/core/startup/steady-state';
import { airflowsOf } from './airflow-since';
import { sinceChange } from './corrections';
import { type Held, heldInRun, steadinessOf, typedFloodingMin, typedSpeedHeld } from './held';
import { followUpsOf, MS_PER_MIN, roundsOf, typedRounds, typedRunMin } from './rounds';
import { acceptedOn, airflowOf, confirmationsOf, type RunData, startUpSystem } from './system';

/** Figures and findings of one mode and stage by its readings, in the order of the ladder. */
export function judgeMode(
  sheet: EquippedSheet,
  mode: RunMode,
  readings: Readings,
  { steady, held }: Stood,
  run?: RunData,
): StartUpFindings {
  const full = isLowStage(mode) ? fullStageA(sheet, callOf(mode)) : undefined;
  const airflow = airflowOf(sheet, run, mode);
  const { figures, findings } = judgeStartUp({
    system: startUpSystem(sheet, run),
    readings: { ...followUpsOf(sheet, mode), ...readings },
    steady,
    ...(airflow ? { airflow } : {}),
    ...several(sheet, mode),
    confirmations: confirmationsOf(sheet),
    schools: sheet.schools,
    mode,
    accepted: acceptedOn(sheet),
    ...(full === undefined ? {} : { fullStageA: full }),
    ...held,
  });
  return { figures, findings: orderFindings(findings) };
}

const several = (sheet: EquippedSheet, mode: RunMode) => {
  const airflows = airflowsOf(sheet, mode);
  return airflows ? { airflows } : {};
};

/** Amps of the newest round at the full stage of a call. */
const fullStageA = (
  sheet: SheetWith<'circuit' | 'job' | 'measurements' | 'systemLog'>,
  call: Call,
): number | undefined =>
  roundsOf(sheet, call)
    .at(-1)
    ?.measurements.find((m) => m.quantity === 'compressorA')?.value;

/** How a round stood when it was recorded: its steadiness, and for how long it had run. */
export type Stood = { steady: SteadyResult; held: Held };

type Round = { at: string; measurements: readonly SheetMeasurement[] };

/** How a recorded round stood: by its own run where that is at hand, else by what was kept with it; typed ones by repeats. */
export function stoodOf(sheet: EquippedSheet, mode: RunMode, round: Round, run: RunData | undefined): Stood {
  if (run) return { steady: steadinessOf(sheet, run), held: heldInRun(sheet, run) };
  const kept = round.measurements.find((m) => m.detail?.steady)?.detail as KeptStood | undefined;
  if (kept) return { steady: keptSteady(kept), held: keptHeld(kept) };
  const rounds = typedRounds(sheet, mode);
  const ranMin = typedRunMin(rounds, Date.parse(round.at) / MS_PER_MIN);
  return {
    steady: steadyFromRepeats(sinceChange(sheet, rounds), ranMin),
    held: {
      ...(ranMin === undefined ? {} : { ranMin }),
      floodingMin: typedFloodingMin(sheet, rounds),
      ...typedSpeedHeld(rounds),
    },
  };
}

/** What is kept beside each reading that an instrument gave: a later screen does not have the run at hand. */
export type KeptStood = { steady: SteadyResult['state']; ranMin?: number; speedHeldMin?: number };

export const keptStood = ({ steady, held }: Stood): KeptStood => ({
  steady: steady.state,
  ...(held.ranMin === undefined ? {} : { ranMin: tenths(held.ranMin) }),
  ...(held.speedHeldMin === undefined ? {} : { speedHeldMin: tenths(held.speedHeldMin) }),
});

const tenths = (min: number): number => Math.round(min * 10) / 10;

const keptHeld = ({ ranMin, speedHeldMin }: KeptStood): Held => ({
  ...(ranMin === undefined ? {} : { ranMin }),
  ...(speedHeldMin === undefined ? {} : { speedHeldMin }),
});

const keptSteady = ({ steady }: KeptStood): SteadyResult => ({
  state: steady,
  say: tell(steady === 'steady' ? 'job.steady-when-recorded' : 'job.not-steady-when-recorded'),
  steadyForS: 0,
  waitS: 0,
  channels: {},
});
