import { scaleLinear } from 'd3-scale';
import type { Verdict } from '@/core/finding/finding';
import type { FigureId, Figures } from '@/core/startup/figure';
import type { Readings } from '@/core/startup/quantities';
import { shown } from '@/core/units/format';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { type LabelBox, placeLabels } from '../place-labels';

/** The temperature ladder as plain shapes: every temperature on one axis, gaps as dimension lines, targets as slots. */
export type Rung = {
  id: string;
  x1: number;
  x2: number;
  y: number;
  derived: boolean;
  trouble: boolean;
  offScale: boolean;
};
export type Slot = { id: FigureId; x1: number; x2: number; yTop: number; yBottom: number; verdict: Verdict };
export type Gap = {
  id: FigureId;
  x: number;
  y1: number;
  y2: number;
  verdict: Verdict | undefined;
  ticks: { x1: number; x2: number; y: number }[];
};
export type Text = {
  id: string;
  x: number;
  y: number;
  value: string;
  name: string;
  anchor: 'start' | 'end';
  verdict?: Verdict;
  figure?: FigureId;
  stacked: boolean;
  trouble?: boolean;
};
export type Column = { name: string; x: number };
export type Ladder = {
  width: number;
  height: number;
  axisX: number;
  rules: { y: number; label: string | null }[];
  columns: Column[];
  rungs: Rung[];
  slots: Slot[];
  gaps: Gap[];
  texts: Text[];
  missing: string[];
};

export type LadderInput = {
  width: number;
  height: number;
  readings: Readings;
  figures: Figures;
  verdicts: Partial<Record<string, Verdict>>;
};

const TOP = 46;
const BOTTOM = 26;
const AXIS = 46;
const NARROW_AXIS = 30;
const LEAST_SPAN_F = 50;
const LOWEST_F = -30;
const HIGHEST_F = 175;
const NARROW = 560;
/** Mean width of a character of the sheet's type, in ems, a little generous so that labels keep apart. */
const GLYPH = 0.57;
const NAME_GLYPH = 0.5;

type Source = { id: string; column: number; f: number; name: string; derived: boolean; trouble: string | undefined };

