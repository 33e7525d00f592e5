import { runCall } from './control-network';
import type { Wired } from './fault-codes';
import type { Runs } from './plan';
import type { Call } from './thermostat';

/** What is tried: a call with at most one safety open. */
export type Trial = { call: Call; open: readonly string[] };

/** What can be seen while the outdoor disconnect is locked open: coils pull in, motors outdoors do not turn. */
const UNSEEN: readonly Runs[] = ['OF'];
export const seenOf = (runs: Iterable<Runs>): Runs[] => [...runs].filter((r) => !UNSEEN.includes(r)).sort();

/** What must be seen in a trial. */
export const expectedIn = (wired: Wired, { call, open }: Trial): Runs[] => seenOf(runCall(wired, call, open).runs);

export const sameRuns = (a: readonly Runs[], b: readonly Runs[]): boolean =>
  [...a].sort().join() === [...b].sort().join();
