import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { judgeFurnace } from '@/core/furnace/furnace-proof';
import type { SheetWith } from '@/core/job/sheet';
import { newPieces } from '@/core/phases/scope/view';

/** What newly burns fuel, as its proof is judged on this site, the worst first; undefined before it is read. */
export function furnaceFindings(sheet: SheetWith<'furnace' | 'scope' | 'site' | 'survey'>): Finding[] | undefined {
  const { furnace, site } = sheet;
  const { furnace: unit } = newPieces(sheet);
  const stages = unit?.heatStages ?? (unit?.stages === 'two' ? 2 : 1);
  return furnace ? orderFindings(judgeFurnace(furnace, { elevationFt: site.elevationFt, stages })) : undefined;
}
