import { useDraggable } from '@dnd-kit/core';
import type { DayView } from '@/core/phases/plan/day-view';
import { pieceName } from '@/core/phases/plan/names';
import type { PlacedPiece } from '@/core/plan/day/activity';
import { say } from '@/web/words/say';

type Props = {
  p: PlacedPiece;
  lane: string;
  day: DayView;
  left: number;
  width: number;
  top: number;
  /** Where it would go. */
  idea?: boolean;
  onOpen: (id: string) => void;
};

/** A piece in its lane: filled when done, hatched when nobody stands there, heavy on the longest chain, dashed as an idea. */
export function PieceBar({ p, lane, day, left, width, top, idea = false, onOpen }: Props) {
  const piece = day.held.find((x) => x.id === p.id)!;
  const name = say(pieceName(piece));
  const still = idea || piece.done !== undefined || lane === '';
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${p.id} at ${lane}${idea ? ' idea' : ''}`,
    disabled: still,
  });
  const chain = day.chain.includes(p.id) && !idea;
  const look = idea
    ? 'border-[2px] border-dashed border-copper text-copper bg-paper'
    : lane === ''
      ? `hatched ${chain ? 'border-[2.5px] border-ink' : 'border border-faint'}`
      : `${piece.done ? 'bg-rule' : piece.begun !== undefined ? 'bg-[linear-gradient(var(--rule),var(--rule))]' : 'bg-sheet'} ${chain ? 'border-[2.5px] border-ink font-[660]' : 'border border-faint'}`;
  return (
    <button
      ref={setNodeRef}
      type="button"
      title={name}
      data-testid={idea ? `idea-${p.id}` : `piece-${p.id}`}
      onClick={() => onOpen(p.id)}
      className={`absolute h-[48px] cursor-pointer truncate px-1.5 text-left text-[13px] leading-none ${look} ${isDragging ? 'z-30 opacity-80' : 'z-10'}`}
      style={{
        left: left + 1,
        width: Math.max(8, width - 2),
        top,
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        touchAction: still ? undefined : 'none',
      }}
      {...(still ? {} : listeners)}
      {...(still ? {} : attributes)}
    >
      <span className={lane === '' && !idea ? 'bg-paper px-0.5' : ''}>{name}</span>
    </button>
  );
}
