import type { Because, DayActivity, PlacedPiece } from './activity';

/** A piece that lies elsewhere than it was planned, or took longer: by how much, h, and why. */
export type Moved = { id: string; kind: 'took' | 'runs over' | 'starts'; hours: number; because: Because };

/** Less than this is no news, h (design default). */
const NEWS_H = 5 / 60;

/**
 * What moved between two plans of the same work: what took longer or shorter, what begins at another time and why; the most first.
 *
 * @param before as it was planned · @param after as it stands now
 */
export function movedBetween(
  pieces: readonly DayActivity[],
  before: readonly PlacedPiece[],
  after: readonly PlacedPiece[],
): Moved[] {
  const was = new Map(before.map((p) => [p.id, p]));
  const is = new Map(after.map((p) => [p.id, p]));
  return pieces
    .flatMap((a): Moved[] => {
      const then = was.get(a.id);
      const now = is.get(a.id);
      if (!then || !now) return [];
      const longer = now.end - now.start - (then.end - then.start);
      const { because } = now;
      if (a.done || a.begun !== undefined)
        return [{ id: a.id, kind: a.done ? 'took' : 'runs over', hours: longer, because }];
      return [{ id: a.id, kind: 'starts', hours: now.start - then.start, because }];
    })
    .filter((m) => Math.abs(m.hours) >= NEWS_H - 1e-9)
    .sort((a, b) => Math.abs(b.hours) - Math.abs(a.hours) || (a.id < b.id ? -1 : 1));
}
