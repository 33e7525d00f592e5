import type { Switches } from '@/core/phases/live/told-switches';
import type { Batch as SimulatedBatch } from '@/core/plant/feed/desk';
import type { SimulatedFeed } from '@/core/plant/feed/feed';

/**
 * Instruments of the crew's own on the instrument port: what they may send, the hash of their token, and how valves and
 * machine stand as the crew told it.
 */
export type PortFeed = { port: { channels: string[]; tokenHash: string; told?: Switches } };
/** All that a feed needs to go on exactly where it stood. */
export type FeedState = SimulatedFeed | PortFeed;
export const isPort = (feed: FeedState): feed is PortFeed => 'port' in feed;

/** What a feed gave since the last time, whoever read it. */
export type Batch = Omit<SimulatedBatch, 'feed'> & { feed: FeedState };
