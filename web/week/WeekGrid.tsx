import { parseISO } from 'date-fns';
import type { Finding } from '@/core/finding/finding';
import type { WeekSlot } from '@/core/phases/plan/week';
import { q } from '@/core/words/said';
import type { Colleague } from '@/web/api/use-people';
import { weekday } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { DayCount, SlotBar } from './SlotBar';
import { WeekCell } from './WeekCell';

type Props = {
  days: readonly string[];
  today: string;
  leads: readonly Colleague[];
  people: readonly Colleague[];
  slots: readonly WeekSlot[];
  findingsOf: (slot: WeekSlot) => Finding[];
  mayMove: boolean;
  onOpen: (slot: WeekSlot) => void;
};

/** Hours that one person works in a day (common practice). */
const DAY_WORK_H = 8;
/** Who works in the field: the office does not. */
const inField = (p: Colleague): boolean => p.role !== 'office';

/** Crews down, days across; over each day how much of it is taken. */
export function WeekGrid({ days, today, leads, people, slots, findingsOf, mayMove, onOpen }: Props) {
  // A lead without a job of the week has no row but may be given one: the others' rows come first.
  const rows = [...leads].sort((a, b) => count(b) - count(a) || a.fullName.localeCompare(b.fullName));
  function count(p: Colleague): number {
    return slots.some((s) => s.leadId === p.id) ? 1 : 0;
  }
  const capacity = people.filter(inField).length * DAY_WORK_H;
  return (
    <div
      className="mt-3 hidden border-r border-b border-rule lg:grid"
      style={{ gridTemplateColumns: `92px repeat(${days.length}, minmax(0, 1fr))` }}
      data-testid="week-grid"
    >
      <span />
      {days.map((on) => {
        const own = slots.filter((s) => s.on === on);
        const hours = own.reduce((sum, s) => sum + s.workH, 0);
        const share = capacity ? Math.min(1, hours / capacity) : 0;
        return (
          <div key={on} className="border-l border-rule px-1.5 pb-1" data-testid={`day-${on}`}>
            <span className={`text-[14px] ${on === today ? 'font-[700] text-copper' : 'font-[620]'}`}>
              {weekday(parseISO(on), 'short')}
            </span>
            <span className="mt-0.5 block h-[6px] bg-rule2">
              <span
                className={`block h-full ${hours > capacity ? 'bg-oxide' : 'bg-pine'}`}
                style={{ width: `${share * 100}%` }}
              />
            </span>
            <span className="flex flex-wrap justify-between gap-x-2 text-[12px] text-ink2">
              {t('web.hours-of-capacity', { hours: q(hours, 'h', 0), capacity: q(capacity, 'h', 0) })}
              <DayCount n={own.filter((s) => findingsOf(s).length > 0).length} />
            </span>
          </div>
        );
      })}
      {rows.map((lead) => (
        <Row
          key={lead.id}
          lead={lead}
          days={days}
          today={today}
          slots={slots}
          findingsOf={findingsOf}
          mayMove={mayMove}
          onOpen={onOpen}
        />
      ))}
    </div>
  );
}

function Row({
  lead,
  days,
  today,
  slots,
  findingsOf,
  mayMove,
  onOpen,
}: Omit<Props, 'leads' | 'people'> & { lead: Colleague }) {
  return (
    <>
      <span className="border-t border-rule pt-2 pr-1 text-[14px] leading-tight font-[650]">{lead.fullName}</span>
      {days.map((on) => (
        <WeekCell key={on} id={`${lead.id} ${on}`} today={on === today}>
          {slots
            .filter((s) => s.leadId === lead.id && s.on === on)
            .map((s) => (
              <SlotBar key={`${s.jobId}-${s.n}`} slot={s} findings={findingsOf(s)} mayMove={mayMove} onOpen={onOpen} />
            ))}
        </WeekCell>
      ))}
    </>
  );
}
