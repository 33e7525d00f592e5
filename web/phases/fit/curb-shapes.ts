import type { VerdictOf } from '@/core/finding/order';
import { areaIn2, type Rectangle } from '@/core/fit/curb/curb-overlap';
import { type Curb, type OpeningFit, openingFits } from '@/core/fit/curb/judge-curb';
import { q, upper, value } from '@/core/words/said';
import { around, type Bounds } from '@/web/bench/sheet/scale';
import { box, type Ink, line, type Point, type Shape } from '@/web/bench/sheet/shapes';
import { tell } from '@/web/words/tell';

/** The least width that the section of the adapter is drawn for, and the curb and unit shown beside its side, in. */
const LEAST_OFFSET_SHOWN_IN = 6;
const FLANGE_SHOWN_IN = 4;

const boxOf = (ink: Ink, r: Rectangle): Shape => box(ink, [r.x0, r.y0], [r.x1, r.y1]);
const COPPER: Ink = { line: 'copper', width: 2, dash: '7 4' };

export type CurbShapes = {
  frame: Bounds;
  /** The curb that stays, and what is open through both. */
  curb: Shape[];
  /** What is dragged. */
  unit: Shape[];
  figures: Shape[];
};

/** The new unit's openings over the curb's, from above, in inches on their common origin. */
export function curbShapes(c: Curb, verdict: VerdictOf): CurbShapes {
  const fits = openingFits(c);
  return {
    frame: around(
      [c.unitBase, c.curbOutside].flatMap((r) => [
        { x: r.x0, y: r.y0 },
        { x: r.x1, y: r.y1 },
      ]),
    ),
    curb: [
      boxOf({ line: 'ink', width: 3 }, c.curbOutside),
      boxOf({ line: 'ink', width: 1.5, fill: { hatch: 'soft' } }, c.curbSupply),
      boxOf({ line: 'ink', width: 1.5, fill: { hatch: 'soft' } }, c.curbReturn),
      ...fits
        .filter((f) => areaIn2(f.both) > 0)
        .map((f) => boxOf({ fill: { hatchOf: verdict(`overlap-${f.name}`) } }, f.both)),
    ],
    unit: [
      boxOf({ line: 'copper', width: 2.5, fill: 'clear' }, c.unitBase),
      boxOf(COPPER, c.unitSupply),
      boxOf(COPPER, c.unitReturn),
    ],
    figures: [
      ...fits.flatMap(shareOf),
      { is: 'dim', from: [c.unitBase.x0, c.unitBase.y1], to: [c.unitBase.x1, c.unitBase.y1], aside: [0, -12] },
      {
        is: 'dim',
        from: [c.unitBase.x0, c.unitBase.y0],
        to: [c.unitBase.x0, c.unitBase.y1],
        aside: [-12, 0],
        side: -1,
        size: 13,
      },
    ],
  };
}

/** What of an opening is open, and how fast the air goes through it. */
function shareOf(f: OpeningFit): Shape[] {
  const at: Point = [(f.unit.x0 + f.unit.x1) / 2, (f.unit.y0 + f.unit.y1) / 2];
  return [
    {
      is: 'word',
      at,
      bold: true,
      size: 16,
      text: tell('web.opening-open', { opening: upper(value(f.name)), share: q(f.overlapPct, 'pct', 0) }),
    },
    {
      is: 'word',
      at,
      aside: [0, 17],
      size: 12.5,
      text: Number.isFinite(f.fpm)
        ? tell('web.in-fpm', { overlapIn2: f.overlapIn2.toFixed(0), fpm: f.fpm.toFixed(0) })
        : tell('web.no-air-passes'),
    },
  ];
}

/** The steepest side of the adapter in section: the unit above, the curb below, how far it runs sideways. */
export function adapterShapes(
  c: Curb,
  verdict: VerdictOf,
): { name: OpeningFit['name']; frame: Bounds; shapes: Shape[] } | undefined {
  const [first, ...others] = openingFits(c);
  if (!first) return undefined;
  const worst = others.reduce((a, b) => (b.slopeDeg > a.slopeDeg ? b : a), first);
  const { offsetIn: off, slopeDeg, name } = worst;
  const h = c.adapterHeightIn;
  const of = verdict(`slope-${name}`);
  const right = Math.max(off, LEAST_OFFSET_SHOWN_IN) + FLANGE_SHOWN_IN;
  return {
    name,
    frame: { x0: 0, x1: right, y0: 0, y1: h },
    shapes: [
      line({ line: 'ink', width: 3 }, [0, h], [right, h]),
      line({ line: 'ink', width: 3 }, [off, 0], [right, 0]),
      line({ line: { of }, width: 3 }, [0, h], [off, 0]),
      { is: 'dim', from: [0, h], to: [0, 0], aside: [-12, 0], side: -1, size: 12.5 },
      { is: 'dim', from: [0, 0], to: [off, 0], aside: [0, 12], side: -1, size: 12.5 },
      {
        is: 'word',
        at: [off, h / 2],
        aside: [10, 0],
        anchor: 'start',
        bold: true,
        size: 17,
        tone: of === 'good' ? 'ink' : { of },
        text: `${slopeDeg.toFixed(0)}°`,
      },
    ],
  };
}
