import type { SheetMeasurement, SheetWith } from '@/core/job/sheet';
import { entriesOf } from '@/core/phases/log/circuit-log';
import { type Placed, placeOf } from '@/core/startup/probe-place';

type Written = SheetWith<'systemLog'>;

/** Where air and lines are read now, or were at a moment; nothing of what nobody said. */
export function placesOf({ systemLog }: Written, at?: string): Placed {
  const newest = <K extends 'supply-place' | 'clamps'>(kind: K) =>
    entriesOf(systemLog, kind).findLast((e) => at === undefined || e.at <= at);
  return { supply: newest('supply-place')?.body.place, clamps: newest('clamps')?.body.how };
}

/** A reading with the place that it was read in, where that costs something. */
export function withPlace(sheet: Written, m: SheetMeasurement): SheetMeasurement {
  const place = placeOf(m.quantity, placesOf(sheet, m.occurredAt));
  return place ? { ...m, detail: { ...m.detail, place } } : m;
}
