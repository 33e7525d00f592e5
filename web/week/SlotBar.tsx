import { useDraggable } from '@dnd-kit/core';
import { TriangleAlert } from 'lucide-react';
import type { Finding } from '@/core/finding/finding';
import { worstOf } from '@/core/finding/order';
import type { WeekSlot } from '@/core/phases/plan/week';
import { q } from '@/core/words/said';
import { Mark } from '@/web/kit/Mark';
import { t } from '@/web/words/tell';

/** The hours that a day of the week shows. */
export const WEEK_HOURS = [7, 19] as const;
/** A bar is at least so wide that it can be seen, %. */
const LEAST_WIDE = 6;
/** Where an hour lies in a day's column, %. */
export const atHour = (h: number): number =>
  (100 * (Math.min(WEEK_HOURS[1], Math.max(WEEK_HOURS[0], h)) - WEEK_HOURS[0])) / (WEEK_HOURS[1] - WEEK_HOURS[0]);

/** Where a bar begins and how wide it is, %: what lies before or after the hours that are shown stands at their edge, and inside it. */
export function placeOf([from, to]: readonly [number, number]): { left: number; width: number } {
  const left = Math.min(100 - LEAST_WIDE, atHour(from));
  return { left, width: Math.max(LEAST_WIDE, atHour(to) - left) };
}

type Props = {
  slot: WeekSlot;
  findings: readonly Finding[];
  mayMove: boolean;
  onOpen: (slot: WeekSlot) => void;
};

/** One job on one day: drawn over its hours, hatched where nobody has to stand there. */
export function SlotBar({ slot, findings, mayMove, onOpen }: Props) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${slot.jobId} ${slot.n}`,
    disabled: !mayMove,
  });
  const { left, width } = placeOf(slot.span);
  return (
    <button
      ref={setNodeRef}
      type="button"
      data-testid={`slot-${slot.number}-${slot.n}`}
      onClick={() => onOpen(slot)}
      className={`relative mb-1.5 block w-full cursor-pointer text-left ${isDragging ? 'z-30 opacity-80' : ''}`}
      style={{
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        touchAction: mayMove ? 'none' : undefined,
      }}
      {...(mayMove ? listeners : {})}
      {...(mayMove ? attributes : {})}
    >
      <span className="flex items-center gap-1 text-[12.5px] leading-tight">
        {findings.length ? <Mark kind={worstOf(findings)} size={13} /> : null}
        <b className="narrow font-[700]">{slot.number}</b>
        <span className="truncate">{slot.customer}</span>
      </span>
      <span className="relative mt-0.5 block h-[18px] bg-rule2">
        <span
          className={`absolute inset-y-0 ${slot.said ? 'border-[1.5px] border-ink bg-sheet' : 'border-[1.5px] border-dashed border-faint bg-sheet'}`}
          style={{ left: `${left}%`, width: `${width}%` }}
        />
        {slot.waits.map(([f, t]) => (
          <span
            key={f}
            className="hatched absolute bottom-[2px] h-[8px]"
            style={{ left: `${atHour(f)}%`, width: `${atHour(t) - atHour(f)}%` }}
          />
        ))}
      </span>
      <span className="block truncate text-[11.5px] leading-tight text-ink2">
        {slot.said ? slot.crew.map((n) => n.split(' ')[0]).join(', ') : t('web.crew-not-said')}
        {' · '}
        {t('web.hours-of-work', { hours: q(slot.workH, 'h', 0) })}
        {slot.of > 1 ? ` · ${t('web.visit-n-of', { n: slot.n, of: slot.of })}` : ''}
      </span>
    </button>
  );
}

/** How many things of a week's day want somebody's eye. */
export function DayCount({ n }: { n: number }) {
  if (n === 0) return null;
  return (
    <span className="inline-flex items-center gap-1 text-[12.5px] font-[600] text-ochre">
      <TriangleAlert size={14} aria-hidden />
      {t('web.to-look-at', { look: n })}
    </span>
  );
}
