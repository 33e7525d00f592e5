import { v7 as uuid } from 'uuid';
import type { JobSheet } from '@/core/job/sheet';
import type { RigCommand } from '@/core/plant/rig';
import type { RunSample } from '@/core/startup/live';
import type { Database } from '@/server/db/pool';
import type { FeedState } from '@/server/features/instruments/feed-protocol';
import { recordMovement } from '@/server/features/instruments/movement-record';
import { insertReadings, type ReadingRequest } from '@/server/features/instruments/reading-record';
import { rowsOfBlock, type StoredEvent } from '@/server/features/instruments/run-data';
import { type RunRow, runsStore } from '@/server/features/instruments/runs-store';
import { emptyBlock, orderFeed, runFeed } from '@/server/features/instruments/simulated-feed';

/** One step of a played run: an order to the system, time passing, or a tap that records. */
export type PlayStep = { order: RigCommand } | { wait: number } | { record: Omit<ReadingRequest, 'setId'> };

const CHUNK_S = 60;

/** Plays a run of the simulated system as fast as it computes and stores it as if it had been streamed. */
export async function playRun(
  database: Database,
  personId: string,
  sheet: JobSheet,
  companyId: string,
  feed: FeedState,
  phase: 'charge' | 'start-up',
  steps: readonly PlayStep[],
  leave: 'running' | 'stopped',
): Promise<FeedState> {
  const total = steps.reduce((sum, s) => sum + ('wait' in s ? s.wait : 0), 0);
  const startedAt = new Date(Date.now() - total * 1000);
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
    startedAt,
  };
  await runsStore.insert(database, run);
  let now = feed;
  let runSeconds = 0;
  let seq = 0;
  let waiting: StoredEvent[] = [];
  const recent: RunSample[] = [];
  const at = (): Date => new Date(startedAt.getTime() + runSeconds * 1000);
  for (const step of steps) {
    if ('order' in step) {
      const done = orderFeed(now, step.order, runSeconds);
      now = done.feed;
      waiting.push(...done.events);
    } else if ('record' in step) {
      await insertReadings(database, run, sheet, personId, recent, { ...step.record, setId: uuid() }, at());
    } else {
      for (let left = step.wait; left > 0; left -= CHUNK_S) {
        const out = { block: emptyBlock(), events: waiting };
        waiting = [];
        runSeconds = runFeed(now, Math.min(CHUNK_S, left), runSeconds, out);
        recent.push(...rowsOfBlock(out.block));
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
  await runsStore.saveRig(database, companyId, sheet.job.id, now);
  if (leave === 'stopped') await runsStore.setState(database, run.id, 'stopped');
  return now;
}
