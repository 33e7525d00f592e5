import { z } from 'zod';
import { tell } from '@/core/equipment/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { onRaggedGrid } from '@/core/numeric/ragged-grid';
import { chartField } from './chart-field';
import { type ChartFigures, type MakerChart, readChart } from './read-chart';

/** A speed this far beside a listed one still reads it (common practice; the maker's own wins). */
const SPEED_SHARE = 0.03;

/** Speed first: what lies between two test speeds is read between two whole tables. */
const AXES = ['speed', 'outdoorF', 'indoorF'] as const;

export type ChartPlace = { call: 'cooling' | 'heating'; speed: number; outdoorF: number; indoorF: number };
export type ChartAxis = (typeof AXES)[number];
export type ChartOutside = { axis: ChartAxis; low: number; high: number };

/** What the chart gives at a place; a figure that it does not give everywhere around it is left out. */
export function chartPoint(
  chart: MakerChart,
  place: ChartPlace,
): { ok: true; figures: ChartFigures } | { ok: false; outside: ChartOutside | undefined } {
  const rows = chart.rows.filter((r) => r.call === place.call);
  if (!rows.length) return { ok: false, outside: undefined };
  const at = AXES.map((a) => place[a]);
  const snap = [SPEED_SHARE];
  const points = (value: (row: MakerChart['rows'][number]) => number | undefined) =>
    rows.flatMap((r) => {
      const v = value(r);
      return v === undefined ? [] : [{ at: AXES.map((a) => r[a]), value: v }];
    });
  // First whether the place is on the chart at all, then each figure by the rows that have it.
  const inside = onRaggedGrid(
    points(() => 0),
    at,
    snap,
  );
  if (!inside.ok)
    return {
      ok: false,
      outside: { axis: AXES[inside.outside.axis]!, low: inside.outside.low, high: inside.outside.high },
    };
  const figures: ChartFigures = {};
  for (const figure of chart.figures) {
    const some = points((r) => r.figures[figure]);
    const read = some.length ? onRaggedGrid(some, at, snap) : undefined;
    if (read?.ok) figures[figure] = read.value;
  }
  return { ok: true, figures };
}

const AXIS_UNIT: Record<ChartAxis, string> = { speed: '', outdoorF: '°F', indoorF: '°F' };

export const makerChart = calculation({
  id: 'maker-chart',
  title: 'Maker’s chart at a point',
  what: 'What the gauges must show in the maker’s test mode, between the points of its chart.',
  formula: 'straight lines between neighboring points: by speed, then outdoor air, then indoor air',
  source: 'The maker’s chart as typed; the interpolation is linear',
  notCovered: 'Anything outside the chart: it does not extrapolate. Whether the test mode is truly held.',
  input: z.strictObject({
    chart: chartField,
    call: oneOf(['cooling', 'heating']),
    outdoorF: num(-30, 130, '°F'),
    indoorF: num(30, 110, '°F'),
    speed: num(1, 12_000, ''),
  }),
  compute: ({ chart, ...place }) => {
    const read = readChart(chart);
    if (!read.ok) return refuse('chart', read.refused, tell('equipment.a-chart-is-columns-then-points'));
    const point = chartPoint(read.chart, place);
    if (point.ok) return ok(point.figures);
    const { outside } = point;
    if (!outside) return refuse('call', tell('equipment.chart-has-no-point-of-this-call'), 'cooling, heating');
    const { axis, low, high } = outside;
    return refuse(
      axis,
      tell('equipment.outside-the-chart'),
      tell('equipment.from-to-on-the-chart', { low, high, unit: AXIS_UNIT[axis] }),
    );
  },
  example: {
    input: {
      chart:
        'call,speed,outdoorF,indoorF,subcoolingF,suctionPsig\ncooling,100,80,75,8,120\ncooling,100,100,75,12,130\ncooling,100,80,80,9,128\ncooling,100,100,80,13,138',
      call: 'cooling',
      outdoorF: 90,
      indoorF: 78,
      speed: 100,
    },
    // By hand: halfway between 80 and 100 °F outdoors, three fifths of the way from 75 to 80 °F indoors.
    expected: { subcoolingF: 10.6, suctionPsig: 129.8 },
    tolerance: 0.001,
  },
});
