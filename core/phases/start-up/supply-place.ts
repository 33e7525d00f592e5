import type { SheetMeasurement, SheetWith } from '@/core/job/sheet';
import { entriesOf } from '@/core/phases/log/circuit-log';
import type { SupplyPlace } from '@/core/startup/supply-place';

type Written = SheetWith<'systemLog'>;

/** Where the supply air is read now, or was at a moment; undefined where nobody said. */
export const supplyPlaceOf = ({ systemLog }: Written, at?: string): SupplyPlace | undefined =>
  entriesOf(systemLog, 'supply-place').findLast((e) => at === undefined || e.at <= at)?.body.place;

/** A reading of the supply air with the place that it was read in. */
export function withPlace(sheet: Written, m: SheetMeasurement): SheetMeasurement {
  if (m.quantity !== 'supplyDryBulbF' || supplyPlaceOf(sheet, m.occurredAt) !== 'register') return m;
  return { ...m, detail: { ...m.detail, place: 'register' } };
}
