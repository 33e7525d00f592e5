import { movementsOf } from '@/core/job/movements';
import type { EquippedSheet, EquippedWith } from '@/core/job/sheet';
import { movingMean } from '@/core/numeric/window';
import { buildUpOf } from '@/core/phases/charge/charge-sheet';
import { superheat } from '@/core/refrigerant/saturation-calculations';
import { READING_MEAN_S, steadySamples } from '@/core/startup/live';
import type { TypedRound } from '@/core/startup/steady-from-repeats';
import {
  DEFAULT_STEADY,
  LARGE_STEP_SHARE,
  type RunEvent,
  type SteadyResult,
  steadyState,
} from '@/core/startup/steady-state';
import type { RunData } from './system';

/** Superheat below this is liquid on its way to the compressor; how far back it is looked for. */
const FLOODING_BELOW_F = 2;
const FLOODING_LOOK_S = 240;
const S_PER_MIN = 60;
/** A test speed that moves by more than this is not held (common practice). */
const HELD_SHARE = 0.02;

/** The run's own clock: minutes since the compressor last started, and since superheat last stood above the limit. */
export function heldInRun(sheet: EquippedSheet, run: RunData): Held {
  const end = run.samples.at(-1)?.runSeconds;
  if (end === undefined) return {};
  const last = (kind: RunEvent['kind']): number | undefined => run.events.findLast((e) => e.kind === kind)?.runSeconds;
  const started = last('compressor-start');
  const stopped = last('compressor-stop');
  const runs = started !== undefined && (stopped === undefined || stopped < started);
  const recent = run.samples.filter((s) => end - s.runSeconds <= FLOODING_LOOK_S);
  const { refrigerant } = sheet.circuit.plate;
  const samples = steadySamples(recent, { refrigerant, barometerPsia: sheet.site.barometerPsia });
  const known = samples.filter((s): s is typeof s & { superheatF: number } => typeof s.superheatF === 'number');
  const means = movingMean(
    known.map((s) => s.runSeconds),
    known.map((s) => s.superheatF),
    READING_MEAN_S,
  );
  const above = means.findLastIndex((m) => m >= FLOODING_BELOW_F);
  const since = known[above + 1]?.runSeconds;
  return {
    // With instruments a system that stands has run for no time; only without them nobody may know.
    ranMin: runs ? (end - started) / S_PER_MIN : 0,
    floodingMin: since === undefined || !runs ? 0 : (end - since) / S_PER_MIN,
    ...(runs
      ? speedHeld(run.samples.map((s) => ({ atMin: s.runSeconds / S_PER_MIN, speed: s.values.compressorSpeed })))
      : {}),
  };
}

/** Minutes for which the speed has stayed where it is now; nothing where nobody reads one. */
function speedHeld(read: readonly { atMin: number; speed: number | null | undefined }[]): Pick<Held, 'speedHeldMin'> {
  const known = read.filter((r): r is typeof r & { speed: number } => typeof r.speed === 'number');
  const last = known.at(-1);
  if (!last) return {};
  const away = known.findLastIndex((r) => Math.abs(r.speed - last.speed) > HELD_SHARE * last.speed);
  return { speedHeldMin: last.atMin - known[away + 1]!.atMin };
}

/** The same by typed rounds: a round that did not read the speed says nothing of it. */
export const typedSpeedHeld = (rounds: readonly TypedRound[]): Pick<Held, 'speedHeldMin'> =>
  speedHeld(rounds.map((r) => ({ atMin: r.atMin, speed: r.values.compressorSpeed })));

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

/** How long it has run, how long superheat has stood low and the speed has been held, as far as anyone knows. */
export type Held = { ranMin?: number; floodingMin?: number; speedHeldMin?: number };

/** Minutes for which the superheat of typed rounds has stood low, up to the last of them. */
export function typedFloodingMin(sheet: EquippedWith<'circuit' | 'site'>, rounds: readonly TypedRound[]): number {
  const { refrigerant } = sheet.circuit.plate;
  const low = ({ values: { suctionPsig, suctionLineF } }: TypedRound): boolean => {
    if (suctionPsig === undefined || suctionLineF === undefined) return false;
    const sh = superheat({ refrigerant, suctionPsig, suctionLineF, barometerPsia: sheet.site.barometerPsia });
    return sh.ok && sh.value.superheatF < FLOODING_BELOW_F;
  };
  const last = rounds.at(-1);
  if (!last || !low(last)) return 0;
  let since = last.atMin;
  for (const round of [...rounds].reverse()) {
    if (!low(round)) break;
    since = round.atMin;
  }
  return last.atMin - since;
}
