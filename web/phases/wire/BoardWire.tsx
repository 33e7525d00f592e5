import { type PointerEvent, useState } from 'react';
import { USUAL_COLORS } from '@/core/controls/cable-plan';
import { cabinetOf } from '@/core/controls/edits';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import type { DrawnWire, Place, Terminal } from './board-layout';
import { pressed } from './pressed';

type Props = {
  drawn: DrawnWire;
  live: boolean;
  changed: boolean;
  selected: boolean;
  terminals: readonly Terminal[];
  name: string;
  /** What becomes of the old conductor, where old ones were written down. */
  mark: string | undefined;
  onPress: () => void;
  /** An end was dragged onto another terminal. */
  onDrop: (end: 'a' | 'b', to: string) => void;
};

/** How near a terminal an end must be let go, px. */
const CATCH_PX = 30;
/** How far from its terminal an end is taken hold of, px. */
const GRIP_PX = 30;

/** One conductor: thick while it is live, dashed while it is dead, broken where it is cut; pressed for what can be done with it. */
export function BoardWire({
  drawn: { wire, points },
  live,
  changed,
  selected,
  terminals,
  name,
  mark,
  onPress,
  onDrop,
}: Props) {
  const [pull, setPull] = useState<{ end: 'a' | 'b'; at: Place }>();
  const d = `M${points.map((p) => `${p.x} ${p.y}`).join('L')}`;
  const common = wire.role === 'C';
  const tone = selected ? 'var(--copper)' : changed ? 'var(--oxide)' : live || common ? 'var(--ink)' : 'var(--faint)';
  const [l, r] = [points[0]!, points.at(-1)!];
  const color = USUAL_COLORS[wire.role];
  // The end on the left is the one whose terminal stands there.
  const leftEnd = terminals.find((t) => t.x === l.x && t.y === l.y)?.node === wire.b ? 'b' : 'a';
  const ends = [
    [leftEnd, { x: l.x + GRIP_PX, y: l.y }],
    [leftEnd === 'a' ? 'b' : 'a', { x: r.x - GRIP_PX, y: r.y }],
  ] as const;
  const here = (e: PointerEvent<SVGElement>): Place => {
    const box = e.currentTarget.ownerSVGElement!.getBoundingClientRect();
    return { x: e.clientX - box.left, y: e.clientY - box.top };
  };
  function drop(e: PointerEvent<SVGElement>, end: 'a' | 'b'): void {
    const at = here(e);
    setPull(undefined);
    const near = terminals
      .filter((t) => Math.hypot(t.x - at.x, t.y - at.y) <= CATCH_PX && t.node !== wire[end])
      .find((t) => cabinetOf(t.node) === cabinetOf(wire[end]) || cabinetOf(t.node) === 'in');
    if (near) onDrop(end, near.node);
  }
  return (
    <g>
      <g {...pressed(onPress)} aria-label={name} data-testid={`wire-${wire.id}`}>
        <path d={d} stroke="transparent" strokeWidth="22" fill="none" />
        <path
          d={d}
          stroke={tone}
          strokeWidth={changed || selected ? 4.5 : live && !common ? 4.5 : common ? 2 : 1.8}
          strokeDasharray={wire.open ? '4 12' : live || common ? undefined : '7 5'}
          fill="none"
        />
        {color ? (
          <text x={l.x + 26} y={l.y - 8} fontSize="12.5" fill="var(--ink2)">
            {say(value(color))}
            {mark ? ` · ${mark}` : ''}
          </text>
        ) : null}
      </g>
      {ends.map(([end, at]) => (
        <rect
          key={end}
          x={at.x - 12}
          y={at.y - 15}
          width={24}
          height={30}
          fill="transparent"
          className="cursor-grab touch-none"
          data-testid={`end-${wire.id}-${end}`}
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            setPull({ end, at: here(e) });
          }}
          onPointerMove={(e) => pull && setPull({ end, at: here(e) })}
          onPointerUp={(e) => {
            const moved = pull && Math.hypot(pull.at.x - at.x, pull.at.y - at.y) > CATCH_PX;
            if (moved) drop(e, end);
            else {
              setPull(undefined);
              onPress();
            }
          }}
          onPointerCancel={() => setPull(undefined)}
        />
      ))}
      {pull ? (
        <path
          d={`M${(pull.end === leftEnd ? r : l).x} ${(pull.end === leftEnd ? r : l).y}L${pull.at.x} ${pull.at.y}`}
          stroke="var(--copper)"
          strokeWidth="4"
          pointerEvents="none"
        />
      ) : null}
    </g>
  );
}
