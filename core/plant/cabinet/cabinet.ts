import { runCall, wiredFor } from '@/core/controls/control-network';
import { seenOf, type Trial } from '@/core/controls/expected';
import { type FaultCode, faultsOf, layFault, type Wired } from '@/core/controls/fault-codes';
import type { PlanSpec } from '@/core/controls/make-plan';
import { ohmsBetween } from '@/core/controls/meter';
import type { Runs } from '@/core/controls/plan';
import type { Probe } from '@/core/controls/probe';

/**
 * A simulated control cabinet: the network of a system with at most one fault that its seed picks, until that is put right. Everything
 * read from it is marked simulated.
 */
export type Cabinet = { spec: PlanSpec; seed: number; mended: readonly FaultCode[] };

/** Nothing that is seen or measured in one cabinet shows it: it is looked for, not found by trying. */
const NOT_SHOWN: readonly FaultCode[] = ['BACKFEED'];
const hideable = (spec: PlanSpec): FaultCode[] => faultsOf(spec).filter((code) => !NOT_SHOWN.includes(code));

/** The fault that a seed hides in a system; undefined where it is wired as it should be. */
export function hiddenBy(spec: PlanSpec, seed: number): FaultCode | undefined {
  const faults = hideable(spec);
  return faults[seed % (faults.length + 1)];
}

/** The seed that hides a fault, for practice and for tests. */
export const seedFor = (spec: PlanSpec, code: FaultCode): number => hideable(spec).indexOf(code);

function wiredIn({ spec, seed, mended }: Cabinet): Wired {
  const healthy = wiredFor(spec);
  const hidden = hiddenBy(spec, seed);
  return hidden && !mended.includes(hidden) ? layFault(hidden, healthy, spec) : healthy;
}

/** What pulls in, as somebody who stands before it sees it. */
export const pullsIn = (cabinet: Cabinet, { call, open }: Trial): Runs[] =>
  seenOf(runCall(wiredIn(cabinet), call, open).runs);

/** A digital meter shows tenths. */
const shown = (x: number): number => Math.round(Math.abs(x) * 10) / 10;

/** Volts between two terminals under a call, as its meter shows them. */
export const voltsIn = (cabinet: Cabinet, { call, open }: Trial, { a, b }: Probe): number =>
  shown(runCall(wiredIn(cabinet), call, open).between(a, b));

/** Ohms between two terminals with the power off; undefined where the line is open. */
export function ohmsIn(cabinet: Cabinet, { a, b }: Probe): number | undefined {
  const ohms = ohmsBetween(wiredIn(cabinet).plan, a, b);
  return ohms === undefined ? undefined : shown(ohms);
}
