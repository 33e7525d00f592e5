import { type ChartPlace, chartPoint } from '@/core/equipment/chart/chart-point';
import type { ChartFigure, MakerChart } from '@/core/equipment/chart/read-chart';
import { callOf } from '@/core/finding/run-mode';
import type { FigureId, Figures } from '@/core/startup/figure';
import type { JudgeInput } from '@/core/startup/judge-input';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import type { StartUpSchools } from '@/core/startup/system';
import { tell } from '@/core/startup/words';
import { q, type Said } from '@/core/words/said';
import { placeOf, wholePlace } from './chart-limit';

/** What a chart's pressures are rounded and rated to (design default; the maker's own band wins), psi. */
const CHART_PSI = 3;
/** The slope of a chart is taken over this, °F. */
const STEP_F = 0.5;

const FIGURE_OF = {
  superheatF: 'superheat',
  subcoolingF: 'subcooling',
  approachF: 'approach',
} as const satisfies Partial<Record<ChartFigure, FigureId>>;

/** What the chart itself may be off by: pressures by its rounding, temperatures by the company's band. */
const chartOff = (figure: ChartFigure, schools: StartUpSchools): number =>
  figure === 'suctionPsig' || figure === 'liquidPsig'
    ? CHART_PSI
    : figure === 'superheatF'
      ? schools.superheatToleranceF
      : schools.subcoolingToleranceF;

/** How fast the chart moves along an axis at a place, the steeper side of it; a side that is off the chart says nothing. */
function slope(chart: MakerChart, place: ChartPlace, axis: 'outdoorF' | 'indoorF', figure: ChartFigure): number {
  const at = (step: number): number | undefined => {
    const point = chartPoint(chart, { ...place, [axis]: place[axis] + step });
    return point.ok ? point.figures[figure] : undefined;
  };
  const here = at(0);
  const sides = [at(-STEP_F), at(STEP_F)].flatMap((v) =>
    v === undefined || here === undefined ? [] : [Math.abs(v - here) / STEP_F],
  );
  return Math.max(0, ...sides);
}

/**
 * Half the band around what the chart says, in its unit: what the air probes move the chart by, the chart's own, the reading's.
 *
 * @source root of the sum of squares of independent errors (GUM, from memory)
 */
export function chartHalfBand(
  chart: MakerChart,
  place: ChartPlace,
  figure: ChartFigure,
  off: { outdoorF: number; indoorF: number; reading: number },
  schools: StartUpSchools,
): number {
  return Math.hypot(
    slope(chart, place, 'outdoorF', figure) * off.outdoorF,
    slope(chart, place, 'indoorF', figure) * off.indoorF,
    chartOff(figure, schools),
    off.reading,
  );
}

export type ChartBand = {
  label: Said;
  unit: string;
  value: number;
  expected: number;
  low: number;
  high: number;
  said: (value: number) => ReturnType<typeof q>;
};

/** What is read of the chart's figures, each with its band. */
export function chartBands(compared: readonly ChartFigure[], input: JudgeInput, figures: Figures): ChartBand[] {
  const at = bandsAt(input);
  return compared.flatMap((figure) => {
    const read = readOf(figure, input.readings, figures);
    const band = read && at(figure, read.uncertainty);
    return read && band ? [{ ...read, ...band }] : [];
  });
}

/** The bands of the chart where it is entered now; none off it. */
function bandsAt(input: JudgeInput) {
  const { readings, schools } = input;
  const { chart } = input.system;
  const place = wholePlace(input);
  const point = chart && place ? chartPoint(chart, place) : undefined;
  return (figure: ChartFigure, reading: number): Pick<ChartBand, 'expected' | 'low' | 'high'> | undefined => {
    const expected = point?.ok ? point.figures[figure] : undefined;
    if (!chart || !place || expected === undefined) return undefined;
    const offOf = (name: Quantity): number => readings[name]?.uncertainty ?? QUANTITIES[name].uncertainty;
    const off = { outdoorF: offOf('outdoorDryBulbF'), indoorF: offOf(placeOf(input).indoor), reading };
    const half = chartHalfBand(chart, place, figure, off, schools);
    return { expected, low: expected - half, high: expected + half };
  };
}

function readOf(figure: ChartFigure, readings: JudgeInput['readings'], figures: Figures) {
  if (figure === 'suctionPsig' || figure === 'liquidPsig') {
    const r = readings[figure];
    if (!r || r.trouble) return undefined;
    const { value, uncertainty } = r;
    return { label: QUANTITIES[figure].label, unit: 'psig', value, uncertainty, said: (v: number) => q(v, 'psig') };
  }
  const { value, label, uncertainty = 0 } = figures.byId[FIGURE_OF[figure]];
  return value === undefined ? undefined : { label, unit: '°F', value, uncertainty, said: (v: number) => q(v, 'F') };
}

/** The figures with the chart's targets in place of the plate's, where the place is on it. */
export function withChartTargets(figures: Figures, input: JudgeInput): Figures {
  if (callOf(input.mode) === 'heating') return figures;
  const at = bandsAt(input);
  const byId = { ...figures.byId };
  for (const [name, id] of Object.entries(FIGURE_OF) as [keyof typeof FIGURE_OF, FigureId][]) {
    const band = at(name, byId[id].uncertainty ?? 0);
    if (!band) continue;
    const { expected: value, low, high } = band;
    byId[id] = { ...byId[id], target: { value, low, high, source: tell('startup.makers-chart-as-typed') } };
  }
  return { ...figures, byId };
}
