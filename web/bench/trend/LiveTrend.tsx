import { scaleLinear } from 'd3-scale';
import { useMemo } from 'react';
import { type TrendLine, type TrendOf, trendLines } from '@/core/startup/trend-lines';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { linePath } from '../strip/line-path';
import { Word } from '../strip/parts';
import { type Field, Strip } from '../strip/Strip';
import { YGrid } from '../strip/YGrid';
import { useSize } from '../use-size';
import { BAND_WORDS, LINE_STROKES, LINE_WORDS } from './line-words';

type Props = TrendOf & { target?: { low: number; high: number } | undefined; targetOf: 'subcooling' | 'superheat' };

const M = { left: 44, right: 96, top: 24, bottom: 30 };
const LEAST_PX = 320;
/** Words beside the ends of the lines stand at least so far apart, px. */
const APART_PX = 17;
/** A line that ended so long ago has its word no more, min. */
const GONE_MIN = 1;
/** A run is drawn over at least this long, min; and never flatter than this, °F. */
const LEAST_MIN = 5;
const LEAST_F = 30;

/** The same trend while it is read: drawn by hand, because a chart that lays itself out anew ten times a second holds the page up. */
export function LiveTrend(props: Props) {
  const { samples, refrigerant, barometerPsia, gaps } = props;
  const { ref, height } = useSize<HTMLDivElement>();
  const lines = useMemo(
    () => trendLines({ samples, refrigerant, barometerPsia, gaps }),
    [samples, refrigerant, barometerPsia, gaps],
  );
  const last = (samples.at(-1)?.runSeconds ?? 0) / 60;
  const fromMin = (samples[0]?.runSeconds ?? 0) / 60;
  return (
    <div ref={ref} className="h-full min-h-[400px] w-full" data-testid="trend">
      <Strip
        testId="live-trend"
        label={t('web.trend-of-the-run')}
        span={{ fromMin, toMin: Math.max(last, fromMin + LEAST_MIN) }}
        margins={M}
        height={Math.max(LEAST_PX, height)}
        unit="°F"
        tick={(m) => t('web.min', { m })}
      >
        {(field) => <Drawn {...props} lines={lines} field={field} />}
      </Strip>
    </div>
  );
}

function Drawn({ lines, target, targetOf, gaps, field }: Props & { lines: readonly TrendLine[]; field: Field }) {
  const { x, left, right, top, foot } = field;
  const figures = lines.flatMap((l) => l.pieces.flat()).map(([, f]) => f);
  const y = scaleLinear([Math.min(0, ...figures), Math.max(LEAST_F, ...figures)], [foot, top]).nice();
  const lastPoints = lines.flatMap(({ id, pieces }) => {
    const point = pieces.at(-1)?.at(-1);
    return point ? [{ id, min: point[0], at: y(point[1]) }] : [];
  });
  const now = Math.max(0, ...lastPoints.map((p) => p.min));
  const ends = spread(lastPoints.filter((p) => now - p.min < GONE_MIN));
  return (
    <>
      <YGrid ticks={y.ticks(6)} y={y} left={left} right={right} />
      {target ? (
        <rect
          x={left}
          width={right - left}
          y={y(target.high)}
          height={Math.max(1, y(target.low) - y(target.high))}
          fill="var(--pine)"
          opacity={0.14}
        />
      ) : null}
      {gaps.map((s) => (
        <g key={s}>
          <path d={`M${x(s / 60)} ${top}V${foot}`} stroke="var(--oxide)" strokeWidth={1.4} strokeDasharray="3 4" />
          <Word x={x(s / 60)} y={top - 6} anchor="middle" tone="var(--oxide)">
            {t('web.gap')}
          </Word>
        </g>
      ))}
      {lines.map(({ id, pieces }) => (
        <path
          key={id}
          d={pieces.map((p) => linePath(p, x, y)).join('')}
          fill="none"
          strokeLinejoin="round"
          {...LINE_STROKES[id]}
        />
      ))}
      {target ? (
        <Word x={right - 6} y={y(target.low) - 6} anchor="end" tone="var(--pine)" weight={620}>
          {say(BAND_WORDS[targetOf])}
        </Word>
      ) : null}
      {ends.map(({ id, at }) => (
        <Word key={id} x={right + 6} y={at + 4} tone={LINE_STROKES[id].stroke} weight={640} size={13}>
          {say(LINE_WORDS[id])}
        </Word>
      ))}
    </>
  );
}

/** Words that would lie over each other move apart, the lowest first. */
function spread(ends: { id: TrendLine['id']; at: number }[]): { id: TrendLine['id']; at: number }[] {
  const sorted = [...ends].sort((a, b) => b.at - a.at);
  return sorted.map((end, i) => {
    if (i > 0) end.at = Math.min(end.at, sorted[i - 1]!.at - APART_PX);
    return end;
  });
}
