import type { StripPoint } from './span';

/** A line through points, as a path. */
export const linePath = (
  points: readonly StripPoint[],
  x: (minute: number) => number,
  y: (value: number) => number,
): string => points.map(([t, v], i) => `${i ? 'L' : 'M'}${x(t).toFixed(1)} ${y(v).toFixed(1)}`).join('');
