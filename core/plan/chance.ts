import { normal, type RandomState, uniform } from '@/core/numeric/random';
import type { Activity } from './network';
import { inOrder } from './network';
import { serialSchedule } from './serial';

/** How long one activity may take, h: three points, or middle and spread of ln hours. */
export type Spread =
  | { kind: 'triangular'; least: number; likely: number; most: number }
  | { kind: 'lognormal'; mu: number; sigma: number };
export type Uncertain = Activity & { spread: Spread };

/** Runs of a simulation (two thousand: a chance is known to about two parts in a hundred). */
export const RUNS = 2000;

function draw(state: RandomState, s: Spread): number {
  if (s.kind === 'lognormal') return Math.exp(s.mu + s.sigma * normal(state));
  const { least, likely, most } = s;
  const u = uniform(state);
  const span = most - least;
  if (span <= 0) return likely;
  const turn = (likely - least) / span;
  return u < turn ? least + Math.sqrt(u * span * (likely - least)) : most - Math.sqrt((1 - u) * span * (most - likely));
}

/**
 * Lengths that a network may come to: each run draws every activity anew.
 *
 * @param people at work; undefined: no limit · @param shared spread of ln hours that all of a run have in common (a slow day), 0
 * for none · @param seed the same seed, the same runs
 * @returns one length a run, h, the shortest first
 * @source Monte Carlo over the network; the serial rule under a limit of people
 */
export function lengthsOf(
  activities: readonly Uncertain[],
  { people, seed, runs = RUNS, shared = 0 }: { people?: number; seed: number; runs?: number; shared?: number },
): number[] {
  const state: RandomState = { seed };
  const order = inOrder(activities) as Uncertain[];
  return Array.from({ length: runs }, () => {
    const slow = shared ? Math.exp(shared * normal(state)) : 1;
    const drawn = order.map((a) => ({ ...a, hours: slow * draw(state, a.spread) }));
    return people === undefined ? longest(drawn) : Math.max(...serialSchedule(drawn, people).map((p) => p.end));
  }).sort((a, b) => a - b);
}

/** Without a limit the earliest ends are enough; the list is in order. */
function longest(order: readonly Activity[]): number {
  const end = new Map<string, number>();
  for (const a of order) end.set(a.id, Math.max(0, ...a.after.map((b) => end.get(b)!)) + a.hours);
  return Math.max(0, ...end.values());
}

export const chanceBy = (lengths: readonly number[], hours: number): number =>
  lengths.filter((l) => l <= hours).length / lengths.length;

/** The length that a share of the runs stays within, h. */
export const within = (lengths: readonly number[], share: number): number =>
  lengths[Math.min(lengths.length - 1, Math.max(0, Math.ceil(share * lengths.length) - 1))]!;
