import { type Activity, timesOf } from './network';

/** When an activity runs under a limit of people, h from the start. */
export type Placed = { id: string; start: number; end: number };

/** Rounding of sums of hours: less than this apart is the same moment, h. */
const SAME_H = 1e-9;

/**
 * The serial schedule: one activity after the other, in the order of latest start, then the longer, then the name, each as
 * early as what it waits for and the people allow. A rule of thumb: no proof that it is the shortest.
 *
 * @param activities without a loop; none needs more people than there are
 * @source serial schedule generation, priority latest start (common practice of project planning)
 */
export function serialSchedule(activities: readonly Activity[], people: number): Placed[] {
  const { timed } = timesOf(activities);
  const latestStart = new Map(timed.map((t) => [t.activity.id, t.latestStart]));
  const left = timed.map((t) => t.activity);
  const done = new Map<string, Placed>();
  while (left.length) {
    const ready = left.filter((a) => a.after.every((b) => done.has(b)));
    ready.sort(
      (a, b) => latestStart.get(a.id)! - latestStart.get(b.id)! || b.hours - a.hours || (a.id < b.id ? -1 : 1),
    );
    const next = ready[0]!;
    const from = Math.max(0, ...next.after.map((b) => done.get(b)!.end));
    const start = firstFit(next, from, [...done.values()], activities, people);
    done.set(next.id, { id: next.id, start, end: start + next.hours });
    left.splice(left.indexOf(next), 1);
  }
  return [...done.values()];
}

/** The first moment from which enough people are free for as long as it takes. */
function firstFit(
  a: Activity,
  from: number,
  placed: readonly Placed[],
  activities: readonly Activity[],
  people: number,
): number {
  const need = new Map(activities.map((x) => [x.id, x.people]));
  // People only become free where something ends.
  const moments = [from, ...placed.map((p) => p.end).filter((t) => t > from)].sort((x, y) => x - y);
  return moments.find((start) => busiest(placed, need, start, start + a.hours) + a.people <= people)!;
}

/** Most people that are tied up at once within a span. */
function busiest(placed: readonly Placed[], need: ReadonlyMap<string, number>, start: number, end: number): number {
  const inside = placed.filter((p) => p.start < end - SAME_H && p.end > start + SAME_H);
  const moments = [start, ...inside.map((p) => p.start).filter((t) => t > start)];
  return Math.max(
    0,
    ...moments.map((t) =>
      inside.reduce((sum, p) => sum + (p.start <= t + SAME_H && p.end > t + SAME_H ? need.get(p.id)! : 0), 0),
    ),
  );
}
