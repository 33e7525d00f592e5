import { type BenchView, STREAM_VERSION, type StreamBatch } from '@/contract/answers/stream';
import { benchView, rigView } from '@/contract/feed-views';
import { appendBlock, rowsOfBlock, type SampleBlock, type StoredEvent } from '@/core/plant/feed/block';
import { blockOf, emptyBlock } from '@/core/plant/feed/run-feed';
import type { RunSample } from '@/core/startup/live';
import type { Database } from '@/server/db/pool';
import { type Batch, type FeedState, isPort } from './feed-protocol';
import { leasesStore } from './leases-store';
import { recordMovement } from './movement-record';
import { type RunRow, runsStore } from './runs-store';

/** Kept in memory to read from: a little longer than the mean a reading is taken over. */
const RECENT_S = 120;

/** As the crew told it, or as the simulated bench stands. */
export const benchNow = (feed: FeedState, speed: number): BenchView | null =>
  isPort(feed) && feed.port.told
    ? { kind: 'told', speed: 1, switches: feed.port.told, told: true }
    : benchView(feed, speed);

const emptyFor = (feed: FeedState): SampleBlock => (isPort(feed) ? blockOf(feed.port.channels) : emptyBlock(feed));

/** One running feed on the server: gathers samples into chunks, commits them, tells listeners at once. */
export class ActiveRun {
  readonly listeners = new Set<(message: StreamBatch) => void>();
  recent: RunSample[] = [];
  private pending: { samples: SampleBlock; events: StoredEvent[] };
  private committing: Promise<void> = Promise.resolve();
  /** Who must hear that this server reads the run no more. */
  readonly onEnd = new Set<() => void>();

  constructor(
    readonly run: RunRow,
    public feed: FeedState,
    private seq: number,
    private durableSeq: number,
    private readonly database: Database,
    private readonly log: (line: string) => void,
    private readonly lease: { holder: string; lost: () => void },
  ) {
    this.pending = { samples: emptyFor(feed), events: [] };
  }

  get speed(): number {
    return this.run.speed;
  }

  accept(batch: Batch): void {
    this.feed = batch.feed;
    appendBlock(this.pending.samples, batch.block);
    this.pending.events.push(...batch.events);
    this.recent.push(...rowsOfBlock(batch.block));
    const last = this.recent.at(-1)?.runSeconds ?? 0;
    if (this.recent.length > 4 * RECENT_S) this.recent = this.recent.filter((s) => last - s.runSeconds <= RECENT_S);
    const message: StreamBatch = {
      v: STREAM_VERSION,
      seq: this.seq,
      durableSeq: this.durableSeq,
      producedAt: batch.producedAt,
      samples: batch.block,
      events: batch.events,
      rig: rigView(this.feed, this.speed),
      bench: benchNow(this.feed, this.speed),
    };
    for (const listener of this.listeners) listener(message);
    if (batch.events.some((e) => e.kind === 'scale-movement')) void this.commit();
  }

  /** Writes what is gathered as one chunk, with the feed's own state, in one transaction. */
  commit(): Promise<void> {
    this.committing = this.committing.then(() => this.commitNow());
    return this.committing;
  }

  private async commitNow(): Promise<void> {
    if (this.pending.samples.runSeconds.length === 0 && this.pending.events.length === 0) return;
    const chunk = this.pending;
    const seq = this.seq;
    const feed = structuredClone(this.feed);
    this.pending = { samples: emptyFor(this.feed), events: [] };
    this.seq += 1;
    try {
      const held = await this.database.transaction(async (db) => {
        // Fenced: a server that was only slow, and whose run another has taken up, stores nothing behind its back.
        if (!(await leasesStore.held(db, this.run.id, this.lease.holder))) return false;
        await runsStore.addChunk(db, {
          runId: this.run.id,
          seq,
          companyId: this.run.companyId,
          samples: chunk.samples,
          events: chunk.events,
          feed,
        });
        if (!isPort(feed)) await runsStore.saveRig(db, this.run, feed);
        for (const event of chunk.events)
          if (event.kind === 'scale-movement') await recordMovement(db, this.run, event);
        return true;
      });
      if (held) this.durableSeq = seq;
      else this.lease.lost();
    } catch (error) {
      // Put it back in front: the next commit writes it under the same seq.
      this.log(`run ${this.run.id}: chunk ${seq} not stored, will try again: ${(error as Error).message}`);
      appendBlock(chunk.samples, this.pending.samples);
      this.pending = { samples: chunk.samples, events: [...chunk.events, ...this.pending.events] };
      this.seq = seq;
    }
  }

  /** Its watchers are let go: they join again where it is read now. */
  end(): void {
    for (const ended of this.onEnd) ended();
    this.onEnd.clear();
  }

  /** Samples not yet in a chunk, for a listener that joins. */
  undurable(): { samples: SampleBlock; events: StoredEvent[] } {
    return structuredClone(this.pending);
  }

  position(): { seq: number; durableSeq: number } {
    return { seq: this.seq, durableSeq: this.durableSeq };
  }
}
