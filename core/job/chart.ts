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
/** Readings of a run over its minutes, in one unit, each as a line that breaks where nothing was read. */
export type Lines = {
  kind: 'lines';
  title: Said;
  lines: readonly { say: Label; pieces: readonly (readonly (readonly [number, number])[])[] }[];
  bounds: readonly Bound[];
  /** What is wanted of one of them. */
  band?: { low: number; high: number; say: Label };
};
export type Chart = Curve | Ladder | Lines;
