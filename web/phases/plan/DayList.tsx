import type { DayView } from '@/core/phases/plan/day-view';
import { pieceName } from '@/core/phases/plan/names';
import type { PlacedPiece } from '@/core/plan/day/activity';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = { day: DayView; time: (t: number) => string; onOpen: (id: string) => void };

/** The day as a list, in the order of its hours: what a phone shows. */
export function DayList({ day, time, onOpen }: Props) {
  const list = [...day.placed].sort((a, b) => a.start - b.start || a.end - b.end);
  return (
    <ul data-testid="day-list">
      {list.map((p) => {
        const piece = day.held.find((x) => x.id === p.id)!;
        const chain = day.chain.includes(p.id);
        return (
          <li key={p.id}>
            <button
              type="button"
              onClick={() => onOpen(p.id)}
              data-testid={`row-${p.id}`}
              className={`touch grid w-full cursor-pointer grid-cols-[22px_84px_1fr] items-baseline gap-x-2 border-b border-rule2 py-2 text-left ${piece.done ? 'text-ink2' : ''} ${chain && !piece.done ? 'border-l-[4px] border-l-ink pl-2' : 'pl-3'}`}
            >
              <Mark kind={piece.done ? 'good' : piece.begun !== undefined ? 'now' : 'to-come'} />
              <span className="text-[14px] whitespace-nowrap">{p.end > p.start ? time(p.start) : '–'}</span>
              <span className="leading-snug">
                <b className="font-[640]">{say(pieceName(piece))}</b>
                <span className="block text-[13px] text-ink2">
                  {p.end > p.start ? rowWords(p, time) : t('web.done-no-times')}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

const rowWords = (p: PlacedPiece, time: (t: number) => string): string =>
  `${p.who.length ? p.who.map((n) => n.split(' ')[0]).join(', ') : t('web.runs-alone')} · ${t('web.until', { at: time(p.end) })}`;
