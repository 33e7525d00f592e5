import { normal, type RandomState } from '@/core/numeric/random';
import { RUNS } from '@/core/plan/chance';
import type { DayActivity } from './activity';
import { endOf } from './chain';
import type { Crew } from './crew';
import { placeDay } from './schedule';

/** What the runs know of a piece: the spread of ln hours. */
export type Spreads = Readonly<Record<string, number>>;

/** Spread of ln hours that all pieces of a run have in common (design default): a slow day is slow everywhere. */
const SHARED = 0.1;

/**
 * When the rest of a day may end: every run draws what is not done anew, around its hours, and places the day with them.
 *
 * @param pieces as they stand · @param spreads by id; none: it takes its hours · @param seed the same seed, the same runs
 * @returns one end a run on the plan's clock, the earliest first
 * @source Monte Carlo; lognormal pieces with a factor in common
 */
export function endsOf(
  pieces: readonly DayActivity[],
  crew: Crew,
  { now, spreads, seed, runs = RUNS }: { now?: number | undefined; spreads: Spreads; seed: number; runs?: number },
): number[] {
  const state: RandomState = { seed };
  return Array.from({ length: runs }, () => {
    const slow = SHARED * normal(state);
    const drawn = pieces.map((a) => {
      if (a.done) return a;
      const own = (spreads[a.id] ?? 0) * normal(state);
      // What a machine does takes its time whatever the day is like.
      return { ...a, hours: a.hours * Math.exp(own + (a.people > 0 ? slow : 0)) };
    });
    return endOf(placeDay(drawn, crew, { now })) ?? crew.days[0]!.from;
  }).sort((a, b) => a - b);
}
