import type { RigCommand, RigConfig, RigState } from '@/core/plant/rig';
import type { SampleBlock, StoredEvent } from './run-data';

/** A weighing that is going on: cylinder weight when the valve opened, and when it closed. */
export type OpenMovement = { on: 'charge' | 'recovery'; startOz: number; startS: number; closedS: number | null };

/** All that a simulated feed needs to go on exactly where it stood. */
export type FeedState = { config: RigConfig; rig: RigState; movement: OpenMovement | null };

export type ToWorker =
  | { type: 'open'; runId: string; feed: FeedState; speed: number; runSeconds: number }
  | { type: 'command'; runId: string; command: RigCommand }
  | { type: 'speed'; runId: string; speed: number }
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