export function layoutLadder({ width, height, readings, figures, verdicts }: LadderInput): Ladder {
  const narrow = width < NARROW;
  const sources = collect(readings, figures);
  const missing = REQUIRED.filter((r) => !sources.some((s) => s.id === r.id)).map((r) => r.name);
  const slotsF = targetSlots(figures);
  const { low, high } = domain([...sources.map((s) => s.f), ...slotsF.flatMap((s) => [s.lowF, s.highF])]);
  const y = scaleLinear([low, high], [height - BOTTOM, TOP]).clamp(true);

  const axis = narrow ? NARROW_AXIS : AXIS;
  const inner = width - axis;
  const centre = (column: number): number =>
    axis + inner * (narrow ? [0.085, 0.335, 0.6, 0.855] : [0.09, 0.345, 0.59, 0.815])[column]!;
  const half = narrow ? Math.min(26, inner * 0.07) : Math.min(54, inner * 0.075);

  const rungs: Rung[] = sources.map((s) => ({
    id: s.id,
    x1: centre(s.column) - half,
    x2: centre(s.column) + half,
    y: y(s.f),
    derived: s.derived,
    trouble: s.trouble !== undefined,
    offScale: s.f < low || s.f > high,
  }));
  const rungOf = (id: string): Rung | undefined => rungs.find((r) => r.id === id);
  const slots: Slot[] = slotsF.map((s) => ({
    id: s.id,
    x1: centre(s.column) - half - 7,
    x2: centre(s.column) + half + 7,
    yTop: y(s.highF),
    yBottom: y(s.lowF),
    verdict: verdicts[s.id === 'heating-rise' ? 'heating-capacity' : s.id] ?? 'not-proven',
  }));

  const gapSpecs: { id: FigureId; from: string; to: string; x: number; left: boolean; name: string }[] = [
    {
      id: 'condensing-over-ambient',
      from: 'outdoor',
      to: 'condensing',
      x: centre(1) - half - (narrow ? 12 : 30),
      left: true,
      name: t(narrow ? 'web.over-out' : 'web.over-outdoor'),
    },
    {
      id: 'subcooling',
      from: 'liquid',
      to: 'condensing',
      x: centre(1) + half + (narrow ? 12 : 30),
      left: false,
      name: t(narrow ? 'web.sc' : 'web.subcooling'),
    },
    {
      id: 'coil-difference',
      from: 'evaporating',
      to: 'return',
      x: centre(2) - half - (narrow ? 12 : 24),
      left: true,
      name: t(narrow ? 'web.coil-diff' : 'web.coil-difference'),
    },
    {
      id: 'superheat',
      from: 'evaporating',
      to: 'suction',
      x: centre(2) + half + (narrow ? 12 : 26),
      left: narrow,
      name: t(narrow ? 'web.sh' : 'web.superheat'),
    },
    {
      id: 'air-split',
      from: 'supply',
      to: 'return',
      x: centre(3) + half + (narrow ? 12 : 22),
      left: narrow,
      name: t('web.air-split-short'),
    },
    {
      id: 'heating-rise',
      from: 'return',
      to: 'supply',
      x: centre(3) + half + (narrow ? 12 : 22),
      left: narrow,
      name: t('web.rise-short'),
    },
    {
      id: 'outdoor-coil-difference',
      from: 'evaporating',
      to: 'outdoor',
      x: centre(2) - half - (narrow ? 12 : 24),
      left: true,
      name: t('web.below-outdoor'),
    },
  ];
  const gaps: Gap[] = [];
  const boxes: LabelBox[] = [];
  const texts: Text[] = [];
  const bigFont = 20;
  const wideOf = (text: string, font: number): number => text.length * font * (font > 15 ? GLYPH : NAME_GLYPH);

  // Rung labels: the higher rung of a column carries its label above, the lower one below, so touching rungs never collide.
  for (const s of sources) {
    const rung = rungOf(s.id)!;
    const mates = sources.filter((o) => o.column === s.column);
    const lowest =
      mates.length > 1 &&
      mates.every((o) => o === s || o.f > s.f || (o.f === s.f && mates.indexOf(o) < mates.indexOf(s)));
    const value = s.trouble && !Number.isFinite(s.f) ? '–' : shown(s.f, '°F');
    const height1 = narrow ? 34 : 24;
    const nameWide = wideOf(s.name, 13);
    const box: LabelBox = {
      id: `rung-${s.id}`,
      x: rung.x1,
      y: lowest ? rung.y + 6 : rung.y - height1 - 4,
      width: narrow ? Math.max(wideOf(value, bigFont), nameWide) : wideOf(value, bigFont) + 8 + nameWide,
      height: height1,
      priority: 1,
      minY: lowest ? rung.y + 5 : 26,
      maxY: lowest ? height - height1 : rung.y - height1 - 3,
    };
    boxes.push(box);
    texts.push({
      id: box.id,
      x: rung.x1,
      y: 0,
      value,
      name: s.trouble ? `${s.name}: ${s.trouble}` : s.name,
      anchor: 'start',
      stacked: narrow,
      trouble: s.trouble !== undefined,
    });
  }
  for (const g of gapSpecs) {
    const a = rungOf(g.from);
    const b = rungOf(g.to);
    const figure = figures.byId[g.id];
    if (!a || !b || figure.value === undefined) continue;
    gaps.push({
      id: g.id,
      x: g.x,
      y1: a.y,
      y2: b.y,
      verdict: verdicts[g.id],
      ticks: [a, b].map((r) => ({ x1: g.x < r.x1 ? g.x : Math.min(r.x2, g.x), x2: Math.max(r.x1, g.x), y: r.y })),
    });
    const value = shown(figure.value, '°F');
    const boxWide = Math.max(wideOf(value, bigFont), wideOf(g.name, 12.5));
    const middle = (a.y + b.y) / 2;
    boxes.push({
      id: `gap-${g.id}`,
      x: g.left ? g.x - 7 - boxWide : g.x + 7,
      y: middle - 18,
      width: boxWide,
      height: 36,
      priority: 2,
      minY: TOP - 16,
      maxY: height - 40,
    });
    texts.push({
      id: `gap-${g.id}`,
      x: g.left ? g.x - 7 : g.x + 7,
      y: 0,
      value,
      name: g.name,
      anchor: g.left ? 'end' : 'start',
      verdict: verdicts[g.id],
      figure: g.id,
      stacked: true,
    });
  }
  const placed = placeLabels(boxes);
  for (const text of texts) text.y = placed.get(text.id) ?? 0;

  const step = high - low > 110 ? 20 : 10;
  const rules: Ladder['rules'] = [];
  for (let f = Math.ceil(low / (step / 2)) * (step / 2); f <= high; f += step / 2) {
    rules.push({ y: y(f), label: f % step === 0 ? String(f).replace('-', '−') : null });
  }
  return {
    width,
    height,
    axisX: axis,
    rules,
    columns: (narrow
      ? [t('web.outdoor'), t('web.high'), t('web.low'), t('web.house')]
      : [t('web.outdoor-air'), t('web.high-side'), t('web.low-side'), t('web.house-air')]
    ).map((name, i) => ({ name, x: centre(i) })),
    rungs,
    slots,
    gaps,
    texts,
    missing,
  };
}

