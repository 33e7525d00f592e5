import { laterCost } from '@/core/money/later-cost';
import { costOf } from '@/core/policy/prices';
import { type Part, priceOf, type ScopeItem } from '@/core/scope/item';
import type { ScopeSchools } from '@/core/scope/schools';
import { tell } from '@/core/scope/words';
import type { Label } from '@/core/words/said';

/** Work of a later visit that opens the circuit again: recover, join and test and evacuate, charge and start (common practice), h. */
const OPEN_AGAIN_H = 1 + 2.5 + 1.5;
/** Swapping the part itself on that visit (common practice), h. */
const SWAP_H: Record<Part, number> = { coil: 3, 'line-set': 4 };
/** A circuit that is opened loses this share of its charge in hoses and lines (common practice). */
const LOST_SHARE = 0.1;
const OZ_PER_LB = 16;

/** What is left today, and what it costs when it is done on a visit of its own. */
export type LaterLine = { id: string; say: Label; now: number; later: number; times: number; years: number };

type At = { schools: ScopeSchools; chargeOz: number | undefined };

/** A part of the circuit that stays, replaced in some years. */
export function partLater(part: Part, { schools, chargeOz }: At): LaterLine | undefined {
  const work = costOf(schools, part);
  return lineOf(part, part === 'coil' ? tell('scope.indoor-coil') : tell('scope.line-set'), {
    schools,
    part: work.materials,
    hours: OPEN_AGAIN_H + SWAP_H[part],
    lostLb: chargeOz === undefined ? 0 : (chargeOz * LOST_SHARE) / OZ_PER_LB,
    supplies: schools.suppliesMoney,
    now: priceOf(work, schools.labourPerHour),
  });
}

/** Work that another option has and this one leaves. */
export const itemLater = (item: ScopeItem, schools: ScopeSchools): LaterLine | undefined =>
  lineOf(item.id, item.say, {
    schools,
    part: item.materials,
    hours: item.hours,
    lostLb: 0,
    supplies: 0,
    now: priceOf(item, schools.labourPerHour),
  });

function lineOf(
  id: string,
  say: Label,
  w: { schools: ScopeSchools; part: number; hours: number; lostLb: number; supplies: number; now: number },
): LaterLine | undefined {
  if (w.now <= 0) return undefined;
  const r = laterCost({
    part: w.part,
    hours: w.hours,
    ratePerH: w.schools.labourPerHour,
    trip: w.schools.tripMoney,
    lostLb: w.lostLb,
    perLb: w.schools.perLb,
    supplies: w.supplies,
    growthPct: w.schools.growthPct,
    years: w.schools.laterYears,
    nowCost: w.now,
  });
  return r.ok
    ? { id, say, now: w.now, later: r.value.later, times: r.value.times ?? 0, years: w.schools.laterYears }
    : undefined;
}
