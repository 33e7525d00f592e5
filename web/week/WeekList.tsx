import { parseISO } from 'date-fns';
import type { Finding } from '@/core/finding/finding';
import type { WeekSlot } from '@/core/phases/plan/week';
import { weekday } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { SlotBar } from './SlotBar';

type Props = {
  days: readonly string[];
  slots: readonly WeekSlot[];
  findingsOf: (slot: WeekSlot) => Finding[];
  onOpen: (slot: WeekSlot) => void;
};

/** The week as a phone shows it: day by day, each job over its hours. */
export function WeekList({ days, slots, findingsOf, onOpen }: Props) {
  return (
    <div className="lg:hidden" data-testid="week-list">
      {days.map((on) => {
        const own = slots.filter((s) => s.on === on);
        return (
          <section key={on} className="mt-4">
            <h2 className="text-[15px] font-[680]">{weekday(parseISO(on), 'long')}</h2>
            {own.length === 0 ? <p className="text-[13.5px] text-ink2">{t('web.nothing-planned')}</p> : null}
            {own.map((s) => (
              <SlotBar key={`${s.jobId}-${s.n}`} slot={s} findings={findingsOf(s)} mayMove={false} onOpen={onOpen} />
            ))}
          </section>
        );
      })}
    </div>
  );
}
