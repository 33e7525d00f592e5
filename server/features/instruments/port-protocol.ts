import { createHash } from 'node:crypto';
import { benchOf } from '@/core/phases/registry';
import { BENCH_CHANNELS } from '@/core/plant/bench/bench';
import { CHANNELS } from '@/core/plant/channels';

export const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');

/** What may be sent into a run of a phase. */
export function channelsOf(phase: string): string[] {
  const bench = benchOf(phase);
  return [...(bench ? BENCH_CHANNELS[bench] : CHANNELS)];
}

/** A reading is what the channel's unit allows at all; the judgement looks closer. */
const RANGES: Record<string, readonly [number, number, string]> = {
  microns: [1, 800_000, 'µm'],
  pipeF: [-60, 200, '°F'],
  testPsig: [-15, 1000, 'psig'],
  nitrogenPsig: [0, 3500, 'psig'],
  suctionPsig: [-15, 600, 'psig'],
  liquidPsig: [-15, 800, 'psig'],
  cylinderPsig: [-15, 800, 'psig'],
  cylinderF: [-40, 180, '°F'],
  scaleOz: [-100, 40_000, 'oz'],
};
const ANY: readonly [number, number, string] = [-1000, 100_000, ''];

export const rangeOf = (channel: string): readonly [number, number, string] => RANGES[channel] ?? ANY;
