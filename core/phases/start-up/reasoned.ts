import { expectedPressures } from '@/core/diagnosis/expected-pressures';
import type { Pair } from '@/core/diagnosis/pairs';
import type { Reasoning } from '@/core/diagnosis/reason';
import type { EquippedSheet } from '@/core/job/sheet';
import { type CyclePoints, cyclePoints } from '@/core/startup/cycle-points';
import type { Quantity, Readings } from '@/core/startup/quantities';
import { pairsOfReadings, reasonedPlate, reasoningOf } from '@/core/startup/reasoning';
import { followUpsIn, followUpsOf, lastTrim, readingsOfRound, roundsOf } from './rounds';
import { airflowOf, startUpSystem } from './system';

/**
 * The fault reasoning by what is read now; at rest by the last round that was recorded running since the charge was
 * changed, with the follow-ups since. Undefined in heating and where no such readings are.
 */
export function faultNow(
  sheet: EquippedSheet,
  readings: Readings,
): { found: Reasoning; fromRound: boolean } | undefined {
  if (sheet.job.mode !== 'cooling') return undefined;
  const system = startUpSystem(sheet);
  const airflow = airflowOf(sheet);
  const by = (r: Readings): Reasoning | undefined => reasoningOf(system, { ...followUpsOf(sheet), ...r }, airflow);
  const now = by(readings);
  if (now) return { found: now, fromRound: false };
  const since = lastTrim(sheet)?.occurredAt ?? '';
  const typed = followUpsIn(readings);
  for (const round of roundsOf(sheet).toReversed()) {
    if (round.at < since) return undefined;
    const found = by({ ...readingsOfRound(round.measurements), ...typed });
    if (found) return { found, fromRound: true };
  }
  return undefined;
}

/** Which two faults at once explain what is read now, or the newest round that was recorded running. */
export function twoFaultsNow(sheet: EquippedSheet, readings: Readings): Pair[] | undefined {
  if (sheet.job.mode !== 'cooling') return undefined;
  const [system, airflow, follows] = [startUpSystem(sheet), airflowOf(sheet), followUpsOf(sheet)];
  const by = (r: Readings): Pair[] | undefined => pairsOfReadings(system, { ...follows, ...r }, airflow);
  const last = roundsOf(sheet).at(-1);
  return by(readings) ?? (last && by({ ...readingsOfRound(last.measurements), ...followUpsIn(readings) }));
}

/** Where both pressures of a sound system lie in the air that is read now; undefined where that air is not read, or the plant knows no such run. */
export function pressuresNow(sheet: EquippedSheet, readings: Readings) {
  const system = startUpSystem(sheet);
  if (sheet.job.mode !== 'cooling' || system.inverter) return undefined;
  // To half a degree: the noise of a probe moves no band.
  const at = (name: Quantity): number =>
    readings[name]?.trouble ? Number.NaN : Math.round(2 * (readings[name]?.value ?? Number.NaN)) / 2;
  const air = {
    outdoorF: at('outdoorDryBulbF'),
    returnDryBulbF: at('returnDryBulbF'),
    returnWetBulbF: at('returnWetBulbF'),
    barometerPsia: system.barometerPsia,
  };
  return Object.values(air).every(Number.isFinite) ? expectedPressures(reasonedPlate(system), air) : undefined;
}

/** The cycle of the last round before refrigerant was last moved. */
export function cycleBeforeTrim(sheet: EquippedSheet): CyclePoints | undefined {
  const trim = lastTrim(sheet);
  const round = trim && roundsOf(sheet).findLast((r) => r.at < trim.occurredAt);
  return (
    round && cyclePoints(sheet.circuit.plate.refrigerant, readingsOfRound(round.measurements), sheet.site.barometerPsia)
  );
}
