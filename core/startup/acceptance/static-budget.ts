import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { figure, maybe, schemaOf, standIn } from '@/core/form/field';
import { q } from '@/core/words/said';
import { checksBy } from './checks';
import { tell } from './words';

/** Static pressure where the air goes through, typed; each as an amount, whatever its sign on the gauge. */
export const STATIC_BUDGET_FIELDS = {
  returnInWc: figure(tell('startup.return-static-at-the-unit'), 0, 3, 'in. w.c.', {
    hint: tell('startup.between-filter-and-blower'),
  }),
  supplyInWc: figure(tell('startup.supply-static-at-the-unit'), 0, 3, 'in. w.c.', {
    hint: tell('startup.where-its-rating-ends'),
  }),
  filterInWc: maybe(figure(tell('startup.drop-over-the-filter'), 0, 2, 'in. w.c.')),
  coilInWc: maybe(
    figure(tell('startup.drop-over-a-coil-outside-it'), 0, 2, 'in. w.c.', {
      hint: tell('startup.on-a-furnace-and-wet'),
    }),
  ),
  ratedInWc: maybe(figure(tell('startup.rated-static-on-its-plate'), 0.05, 3, 'in. w.c.')),
  simulated: standIn(),
};
export const staticBudgetSchema = schemaOf(STATIC_BUDGET_FIELDS);
export type StaticBudget = z.infer<typeof staticBudgetSchema>;

/** A filter takes up to this share of the whole, a wet coil up to this (common practice), in. w.c. */
const FILTER_SHARE = 0.2;
const FILTER_IN_WC = 0.1;
const COIL_IN_WC = 0.3;
/** A tube and a gauge of the trade read to this, in. w.c. */
const GAUGE_IN_WC = 0.01;

/** Sums of typed hundredths, without the dust of binary fractions. */
const tidy = (inWc: number): number => Math.round(inWc * 1e4) / 1e4;

export const STATIC_PARTS = ['return-duct', 'filter', 'coil', 'supply-duct'] as const;
export type StaticPart = (typeof STATIC_PARTS)[number];

/**
 * Where the static pressure goes: return duct, filter, a coil outside the unit, supply duct.
 *
 * @returns in. w.c.; a filter or coil that nobody read lies within its duct; the parts sum to the total
 * @example staticParts({ returnInWc: 0.25, supplyInWc: 0.33, filterInWc: 0.12, coilInWc: 0.2, ratedInWc: 0.5 })
 * // 0.13 + 0.12 + 0.20 + 0.13 = 0.58
 */
export function staticParts({ returnInWc, supplyInWc, filterInWc, coilInWc }: StaticBudget) {
  const parts: { part: StaticPart; inWc: number }[] = [
    { part: 'return-duct', inWc: tidy(returnInWc - (filterInWc ?? 0)) },
    ...(filterInWc === null ? [] : [{ part: 'filter' as const, inWc: filterInWc }]),
    ...(coilInWc === null ? [] : [{ part: 'coil' as const, inWc: coilInWc }]),
    { part: 'supply-duct', inWc: tidy(supplyInWc - (coilInWc ?? 0)) },
  ];
  return { parts, totalInWc: tidy(returnInWc + supplyInWc) };
}

/**
 * The measured static against the plate, and which part costs most of it.
 *
 * @source the plate; filter to a fifth or 0.10, wet coil to 0.30 in. w.c.: common practice. Not covered: air itself, which a blower
 * table or a grid gives
 */
export function judgeStaticBudget(run: StaticBudget): Finding[] {
  const { found, add } = checksBy(tell('startup.plate-wins-common-practice'));
  const { parts, totalInWc } = staticParts(run);
  if (parts.some((p) => p.inWc < -GAUGE_IN_WC)) {
    add(
      'static',
      'not-proven',
      tell('startup.a-part-drops-more-than-the-whole'),
      tell('startup.tubes-changed-over-or-read-at-another-speed'),
      tell('startup.read-all-of-them-again-at-one-speed'),
    );
    return found;
  }
  const total = q(totalInWc, 'inWc', 2);
  if (run.ratedInWc === null)
    add(
      'static',
      'not-proven',
      tell('startup.rated-static-is-not-on-file', { read: total }),
      tell('startup.a-blower-bears-what-its-plate-says'),
      tell('startup.read-the-rated-static-off-its-plate'),
    );
  else
    add(
      'static',
      totalInWc <= run.ratedInWc ? 'good' : 'look-again',
      tell('startup.static-of-rated', { read: total, rated: q(run.ratedInWc, 'inWc', 2) }),
      tell('startup.a-blower-bears-what-its-plate-says'),
      tell('startup.filter-registers-and-duct-before-speed'),
      totalInWc / run.ratedInWc,
    );
  const { filterInWc: filter, coilInWc: coil } = run;
  if (filter !== null) {
    const most = Math.max(FILTER_IN_WC, FILTER_SHARE * totalInWc);
    add(
      'static-filter',
      filter <= most ? 'good' : 'look-again',
      tell('startup.filter-takes', { filter: q(filter, 'inWc', 2), most: q(most, 'inWc', 2) }),
      tell('startup.a-filter-may-take-a-fifth'),
      tell('startup.a-larger-or-cleaner-filter'),
      filter / most,
    );
  }
  if (coil !== null)
    add(
      'static-coil',
      coil <= COIL_IN_WC ? 'good' : 'look-again',
      tell('startup.coil-takes', { coil: q(coil, 'inWc', 2), most: q(COIL_IN_WC, 'inWc', 2) }),
      tell('startup.a-wet-coil-may-take-this'),
      tell('startup.look-at-the-coil-and-its-size'),
      coil / COIL_IN_WC,
    );
  return found;
}
