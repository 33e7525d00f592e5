import type { Switches } from '@/core/phases/live/told-switches';
import type { Bench, BenchOrder } from '@/core/plant/bench/bench';
import type { RigCommand, RigConfig, RigState } from '@/core/plant/rig';
import type { SampleBlock, StoredEvent } from './run-data';

/** A weighing that is going on: cylinder weight when the valve opened, and when it closed. */
export type OpenMovement = { on: 'charge' | 'recovery'; startOz: number; startS: number; closedS: number | null };

/** The whole system with its scale, of the charge and the start-up. */
export type SystemFeed = { config: RigConfig; rig: RigState; movement: OpenMovement | null };
/** The bench of one earlier phase. */
export type BenchFeed = { bench: Bench };
/**
 * Instruments of the crew's own on the instrument port: what they may send, the hash of their token, and how valves and
 * machine stand as the crew told it.
 */
export type PortFeed = { port: { channels: string[]; tokenHash: string; told?: Switches } };
/** All that a feed needs to go on exactly where it stood. */
export type FeedState = SystemFeed | BenchFeed | PortFeed;
export const isBench = (feed: FeedState): feed is BenchFeed => 'bench' in feed;
export const isPort = (feed: FeedState): feed is PortFeed => 'port' in feed;
export const isSystem = (feed: FeedState): feed is SystemFeed => 'rig' in feed;
export type FeedOrder = RigCommand | BenchOrder;

export type ToWorker =
  | { type: 'open'; runId: string; feed: FeedState; speed: number; runSeconds: number }
  | { type: 'command'; runId: string; command: FeedOrder }
  | { type: 'speed'; runId: string; speed: number }
  /** So many seconds at once, whatever the clock says. */
  | { type: 'ahead'; runId: string; seconds: number }
  | { type: 'close'; runId: string };

export type Batch = {
  type: 'batch';
  runId: string;
  /** Wall clock when the newest sample was made, ms. */
  producedAt: number;
  block: SampleBlock;
  events: StoredEvent[];
  feed: FeedState;
};
export type FromWorker = Batch | { type: 'closed'; runId: string };
