import type { RunMode } from '@/core/finding/run-mode';
import { movementsOf, standing } from '@/core/job/movements';
import type { SheetMeasurement, SheetWith } from '@/core/job/sheet';
import { FOLLOW_UP_QUANTITIES, QUANTITIES, type Quantity, type Readings } from '@/core/startup/quantities';
import type { TypedRound } from '@/core/startup/steady-from-repeats';
import { placer } from './probe-place';

export const MS_PER_MIN = 60_000;

/** Recorded rounds of start-up readings, oldest first. */
export function roundsOf(
  sheet: SheetWith<'circuit' | 'job' | 'measurements' | 'systemLog'>,
  mode: RunMode = sheet.job.mode,
): { setId: string; at: string; measurements: SheetMeasurement[] }[] {
  const rounds = new Map<string, SheetMeasurement[]>();
  const withPlace = placer(sheet);
  for (const m of standing(sheet.measurements)) {
    if (m.phase !== 'start-up' || !(m.stage === 'reading' || m.stage === 'final')) continue;
    // A reading taken in another mode says nothing of this one.
    if (m.mode !== mode) continue;
    rounds.set(m.setId, [...(rounds.get(m.setId) ?? []), withPlace(m)]);
  }
  // A follow-up that was recorded by itself adds to the round before; it takes no round's place.
  return [...rounds.entries()]
    .filter(([, measurements]) => measurements.some((m) => !isFollowUp(m.quantity)))
    .map(([setId, measurements]) => ({ setId, at: measurements[0]!.occurredAt, measurements }));
}

const isFollowUp = (quantity: string): boolean => (FOLLOW_UP_QUANTITIES as readonly string[]).includes(quantity);

/** Of readings, those that are follow-ups. */
export const followUpsIn = (readings: Readings): Readings =>
  Object.fromEntries(Object.entries(readings).filter(([quantity]) => isFollowUp(quantity)));

/** The newest follow-ups on record, since refrigerant was last moved at the start-up. */
export function followUpsOf(sheet: SheetWith<'job' | 'measurements'>, mode: RunMode = sheet.job.mode): Readings {
  const since = lastTrim(sheet)?.occurredAt ?? '';
  return readingsOfRound(
    standing(sheet.measurements).filter(
      (m) => m.phase === 'start-up' && m.mode === mode && m.occurredAt >= since && isFollowUp(m.quantity),
    ),
  );
}

/** When refrigerant was last moved at the start-up: what was read before says nothing of the charge that is in now. */
export const lastTrim = (sheet: SheetWith<'measurements'>) =>
  movementsOf(sheet.measurements)
    .filter((m) => m.phase === 'start-up')
    .at(-1);

export function readingsOfRound(measurements: readonly SheetMeasurement[]): Readings {
  const out: Readings = {};
  for (const m of measurements) {
    if (m.quantity in QUANTITIES) {
      out[m.quantity as Quantity] = {
        value: m.value,
        uncertainty: m.uncertainty,
        source: m.source,
        ...(isPlace(m.detail?.place) ? { place: m.detail.place } : {}),
      };
    }
  }
  return out;
}

const isPlace = (x: unknown): x is 'register' | 'moved' => x === 'register' || x === 'moved';

/** Rounds that were typed, as the repeat test wants them. */
export function typedRounds(
  sheet: SheetWith<'circuit' | 'job' | 'measurements' | 'systemLog'>,
  mode?: RunMode,
): TypedRound[] {
  return roundsOf(sheet, mode)
    .filter((r) => r.measurements.every((m) => m.source === 'typed'))
    .map((r) => ({
      atMin: Date.parse(r.at) / MS_PER_MIN,
      values: Object.fromEntries(r.measurements.map((m) => [m.quantity, m.value])),
    }));
}

/** Minutes of run by the newest typed run time, with the clock since; undefined when nobody typed one. */
export function typedRunMin(rounds: readonly TypedRound[], atMin: number): number | undefined {
  const told = rounds.findLast((r) => r.values.runMinutes !== undefined && r.atMin <= atMin);
  return told ? told.values.runMinutes! + (atMin - told.atMin) : undefined;
}
