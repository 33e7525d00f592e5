import { type BenchView, type RigView, STREAM_VERSION, type StreamBatch } from '@/contract/answers/stream';
import type { Switches } from '@/core/phases/live/told-switches';
import type { Bench } from '@/core/plant/bench/bench';
import type { RunSample } from '@/core/startup/live';
import type { Database } from '@/server/db/pool';
import { type Batch, type FeedState, isBench, isPort, isSystem } from './feed-protocol';
import { leasesStore } from './leases-store';
import { recordMovement } from './movement-record';
import { rowsOfBlock, type SampleBlock, type StoredEvent } from './run-data';
import { type RunRow, runsStore } from './runs-store';
import { emptyBlock } from './simulated-feed';

/** Kept in memory to read from: a little longer than the mean a reading is taken over. */
const RECENT_S = 120;

export function rigView(feed: FeedState, speed: number): RigView | null {
  if (!isSystem(feed)) return null;
  const { outdoorF, indoorEndF, indoorAir, outdoorAir, condenserClean, meterOpening, nonCondensablePsi, probeFaults } =
    feed.config;
  return {
    running: feed.rig.running,
    cutout: feed.rig.cutout,
    defrosting: feed.rig.defrostS !== null,
    valveOpen: feed.rig.cylinder.valveOpen,
    on: feed.rig.cylinder.on,
    moveLeftOz: feed.rig.cylinder.moveLeftOz,
    movementStartOz: feed.movement?.startOz ?? null,
    speed,
    conditions: {
      outdoorF,
      indoorEndF,
      indoorAir,
      outdoorAir,
      condenserClean,
      meterOpening,
      nonCondensablePsi,
      filterLoaded: feed.config.filterLoaded ?? 1,
      stripsOn: feed.config.strips ? (feed.config.stripsOn ?? 0) : null,
      onset: feed.config.onset?.kind ?? 'none',
      testMode: feed.config.inverter?.testMode ?? null,
      probeFaults,
    },
  };
}

export function benchView(feed: FeedState, speed: number): BenchView | null {
  if (isPort(feed) && feed.port.told) return { kind: 'told', speed: 1, switches: feed.port.told, told: true };
  if (!isBench(feed)) return null;
  const { bench } = feed;
  return { kind: bench.kind, speed, switches: switchesOf(bench), told: false };
}

function switchesOf(bench: Bench): Switches {
  switch (bench.kind) {
    case 'nitrogen':
      return {
        sourceOpen: bench.state.sourceOpen,
        regulatorPsig: bench.state.regulatorPsig,
        leakScfh: bench.config.leakScfh,
        swingFPerH: bench.config.swingFPerH,
        sunF: bench.config.sunF,
      };
    case 'vacuum':
      return {
        pumpOn: bench.state.pumpOn,
        open: bench.state.open,
        leakMicronCfm: bench.config.leakMicronCfm,
        gauge: bench.config.gauge,
        coresIn: bench.config.hoses.coresIn,
      };
    case 'recovery':
      return {
        running: bench.state.running,
        machineOn: bench.state.machineOn,
        liquidOpen: bench.state.liquidOpen,
        vapourOpen: bench.state.vapourOpen,
        startGrossOz: bench.state.startGrossOz,
        cylinderId: bench.config.cylinderId,
        atLimit: bench.state.atLimit,
        chilled: bench.config.chilled,
        valveLeaks: bench.config.valveLeaks,
      };
  }
}

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
    this.pending = { samples: emptyBlock(feed), events: [] };
  }

  get speed(): number {
    return this.run.speed;
  }

  accept(batch: Batch): void {
    this.feed = batch.feed;
    append(this.pending.samples, batch.block);
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
      bench: benchView(this.feed, this.speed),
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
    this.pending = { samples: emptyBlock(this.feed), events: [] };
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
      append(chunk.samples, this.pending.samples);
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

function append(to: SampleBlock, from: SampleBlock): void {
  to.runSeconds.push(...from.runSeconds);
  for (const [name, values] of Object.entries(from.values)) {
    const column = to.values[name];
    if (column) column.push(...values);
    else to.values[name] = [...values];
  }
}
