import { liquidMargin } from '@/core/circuit/join/liquid-margin';
import { sizeAllowed } from '@/core/circuit/line/allowed-sizes';
import { LINE_DESIGN, VAPOR_LOSS_F } from '@/core/circuit/line/design-state';
import { heatingLine } from '@/core/circuit/line/heating-line';
import { linePressureDrop } from '@/core/circuit/line/line-pressure-drop';
import type { LibraryFields } from '@/core/equipment/library-item';
import type { ScopeInput } from '@/core/scope/scope-input';
import { numberOf } from '@/core/scope/survey/facts';
import { tell } from '@/core/scope/words';
import { q, type Said } from '@/core/words/said';

export type SizeVerdict = {
  /** Why the found line cannot stay. */
  faults: Said[];
  /** Another size that the figures allow and the maker's table does not name. */
  ask: Said[];
};

/** Found line sizes against the new unit's: its table first, then loss and margin in cooling and in heating. */
export function foundSizes(i: ScopeInput): SizeVerdict {
  const out: SizeVerdict = { faults: [], ask: [] };
  const o = i.outdoor;
  const liquid = Number(i.known.liquidOdIn ?? Number.NaN);
  const vapor = Number(i.known.vaporOdIn ?? Number.NaN);
  if (!o) return out;
  const judge = (found: number, wants: number | null, also: string | null | undefined, say: Said): void => {
    if (!Number.isFinite(found) || wants === null || found === wants) return;
    const allowed = sizeAllowed(found, wants, also);
    if (allowed === 'in-table') return;
    if (allowed === 'not-in-table' || !carries(i, o, liquid, vapor)) out.faults.push(say);
    else out.ask.push(say);
  };
  judge(
    liquid,
    o.liquidOdIn,
    o.liquidSizes,
    tell('scope.liquid-line-wanted', { liquid: q(liquid, 'od'), liquidOdIn: q(o.liquidOdIn, 'od') }),
  );
  judge(
    vapor,
    o.vaporOdIn,
    o.vaporSizes,
    tell('scope.vapor-line-wanted', { vapor: q(vapor, 'od'), vaporOdIn: q(o.vaporOdIn, 'od') }),
  );
  return out;
}

/** Whether lines of these sizes carry the new unit over the found length, both ways where it heats; unknown is no pass. */
function carries({ known }: ScopeInput, o: LibraryFields, liquidOdIn: number, vaporOdIn: number): boolean {
  const ft = numberOf(known, 'lineLengthFt');
  if (ft === undefined || !o.refrigerant || !o.tons || !Number.isFinite(liquidOdIn) || !Number.isFinite(vaporOdIn))
    return false;
  const both = { refrigerant: o.refrigerant, equivalentFt: Math.max(1, ft), capacityTons: o.tons };
  const suction = linePressureDrop({
    ...both,
    line: 'suction',
    odIn: vaporOdIn,
    evaporatingF: LINE_DESIGN.evaporatingF,
    condensingF: LINE_DESIGN.condensingF,
  });
  const liquid = liquidMargin({ ...both, odIn: liquidOdIn, liftFt: 0, subcoolingF: LINE_DESIGN.subcoolingF });
  const cools =
    suction.ok && suction.value.saturationLossF <= VAPOR_LOSS_F.most && liquid.ok && liquid.value.reading === 'liquid';
  if (!cools || !o.heatPump) return cools;
  const heats = heatingLine({
    refrigerant: o.refrigerant,
    vaporOdIn,
    liquidOdIn,
    equivalentFt: both.equivalentFt,
    heatingTons: o.tons,
    outdoorAboveFt: 0,
    subcoolingF: LINE_DESIGN.subcoolingF,
  });
  return heats.ok && heats.value.saturationLossF <= VAPOR_LOSS_F.most && heats.value.reading === 'liquid';
}
