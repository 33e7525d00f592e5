import type { z } from 'zod';
import { batchSchema, historySchema } from '@/contract/answers/stream';
import type { RunSample } from '@/core/startup/live';
import { type RunEvent, WHOLE_S } from '@/core/startup/steady-state';
import { serverNow } from '@/web/api/clock';
import { EMPTY_FEED, type FeedSnapshot, type InstrumentFeed } from './instrument-feed';

type WithEvents<T> = Omit<T, 'events'> & { events: RunEvent[] };
type Batch = WithEvents<z.output<typeof batchSchema>>;
type History = WithEvents<z.output<typeof historySchema>>;

/** What is older than the hour that is judged is thinned for the picture. */
const THINNED_EVERY_S = 10;
/** Thinning walks the whole list, so it waits until this many samples are due. */
const THIN_BATCH = 600;
/** The screen is told at most this often, however fast a run plays. */
const TELL_EVERY_MS = 180;

function rows(block: Batch['samples']): RunSample[] {
  const names = Object.keys(block.values);
  return block.runSeconds.map((runSeconds, i) => ({
    runSeconds,
    values: Object.fromEntries(names.map((name) => [name, block.values[name]?.[i] ?? null])),
  }));
}

/** Carries a run over server-sent events; reconnects by itself and then starts from the whole history again. */
export class SseFeed implements InstrumentFeed {
  private readonly listeners = new Set<() => void>();
  private readonly source: EventSource;
  private now: FeedSnapshot = EMPTY_FEED;
  private told = 0;
  /** Samples before this place are thinned already. */
  private thinFrom = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(runId: string) {
    this.source = new EventSource(`/api/runs/${runId}/stream`);
    this.hear('history', historySchema, (h) => this.history(h as History));
    this.hear('batch', batchSchema, (b) => this.batch(b as Batch));
    this.source.onerror = () => {
      if (this.now.state !== 'ended') this.set({ state: 'lost' }, true);
    };
  }

  /** A message of another version cannot be read by this screen: its readings are lost until the page is loaded again. */
  private hear<S extends z.ZodType>(name: string, schema: S, take: (message: z.output<S>) => void): void {
    this.source.addEventListener(name, (e) => {
      const read = schema.safeParse(JSON.parse(e.data));
      if (read.success) take(read.data);
      else this.set({ state: 'lost' }, true);
    });
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): FeedSnapshot => this.now;

  close(): void {
    clearTimeout(this.timer);
    this.source.close();
  }

  private history(h: History): void {
    const ended = h.state !== 'running';
    if (ended) this.source.close();
    this.thinFrom = 0;
    this.set(
      {
        state: ended ? 'ended' : 'live',
        samples: h.samples,
        events: h.events,
        rig: h.rig,
        bench: h.bench ?? null,
        seq: h.seq,
        durableSeq: h.durableSeq,
        lastAt: serverNow(),
      },
      true,
    );
  }

  private batch(b: Batch): void {
    const last = this.now.samples.at(-1)?.runSeconds ?? -1;
    const fresh = rows(b.samples).filter((s) => s.runSeconds > last);
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
  private thinned(end: number): RunSample[] {
    const { samples } = this.now;
    const first = samples[this.thinFrom];
    if (!first || end - first.runSeconds <= WHOLE_S + THIN_BATCH) return samples;
    const old = samples.findIndex((s) => end - s.runSeconds <= WHOLE_S);
    const bucket = (s: RunSample | undefined): number => (s ? Math.floor(s.runSeconds / THINNED_EVERY_S) : -1);
    // The first of every ten seconds stays, whatever second it falls on: what came thinned is not thinned away.
    const kept = samples.filter((s, i) => i < this.thinFrom || i >= old || bucket(s) !== bucket(samples[i - 1]));
    this.thinFrom = kept.findIndex((s) => end - s.runSeconds <= WHOLE_S);
    return kept;
  }

  private set(change: Partial<FeedSnapshot>, atOnce = false): void {
    this.now = { ...this.now, ...change, version: this.now.version + 1 };
    const due = this.told + TELL_EVERY_MS - Date.now();
    if (atOnce || due <= 0) this.tell();
    else this.timer ??= setTimeout(() => this.tell(), due);
  }

  private tell(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.told = Date.now();
    for (const listener of this.listeners) listener();
  }
}
