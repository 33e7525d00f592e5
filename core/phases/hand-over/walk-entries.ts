import { choice, text } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { list, value } from '@/core/words/said';
import { tell } from './words';

const SEEN = ['shown', 'not shown', 'none here'] as const;
/** What an owner is shown at the house before the crew leaves, by the field of the entry (common practice). */
export const WALK_POINTS = {
  thermostat: tell('walk.thermostat'),
  filter: tell('walk.filter'),
  shutOffs: tell('walk.shut-offs'),
  water: tell('walk.water'),
  outdoor: tell('walk.outdoor'),
  gasValve: tell('walk.gas-valve'),
  alarms: tell('walk.alarms'),
  papers: tell('walk.papers'),
  whomToCall: tell('walk.whom-to-call'),
} as const;
type Point = keyof typeof WALK_POINTS;
const points = Object.keys(WALK_POINTS) as Point[];

/** The walk through the house with its owner: each point shown, not shown, or not there. */
export const walkEntries = {
  walkthrough: entry(
    tell('walk.title'),
    {
      who: text(tell('walk.who'), 120, 2),
      ...(Object.fromEntries(points.map((p) => [p, choice(WALK_POINTS[p], SEEN)])) as {
        [P in Point]: ReturnType<typeof choice<typeof SEEN>>;
      }),
      left: text(tell('walk.left-there'), 200, 0, { hint: tell('after.may-stay-empty') }),
    },
    (b) => {
      const missing = points.filter((p) => b[p] === 'not shown');
      return missing.length
        ? tell('walk.line-missing', { who: b.who, missing: list(missing.map((p) => WALK_POINTS[p])) })
        : tell('walk.line-whole', { who: b.who });
    },
    { ofJob: true, edited: true, afterHandOver: true },
  ),
};

/** Each point with its answer, for the report. */
export const walkRows = (body: Readonly<Record<Point, string>>) =>
  points.filter((p) => body[p] !== 'none here').map((p) => [WALK_POINTS[p], value(body[p])]);
