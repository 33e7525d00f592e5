import type { DayPiece, DayView } from '@/core/phases/plan/day-view';
import { pieceName } from '@/core/phases/plan/names';
import type { Because } from '@/core/plan/day/activity';
import type { Moved } from '@/core/plan/day/moved';
import { lower, type Said, value } from '@/core/words/said';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** As many as are worth reading. */
const MOST = 6;

/** What lies elsewhere than it was planned, and why. */
export function MovedPart({ day, moved, title }: { day: DayView; moved: readonly Moved[]; title: Said }) {
  if (moved.length === 0) return null;
  return (
    <Part name={say(title)} data-testid="moved">
      <ul>
        {moved.slice(0, MOST).map((m) => {
          const piece = day.held.find((p) => p.id === m.id)!;
          return (
            <li key={m.id} className="grid grid-cols-[24px_1fr_auto] gap-x-1 border-b border-rule2 py-1.5 leading-snug">
              <span className="pt-[2px]">
                <Mark kind={m.hours > 0 ? 'look-again' : 'good'} />
              </span>
              <span>
                <b className="font-[640]">{say(pieceName(piece))}</b>
                <span className="block text-[13px] text-ink2">{say(whyOf(m, day.held))}</span>
              </span>
              <span className="whitespace-nowrap">{minutesText(m.hours)}</span>
            </li>
          );
        })}
      </ul>
    </Part>
  );
}

const minutesText = (hours: number): string => {
  const minutes = Math.round(Math.abs(hours) * 60);
  const sign = hours > 0 ? '+' : '−';
  return minutes >= 120 ? `${sign}${(minutes / 60).toFixed(1)} h` : `${sign}${minutes} min`;
};

function whyOf(m: Moved, pieces: readonly DayPiece[]): Said {
  if (m.kind === 'took') return tell(m.hours > 0 ? 'web.took-longer' : 'web.took-less');
  if (m.kind === 'runs over') return tell(m.hours > 0 ? 'web.runs-over' : 'web.goes-faster');
  return becauseWords(m.because, pieces);
}

/** Why a piece begins when it does. */
export function becauseWords(because: Because, pieces: readonly DayPiece[]): Said {
  const named = (id: string) => lower(pieceName(pieces.find((p) => p.id === id)!));
  switch (because.kind) {
    case 'after':
      return tell('web.begins-after', { step: named(because.id) });
    case 'person':
      return tell('web.begins-when-free', { who: because.who.split(' ')[0]!, step: named(because.id) });
    case 'gear':
      return tell('web.begins-when-gear-free', { gear: value(because.gear), step: named(because.id) });
    case 'window':
      return tell('web.begins-with-window');
    case 'not before':
      return tell('web.begins-not-before');
    case 'now':
      return tell('web.begins-now');
    default:
      return tell('web.begins-with-the-day');
  }
}
