import { v7 as uuid } from 'uuid';
import type { RunPhase } from '@/contract/requests';
import type { JobSheet } from '@/core/job/sheet';
import type { EntryKind } from '@/core/phases/log/entries';
import { rowsOfBlock, type StoredEvent } from '@/core/plant/feed/block';
import type { BenchFeed, FeedOrder, SystemFeed } from '@/core/plant/feed/feed';
import { emptyBlock, orderFeed, runFeed } from '@/core/plant/feed/run-feed';
import type { RunSample } from '@/core/startup/live';
import type { Database } from '@/server/db/pool';
import { recordMovement } from '@/server/features/instruments/movement-record';
import { insertReadings, type ReadingRequest } from '@/server/features/instruments/reading-record';
import { type RunRow, runsStore } from '@/server/features/instruments/runs-store';
import type { DayClock } from './day-clock';

/** One step of a played run: an order to the system, time passing, or a tap that records. */
export type PlayStep =
  | { order: FeedOrder }
  | { wait: number }
  | { record: Omit<ReadingRequest, 'setId'> }
  | { write: (read: PlayReading) => { kind: EntryKind; body: Record<string, unknown> } };

/** What the instruments read at a step, for an entry of the circuit log. */
export type PlayReading = {
  runId: string;
  runSeconds: number;
  value: (channel: string) => number;
  /** Minutes and values of a channel since a second of the run. */
  since: (channel: string, fromS: number) => [number, number][];
};
export type WriteStep = (entry: { kind: EntryKind; body: Record<string, unknown> }, at: Date) => Promise<void>;

const CHUNK_S = 60;

/** Plays a run of the simulated system as fast as it computes and stores it as if it had been streamed. */
export async function playRun(
  database: Database,
  personId: string,
  sheet: JobSheet,
  companyId: string,
  feed: SystemFeed | BenchFeed,
  phase: RunPhase,
  steps: readonly PlayStep[],
  clock: DayClock,
  leave: 'running' | 'stopped',
  write?: WriteStep,
): Promise<SystemFeed> {
  const total = steps.reduce((sum, s) => sum + ('wait' in s ? s.wait : 0), 0);
  // What still runs, runs now; what is done was done in its time.
  const startedAt = leave === 'running' ? new Date(Date.now() - total * 1000) : clock.now;
  clock.until(startedAt).pass(total / 60);
  const run: RunRow = {
    id: uuid(),
    companyId,
    jobId: sheet.job.id,
    circuitId: sheet.circuit.id,
    phase,
    source: 'simulated',
    speed: 1,
    state: 'running',
    startedBy: personId,
    certifiedId: null,
    onDevice: 0,
    startedAt,
  };
  await runsStore.insert(database, run);
  let now = feed;
  let runSeconds = 0;
  let seq = 0;
  let waiting: StoredEvent[] = [];
  const recent: RunSample[] = [];
  const all: RunSample[] = [];
  const at = (): Date => new Date(startedAt.getTime() + runSeconds * 1000);
  for (const step of steps) {
    if ('order' in step) {
      const done = orderFeed(now, step.order, runSeconds);
      now = done.feed as SystemFeed | BenchFeed;
      waiting.push(...done.events);
    } else if ('record' in step) {
      await insertReadings(database, run, sheet, personId, recent, { ...step.record, setId: uuid() }, at());
    } else if ('write' in step) {
      await write?.(step.write(readingOf(run.id, runSeconds, all)), at());
    } else {
      for (let left = step.wait; left > 0; left -= CHUNK_S) {
        const out = { block: emptyBlock(now), events: waiting };
        waiting = [];
        runSeconds = runFeed(now, Math.min(CHUNK_S, left), runSeconds, out);
        const rows = rowsOfBlock(out.block);
        recent.push(...rows);
        all.push(...rows);
        recent.splice(0, Math.max(0, recent.length - 120));
        seq += 1;
        await runsStore.addChunk(database, {
          runId: run.id,
          seq,
          companyId,
          samples: out.block,
          events: out.events,
          feed: now,
        });
        for (const e of out.events) if (e.kind === 'scale-movement') await recordMovement(database, run, e, at());
      }
    }
  }
  await runsStore.saveRig(database, run, now);
  if (leave === 'stopped') await runsStore.setState(database, run.id, 'stopped');
  return now as SystemFeed;
}

function readingOf(runId: string, runSeconds: number, all: readonly RunSample[]): PlayReading {
  const value = (channel: string): number => {
    const v = all.at(-1)?.values[channel];
    if (typeof v !== 'number') throw new Error(`demo: no reading of ${channel}`);
    return v;
  };
  const since = (channel: string, fromS: number): [number, number][] =>
    all.flatMap((s): [number, number][] => {
      const v = s.values[channel];
      return s.runSeconds >= fromS && s.runSeconds % 3 === 0 && typeof v === 'number'
        ? [[(s.runSeconds - fromS) / 60, v]]
        : [];
    });
  return { runId, runSeconds, value, since };
}
