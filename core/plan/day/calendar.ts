/** A span of the plan's clock: hours since midnight of its first day, by the clock of the site. */
export type Span = readonly [from: number, to: number];

/** One day at the house: its midnight on the plan's clock, when work begins and should end, and the break in it. */
export type WorkDay = {
  at: number;
  from: number;
  to: number;
  lunch: Span | undefined;
  /** Nobody planned it: where the work goes on that the planned days do not hold. */
  unplanned?: true;
};

/** The plan's clock counts whole days by this. */
export const DAY_H = 24;
/** Sums of hours that differ by less are the same moment, h. */
export const SAME_H = 1e-6;

/** A last day goes on past its end by this much at most (design default), h: what is left then waits for another day. */
const OVERTIME_H = 2;

/** From when to when a day is worked: the last planned one past its end. */
export function openSpan(d: WorkDay, days: readonly WorkDay[]): Span {
  const last = days.findLast((x) => !x.unplanned);
  return [d.from, d === last ? Math.min(d.at + DAY_H, d.to + OVERTIME_H) : d.to];
}

/** What of the days somebody works: without breaks and what calls them away. */
export const workingSpans = (days: readonly WorkDay[], away: readonly Span[] = []): Span[] =>
  days.flatMap((d) => without(openSpan(d, days), [...(d.lunch ? [d.lunch] : []), ...away]));

/** A span without what is cut out of it. */
function without(span: Span, cuts: readonly Span[]): Span[] {
  let left: Span[] = [span];
  for (const [from, to] of cuts)
    left = left.flatMap(([a, b]): Span[] =>
      to <= a || from >= b
        ? [[a, b]]
        : [...(from > a ? [[a, from] as const] : []), ...(to < b ? [[to, b] as const] : [])],
    );
  return left.filter(([a, b]) => b - a > SAME_H);
}

/** What two people both work. */
export function bothWork(a: readonly Span[], b: readonly Span[]): Span[] {
  return a.flatMap(([from, to]) =>
    b.flatMap(([f, t]): Span[] => {
      const span: Span = [Math.max(from, f), Math.min(to, t)];
      return span[1] - span[0] > SAME_H ? [span] : [];
    }),
  );
}

/**
 * When work of so many hours begins and ends that is not begun before a moment and goes on after every break.
 *
 * @returns undefined where the spans do not hold so much
 */
export function workFrom(spans: readonly Span[], notBefore: number, hours: number): Span | undefined {
  let start: number | undefined;
  let left = hours;
  for (const [from, to] of spans) {
    const at = Math.max(from, notBefore);
    if (at >= to - SAME_H && !(left <= SAME_H && at <= to)) continue;
    start ??= at;
    if (at + left <= to + SAME_H) return [start, at + left];
    left -= to - at;
  }
  return undefined;
}

/** Hours worked between two moments. */
export const workedIn = (spans: readonly Span[], from: number, to: number): number =>
  spans.reduce((sum, [a, b]) => sum + Math.max(0, Math.min(b, to) - Math.max(a, from)), 0);
