import type { SheetMeasurement, SheetWith } from '@/core/job/sheet';
import { type CircuitEntry, entriesOf, isOf } from '@/core/phases/log/circuit-log';
import { type Placed, placeOf } from '@/core/startup/probe-place';

type Written = SheetWith<'circuit' | 'systemLog'>;

/** Where air and lines of this circuit are read, by moment: now where none is given; nothing of what nobody said. */
function placing({ systemLog, circuit }: Written): (at?: string) => Placed {
  const supply = entriesOf(systemLog, 'supply-place');
  const clamps = entriesOf(systemLog, 'clamps').filter((e) => isOf(e as CircuitEntry, circuit));
  const newest = <E extends { at: string }>(of: readonly E[], at?: string): E | undefined =>
    of.findLast((e) => at === undefined || e.at <= at);
  return (at) => ({ supply: newest(supply, at)?.body.place, clamps: newest(clamps, at)?.body.how });
}

export const placesOf = (sheet: Written): Placed => placing(sheet)();

/** Gives readings the place that they were read in, where that costs something. */
export function placer(sheet: Written): (m: SheetMeasurement) => SheetMeasurement {
  const at = placing(sheet);
  return (m) => {
    const place = placeOf(m.quantity, at(m.occurredAt));
    return place ? { ...m, detail: { ...m.detail, place } } : m;
  };
}