const REQUIRED = [
  { id: 'outdoor', name: t('web.outdoor-air') },
  { id: 'condensing', name: t('web.condensing-liquid-pressure') },
  { id: 'liquid', name: t('web.liquid-line') },
  { id: 'return', name: t('web.return-air') },
  { id: 'supply', name: t('web.supply-air') },
  { id: 'suction', name: t('web.suction-line') },
  { id: 'evaporating', name: t('web.evaporating-suction-pressure') },
];

function collect(r: Readings, figures: Figures): Source[] {
  const out: Source[] = [];
  const put = (
    id: string,
    column: number,
    f: number | undefined,
    name: string,
    derived: boolean,
    trouble: string | undefined,
  ): void => {
    if (f !== undefined && Number.isFinite(f)) out.push({ id, column, f, name, derived, trouble });
  };
  const bad = (name: keyof Readings): string | undefined => r[name]?.trouble;
  put('outdoor', 0, r.outdoorDryBulbF?.value, t('web.entering'), false, bad('outdoorDryBulbF'));
  put('condensing', 1, figures.saturation.condensingF, t('web.condensing'), true, bad('liquidPsig'));
  put('liquid', 1, r.liquidLineF?.value, t('web.liquid-line'), false, bad('liquidLineF'));
  // In heating the large line carries hot gas, far above all else: it is read, not drawn.
  if (!isHeating(figures)) put('suction', 2, r.suctionLineF?.value, t('web.suction-line'), false, bad('suctionLineF'));
  put('evaporating', 2, figures.saturation.evaporatingF, t('web.evaporating'), true, bad('suctionPsig'));
  put('return', 3, r.returnDryBulbF?.value, say(value('return')), false, bad('returnDryBulbF'));
  put('supply', 3, r.supplyDryBulbF?.value, say(value('supply')), false, bad('supplyDryBulbF'));
  return out;
}

/** A run in heating has figures of its own. */
const isHeating = ({ byId }: Figures): boolean => byId.subcooling.idle === true;

/** Where each judged rung should lie: the target turned into a place on the axis. */
function targetSlots({ byId, saturation }: Figures): { id: FigureId; column: number; lowF: number; highF: number }[] {
  const out: { id: FigureId; column: number; lowF: number; highF: number }[] = [];
  const sc = byId.subcooling.target;
  if (sc && saturation.condensingF !== undefined) {
    out.push({
      id: 'subcooling',
      column: 1,
      lowF: saturation.condensingF - sc.high,
      highF: saturation.condensingF - sc.low,
    });
  }
  const sh = byId.superheat.target;
  if (sh && saturation.evaporatingF !== undefined) {
    out.push({
      id: 'superheat',
      column: 2,
      lowF: saturation.evaporatingF + sh.low,
      highF: saturation.evaporatingF + sh.high,
    });
  }
  const rise = byId['heating-rise'];
  const from = rise.working[1]?.value;
  if (rise.target && from !== undefined && Number.isFinite(from))
    out.push({ id: 'heating-rise', column: 3, lowF: from + rise.target.low, highF: from + rise.target.high });
  const split = byId['air-split'];
  const back = split.working[0]?.value;
  if (split.target && back !== undefined && Number.isFinite(back)) {
    out.push({ id: 'air-split', column: 3, lowF: back - split.target.high, highF: back - split.target.low });
  }
  return out;
}

/** The axis: room around all values, never less than 50 °F, never beyond what a probe could mean. */
function domain(values: readonly number[]): { low: number; high: number } {
  const seen = values.filter((v) => Number.isFinite(v)).map((v) => Math.min(HIGHEST_F, Math.max(LOWEST_F, v)));
  if (seen.length === 0) return { low: 40, high: 120 };
  let low = Math.min(...seen) - 5;
  let high = Math.max(...seen) + 5;
  if (high - low < LEAST_SPAN_F) {
    const middle = (low + high) / 2;
    low = middle - LEAST_SPAN_F / 2;
    high = middle + LEAST_SPAN_F / 2;
  }
  return { low, high };
}
