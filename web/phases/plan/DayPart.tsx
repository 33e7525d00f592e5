import type { DayView } from '@/core/phases/plan/day-view';
import type { Advice } from '@/core/plan/day/advice';
import { t } from '@/web/words/tell';
import { shownDays } from './axis';
import { DayChart, type Dropped } from './DayChart';
import { DayList } from './DayList';
import { dayTitle } from './day-title';
import { Untimed } from './Untimed';

type Props = {
  day: DayView;
  advice: Advice | undefined;
  time: (t: number) => string;
  onOpen: (id: string) => void;
  onDrop: (dropped: Dropped) => void;
};

/** The days of a job: drawn on a desk, a list on a phone. */
export function DayPart({ day, advice, time, onOpen, onDrop }: Props) {
  const shown = shownDays(day);
  return (
    <>
      <div className="mt-3 hidden gap-6 lg:grid">
        {shown.map((work) => (
          <DayChart
            key={work.at}
            day={day}
            work={work}
            advice={advice}
            time={time}
            title={shown.length > 1 ? dayTitle(day, work) : undefined}
            onOpen={onOpen}
            onDrop={onDrop}
          />
        ))}
        <Untimed day={day} onOpen={onOpen} />
        <p className="text-[12.5px] text-ink2">{t('web.how-to-read-the-day')}</p>
      </div>
      <div className="mt-2 lg:hidden">
        <DayList day={day} time={time} onOpen={onOpen} />
      </div>
    </>
  );
}
