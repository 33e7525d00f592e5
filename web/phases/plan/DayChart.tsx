import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import type { DayView } from '@/core/phases/plan/day-view';
import type { Advice } from '@/core/plan/day/advice';
import { DAY_H, type WorkDay } from '@/core/plan/day/calendar';
import { useSize } from '@/web/bench/use-size';
import { t } from '@/web/words/tell';
import { axisOf, hourTicks, NAMES_PX, rowsOf } from './axis';
import { DayBars, DayLines } from './DayLines';
import { Lane } from './Lane';

/** What a piece was dragged to: a person's lane, a time. */
export type Dropped = { id: string; from: string; to: string; byH: number };

type Props = {
  day: DayView;
  work: WorkDay;
  advice: Advice | undefined;
  time: (t: number) => string;
  /** Which day it is, where there are several. */
  title?: string | undefined;
  onOpen: (id: string) => void;
  onDrop: (dropped: Dropped) => void;
};

/** A pointer that moved less than this has tapped. */
const DRAG_PX = 8;

/** One day: a lane for each of the crew, what runs alone hatched below, the longest chain in heavy outline. */
export function DayChart({ day, work, advice, time, title, onOpen, onDrop }: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_PX } }));
  const axis = axisOf(day, work);
  const inner = Math.max(1, width - NAMES_PX);
  const x = (t: number): number => ((t - axis.from) / (axis.to - axis.from)) * inner;
  const alone = rowsOf(axis.pieces.filter((p) => p.who.length === 0));
  const idea = advice?.kind === 'give' ? advice : undefined;

  function drop({ active, over, delta }: DragEndEvent): void {
    const [id, from] = String(active.id).split(' at ') as [string, string];
    const to = over ? String(over.id) : from;
    const byH = (delta.x / inner) * (axis.to - axis.from);
    onDrop({ id, from, to, byH });
  }

  return (
    <div ref={ref} className="relative w-full select-none" data-testid="day-chart">
      {title ? <h2 className="text-[15px] font-[680]">{title}</h2> : null}
      {width > 0 ? (
        <DndContext sensors={sensors} onDragEnd={drop} autoScroll={false}>
          <div className="relative h-6">
            {hourTicks(axis, inner).map((t) => (
              <span
                key={t}
                className="absolute -translate-x-1/2 text-[12.5px] text-ink2"
                style={{ left: NAMES_PX + x(t) }}
              >
                {hourWord(t)}
              </span>
            ))}
          </div>
          <div className="relative">
            <DayLines day={day} work={work} axis={axis} x={x} width={inner} time={time} />
            {day.crew.people.map((p) => (
              <Lane
                key={p.name}
                id={p.name}
                name={p.name.split(' ')[0]!}
                day={day}
                rows={[axis.pieces.filter((a) => a.who.includes(p.name))]}
                idea={idea && idea.to === p.name ? idea : undefined}
                x={x}
                onOpen={onOpen}
              />
            ))}
            {alone.length ? (
              <Lane id="" name={t('web.runs-alone')} day={day} rows={alone} idea={undefined} x={x} onOpen={onOpen} />
            ) : null}
          </div>
          <DayBars day={day} work={work} axis={axis} x={x} time={time} />
        </DndContext>
      ) : null}
    </div>
  );
}

/** An hour as it stands on a clock's face. */
function hourWord(hours: number): string {
  const h = ((hours % DAY_H) + DAY_H) % DAY_H;
  return h === 12 ? t('web.noon') : String(h > 12 ? h - 12 : h === 0 ? 12 : h);
}
