import { tell } from '@/core/equipment/words';
import { type Call, callOf, RUN_MODES } from '@/core/finding/run-mode';
import type { Said } from '@/core/words/said';

/** Figures that a maker's chart may give at a point. */
export const CHART_FIGURES = ['suctionPsig', 'liquidPsig', 'superheatF', 'subcoolingF', 'approachF'] as const;
export type ChartFigure = (typeof CHART_FIGURES)[number];
export type ChartFigures = Partial<Record<ChartFigure, number>>;
/** The conditions it is entered by. Indoors one of the two in each call: by dry bulb or by wet bulb. */
const INDOOR = ['indoorF', 'indoorWetBulbF'] as const;
export type ChartIndoor = (typeof INDOOR)[number];

export type ChartRow = { call: Call; outdoorF: number; indoorF: number; speed: number; figures: ChartFigures };
/** A maker's chart of its test mode: what the gauges must show by outdoor and indoor air and compressor speed. */
export type MakerChart = { indoor: Partial<Record<Call, ChartIndoor>>; figures: ChartFigure[]; rows: ChartRow[] };

const LIMITS: Record<string, readonly [number, number]> = {
  outdoorF: [-30, 130],
  indoorF: [30, 110],
  indoorWetBulbF: [30, 90],
  speed: [1, 12_000],
  suctionPsig: [-10, 300],
  liquidPsig: [0, 700],
  superheatF: [0, 60],
  subcoolingF: [0, 60],
  approachF: [-10, 60],
};
const CALLS: readonly string[] = [...new Set(RUN_MODES.map(callOf))];
const MOST_ROWS = 200;

/** How a chart looks, for a box that is still empty. */
export const CHART_EXAMPLE =
  'call, speed, outdoorF, indoorF, subcoolingF\ncooling, 100, 85, 75, 9\ncooling, 100, 105, 75, 12';

export type ReadChart = { ok: true; chart: MakerChart } | { ok: false; refused: Said };

/**
 * Reads a chart from text: one heading line of column names, then one line a point, cells by comma, semicolon or tab.
 *
 * Columns: call (cooling or heating), outdoorF, indoorF or indoorWetBulbF or both (each call is entered by one of them), speed
 * (as the unit shows it: %, Hz or rpm), and at least one of suctionPsig, liquidPsig, superheatF, subcoolingF, approachF. An
 * empty cell is a figure that the maker does not give. Refused with the line, the column and what is allowed; nothing is
 * guessed.
 */
export function readChart(text: string): ReadChart {
  const lines = text
    .split(/\r?\n/)
    .map((line, i) => ({ at: i + 1, cells: line.split(/[,;\t]/).map((c) => c.trim()) }))
    .filter((l) => l.cells.some((c) => c !== ''));
  const [head, ...points] = lines;
  const columns = head?.cells ?? [];
  const known = ['call', 'speed', 'outdoorF', ...INDOOR, ...CHART_FIGURES];
  const strange = columns.find((c) => !known.includes(c));
  if (strange !== undefined)
    return no(tell('equipment.chart-column-is-not-known', { column: strange || '–', known: known.join(', ') }));
  const twice = columns.find((c, i) => columns.indexOf(c) !== i);
  if (twice) return no(tell('equipment.chart-column-stands-twice', { column: twice }));
  const missing = ['call', 'outdoorF', 'speed'].find((c) => !columns.includes(c));
  if (missing) return no(tell('equipment.chart-needs-column', { column: missing }));
  const indoor = INDOOR.filter((c) => columns.includes(c));
  if (!indoor.length) return no(tell('equipment.chart-needs-an-indoor-column', { columns: INDOOR.join(', ') }));
  const figures = CHART_FIGURES.filter((c) => columns.includes(c));
  if (!figures.length) return no(tell('equipment.chart-needs-a-figure', { columns: CHART_FIGURES.join(', ') }));
  if (!points.length || points.length > MOST_ROWS) return no(tell('equipment.chart-needs-rows', { most: MOST_ROWS }));

  const rows: ChartRow[] = [];
  const by: MakerChart['indoor'] = {};
  const mayBeEmpty: readonly string[] = [...figures, ...(indoor.length > 1 ? indoor : [])];
  for (const { at, cells } of points) {
    if (cells.length > columns.length) return no(tell('equipment.chart-line-has-more-cells', { line: at }));
    const cell = (column: string): string => cells[columns.indexOf(column)] ?? '';
    const call = cell('call').toLowerCase() as Call;
    if (!CALLS.includes(call)) return no(tell('equipment.chart-call-is-cooling-or-heating', { line: at }));
    const numbers: Record<string, number> = {};
    for (const column of columns.filter((c) => c !== 'call')) {
      const written = cell(column);
      if (written === '' && mayBeEmpty.includes(column)) continue;
      const [low, high] = LIMITS[column]!;
      const value = Number(written);
      if (written === '' || !Number.isFinite(value) || value < low || value > high)
        return no(tell('equipment.chart-cell-is-not-allowed', { line: at, column, low, high }));
      numbers[column] = value;
    }
    const [entry, other] = indoor.filter((c) => c in numbers);
    if (!entry || other || (by[call] ?? entry) !== entry)
      return no(tell('equipment.chart-line-has-one-indoor-cell', { line: at, columns: INDOOR.join(', ') }));
    by[call] = entry;
    const row: ChartRow = {
      call,
      outdoorF: numbers.outdoorF!,
      indoorF: numbers[entry]!,
      speed: numbers.speed!,
      figures: Object.fromEntries(figures.filter((f) => f in numbers).map((f) => [f, numbers[f]!])),
    };
    if (rows.some((r) => samePoint(r, row))) return no(tell('equipment.chart-point-stands-twice', { line: at }));
    rows.push(row);
  }
  return { ok: true, chart: { indoor: by, figures, rows } };
}

const no = (refused: Said): ReadChart => ({ ok: false, refused });

const samePoint = (a: ChartRow, b: ChartRow): boolean =>
  a.call === b.call && a.outdoorF === b.outdoorF && a.indoorF === b.indoorF && a.speed === b.speed;
