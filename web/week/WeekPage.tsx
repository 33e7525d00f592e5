import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { may } from '@/core/job/permissions';
import { clashesOf, type WeekSlot } from '@/core/phases/plan/week';
import { todayAt } from '@/web/api/clock';
import { useMe } from '@/web/api/use-me';
import { usePeople } from '@/web/api/use-people';
import { useWeek } from '@/web/api/use-week';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { readerNow } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { CalendarPart } from './CalendarPart';
import { LeftOverPart } from './LeftOverPart';
import { OwedPart } from './OwedPart';
import { type MoveTo, SlotSheet } from './SlotSheet';
import { moveSlot } from './use-move';
import { WeekGrid } from './WeekGrid';
import { WeekList } from './WeekList';
import { daysFrom, mondayOf, plusDays } from './week-days';

const DRAG_PX = 8;

/** The week of the office: crews over days, each job over its hours, what stands in its way; dragged to another day or crew. */
export default function WeekPage() {
  const { me } = useMe();
  const [query, setQuery] = useSearchParams();
  const today = todayAt(readerNow().timeZone);
  const monday = query.get('from') ?? mondayOf(today);
  const { data, error, mutate } = useWeek(monday);
  const people = usePeople();
  const [open, setOpen] = useState<WeekSlot>();
  const { problem, act } = useAct();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_PX } }));
  const mayMove = may(me?.role, 'edit-job');
  const leads = people.filter((p) => may(p.role, 'lead-job'));
  const slots = data?.slots ?? [];
  const clashes = useMemo(() => clashesOf(slots), [slots]);
  const findingsOf = (s: WeekSlot) => [...s.findings, ...(clashes.get(s) ?? [])];
  const days = daysFrom(monday, slots);
  const go = (to: string): void => setQuery(to === mondayOf(today) ? {} : { from: to });
  const move = (slot: WeekSlot, to: MoveTo): Promise<unknown> => moveSlot(slot, to).finally(() => mutate());

  function drop({ active, over }: DragEndEvent): void {
    const slot = slots.find((s) => `${s.jobId} ${s.n}` === active.id);
    const [leadId, on] = String(over?.id ?? '').split(' ');
    if (!slot || !leadId || !on || (slot.leadId === leadId && slot.on === on)) return;
    void act(() => move(slot, { on, leadId: slot.n === 1 ? leadId : slot.leadId, why: '' }));
  }

  return (
    <div className="mx-auto max-w-[1440px] px-4 pb-24 lg:px-6 lg:pb-8">
      <PlaceHead />
      <div className="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="text-[26px]">{t('web.week')}</h1>
        <Button onClick={() => go(plusDays(monday, -7))}>{t('web.week-before')}</Button>
        <Button tone="quiet" onClick={() => go(mondayOf(today))}>
          {t('web.this-week')}
        </Button>
        <Button onClick={() => go(plusDays(monday, 7))}>{t('web.week-after')}</Button>
        <span className="ml-auto">
          <CalendarPart />
        </span>
      </div>
      <Trouble problem={problem ?? (error && !data ? error : undefined)} />
      <DndContext sensors={sensors} onDragEnd={drop} autoScroll={false}>
        <WeekGrid
          days={days}
          today={today}
          leads={leads}
          people={people}
          slots={slots}
          findingsOf={findingsOf}
          mayMove={mayMove}
          onOpen={setOpen}
        />
      </DndContext>
      <WeekList
        days={days.filter((on) => on >= today || !days.includes(today))}
        slots={slots}
        findingsOf={findingsOf}
        onOpen={setOpen}
      />
      <OwedPart today={today} mayPlan={mayMove} />
      <LeftOverPart rows={data?.leftOver ?? []} />
      {open ? (
        <SlotSheet
          key={`${open.jobId}-${open.n}`}
          slot={open}
          findings={findingsOf(open)}
          leads={leads}
          mayMove={mayMove}
          onMove={(to) => move(open, to)}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
    </div>
  );
}
