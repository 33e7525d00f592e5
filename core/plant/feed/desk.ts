import type { SampleBlock, StoredEvent } from './block';
import type { FeedOrder, SimulatedFeed } from './feed';
import { emptyBlock, type FeedOutput, orderFeed, runFeed } from './run-feed';

/** One tick serves all; each catches up with its own clock. */
export const TICK_MS = 100;
/** Never more than this in one tick, so that a sleeping machine does not freeze the rest. */
const MOST_SECONDS_A_TICK = 300;

export type ToDesk =
  | { type: 'open'; runId: string; feed: SimulatedFeed; speed: number; runSeconds: number }
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
  feed: SimulatedFeed;
};
export type FromDesk = Batch | { type: 'closed'; runId: string };

type Slot = {
  feed: SimulatedFeed;
  speed: number;
  runSeconds: number;
  wallMs: number;
  baseSeconds: number;
  waiting: FeedOutput['events'];
};

/**
 * Simulated instruments that run: a thread beside the server has one, and so has a worker of a device without a connection.
 * Whoever holds it calls `tick` every `TICK_MS`.
 */
export class PlantDesk {
  private readonly slots = new Map<string, Slot>();

  constructor(
    private readonly send: (message: FromDesk) => void,
    private readonly nowMs: () => number = Date.now,
  ) {}

  take(message: ToDesk): void {
    if (message.type === 'open') {
      const { feed, speed, runSeconds } = message;
      const wallMs = this.nowMs();
      this.slots.set(message.runId, { feed, speed, runSeconds, wallMs, baseSeconds: runSeconds, waiting: [] });
      return;
    }
    const slot = this.slots.get(message.runId);
    if (!slot) {
      if (message.type === 'close') this.send({ type: 'closed', runId: message.runId });
      return;
    }
    this.catchUp(message.runId, slot);
    if (message.type === 'command') {
      const done = orderFeed(slot.feed, message.command, slot.runSeconds);
      slot.feed = done.feed;
      slot.waiting.push(...done.events);
      this.flush(message.runId, slot);
    } else if (message.type === 'ahead') {
      const out: FeedOutput = { block: emptyBlock(slot.feed), events: [] };
      slot.waiting.push({ runSeconds: slot.runSeconds, kind: 'ahead', seconds: message.seconds });
      slot.runSeconds = runFeed(slot.feed, message.seconds, slot.runSeconds, out);
      this.restart(slot);
      this.flush(message.runId, slot, out);
    } else if (message.type === 'speed') {
      slot.speed = message.speed;
      slot.waiting.push({ runSeconds: slot.runSeconds, kind: 'speed', speed: message.speed });
      this.restart(slot);
    } else {
      this.slots.delete(message.runId);
      this.flush(message.runId, slot);
      this.send({ type: 'closed', runId: message.runId });
    }
  }

  tick(): void {
    for (const [runId, slot] of this.slots) this.catchUp(runId, slot);
  }

  private restart(slot: Slot): void {
    slot.wallMs = this.nowMs();
    slot.baseSeconds = slot.runSeconds;
  }

  private catchUp(runId: string, slot: Slot): void {
    const due = slot.baseSeconds + ((this.nowMs() - slot.wallMs) / 1000) * slot.speed;
    const seconds = Math.min(MOST_SECONDS_A_TICK, Math.floor(due - slot.runSeconds));
    if (seconds < 1) return;
    const out: FeedOutput = { block: emptyBlock(slot.feed), events: [] };
    slot.runSeconds = runFeed(slot.feed, seconds, slot.runSeconds, out);
    if (due - slot.runSeconds > MOST_SECONDS_A_TICK) this.restart(slot);
    this.flush(runId, slot, out);
  }

  private flush(runId: string, slot: Slot, out: FeedOutput = { block: emptyBlock(slot.feed), events: [] }): void {
    const events = [...slot.waiting.splice(0), ...out.events];
    this.send({ type: 'batch', runId, producedAt: this.nowMs(), block: out.block, events, feed: slot.feed });
  }
}
