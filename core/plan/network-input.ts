import { z } from 'zod';
import { range, upTo } from '@/core/finding/allow';
import { type Outcome, refuse } from '@/core/finding/outcome';
import { chars, num } from '@/core/finding/quantity-field';
import { list } from '@/core/words/said';
import { type Activity, loopIn } from './network';
import { tell } from './words';

export const MOST_ACTIVITIES = 500;
const MOST_PEOPLE = 50;
const name = chars(1, 40);

/** What is said of an activity besides its hours: a hold ties up nobody. */
export const activityFields = {
  id: name,
  after: z.array(name).max(MOST_ACTIVITIES).meta(upTo(MOST_ACTIVITIES, 'activities')),
  people: num(0, MOST_PEOPLE, '').default(1),
};
export const peopleField = z
  .number()
  .int()
  .min(1)
  .max(MOST_PEOPLE)
  .meta(range(1, MOST_PEOPLE, ''));

/** Why this is no network, in the words of its field; undefined where it is one. */
export function refusedNetwork(
  activities: readonly Activity[],
  people: number | undefined,
): (Outcome<never> & { ok: false }) | undefined {
  const ids = new Set(activities.map((a) => a.id));
  if (ids.size !== activities.length)
    return refuse('activities', tell('plan.an-activity-is-there-twice'), tell('plan.each-name-once'));
  const unknown = activities.flatMap((a) => a.after.filter((b) => !ids.has(b)));
  if (unknown.length)
    return refuse(
      'activities',
      tell('plan.waits-for-what-is-not-there', { which: list(unknown) }),
      tell('plan.after-names-of-activities'),
    );
  const loop = loopIn(activities);
  if (loop)
    return refuse(
      'activities',
      tell('plan.they-wait-for-each-other', { loop: list([...loop, loop[0]!], ' → ') }),
      tell('plan.no-loop'),
    );
  const crowd = activities.find((a) => people !== undefined && a.people > people);
  return crowd
    ? refuse(
        'people',
        tell('plan.needs-more-people', { activity: crowd.id, needs: crowd.people }),
        tell('plan.at-least-so-many', { people: crowd.people }),
      )
    : undefined;
}
