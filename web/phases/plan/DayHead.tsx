import type { DayView } from '@/core/phases/plan/day-view';
import { q } from '@/core/words/said';
import { t } from '@/web/words/tell';

/** A day that is this late says so, h. */
const LATE_H = 5 / 60;
/** From here on it is told in hours. */
const LONG_H = 2;

/** How much work it is, how long it takes on the clock, how late it stands. */
export function DayHead({ day, title, time }: { day: DayView; title: string; time: (t: number) => string }) {
  const starts = Math.min(...day.placed.map((p) => p.start));
  const { ends, behindH, finished, now } = day;
  const minutes = Math.abs(behindH) < LONG_H ? q(Math.round(Math.abs(behindH) * 60), 'min') : q(Math.abs(behindH), 'h');
  return (
    <div className="flex flex-wrap items-baseline gap-x-4">
      <h1 className="text-[23px]">{title}</h1>
      <span className="text-ink2">
        {t('web.work-and-clock', { work: q(day.workH, 'h'), clock: q((ends ?? starts) - starts, 'h') })}
      </span>
      <span className="ml-auto font-[650]" data-testid="day-ends">
        {finished ? (
          <span className="text-pine">{t('web.all-done')}</span>
        ) : now !== undefined && behindH >= LATE_H ? (
          <span className="text-ochre">{t('web.behind-ends', { minutes, at: time(ends!) })}</span>
        ) : now !== undefined && behindH <= -LATE_H ? (
          <span className="text-pine">{t('web.ahead-ends', { minutes, at: time(ends!) })}</span>
        ) : (
          t('web.ends-at', { at: time(ends!) })
        )}
      </span>
    </div>
  );
}
