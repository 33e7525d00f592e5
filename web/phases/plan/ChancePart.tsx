import type { DayView } from '@/core/phases/plan/day-view';
import { chanceBy, within } from '@/core/plan/chance';
import { BigFigure } from '@/web/phases/circuit/CircuitFrame';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { Histogram } from './Histogram';

type Props = { day: DayView; ends: readonly number[] | undefined; time: (t: number) => string };

/** Tenths, as people say it; the ends of the scale say no more than two thousand runs can. */
function inTen(chance: number): string {
  const tenths = Math.round(chance * 10);
  if (tenths >= 10) return t('web.more-than-9-in-10');
  return tenths === 0 ? t('web.less-than-1-in-10') : t('web.n-in-10', { n: tenths });
}

/** How likely the day is done in time, in words and drawn. */
export function ChancePart({ day, ends, time }: Props) {
  if (day.finished || !day.said) return null;
  const own = Math.max(0, ...day.pieces.map((p) => p.ownJobs));
  return (
    <section aria-label={t('web.chance')}>
      <BigFigure
        label={t('web.done-by-time', { at: time(day.deadline) })}
        value={ends ? inTen(chanceBy(ends, day.deadline)) : '…'}
        testId="chance"
        note={say(own ? tell('web.runs-of-own-jobs', { n: own }) : tell('web.runs-of-defaults'))}
      />
      {ends ? (
        <>
          <div className="mt-2">
            <Histogram ends={ends} deadline={day.deadline} time={time} />
          </div>
          <p className="text-[13px] text-ink2">
            {t('web.half-by-eight-in-ten-by', { half: time(within(ends, 0.5)), most: time(within(ends, 0.8)) })}
          </p>
        </>
      ) : null}
    </section>
  );
}
