import type { StaticBudget, StaticPart } from '@/core/startup/acceptance/static-budget';
import { staticParts } from '@/core/startup/acceptance/static-budget';
import { q } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

/** The bar is drawn to a fifth more than the larger of what was read and what the plate allows. */
const ROOM = 1.2;
const FILL: Record<StaticPart, string> = {
  'return-duct': 'var(--rule)',
  filter: 'var(--ochre)',
  coil: 'var(--copper)',
  'supply-duct': 'var(--rule)',
};
const NAMES: Record<StaticPart, string> = {
  'return-duct': t('web.return-duct'),
  filter: t('web.the-filter'),
  coil: t('web.the-coil'),
  'supply-duct': t('web.supply-duct'),
};

/** Where the static pressure goes, in the order of the air, against what the plate allows. */
export function StaticBar({ budget }: { budget: StaticBudget }) {
  const { parts, totalInWc } = staticParts(budget);
  const rated = budget.ratedInWc;
  const end = ROOM * Math.max(totalInWc, rated ?? 0, 0.1);
  const pct = (inWc: number): string => `${(100 * Math.max(0, inWc)) / end}%`;
  return (
    <figure className="mt-2 mb-4" data-testid="static-bar">
      <figcaption className="mb-2 text-[15px] font-[640]">
        {say(
          rated === null
            ? tell('web.static-in-all', { total: q(totalInWc, 'inWc', 2) })
            : tell('web.static-of-plate', { total: q(totalInWc, 'inWc', 2), rated: q(rated, 'inWc', 2) }),
        )}
      </figcaption>
      <div className="relative h-7 border border-rule bg-sheet">
        <div className="flex h-full">
          {parts.map((p) => (
            <div
              key={p.part}
              className="h-full border-r border-ink"
              style={{ width: pct(p.inWc), background: FILL[p.part] }}
            />
          ))}
        </div>
        {rated === null ? null : (
          <div className="absolute -top-1 -bottom-1 w-[3px] bg-ink" style={{ left: pct(rated) }} aria-hidden />
        )}
      </div>
      <ul className="mt-2 flex flex-wrap gap-x-4 text-[14px]">
        {parts.map((p) => (
          <li key={p.part} className="flex items-center gap-1.5">
            <span className="size-3 border border-ink" style={{ background: FILL[p.part] }} aria-hidden />
            {NAMES[p.part]} {say(q(p.inWc, 'number', 2))}
          </li>
        ))}
      </ul>
    </figure>
  );
}
