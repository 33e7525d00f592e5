import { benchOf } from '@/core/phases/registry';
import { BENCH_CHANNELS } from '@/core/plant/bench/bench';
import { CHANNELS } from '@/core/plant/channels';

/** What may be sent into a run of a phase. */
export function channelsOf(phase: string): string[] {
  const bench = benchOf(phase);
  return [...(bench ? BENCH_CHANNELS[bench] : CHANNELS)];
}
