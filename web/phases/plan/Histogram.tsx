import { DAY_H } from '@/core/plan/day/calendar';
import { t } from '@/web/words/tell';

type Props = { ends: readonly number[]; deadline: number; time: (t: number) => string };

/** Bars of this width, h. */
const BIN_H = 0.25;
const MOST_BINS = 16;
/** Ends further out than these shares of the runs are left off the picture. */
const SHOWN = [0.005, 0.995] as const;

/** When the day may end: filled where it is in time, open where it is late. */
export function Histogram({ ends, deadline, time }: Props) {
  const from = Math.floor(ends[Math.floor(SHOWN[0] * ends.length)]! / BIN_H) * BIN_H;
  const to = ends[Math.min(ends.length - 1, Math.floor(SHOWN[1] * ends.length))]!;
  const wide = BIN_H * Math.max(1, Math.ceil((to - from) / BIN_H / MOST_BINS));
  const bins = Array.from({ length: Math.max(1, Math.ceil((to - from) / wide)) }, (_, i) => {
    const at = from + i * wide;
    return { at, n: ends.filter((e) => e >= at && e < at + wide).length };
  });
  const most = Math.max(...bins.map((b) => b.n));
  const w = 276 / bins.length;
  // The words of another day take more room.
  const labels = ends.at(-1)! >= DAY_H ? 2 : 3;
  const label = (i: number): boolean => i % Math.max(1, Math.ceil(bins.length / labels)) === 0;
  return (
    <svg viewBox="0 0 276 86" className="w-full" role="img" aria-label={t('web.when-the-day-may-end')}>
      {bins.map((b, i) => {
        const h = (b.n / most) * 60;
        const late = b.at + wide / 2 > deadline;
        return (
          <rect
            key={b.at}
            x={i * w + 1.5}
            y={63 - h}
            width={w - 3}
            height={h}
            fill={late ? 'none' : 'var(--pine)'}
            stroke={late ? 'var(--ochre)' : 'none'}
            strokeWidth={1.6}
          />
        );
      })}
      <path d="M0 63.5H276" stroke="var(--ink)" />
      {bins.map((b, i) =>
        label(i) ? (
          <text
            key={b.at}
            x={i === 0 ? 1 : (i + 0.5) * w}
            y={80}
            fontSize={12.5}
            textAnchor={i === 0 ? 'start' : 'middle'}
            fill="var(--ink2)"
          >
            {time(b.at)}
          </text>
        ) : null,
      )}
    </svg>
  );
}
