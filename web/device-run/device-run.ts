import { v7 as uuid } from 'uuid';
import { benchView, rigView } from '@/contract/feed-views';
import { PIECE_S } from '@/contract/requests';
import type { SheetRun } from '@/core/job/sheet';
import { appendBlock, rowsOfBlock, type SampleBlock, type StoredEvent } from '@/core/plant/feed/block';
import type { Batch, FromDesk, ToDesk } from '@/core/plant/feed/desk';
import type { FeedOrder, SimulatedFeed } from '@/core/plant/feed/feed';
import type { RunEvent } from '@/core/startup/steady-state';
import { asServer } from '@/web/api/clock';
import type { InstrumentFeed } from '@/web/api/instrument-feed';
import { LiveReadings } from '@/web/api/live-readings';
import type { KeptPiece, KeptRun, Piece } from './kept-run';

/** Where a desk of simulated instruments runs: a worker, or what a test puts in its place. */
export type Desk = {
  send: (message: ToDesk) => void;
  hear: (listener: (message: FromDesk) => void) => void;
  close: () => void;
};

/** What a run of this device does outside of itself. */
export type Outside = {
  /** A piece for the server, by way of the outbox. */
  piece: (piece: KeptPiece & { id: string; certifiedId?: string }) => void;
  /** Keeps where it stands, for a reload. */
  keep: (run: KeptRun) => void;
  forget: (runId: string) => void;
};

/** Where it stands is kept this often, ms: what a killed browser loses of it. */
const KEEP_EVERY_MS = 2000;

/** Simulated instruments that this device reads by itself: the second carrier of a feed. */
export class DeviceRun implements InstrumentFeed {
  private readonly readings = new LiveReadings();
  private kept: KeptRun;
  private keptAt = 0;
  private over = false;
  private readonly ended = new Set<() => void>();
  readonly subscribe = this.readings.subscribe;
  readonly snapshot = this.readings.snapshot;

  constructor(
    begun: KeptRun,
    private readonly desk: Desk,
    private readonly outside: Outside,
    /** Taken up again: what was read before, and for how long nobody read it, ms. */
    taken?: { gapMs: number; pieces: readonly Piece[] },
  ) {
    const before = taken ? [...taken.pieces, begun.pending] : [];
    const gapS = taken ? Math.max(1, Math.round((taken.gapMs / 1000) * begun.speed)) : 0;
    const runSeconds = begun.runSeconds + gapS;
    const gap: StoredEvent[] = taken ? [{ runSeconds, kind: 'gap', seconds: gapS }] : [];
    const { samples, events } = begun.pending;
    this.kept = { ...begun, runSeconds, pending: { samples, events: [...events, ...gap] } };
    this.readings.begin({
      state: 'live',
      samples: before.flatMap((p) => rowsOfBlock(p.samples)),
      events: [...before.flatMap((p) => p.events), ...gap] as RunEvent[],
      ...viewOf(begun.feed, begun.speed),
    });
    desk.hear((message) => this.take(message));
    desk.send({ type: 'open', runId: begun.id, feed: begun.feed, speed: begun.speed, runSeconds });
    this.keepNow();
  }

  get id(): string {
    return this.kept.id;
  }
  get personId(): string {
    return this.kept.personId;
  }
  get circuitId(): string {
    return this.kept.circuitId;
  }
  get jobId(): string {
    return this.kept.jobId;
  }
  get running(): boolean {
    return !this.over;
  }
  get asKept(): KeptRun {
    return this.kept;
  }
  get feed(): SimulatedFeed {
    return this.kept.feed;
  }

  /** As it stands on the sheet. */
  get run(): SheetRun {
    const { id, circuitId, phase, speed, startedAt } = this.kept;
    return { id, circuitId, phase, speed, startedAt, source: 'simulated', state: this.over ? 'stopped' : 'running' };
  }

  /** Who answers for what is moved from now on. */
  under(certifiedId: string | undefined): void {
    const { certifiedId: _before, ...kept } = this.kept;
    this.kept = certifiedId === undefined ? kept : { ...kept, certifiedId };
  }

