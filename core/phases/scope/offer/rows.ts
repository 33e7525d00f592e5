import type { Offer } from '@/core/phases/scope/offer/offer';
import { tell } from '@/core/phases/scope/words';
import type { ScopeSchools } from '@/core/scope/schools';
import { type Label, list, q, type Said } from '@/core/words/said';

/** One line of the comparison: what is compared, and what each option says to it. */
export type OfferRow = { id: string; label: Said; cells: Label[] };

const NONE = '–';
/** Several points each on a line of its own; one alone stands without its dot. */
const lines = (said: readonly Label[]): Label =>
  said.length > 1
    ? tell('offer.plain', {
        it: list(
          said.map((it) => tell('offer.point', { it })),
          '\n',
        ),
      })
    : (said[0] ?? NONE);

/** The total, or why there is none. */
export const totalOf = (o: Offer): Said =>
  o.unpriced.length
    ? tell('offer.no-total-without-price-of', { pieces: o.unpriced.join(', ') })
    : tell('offer.plain', { it: q(o.price.total, 'cents') });

export const nameOf = (o: Offer): Label => o.name || tell('offer.as-it-stands');

/** Options side by side: what each is, costs, leaves and saves; a line that says nothing of any of them is left out. */
export function offerRows(offers: readonly Offer[], schools: ScopeSchools): OfferRow[] {
  const everywhere = new Set(
    (offers[0]?.items ?? []).map((i) => i.id).filter((id) => offers.every((o) => o.items.some((i) => i.id === id))),
  );
  const own = (o: Offer): Label[] => o.items.filter((i) => !everywhere.has(i.id)).map((i) => i.say);
  const money =
    (of: (o: Offer) => number) =>
    (o: Offer): Label =>
      of(o) > 0 ? tell('offer.plain', { it: q(of(o), 'cents') }) : NONE;
  const row = (id: string, label: Said, cell: (o: Offer) => Label): OfferRow => ({
    id,
    label,
    cells: offers.map(cell),
  });
  return [
    row('equipment', tell('offer.new-equipment'), (o) => lines(o.models)),
    row('only', tell('offer.only-in-this-one'), (o) => lines(own(o))),
    row('why', tell('offer.what-speaks-for-it'), (o) => o.why || NONE),
    row('open', tell('offer.still-to-decide'), (o) => (o.open ? String(o.open) : NONE)),
    row('later', tell('offer.done-later-instead'), (o) =>
      lines(
        o.later.map((l) =>
          tell('offer.later-line', {
            what: l.say,
            years: String(l.years),
            later: q(l.later, 'money'),
            times: q(l.times, 'number', 1),
            now: q(l.now, 'money'),
          }),
        ),
      ),
    ),
    row('running', tell('offer.heat-a-winter'), (o) =>
      o.running
        ? tell('offer.running-line', {
            cost: q(o.running.cost, 'money'),
            low: q(o.running.low, 'money'),
            high: q(o.running.high, 'money'),
          })
        : NONE,
    ),
    row('stays', tell('offer.what-stays-and-its-risk'), (o) =>
      lines(o.kept.map((d) => tell('offer.part-and-risk', { part: d.part, risk: list(d.risks, ' ') }))),
    ),
    row('warranty', tell('offer.warranty-leaves-out'), (o) => lines(o.kept.map((d) => d.warrantyExcludes))),
    row('hours', tell('offer.hours-of-work'), (o) => tell('offer.plain', { it: q(o.hours, 'h') })),
    row(
      'equipment-price',
      tell('offer.equipment'),
      money((o) => o.equipment),
    ),
    row(
      'work',
      tell('offer.work-and-materials'),
      money((o) => o.price.before - o.equipment),
    ),
    row(
      'tax',
      tell('offer.tax', { pct: q(schools.taxPct, 'pct', 'as is') }),
      money((o) => o.price.tax),
    ),
    row('total', tell('offer.total'), totalOf),
    row(
      'deposit',
      tell('offer.deposit'),
      money((o) => (o.unpriced.length ? 0 : o.price.deposit)),
    ),
    row(
      'rest',
      tell('offer.rest'),
      money((o) => (o.unpriced.length || o.price.deposit === 0 ? 0 : o.price.rest)),
    ),
  ].filter((r) => r.cells.some((c) => c !== NONE));
}
