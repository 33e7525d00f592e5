import ApexCharts from 'apexcharts';
import { useEffect, useMemo, useRef } from 'react';
import { type TrendOf, trendLines } from '@/core/startup/trend-lines';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { BAND_WORDS, LINE_WORDS } from './line-words';

type Props = TrendOf & { target?: { low: number; high: number } | undefined; targetOf: 'subcooling' | 'superheat' };

type Series = { name: string; data: { x: number; y: number | null }[] };

/** The trend of a run that is over: every figure is read off it with a finger. */
export default function Trend({ samples, refrigerant, barometerPsia, target, targetOf, gaps }: Props) {
  const ref = useRef<HTMLDivElement>(null);
  const chart = useRef<ApexCharts>(undefined);
  const series = useMemo(
    () => makeSeries({ samples, refrigerant, barometerPsia, gaps }),
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

/** A gap in the stream is a gap in the line. */
const makeSeries = (trend: TrendOf): Series[] =>
  trendLines(trend).map(({ id, pieces }) => ({
    name: say(LINE_WORDS[id]),
    data: pieces.flatMap((piece, i) => [
      ...(i > 0 ? [{ x: piece[0]![0] - 0.01, y: null }] : []),
      ...piece.map(([x, y]) => ({ x, y })),
    ]),
  }));

const css = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

function annotations(target: Props['target'], targetOf: Props['targetOf'], gaps: readonly number[]) {
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
              text: say(BAND_WORDS[targetOf]),
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
      label: { text: t('web.gap'), style: { background: css('--sheet'), color: css('--oxide') } },
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
      title: { text: t('web.run-time-min'), style: { fontWeight: 500, fontSize: '13px' } },
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