  order(command: FeedOrder): void {
    this.desk.send({ type: 'command', runId: this.id, command });
  }
  speed(speed: number): void {
    this.kept = { ...this.kept, speed };
    this.desk.send({ type: 'speed', runId: this.id, speed });
    this.readings.set(viewOf(this.kept.feed, speed), true);
  }
  ahead(seconds: number): void {
    this.desk.send({ type: 'ahead', runId: this.id, seconds });
  }

  /** All that was read is on its way before this returns; the last second of it. */
  sendNow(): number {
    while (this.kept.pending.samples.runSeconds.length > 0) this.cutPiece();
    return this.kept.runSeconds;
  }

  /** Its last second is in a piece before this returns. */
  async stop(): Promise<void> {
    if (this.over) return;
    const closed = new Promise<void>((done) => this.ended.add(done));
    this.desk.send({ type: 'close', runId: this.id });
    await closed;
  }

  /** Somebody else signed in on this device, or another window goes on with it: it is kept as it stands. */
  leave(): void {
    this.keepNow();
    this.desk.close();
    this.readings.close();
  }

  private take(message: FromDesk): void {
    if (message.runId !== this.id) return;
    if (message.type === 'batch') this.batch(message);
    else this.end();
  }

  private batch({ block, events, feed, producedAt }: Batch): void {
    const { pending, seq, speed } = this.kept;
    appendBlock(pending.samples, block);
    pending.events.push(...events);
    const runSeconds = block.runSeconds.at(-1) ?? this.kept.runSeconds;
    this.kept = { ...this.kept, feed, runSeconds };
    this.readings.add({
      seq,
      durableSeq: seq - 1,
      producedAt: asServer(producedAt),
      samples: block,
      events: events as RunEvent[],
      ...viewOf(feed, speed),
    });
    // What moved is on its way at once: the sheet, the ledger and the next step rest on it.
    if (events.some((e) => e.kind === 'scale-movement')) this.cutPiece();
    while (this.kept.pending.samples.runSeconds.length >= PIECE_S) this.cutPiece();
    if (Date.now() - this.keptAt > KEEP_EVERY_MS || events.length) this.keepNow();
  }

  /** What was gathered goes to the server as a piece, at most so much of it; the rest waits for the next. */
  private cutPiece(): void {
    const { samples, events } = this.kept.pending;
    if (samples.runSeconds.length === 0 && events.length === 0) return;
    const cut = Math.min(PIECE_S, samples.runSeconds.length);
    const toS = cut < samples.runSeconds.length ? samples.runSeconds[cut - 1]! : Number.POSITIVE_INFINITY;
    const { id: runId, seq, certifiedId } = this.kept;
    this.outside.piece({
      id: uuid(),
      runId,
      seq,
      samples: partOf(samples, 0, cut),
      events: events.filter((e) => e.runSeconds <= toS),
      ...(certifiedId === undefined ? {} : { certifiedId }),
    });
    const pending = { samples: partOf(samples, cut), events: events.filter((e) => e.runSeconds > toS) };
    this.kept = { ...this.kept, pending, seq: seq + 1 };
    this.keepNow();
  }

  private keepNow(): void {
    this.keptAt = Date.now();
    this.outside.keep(structuredClone({ ...this.kept, keptMs: this.keptAt }));
  }

  private end(): void {
    this.cutPiece();
    this.over = true;
    this.desk.close();
    this.readings.set({ state: 'ended' }, true);
    this.outside.forget(this.id);
    for (const done of this.ended) done();
  }

  close(): void {
    // A screen that looks away does not stop the instruments.
  }
}

const partOf = ({ runSeconds, values }: SampleBlock, from: number, to?: number): SampleBlock => ({
  runSeconds: runSeconds.slice(from, to),
  values: Object.fromEntries(Object.entries(values).map(([name, column]) => [name, column.slice(from, to)])),
});

/** What the screens may know of it: switches of a bench, or of the whole system. */
const viewOf = (feed: SimulatedFeed, speed: number) => ({ rig: rigView(feed, speed), bench: benchView(feed, speed) });
