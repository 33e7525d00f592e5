import type { Label, Said } from '@/core/words/said';

/** A line that a value is held against. */
export type Bound = { at: number; say: Label };
/** A reading over minutes: what was read, what it must stay under or over. */
export type Curve = {
  kind: 'curve';
  title: Said;
  scale: 'linear' | 'log';
  /** Minutes and values. */
  points: readonly (readonly [number, number])[];
  bounds: readonly Bound[];
  /** What the last point says. */
  last: Label;
};
/** Temperatures beside each other at their height; a bracket where something is wanted. */
export type Ladder = {
  kind: 'ladder';
  title: Said;
  rungs: readonly { say: Label; at: number; low?: number; high?: number; computed?: true }[];
};
export type Chart = Curve | Ladder;
