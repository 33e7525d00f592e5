import type { Channel } from '@/core/plant/channels';

/** What is hung on a system in one go, how long that takes (common practice) and what it then shows. */
export const PROBES = {
  gauges: { minutes: 4, channels: ['suctionPsig', 'liquidPsig'] },
  'suction-clamp': { minutes: 1, channels: ['suctionLineF'] },
  'liquid-clamp': { minutes: 1, channels: ['liquidLineF'] },
  'outdoor-air': { minutes: 1, channels: ['outdoorDryBulbF'] },
  'return-air': { minutes: 2, channels: ['returnDryBulbF', 'returnWetBulbF'] },
  'supply-air': { minutes: 2, channels: ['supplyDryBulbF'] },
  'compressor-amps': { minutes: 2, channels: ['compressorA'] },
  'discharge-clamp': { minutes: 1, channels: ['dischargeLineF'] },
} as const satisfies Record<string, { minutes: number; channels: readonly Channel[] }>;
export type ProbeId = keyof typeof PROBES;
export const PROBE_IDS = Object.keys(PROBES) as [ProbeId, ...ProbeId[]];

/** What the reasoning over a running system cannot do without. */
export const BASE_PROBES: readonly ProbeId[] = PROBE_IDS.filter((id) => id !== 'discharge-clamp');
export const minutesOf = (ids: readonly ProbeId[]): number => ids.reduce((sum, id) => sum + PROBES[id].minutes, 0);
