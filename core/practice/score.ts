import { type FaultName, groupOf } from '@/core/plant/unit/faults';
import type { Harm } from './harm';

/** What a round is worth: a house rule. The right fault is half of it; speed counts only where the fault was found. */
export const WORTH = { diagnosis: 50, putRight: 20, measuring: 15, time: 15 } as const;
export type ScorePart = keyof typeof WORTH;
/** A fault that the readings cannot tell from the right one, where the look that tells them was left out. */
const NEARLY = 0.6;

export type Score = { parts: Record<ScorePart, number>; harm: readonly Harm[]; total: number };

/** Share of the diagnosis that was right: each fault once, a wrong one more spoils it as a missing one does. */
export function foundShare(named: readonly FaultName[], hidden: readonly FaultName[]): number {
  const there = hidden.length ? hidden : (['healthy'] as const);
  const each = there.map((fault) => {
    if (named.includes(fault)) return 1;
    return named.some((n) => groupOf(n) === groupOf(fault)) ? NEARLY : 0;
  });
  return each.reduce<number>((a, b) => a + b, 0) / Math.max(named.length, there.length);
}

export type Scored = {
  /** Share of the diagnosis that was right, 0 to 1; whether everything is as it should be at the end. */
  found: number;
  right: boolean;
  minutes: { measuring: number; total: number };
  par: { measuring: number; total: number };
  harm: readonly Harm[];
};

/**
 * Points of a round: diagnosis, system put right, measurements and time against what the reasoning would have taken, less harm.
 *
 * @returns parts and harm in points, total 0 to 100
 * @source house rule
 */
export function scoreOf({ found, right, minutes, par, harm }: Scored): Score {
  const quick = (took: number, asked: number): number => (took <= 0 ? 1 : Math.min(1, asked / took));
  const parts = {
    diagnosis: WORTH.diagnosis * found,
    putRight: right ? WORTH.putRight : 0,
    measuring: WORTH.measuring * found * quick(minutes.measuring, par.measuring),
    time: WORTH.time * found * (right ? quick(minutes.total, par.total) : 0),
  };
  const sum = Object.values(parts).reduce((a, b) => a + b, 0) - harm.reduce((a, h) => a + h.points, 0);
  return { parts, harm, total: Math.round(Math.max(0, sum)) };
}
