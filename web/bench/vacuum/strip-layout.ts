import type { Span, StripPoint } from '../strip/span';

/** The vacuum's own strip: microns up on a log axis. */
export const STRIP_LOW = 20;
export const STRIP_HIGH = 1_000_000;
export const DECADES = [100, 1_000, 10_000, 100_000] as const;

/** The stretch of time shown: all of it, with room on the right for what is predicted. */
export function stripSpan(points: readonly StripPoint[], aheadMin: number | undefined, leastMin = 12): Span {
  const first = points[0]?.[0] ?? 0;
  const last = points.at(-1)?.[0] ?? 0;
  const ahead = Math.min(Math.max(0, aheadMin ?? 0), Math.max(10, last - first));
  return { fromMin: first, toMin: Math.max(first + leastMin, last + Math.max(ahead * 1.1, (last - first) * 0.06)) };
}
