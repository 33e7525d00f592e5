import { type PointerEvent, useRef } from 'react';

type Point = { x: number; y: number };

/** Drags something on a drawing: the pointer's way in inches since it went down. Arrow keys nudge by an inch. */
export function useDrag(perInch: number, up: boolean, onMove: (by: Point, done: boolean) => void) {
  const from = useRef<Point>(undefined);
  const by = (e: PointerEvent): Point => ({
    x: (e.clientX - from.current!.x) / perInch,
    y: ((e.clientY - from.current!.y) / perInch) * (up ? -1 : 1),
  });
  return {
    onPointerDown: (e: PointerEvent<SVGElement>) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      from.current = { x: e.clientX, y: e.clientY };
    },
    onPointerMove: (e: PointerEvent<SVGElement>) => {
      if (from.current) onMove(by(e), false);
    },
    onPointerUp: (e: PointerEvent<SVGElement>) => {
      if (from.current) onMove(by(e), true);
      from.current = undefined;
    },
    onPointerCancel: () => {
      from.current = undefined;
    },
  };
}

/** Half an inch is as fine as a finger is. */
export const snap = (inches: number): number => Math.round(inches * 2) / 2;
