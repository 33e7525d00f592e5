import ApexCharts from 'apexcharts';
import { useEffect, useMemo, useRef } from 'react';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import type { RunSample } from '@/core/startup/live';
import { steadySamples } from '@/core/startup/live';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type Props = {
  samples: readonly RunSample[];
  refrigerant: Refrigerant;
  barometerPsia: number;
  target?: { low: number; high: number };
  targetOf: 'subcooling' | 'superheat';
  gaps: readonly number[];
};

/** At most this many points a line: a phone draws them without a stutter. */
const MOST_POINTS = 360;
/** The server thins old samples to every tenth: only a wider hole than that, or a gap the run names, breaks the line. */
const THINNED_S = 15;

type Series = { name: string; data: { x: number; y: number | null }[] };

/** Superheat, subcooling and air split over run minutes. A gap in the stream is a gap in the line. */
export default function Trend({ samples, refrigerant, barometerPsia, target, targetOf, gaps }: Props) {
  const ref = useRef<HTMLDivElement>(null);
  const chart = useRef<ApexCharts>(undefined);
  const series = useMemo(
    () => makeSeries(samples, refrigerant, barometerPsia, gaps),
    [samples, refrigerant, barometerPsia, gaps],
  );
  const band = `${target?.low.toFixed(1)}-${target?.high.toFixed(1)}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: made once; data and marks are updated in place below
  useEffect(() => {
    if (!ref.current) return;
    const made = new ApexCharts(ref.current, options(series));
    chart.current = made;
    void made.render();
    return () => made.destroy();
  }, []);
  useEffect(() => {
    void chart.current?.updateSeries(series, false);
  }, [series]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the band's text stands for its two numbers
  useEffect(() => {
    void chart.current?.updateOptions({ annotations: annotations(target, targetOf, gaps) }, false, false);
  }, [band, targetOf, gaps.length]);
  return <div ref={ref} className="h-full min-h-[400px] w-full" data-testid="trend" />;
}

function makeSeries(
  samples: readonly RunSample[],
  refrigerant: Refrigerant,
  barometerPsia: number,
  gaps: readonly number[],
): Series[] {
  const every = Math.max(1, Math.ceil(samples.length / MOST_POINTS));
  const thin = samples.filter((_, i) => i % every === 0 || i === samples.length - 1);
  const derived = steadySamples(thin, { refrigerant, barometerPsia });
  const lines: Series[] = [
    { name: 'Superheat', data: [] },
    { name: 'Subcooling', data: [] },
    { name: 'Air split', data: [] },
  ];
  derived.forEach((s, i) => {
    const before = derived[i - 1];
    const x = s.runSeconds / 60;
    const broken =
      before &&
      (s.runSeconds - before.runSeconds > THINNED_S * every ||
        gaps.some((g) => g > before.runSeconds && g <= s.runSeconds));
    if (broken) for (const l of lines) l.data.push({ x: x - 0.01, y: null });
    const split =
      typeof s.returnDryBulbF === 'number' && typeof s.supplyDryBulbF === 'number'
        ? s.returnDryBulbF - s.supplyDryBulbF
        : null;
    for (const [k, y] of [s.superheatF, s.subcoolingF, split].entries()) {
      lines[k]!.data.push({ x, y: typeof y === 'number' ? Math.round(y * 10) / 10 : null });
    }
  });
  return lines;
}

const css = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

function annotations(target: Props['target'], targetOf: string, gaps: readonly number[]) {
  return {
    yaxis: target
      ? [
          {
            y: target.low,
            y2: target.high,
            fillColor: css('--pine'),
            opacity: 0.14,
            borderColor: css('--pine'),
            strokeDashArray: 0,
            label: {
              text: `${targetOf} wanted`,
              position: 'right',
              textAnchor: 'end',
              offsetY: 16,
              borderWidth: 0,
              style: { background: 'transparent', color: css('--pine'), fontSize: '13px' },
            },
          },
        ]
      : [],
    xaxis: gaps.map((s) => ({
      x: s / 60,
      borderColor: css('--oxide'),
      label: { text: 'gap', style: { background: css('--sheet'), color: css('--oxide') } },
    })),
  };
}

function options(series: Series[]): ApexCharts.ApexOptions {
  const ink2 = css('--ink2');
  return {
    chart: {
      type: 'line',
      height: '100%',
      fontFamily: 'Archivo Variable',
      animations: { enabled: false },
      toolbar: { show: false },
      zoom: { enabled: false },
      background: 'transparent',
      foreColor: ink2,
    },
    series,
    colors: [css('--ink'), css('--copper'), css('--ink2')],
    stroke: { width: [2.5, 2.5, 2], dashArray: [0, 0, 5], curve: 'straight' },
    xaxis: {
      type: 'numeric',
      tickAmount: 8,
      title: { text: say(tell('web.run-time-min')), style: { fontWeight: 500, fontSize: '13px' } },
      labels: { formatter: (v: string) => String(Math.round(Number(v))), style: { fontSize: '13px' } },
      axisBorder: { color: css('--ink') },
    },
    yaxis: {
      min: 0,
      forceNiceScale: true,
      title: { text: '°F', style: { fontWeight: 500, fontSize: '13px' } },
      labels: { formatter: (v: number) => v.toFixed(0), style: { fontSize: '13px' } },
    },
    grid: { borderColor: css('--rule2') },
    legend: { position: 'top', horizontalAlign: 'left', fontSize: '14px', markers: { size: 7 } },
    tooltip: {
      theme: document.documentElement.dataset.theme === 'attic' ? 'dark' : 'light',
      x: { formatter: (v: number) => `${v.toFixed(1)} min` },
      y: { formatter: (v: number | null) => (v === null ? '–' : `${v} °F`) },
    },
  };
}
