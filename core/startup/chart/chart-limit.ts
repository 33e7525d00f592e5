import { type ChartPlace, chartPoint } from '@/core/equipment/chart/chart-point';
import type { ChartFigure, MakerChart } from '@/core/equipment/chart/read-chart';
import { type Call, callOf } from '@/core/finding/run-mode';
import type { JudgeInput } from '@/core/startup/judge-input';
import type { Limit } from '@/core/startup/limit';
import type { Quantity } from '@/core/startup/quantities';
import { tell } from '@/core/startup/words';
import { q } from '@/core/words/said';

/** What each figure of a chart is read by. In heating the vapor line is hot: superheat and approach are not read there. */
const READ_BY: Record<ChartFigure, readonly Quantity[]> = {
  suctionPsig: ['suctionPsig'],
  liquidPsig: ['liquidPsig'],
  superheatF: ['suctionPsig', 'suctionLineF'],
  subcoolingF: ['liquidPsig', 'liquidLineF'],
  approachF: ['liquidLineF'],
};
const IN_HEATING: readonly ChartFigure[] = ['suctionPsig', 'liquidPsig'];

/** The figures of a chart that a run of this call is held against. */
export const comparedIn = (chart: MakerChart, call: Call): ChartFigure[] =>
  chart.figures.filter(
    (f) =>
      (call === 'cooling' || IN_HEATING.includes(f)) &&
      chart.rows.some((r) => r.call === call && r.figures[f] !== undefined),
  );

/** Where the chart is entered, as far as it is read; speed as the unit shows it. */
export function placeOf({ mode, system, readings }: Pick<JudgeInput, 'mode' | 'system' | 'readings'>) {
  const call = callOf(mode);
  const indoor = system.chart?.indoor[call] === 'indoorWetBulbF' ? 'returnWetBulbF' : 'returnDryBulbF';
  const sound = (name: Quantity): number | undefined => (readings[name]?.trouble ? undefined : readings[name]?.value);
  return {
    call,
    speed: sound('compressorSpeed'),
    outdoorF: sound('outdoorDryBulbF'),
    indoorF: sound(indoor),
    indoor: indoor as Quantity,
  };
}

/**
 * An inverter with a chart for this call is judged by it where today's weather lies on it; undefined where there is none.
 * Outside of it the proof stays owed, and the season is told by the side on which the weather lies.
 */
export function chartLimit(input: Pick<JudgeInput, 'mode' | 'system' | 'readings'>): Limit | undefined {
  const { chart } = input.system;
  const { call, speed, outdoorF, indoorF, indoor } = placeOf(input);
  const compared = chart ? comparedIn(chart, call) : [];
  if (!chart || !compared.length) return undefined;
  const by: Limit = {
    id: 'maker-chart',
    claim: tell('startup.inverter-is-held-against-its-chart'),
    because: tell('startup.in-its-test-mode-at-a-held-speed'),
    needs: [...new Set<Quantity>(['compressorSpeed', indoor, ...compared.flatMap((f) => READ_BY[f])])],
  };
  if (outdoorF === undefined || indoorF === undefined) return by;
  const speeds = new Set(chart.rows.filter((r) => r.call === call).map((r) => r.speed));
  const at = (s: number): ReturnType<typeof chartPoint> => chartPoint(chart, { call, speed: s, outdoorF, indoorF });
  const points = [...(speed === undefined ? [] : [speed]), ...speeds].map(at);
  if (points.some((p) => p.ok)) return by;
  const outside = points.map((p) => (p.ok ? undefined : p.outside)).find((o) => o && o.axis !== 'speed');
  if (!outside) return by;
  const { axis, low, high } = outside;
  const read = axis === 'outdoorF' ? outdoorF : indoorF;
  return {
    id: 'inverter',
    claim: tell(axis === 'outdoorF' ? 'startup.outdoor-air-is-off-the-chart' : 'startup.indoor-air-is-off-the-chart', {
      read: q(read, 'F'),
      low: q(low, 'number', 'as is'),
      high: q(high, 'F', 'as is'),
    }),
    because: tell('startup.off-its-chart-weighed-charge-is-authority'),
    owed: {
      proof: 'maker-test-mode',
      season: axis !== 'outdoorF' ? 'any' : outdoorF < low ? 'warm' : 'cold',
    },
  };
}

/** The place, where all three are read. */
export function wholePlace(input: Pick<JudgeInput, 'mode' | 'system' | 'readings'>): ChartPlace | undefined {
  const { call, speed, outdoorF, indoorF } = placeOf(input);
  return speed === undefined || outdoorF === undefined || indoorF === undefined
    ? undefined
    : { call, speed, outdoorF, indoorF };
}
