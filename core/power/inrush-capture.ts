import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { tell } from './words';

/** A logged current: seconds and amps, momentary values as a clamp with a fast output gives them. */
export type CurrentSample = readonly [s: number, amps: number];

export type Inrush = {
  /** Largest momentary current, A. */
  peakA: number;
  /** Root mean square over the first cycles of the start, A. */
  startRmsA: number;
  /** Root mean square at the end, once it runs, A. */
  runRmsA: number;
  /** From the first current to where a cycle has come down to what runs, s. */
  startS: number;
};

/** Cycles whose root mean square is called the inrush (house rule): the first ones hold the offset as well. */
const START_CYCLES = 3;
/** Current begins where it first stands above this share of the peak. */
const BEGINS = 0.05;
/** It runs once a cycle stands within this share above the end. */
const SETTLED = 0.15;
/** Fewer points a cycle miss the peak. */
const LEAST_PER_CYCLE = 12;
const LEAST_SAMPLES = 60;

/**
 * Reads a start out of a logged current: peak, root mean square of the first cycles, start time, running current.
 *
 * @param samples in the order of time, evenly logged at 12 points a cycle or more; at least 60
 * @param hertz of the supply
 * @returns peakA, startRmsA, runRmsA, startS; refused where the log is too coarse, out of order, or never settles
 * Does not cover: logs of a meter's own root mean square, whose peak is not in them.
 */
export function readInrush(samples: readonly CurrentSample[], hertz = 60): Outcome<Inrush> {
  if (samples.length < LEAST_SAMPLES)
    return refuse('samples', tell('power.log-is-too-short'), tell('power.points-at-least', { least: LEAST_SAMPLES }));
  for (let i = 1; i < samples.length; i++)
    if (!(samples[i]![0] > samples[i - 1]![0]))
      return refuse('samples', tell('power.log-is-out-of-order'), tell('power.seconds-that-rise'));
  const stepS = (samples.at(-1)![0] - samples[0]![0]) / (samples.length - 1);
  const perCycle = 1 / hertz / stepS;
  if (perCycle < LEAST_PER_CYCLE)
    return refuse('samples', tell('power.log-is-too-coarse'), tell('power.points-a-cycle', { least: LEAST_PER_CYCLE }));
  const peakA = Math.max(...samples.map(([, a]) => Math.abs(a)));
  const begin = samples.findIndex(([, a]) => Math.abs(a) >= BEGINS * peakA);
  const cycle = Math.round(perCycle);
  const rms = (from: number, count: number): number => {
    const part = samples.slice(from, from + count);
    return Math.sqrt(part.reduce((sum, [, a]) => sum + a * a, 0) / part.length);
  };
  if (samples.length - begin < (START_CYCLES + 2) * cycle)
    return refuse('samples', tell('power.log-ends-in-the-start'), tell('power.log-until-it-runs'));
  const runRmsA = rms(samples.length - 2 * cycle, 2 * cycle);
  const startRmsA = rms(begin, START_CYCLES * cycle);
  for (let at = begin; at + cycle <= samples.length; at += 1)
    if (rms(at, cycle) <= runRmsA * (1 + SETTLED))
      return ok({ peakA, startRmsA, runRmsA, startS: samples[at]![0] - samples[begin]![0] });
  return refuse('samples', tell('power.log-ends-in-the-start'), tell('power.log-until-it-runs'));
}
