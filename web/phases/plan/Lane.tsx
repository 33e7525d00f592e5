import { useDroppable } from '@dnd-kit/core';
import type { DayView } from '@/core/phases/plan/day-view';
import type { PlacedPiece } from '@/core/plan/day/activity';
import type { Advice } from '@/core/plan/day/advice';
import { NAMES_PX } from './axis';
import { PieceBar } from './PieceBar';

type Props = {
  /** Whose lane it is; empty for what runs alone. */
  id: string;
  name: string;
  day: DayView;
  rows: PlacedPiece[][];
  /** What would go here. */
  idea: Extract<Advice, { kind: 'give' }> | undefined;
  x: (t: number) => number;
  onOpen: (id: string) => void;
};

const ROW_PX = 54;

/** The pieces of one person, or what runs alone; a piece is dropped on it. */
export function Lane({ id, name, day, rows, idea, x, onOpen }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id: id || 'alone', disabled: id === '' });
  const height = (rows.length + (idea ? 1 : 0)) * ROW_PX + 14;
  const placed = idea?.placed.find((p) => p.id === idea.id);
  return (
    <div
      ref={setNodeRef}
      className={`relative border-t border-rule ${isOver ? 'bg-sheet' : ''}`}
      style={{ height }}
      data-testid={`lane-${id || 'alone'}`}
    >
      <span
        className={`absolute top-4 left-0 w-[60px] leading-tight ${id ? 'text-[14px] font-[650]' : 'text-[12.5px] text-ink2'}`}
      >
        {name}
      </span>
      {rows.map((row, i) =>
        row.map((p) => (
          <PieceBar
            key={p.id}
            p={p}
            lane={id}
            day={day}
            left={NAMES_PX + x(p.start)}
            width={x(p.end) - x(p.start)}
            top={8 + i * ROW_PX}
            onOpen={onOpen}
          />
        )),
      )}
      {idea && placed ? (
        <PieceBar
          p={placed}
          lane={id}
          day={day}
          left={NAMES_PX + x(placed.start)}
          width={x(placed.end) - x(placed.start)}
          top={8 + rows.length * ROW_PX}
          idea
          onOpen={onOpen}
        />
      ) : null}
    </div>
  );
}
