import { planAir } from '@/core/air/duct/plan-air';
import { zoneMinimum } from '@/core/air/duct/zoning';
import { openingFits } from '@/core/fit/curb/judge-curb';
import { drainSlope } from '@/core/fit/drain/drain-line';
import { crossing } from '@/core/fit/packaged/duct-sides';
import { type FitSheet, type FitSheets, figurePaths } from '@/core/fit/sheets';
import { stackEnds } from '@/core/fit/stack/stack';
import type { SheetSigns } from './scope-input';

/** Whether every figure under these paths was measured: what nobody measured tells the scope nothing. */
function measured(sheet: FitSheet, ...prefixes: string[]): boolean {
  const there = new Set(sheet.measured);
  return figurePaths(sheet.kind, sheet.record)
    .filter((path) => prefixes.some((p) => path === p || path.startsWith(`${p}.`)))
    .every((path) => there.has(path));
}

/** What the fit sheets say that the scope must act on; a sheet nobody filled in, or only assumed, says nothing. */
export function signsOf(fits: FitSheets): SheetSigns {
  const out: SheetSigns = {};
  const { air, stack, packaged, curb, drain } = fits;
  if (air) {
    const plan = planAir(air.record);
    const { zoning, returns, trunkExistingIn } = air.record;
    if (measured(air, 'tons')) {
      out.systemCfm = plan.systemCfm;
      if (returns.length) out.returnShortIn2 = plan.freeIn2 - plan.haveFreeIn2;
      if (measured(air, 'cabinet')) out.filterFpm = plan.filterFpm;
    }
    if (trunkExistingIn !== null && measured(air, 'trunkExistingIn')) out.ductTons = plan.ductTons;
    const zones =
      zoning && measured(air, 'tons', 'zoning.smallestZoneCfm', 'zoning.equipmentMinCfm')
        ? zoneMinimum({
            minZoneCfm: zoning.smallestZoneCfm,
            nominalCfm: plan.systemCfm,
            equipmentMinCfm: zoning.equipmentMinCfm ?? undefined,
          })
        : undefined;
    if (zones?.ok) out.zoneRatio = zones.value.ratio;
  }
  if (stack && measured(stack, 'plenumIn', 'returnTopIn', 'plenum', 'returnOpening', 'new', 'coilHeightIn')) {
    out.stackEnds = stackEnds(stack.record).map(({ end, closing }) => ({ end, closing }));
  }
  if (packaged) out.ductsCrossed = crossing(packaged.record) !== 'straight';
  if (curb && measured(curb, 'unitSupply', 'unitReturn', 'curbSupply', 'curbReturn')) {
    const overlaps = openingFits(curb.record).map((f) => f.overlapPct);
    if (overlaps.length) out.curbOverlapPct = Math.min(...overlaps);
  }
  if (drain && drain.record.fallIn !== null && measured(drain, 'runFt', 'fallIn')) {
    const slope = drainSlope({ runFt: drain.record.runFt, fallIn: drain.record.fallIn });
    out.drainTooFlat = drain.record.sags || (slope.ok && slope.value.state === 'too flat');
  }
  return out;
}
