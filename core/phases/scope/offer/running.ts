import type { LibraryFields } from '@/core/equipment/library-item';
import type { JobSheet } from '@/core/job/sheet';
import { binCost } from '@/core/money/bin-cost';
import { binsOf } from '@/core/money/bin-hours';

/**
 * What a winter with this heat pump costs, where everything it needs is known: a heat load by a named calculation, the pump's
 * capacities and COP at 47 and 17 °F, the company's bin hours and price of a kWh. Otherwise nothing: no figure is made up.
 */
export function runningOf(sheet: Pick<JobSheet, 'fits' | 'scopeSchools'>, unit: LibraryFields | undefined) {
  const load = (sheet.fits.selection?.record as { load?: { heatLossBtuh: number; winterDesignF: number } | null })
    ?.load;
  const bins = binsOf(sheet.scopeSchools);
  const { perKwh } = sheet.scopeSchools;
  if (!load || !unit?.heatPump || bins.length === 0 || perKwh <= 0) return undefined;
  const { capacity47Btuh, capacity17Btuh, cop47, cop17 } = unit;
  if (!capacity47Btuh || !capacity17Btuh || !cop47 || !cop17) return undefined;
  const r = binCost({
    capacity47Btuh,
    capacity17Btuh,
    cop47,
    cop17,
    heatLossBtuh: load.heatLossBtuh,
    designF: load.winterDesignF,
    bins,
    perKwh,
  });
  return r.ok ? { cost: r.value.cost, low: r.value.costLow, high: r.value.costHigh } : undefined;
}
