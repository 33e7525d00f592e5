import type { z } from 'zod';
import { batchSchema, historySchema } from '@/contract/answers/stream';
import type { RunEvent } from '@/core/startup/steady-state';
import type { InstrumentFeed } from './instrument-feed';
import { LiveReadings, type ReadBatch } from './live-readings';

type WithEvents<T> = Omit<T, 'events'> & { events: RunEvent[] };
type History = WithEvents<z.output<typeof historySchema>>;

/** Carries a run over server-sent events; reconnects by itself and then starts from the whole history again. */
export class SseFeed implements InstrumentFeed {
  private readonly readings = new LiveReadings();
  private readonly source: EventSource;
  readonly subscribe = this.readings.subscribe;
  readonly snapshot = this.readings.snapshot;

  constructor(runId: string) {
    this.source = new EventSource(`/api/runs/${runId}/stream`);
    this.hear('history', historySchema, (h) => this.history(h as History));
    this.hear('batch', batchSchema, (b) => this.readings.add(b as ReadBatch));
    this.source.onerror = () => {
      if (this.snapshot().state !== 'ended') this.readings.set({ state: 'lost' }, true);
    };
  }

  /** A message of another version cannot be read by this screen: its readings are lost until the page is loaded again. */
  private hear<S extends z.ZodType>(name: string, schema: S, take: (message: z.output<S>) => void): void {
    this.source.addEventListener(name, (e) => {
      const read = schema.safeParse(JSON.parse(e.data));
      if (read.success) take(read.data);
      else this.readings.set({ state: 'lost' }, true);
    });
  }

  close(): void {
    this.readings.close();
    this.source.close();
  }

  private history(h: History): void {
    const ended = h.state !== 'running';
    if (ended) this.source.close();
    this.readings.begin({
      state: ended ? 'ended' : 'live',
      samples: h.samples,
      events: h.events,
      rig: h.rig,
      bench: h.bench ?? null,
      seq: h.seq,
      durableSeq: h.durableSeq,
    });
  }
}
