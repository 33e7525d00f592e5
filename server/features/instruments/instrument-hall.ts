import { Worker } from 'node:worker_threads';
import type { Database } from '@/server/db/pool';
import { ActiveRun } from './active-run';
import { type FeedOrder, type FeedState, type FromWorker, isPort, isSystem, type ToWorker } from './feed-protocol';
import { takenUp } from './rig-setup';
import { type RunRow, runsStore } from './runs-store';

/** Chunks are stored at least this often: a crash loses less than 2 s of samples, never an acknowledged one. */
const COMMIT_EVERY_MS = 1500;
/** A run left alone by a restart for longer than this is not taken up by itself. */
const RESUME_WITHIN_MS = 30 * 60_000;

/** Holds the running instrument feeds: one worker thread computes them, this class stores and streams them. */
export class InstrumentHall {
  private readonly active = new Map<string, ActiveRun>();
  private worker: Worker | undefined;
  private readonly closing = new Map<string, { done: () => void; closed: Promise<void> }>();
  private readonly lines = new Map<string, Promise<unknown>>();
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly database: Database,
    private readonly log: (line: string) => void,
    /** The bundled worker; it lies beside the bundled server. */
    private readonly workerUrl = new URL('./plant-worker.js', import.meta.url),
  ) {}

  /** One after the other for one job: two starts at once are one run. */
  inTurn<T>(jobId: string, work: () => Promise<T>): Promise<T> {
    const turn = (this.lines.get(jobId) ?? Promise.resolve()).then(work, work);
    const line = turn
      .catch(() => undefined)
      .finally(() => {
        if (this.lines.get(jobId) === line) this.lines.delete(jobId);
      });
    this.lines.set(jobId, line);
    return turn;
  }

  get(runId: string): ActiveRun | undefined {
    return this.active.get(runId);
  }

  open(run: RunRow, feed: FeedState, at: { runSeconds: number; seq: number }): ActiveRun {
    const activeRun = new ActiveRun(run, feed, at.seq + 1, at.seq, this.database, this.log);
    this.active.set(run.id, activeRun);
    this.timer ??= setInterval(() => {
      for (const one of this.active.values()) void one.commit();
    }, COMMIT_EVERY_MS);
    if (!isPort(feed)) this.send({ type: 'open', runId: run.id, feed, speed: run.speed, runSeconds: at.runSeconds });
    return activeRun;
  }

  /** The running port run that a token opens. */
  byToken(hash: string): ActiveRun | undefined {
    return [...this.active.values()].find((r) => isPort(r.feed) && r.feed.port.tokenHash === hash);
  }

  command(runId: string, order: FeedOrder): void {
    this.send({ type: 'command', runId, command: order });
  }

  async speed(run: ActiveRun, speed: number): Promise<void> {
    await runsStore.setSpeed(this.database, run.run.id, speed);
    run.run.speed = speed;
    this.send({ type: 'speed', runId: run.run.id, speed });
  }

  /** Simulated time that passes at once. */
  ahead(runId: string, seconds: number): void {
    this.send({ type: 'ahead', runId, seconds });
  }

  /** Stops a feed: its last samples are stored before this returns. */
  async stop(runId: string, state: 'stopped' | 'interrupted' = 'stopped'): Promise<void> {
    const run = this.active.get(runId);
    if (!run) return;
    if (!isPort(run.feed)) {
      // Two who stop the same run wait for the same end.
      let end = this.closing.get(runId);
      if (!end) {
        let done: () => void = () => undefined;
        const closed = new Promise<void>((resolve) => {
          done = resolve;
        });
        end = { done, closed };
        this.closing.set(runId, end);
        this.send({ type: 'close', runId });
      }
      await end.closed;
    }
    await run.commit();
    this.active.delete(runId);
    if (state === 'stopped') await runsStore.setState(this.database, runId, 'stopped');
  }

  /**
   * After a restart: runs that were running go on from the state of their last chunk, with the time between as a gap;
   * those left alone for too long are marked interrupted and wait for a person. `watched` is for the demo that was
   * played a moment ago: it goes on without a gap.
   */
  async resumeAll(watched = false, now = Date.now()): Promise<void> {
    for (const run of await runsStore.running(this.database)) {
      const last = await runsStore.lastChunk(this.database, run.id);
      if (!last?.feed || now - last.receivedAt.getTime() > RESUME_WITHIN_MS) {
        await runsStore.setState(this.database, run.id, 'interrupted');
        continue;
      }
      this.resume(run, last, now, watched);
    }
  }

  resume(
    run: RunRow,
    last: { seq: number; toS: number; receivedAt: Date; feed: FeedState | null },
    now = Date.now(),
    watched = false,
  ): void {
    if (watched) {
      this.open(run, last.feed!, { runSeconds: last.toS, seq: last.seq });
      return;
    }
    const gapS = Math.max(1, Math.round(((now - last.receivedAt.getTime()) / 1000) * run.speed));
    const runSeconds = last.toS + gapS;
    const feed = isSystem(last.feed!) ? takenUp(last.feed) : last.feed!;
    const active = this.open(run, feed, { runSeconds, seq: last.seq });
    active.accept({
      type: 'batch',
      runId: run.id,
      producedAt: now,
      block: { runSeconds: [], values: {} },
      events: [{ runSeconds, kind: 'gap', seconds: gapS }],
      feed,
    });
    this.log(`run ${run.id} goes on after a gap of ${gapS} s`);
  }

  /** On shutdown: store everything gathered; the runs stay "running" and go on at the next start. */
  async close(): Promise<void> {
    clearInterval(this.timer);
    await Promise.all([...this.active.keys()].map((id) => this.stop(id, 'interrupted')));
    await this.worker?.terminate();
  }

  private send(message: ToWorker): void {
    this.worker ??= this.startWorker();
    this.worker.postMessage(message);
  }

  private startWorker(): Worker {
    const worker = new Worker(this.workerUrl);
    worker.on('message', (message: FromWorker) => {
      if (message.type === 'closed') {
        this.closing.get(message.runId)?.done();
        this.closing.delete(message.runId);
        return;
      }
      this.active.get(message.runId)?.accept(message);
    });
    worker.on('error', (error) => this.log(`plant worker: ${error.stack ?? error.message}`));
    return worker;
  }
}
