import type { DayView } from '@/core/phases/plan/day-view';
import type { WorkDay } from '@/core/plan/day/calendar';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { type Axis, hourTicks, isLast, NAMES_PX } from './axis';

type Props = {
  day: DayView;
  work: WorkDay;
  axis: Axis;
  x: (t: number) => number;
  width: number;
  time: (t: number) => string;
};

/** Behind the lanes: hours, lunch, now, the hour by which it must be done. */
export function DayLines({ day, work, axis, x, width, time }: Props) {
  const { lunch } = work;
  const last = isLast(day, work);
  const line = (t: number): string => `M${x(t)} 0V2000`;
  const { now } = day;
  const nowHere = now !== undefined && now > axis.from && now < axis.to;
  return (
    <>
      <svg
        className="pointer-events-none absolute inset-y-0 h-full overflow-hidden"
        style={{ left: NAMES_PX }}
        width={width}
        aria-hidden="true"
      >
        {hourTicks(axis, width).map((t) => (
          <path key={t} d={line(t)} stroke={t % 2 ? 'var(--rule2)' : 'var(--rule)'} />
        ))}
        {lunch ? (
          <rect
            x={x(lunch[0])}
            y={0}
            width={x(lunch[1]) - x(lunch[0])}
            height={2000}
            fill="var(--rule2)"
            opacity={0.6}
          />
        ) : null}
        {last ? <path d={line(day.deadline)} stroke="var(--ochre)" strokeWidth={2.4} strokeDasharray="3 4" /> : null}
        {nowHere ? <path d={line(now)} stroke="var(--copper)" strokeWidth={2.4} /> : null}
      </svg>
      {nowHere ? (
        <span
          className="absolute -bottom-6 z-20 -translate-x-1/2 bg-paper px-1 text-[13px] font-[650] whitespace-nowrap text-copper"
          style={{ left: NAMES_PX + x(now) }}
          data-testid="now-line"
        >
          {t('web.now-at', { at: time(now) })}
        </span>
      ) : null}
    </>
  );
}

/** Below the lanes: how long the house is without, and who comes from outside. */
export function DayBars({ day, work, axis, x, time }: Omit<Props, 'width'>) {
  const bars = [
    ...(day.outage ? [{ id: 'outage', name: t('web.no-heating-or-cooling'), span: day.outage, heavy: false }] : []),
    ...day.outside.map((o) => ({ id: o.id, name: say(value(o.what)), span: o.span, heavy: true })),
  ].filter((b) => b.span[1] > work.at && b.span[0] < work.at + 24);
  return (
    <div className="relative mt-7">
      {bars.map((b) => {
        const left = NAMES_PX + x(Math.max(axis.from, b.span[0]));
        const right = NAMES_PX + x(Math.min(axis.to, b.span[1]));
        const words = `${b.name} ${time(b.span[0])} – ${time(b.span[1])}`;
        return (
          <div key={b.id} className="relative h-6" data-testid={`bar-${b.id}`}>
            <span
              className={`absolute top-[9px] ${b.heavy ? 'h-[7px] bg-ink' : 'h-[3px] bg-faint'}`}
              style={{ left, width: Math.max(2, right - left) }}
            />
            <span
              className="absolute top-0 z-10 bg-paper px-1.5 text-[12.5px] whitespace-nowrap text-ink2"
              style={placeOf(left, right, NAMES_PX + x(axis.to))}
            >
              {words}
            </span>
          </div>
        );
      })}
    </div>
  );
}

/** Words beside a bar need about this, px. */
const WORDS_PX = 250;
/** After the bar where there is room, else before it, else on it. */
function placeOf(left: number, right: number, width: number) {
  if (width - right > WORDS_PX) return { left: right + 4 };
  return left > WORDS_PX ? { right: width - left + 4 } : { left: left + 24 };
}
