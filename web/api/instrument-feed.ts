import type { BenchView, RigView } from '@/contract/answers/stream';
import type { RunSample } from '@/core/startup/live';
import type { RunEvent } from '@/core/startup/steady-state';

export type FeedSnapshot = {
  state: 'connecting' | 'live' | 'lost' | 'ended';
  samples: RunSample[];
  events: RunEvent[];
  rig: RigView | null;
  bench: BenchView | null;
  /** Device clock when the last batch came, ms. */
  lastAt: number;
  /** From the making of the last sample to its arrival here, ms. */
  latencyMs: number;
  seq: number;
  durableSeq: number;
  version: number;
};

/**
 * A source of live readings: whoever carries them (server-sent events now, a worker on this device later), the screens
 * see the same snapshots.
 */
export interface InstrumentFeed {
  subscribe(listener: () => void): () => void;
  snapshot(): FeedSnapshot;
  close(): void;
}

export const EMPTY_FEED: FeedSnapshot = {
  state: 'connecting',
  samples: [],
  events: [],
  rig: null,
  bench: null,
  lastAt: 0,
  latencyMs: 0,
  seq: 0,
  durableSeq: 0,
  version: 0,
};
