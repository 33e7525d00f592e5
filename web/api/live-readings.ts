import type { BenchView, RigView } from '@/contract/answers/stream';
import { rowsOfBlock, type SampleBlock } from '@/core/plant/feed/block';
import { type RunEvent, WHOLE_S } from '@/core/startup/steady-state';
import { serverNow } from '@/web/api/clock';
import { EMPTY_FEED, type FeedSnapshot } from './instrument-feed';

/** What is older than the hour that is judged is thinned for the picture. */
const THINNED_EVERY_S = 10;
/** Thinning walks the whole list, so it waits until this many samples are due. */
const THIN_BATCH = 600;
/** The screen is told at most this often, however fast a run plays. */
const TELL_EVERY_MS = 180;

export type ReadBatch = {
  seq: number;
  durableSeq: number;
  producedAt: number;
  samples: SampleBlock;
  events: RunEvent[];
  rig: RigView | null;
  bench?: BenchView | null;
};

/** The readings of one run as a screen holds them, whoever carries them here. */
export class LiveReadings {
  private readonly listeners = new Set<() => void>();
  private now: FeedSnapshot = EMPTY_FEED;
  private told = 0;
  /** Samples before this place are thinned already. */
  private thinFrom = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): FeedSnapshot => this.now;

  /** Everything anew, from the beginning of the run. */
  begin(all: Partial<FeedSnapshot>): void {
    this.thinFrom = 0;
    this.set({ ...all, lastAt: serverNow() }, true);
  }

  add(b: ReadBatch): void {
    const last = this.now.samples.at(-1)?.runSeconds ?? -1;
    const fresh = rowsOfBlock(b.samples).filter((s) => s.runSeconds > last);
    const end = fresh.at(-1)?.runSeconds ?? last;
    const kept = this.thinned(end);
    const known = new Set(this.now.events.map((e) => `${e.kind}@${e.runSeconds}`));
    this.set({
      state: 'live',
      samples: [...kept, ...fresh],
      events: [...this.now.events, ...b.events.filter((e) => !known.has(`${e.kind}@${e.runSeconds}`))],
      rig: b.rig,
      bench: b.bench ?? null,
      seq: b.seq,
      durableSeq: b.durableSeq,
      lastAt: serverNow(),
      latencyMs: serverNow() - b.producedAt,
    });
  }

  /** A day at 1 Hz stays a list of some ten thousand: full rate for the last hour, every tenth second before. */
  private thinned(end: number): FeedSnapshot['samples'] {
    const { samples } = this.now;
    const first = samples[this.thinFrom];
    if (!first || end - first.runSeconds <= WHOLE_S + THIN_BATCH) return samples;
    const old = samples.findIndex((s) => end - s.runSeconds <= WHOLE_S);
    const bucket = (s: FeedSnapshot['samples'][number] | undefined): number =>
      s ? Math.floor(s.runSeconds / THINNED_EVERY_S) : -1;
    // The first of every ten seconds stays, whatever second it falls on: what came thinned is not thinned away.
    const kept = samples.filter((s, i) => i < this.thinFrom || i >= old || bucket(s) !== bucket(samples[i - 1]));
    this.thinFrom = kept.findIndex((s) => end - s.runSeconds <= WHOLE_S);
    return kept;
  }

  set(change: Partial<FeedSnapshot>, atOnce = false): void {
    this.now = { ...this.now, ...change, version: this.now.version + 1 };
    const due = this.told + TELL_EVERY_MS - Date.now();
    if (atOnce || due <= 0) this.tell();
    else this.timer ??= setTimeout(() => this.tell(), due);
  }

  close(): void {
    clearTimeout(this.timer);
  }

  private tell(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.told = Date.now();
    for (const listener of this.listeners) listener();
  }
}
