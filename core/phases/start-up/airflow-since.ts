import type { RunMode } from '@/core/finding/run-mode';
import { standing } from '@/core/job/movements';
import type { SheetMeasurement, SheetWith } from '@/core/job/sheet';
import { AIRFLOW_METHODS, type AirflowMethod } from '@/core/startup/airflow';
import { compareAirflow, type MeasuredAir } from '@/core/startup/airflow-compared';
import { airChangedAt } from './corrections';

type AirRead = SheetWith<'measurements' | 'systemLog'>;

/** Measured air of a mode since a method was last used again, which is done when something was changed in between; nothing
 * from before a filter, a coil, a register or the blower was changed by hand. */
function airSince(sheet: AirRead, mode: RunMode): SheetMeasurement[] {
  // The blower runs each call and stage at a speed of its own: air that was read in another one says nothing of it.
  const changedAt = airChangedAt(sheet);
  const all = standing(sheet.measurements).filter(
    (m) => m.quantity === 'airflowCfm' && m.mode === mode && m.occurredAt > changedAt,
  );
  const from = all.findLastIndex((m, i) => all.slice(0, i).some((before) => methodOf(before) === methodOf(m)));
  return all.slice(Math.max(0, from));
}

/** Those that nobody named a method for are of a grid, as they always were. */
const methodOf = (m: SheetMeasurement): AirflowMethod =>
  AIRFLOW_METHODS.find((method) => method === m.detail?.method) ?? AIRFLOW_METHODS[0];
const measuredOf = (m: SheetMeasurement): MeasuredAir => ({ method: methodOf(m), cfm: m.value });

/** The newest that the others do not speak against. */
export function newestAir(sheet: AirRead, mode: RunMode): SheetMeasurement | undefined {
  const since = airSince(sheet, mode);
  const { odd } = compareAirflow(since.map(measuredOf));
  return since.findLast((m) => methodOf(m) !== odd?.method);
}

/** What each method came to, where there are several. */
export function airflowsOf(sheet: AirRead, mode: RunMode): MeasuredAir[] | undefined {
  const since = airSince(sheet, mode);
  return since.length > 1 ? since.map(measuredOf) : undefined;
}

/** What was measured so far in the call that runs. */
export const airflowsSoFar = (sheet: AirRead & SheetWith<'job'>): MeasuredAir[] =>
  airSince(sheet, sheet.job.mode).map(measuredOf);
