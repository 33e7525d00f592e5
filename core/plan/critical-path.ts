import { z } from 'zod';
import { upTo } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { type Activity, timesOf } from './network';
import { activityFields, MOST_ACTIVITIES, peopleField, refusedNetwork } from './network-input';
import { serialSchedule } from './serial';

/** Sums of hours that differ by less are the same, h. */
const SAME_H = 1e-9;

const activity = z.strictObject({ ...activityFields, hours: num(0, 10_000, 'h') });

/**
 * How long a day or a job takes, and what must not slip.
 *
 * @param activities each with its hours, what it comes after, and the people it ties up (1 where nothing is said; a hold ties up
 * nobody) · @param people how many there are; omitted: no limit
 * @returns hours of the whole (with the limit where one is given), critical: activities without float, sorted, float of each, h;
 * both of these without a limit
 * @example criticalPath({ activities: [{ id: 'A', hours: 1, after: [] }, { id: 'B', hours: 2, after: ['A'] }] }) // 3 h, A and B
 */
export const criticalPath = calculation({
  id: 'critical-path',
  title: 'Critical path',
  what: 'How long work takes that waits for other work, what must not slip, and how much the rest may.',
  formula:
    'earliest start = latest end of what comes before; latest end = earliest of what comes after; float = their difference',
  source:
    'critical-path method, Kelley and Walker 1959; with a limit of people serial by latest start, longer first, name',
  notCovered:
    'Gear, weather windows and people with different trades; the serial schedule is not proven to be the shortest.',
  input: z.strictObject({
    activities: z.array(activity).min(1).max(MOST_ACTIVITIES).meta(upTo(MOST_ACTIVITIES, 'activities')),
    people: peopleField.optional(),
  }),
  compute: ({ activities, people }) => {
    const wrong = refusedNetwork(activities, people);
    return wrong ?? ok(pathOf(activities, people));
  },
  example: {
    input: {
      activities: [
        { id: 'recover', hours: 1.5, after: [] },
        { id: 'protect', hours: 0.75, after: [] },
        { id: 'demo', hours: 1.25, after: ['recover', 'protect'], people: 2 },
      ],
      people: 2,
    },
    expected: { hours: 2.75, critical: ['demo', 'recover'] },
    tolerance: 1e-9,
  },
});

function pathOf(activities: readonly Activity[], people: number | undefined) {
  const { timed, hours } = timesOf(activities);
  const float = Object.fromEntries(timed.map((t) => [t.activity.id, Math.max(0, t.latestStart - t.earliestStart)]));
  return {
    hours: people === undefined ? hours : Math.max(0, ...serialSchedule(activities, people).map((p) => p.end)),
    critical: timed
      .filter((t) => t.latestStart - t.earliestStart < SAME_H)
      .map((t) => t.activity.id)
      .sort(),
    float,
  };
}
