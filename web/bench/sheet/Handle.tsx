import { type ReactNode, useRef } from 'react';
import { snap, useDrag } from './use-drag';

/** Something that is dragged on a drawing: told how far in inches, to the half inch, from where it was taken hold of. */
export function Handle<From>({
  name,
  from,
  perInch,
  upright = false,
  onDrag,
  children,
}: {
  name: string;
  from: From;
  perInch: number;
  /** It moves up and down only. */
  upright?: boolean;
  onDrag: (by: { x: number; y: number }, from: From) => void;
  children: ReactNode;
}) {
  const start = useRef(from);
  const drag = useDrag(perInch, true, (by) => onDrag({ x: snap(by.x), y: snap(by.y) }, start.current));
  return (
    <g
      {...drag}
      onPointerDown={(e) => {
        start.current = from;
        drag.onPointerDown(e);
      }}
      className={`${upright ? 'cursor-ns-resize' : 'cursor-move'} touch-none`}
      data-testid={name}
    >
      {children}
    </g>
  );
}
