import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/fit/words';
import { list, q, type Said, upper, value } from '@/core/words/said';
import { areaIn2, curbOverlap, OVERLAP_GOOD_PCT, type Rectangle } from './curb-overlap';
import type { Curb } from './judge-curb';

const SIDES = ['left', 'right', 'near', 'far'] as const;

/** How far the unit's base reaches past the curb on each side, in; negative: the curb shows. */
export function curbMargins({ unitBase: u, curbOutside: c }: Pick<Curb, 'unitBase' | 'curbOutside'>) {
  return { left: c.x0 - u.x0, right: u.x1 - c.x1, near: c.y0 - u.y0, far: u.y1 - c.y1 };
}

/** The base on the curb's margins all round, and the curb's openings over the duct drop in the roof. */
export const curbMore = (c: Curb): Finding[] => [marginCheck(c), ...dropChecks(c)];

function marginCheck(c: Curb): Finding {
  const margins = curbMargins(c);
  const bare = SIDES.filter((s) => margins[s] < -c.toleranceIn);
  const close = SIDES.filter((s) => Math.abs(margins[s]) <= c.toleranceIn);
  const at = (sides: readonly (typeof SIDES)[number][]): Said =>
    tell('fit.on-sides', {
      sides: list(sides.map((s) => tell('fit.side-by', { side: value(s), by: q(margins[s], 'in') }))),
    });
  return {
    id: 'curb-margins',
    verdict: bare.length || close.length ? 'look-again' : 'good',
    claim: bare.length
      ? tell('fit.base-does-not-cover-curb', { at: at(bare) })
      : close.length
        ? tell('fit.base-covers-curb-within-the-tape', { at: at(close) })
        : tell('fit.base-covers-curb-all-round', { least: q(Math.min(...SIDES.map((s) => margins[s])), 'in') }),
    because: tell('fit.rain-runs-in-where-curb-shows', { tolerance: q(c.toleranceIn, 'in', 'as is') }),
    source: tell('fit.geometry'),
    ...(bare.length || close.length ? { next: { say: tell('fit.adapter-curb-or-measure-again') } } : {}),
    miss: Math.max(0, ...bare.map((s) => -margins[s])),
  };
}

/** The third opening: through the roof itself, under the curb. */
function dropChecks(c: Curb): Finding[] {
  const pairs: [string, Rectangle, Rectangle | null | undefined][] = [
    ['Supply', c.curbSupply, c.dropSupply],
    ['Return', c.curbReturn, c.dropReturn],
  ];
  return pairs.flatMap(([name, curb, drop]): Finding[] => {
    if (!drop || !(areaIn2(drop) > 0)) return [];
    const overlap = curbOverlap({ unitOpening: curb, curbOpening: drop });
    if (!overlap.ok) return [];
    const { overlapPct } = overlap.value;
    const good = overlapPct >= OVERLAP_GOOD_PCT;
    return [
      {
        id: `drop-${name}`,
        verdict: good ? 'good' : 'look-again',
        claim: tell('fit.of-the-roof-opening-is-open-through', {
          name: upper(value(name)),
          overlapPct: q(overlapPct, 'pct'),
        }),
        because: tell('fit.roof-opening-is-the-third-in-the-way'),
        source: tell('fit.95-good-80-least-design-defaults'),
        ...(good ? {} : { next: { say: tell('fit.cut-or-turn-inside-the-curb-never-the-joist') } }),
        miss: (100 - overlapPct) / 5,
      },
    ];
  });
}
