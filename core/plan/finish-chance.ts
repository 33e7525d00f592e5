import { z } from 'zod';
import { upTo } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { mean } from '@/core/numeric/mean';
import { chanceBy, lengthsOf, within } from './chance';
import { activityFields, MOST_ACTIVITIES, peopleField, refusedNetwork } from './network-input';
import { tell } from './words';

const hours = num(0, 10_000, 'h');
const activity = z.strictObject({ ...activityFields, least: hours, likely: hours, most: hours });

/**
 * How likely work is done by a deadline, where nobody knows each step to the minute.
 *
 * @param activities each with the least, the likely and the most it takes, h · @param people omitted: no limit
 * @param deadlineHours from the start · @param seed the same seed gives the same answer
 * @returns chance 0 to 1 (known to about 0.02), meanHours, and the hours that half, eight and nine tenths of the runs stay within
 * @example finishChance({ activities: [{ id: 'A', least: 1, likely: 2, most: 3, after: [] }], deadlineHours: 2 }) // 0.5
 */
export const finishChance = calculation({
  id: 'finish-chance',
  title: 'Chance to finish',
  what: 'How likely the work is done by a time, from the least, likely and most that each step takes.',
  formula: 'two thousand runs over the network, each step drawn from a triangle',
  source: 'Monte Carlo; steps independent of each other',
  notCovered: 'A slow day that slows every step; other shapes than triangles give other tails.',
  input: z.strictObject({
    activities: z.array(activity).min(1).max(MOST_ACTIVITIES).meta(upTo(MOST_ACTIVITIES, 'activities')),
    people: peopleField.optional(),
    deadlineHours: hours,
    seed: z.number().int().min(0).max(1_000_000).default(1),
  }),
  compute: ({ activities, people, deadlineHours, seed }) => {
    const named = activities.map((a) => ({ ...a, hours: a.likely }));
    const wrong = refusedNetwork(named, people);
    if (wrong) return wrong;
    const bent = activities.find((a) => a.least > a.likely || a.likely > a.most);
    if (bent)
      return refuse('activities', tell('plan.least-likely-most', { activity: bent.id }), tell('plan.least-to-most'));
    const lengths = lengthsOf(
      named.map((a) => ({ ...a, spread: { kind: 'triangular', least: a.least, likely: a.likely, most: a.most } })),
      { ...(people === undefined ? {} : { people }), seed },
    );
    return ok({
      chance: chanceBy(lengths, deadlineHours),
      meanHours: mean(lengths),
      p50Hours: within(lengths, 0.5),
      p80Hours: within(lengths, 0.8),
      p90Hours: within(lengths, 0.9),
    });
  },
  example: {
    input: { activities: [{ id: 'A', least: 1, likely: 2, most: 3, after: [] }], deadlineHours: 2 },
    expected: { chance: 0.5, meanHours: 2, p50Hours: 2 },
    tolerance: 0.03,
  },
});
