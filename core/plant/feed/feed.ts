import type { Bench, BenchOrder } from '@/core/plant/bench/bench';
import type { RigCommand, RigConfig, RigState } from '@/core/plant/rig';

/** A weighing that is going on: cylinder weight when the valve opened, and when it closed. */
export type OpenMovement = { on: 'charge' | 'recovery'; startOz: number; startS: number; closedS: number | null };

/** The whole system with its scale, of the charge and the start-up. */
export type SystemFeed = { config: RigConfig; rig: RigState; movement: OpenMovement | null };
/** The bench of one earlier phase. */
export type BenchFeed = { bench: Bench };
/** Simulated instruments, with all that they need to go on exactly where they stood. */
export type SimulatedFeed = SystemFeed | BenchFeed;

export const isBench = (feed: object): feed is BenchFeed => 'bench' in feed;
export const isSystem = (feed: object): feed is SystemFeed => 'rig' in feed;
export type FeedOrder = RigCommand | BenchOrder;
