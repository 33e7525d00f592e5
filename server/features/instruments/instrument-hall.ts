import { Worker } from 'node:worker_threads';
import { v7 as uuid } from 'uuid';
import type { RunPhase } from '@/contract/requests';
import { takenUp } from '@/core/phases/live/rig-setup';
import { benchOf } from '@/core/phases/registry';
import type { FromDesk, ToDesk } from '@/core/plant/feed/desk';
import { type FeedOrder, isSystem } from '@/core/plant/feed/feed';
import type { Database } from '@/server/db/pool';
import { ActiveRun } from './active-run';
import { type FeedState, isPort } from './feed-protocol';
import { leasesStore, type Peer } from './leases-store';
import { type RunRow, runsStore } from './runs-store';

/** Chunks are stored at least this often: a crash loses less than 2 s of samples, never an acknowledged one. */
const COMMIT_EVERY_MS = 1500;
/** A run left alone by a restart for longer than this is not taken up by itself. */
const RESUME_WITHIN_MS = 30 * 60_000;
/** How often runs are looked for that nobody reads any more: with the length of a lease under ten seconds. */
const ADOPT_EVERY_MS = 2000;

/**
 * Holds the running instrument feeds of this server: one worker thread computes them, this class stores and streams them.
 * Each is held by a lease in the database; of servers that share one, another takes up what a dead one held.
 */
export class InstrumentHall {
  private readonly active = new Map<string, ActiveRun>();
  private worker: Worker | undefined;
  private readonly closing = new Map<string, { done: () => void; closed: Promise<void> }>();
  private readonly lines = new Map<string, Promise<unknown>>();
  private timer: NodeJS.Timeout | undefined;
  private adopting: NodeJS.Timeout | undefined;
  /** Others that share the database were heard of a moment ago. */
  othersAlive = false;

  constructor(
    private readonly database: Database,
    private readonly log: (line: string) => void,
    /** The bundled worker; it lies beside the bundled server. */
    private readonly workerUrl = new URL('./plant-worker.js', import.meta.url),
    readonly me: Peer = { id: uuid(), address: 'this process' },
  ) {}

  /** One after the other for one job, on whichever server: two starts at once are one run. */
  inTurn<T>(jobId: string, work: () => Promise<T>): Promise<T> {
    const locked = (): Promise<T> => this.database.locked(`mb-run-${jobId}`, work);
    const turn = (this.lines.get(jobId) ?? Promise.resolve()).then(locked, locked);
    const line = turn
      .catch(() => undefined)
      .finally(() => {
        if (this.lines.get(jobId) === line) this.lines.delete(jobId);
      });
    this.lines.set(jobId, line);
    return turn;
  }

  /** How many runs are read here. */
  get size(): number {
    return this.active.size;
  }

  get(runId: string): ActiveRun | undefined {
    return this.active.get(runId);
  }

  /** Reads a run from now on; undefined where another living server reads it. */
  async open(run: RunRow, feed: FeedState, at: { runSeconds: number; seq: number }): Promise<ActiveRun | undefined> {
    if (!(await leasesStore.take(this.database, run.id, this.me))) return undefined;
    const lease = { holder: this.me.id, lost: () => this.let(run.id) };
    const activeRun = new ActiveRun(run, feed, at.seq + 1, at.seq, this.database, this.log, lease);
    this.active.set(run.id, activeRun);
    this.timer ??= setInterval(() => this.beat(), COMMIT_EVERY_MS);
    if (!isPort(feed)) this.send({ type: 'open', runId: run.id, feed, speed: run.speed, runSeconds: at.runSeconds });
    return activeRun;
  }

  private beat(): void {
    if (this.active.size)
      leasesStore.beat(this.database, this.me.id).catch((error: Error) => this.log(`leases: ${error.message}`));
    for (const one of this.active.values()) void one.commit();
  }

  /** Another server reads it now: nothing more of it is stored from here, and its watchers look for it there. */
  private let(runId: string): void {
    const run = this.active.get(runId);
    if (!run) return;
    this.active.delete(runId);
    if (!isPort(run.feed)) this.send({ type: 'close', runId });
    run.end();
    this.log(`run ${runId} is read by another server now`);
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
    if (!run) return this.stopElsewhere(runId);
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
    await leasesStore.release(this.database, runId, this.me.id);
    if (state === 'stopped') await runsStore.setState(this.database, runId, 'stopped');
    // Whoever watched it joins again, and finds it ended.
    run.end();
  }

  /** Read by another server, which lets it go at its next chunk: its lease is gone. */
  private async stopElsewhere(runId: string): Promise<void> {
    if (await leasesStore.revoke(this.database, runId)) await runsStore.setState(this.database, runId, 'stopped');
  }

  /** Whether a living server reads it, this one or another. */
  async isRead(runId: string): Promise<boolean> {
    return this.active.has(runId) || (await leasesStore.elsewhere(this.database, { runId }, this.me)) !== undefined;
  }

  /**
   * Runs that nobody reads, after a restart or the death of another server: they go on from the state of their last chunk,
   * with the time between as a gap; those left alone for too long are marked interrupted and wait for a person. `watched` is
   * for the demo that was played a moment ago: it goes on without a gap.
   */
  async adopt(watched = false, now = Date.now()): Promise<void> {
    for (const { id } of await leasesStore.orphans(this.database, this.me)) {
      const run = this.active.has(id) ? undefined : await runsStore.byId(this.database, id);
      if (!run) continue;
      const last = (await runsStore.lastChunk(this.database, id)) ?? (await this.begun(run));
      if (!last?.feed || now - last.receivedAt.getTime() > RESUME_WITHIN_MS)
        await runsStore.setState(this.database, id, 'interrupted');
      else await this.resume(run, last, now, watched);
    }
  }

  /** Where a run stands whose server died before its first chunk: as it was set up. */
  private async begun(run: RunRow) {
    if (run.source !== 'simulated') return undefined;
    const of = { job: { id: run.jobId }, circuit: { id: run.circuitId } };
    const bench = benchOf(run.phase as RunPhase) ?? 'system';
    const feed = await runsStore.rig(this.database, run.companyId, of, bench);
    return feed && { seq: 0, toS: 0, receivedAt: run.startedAt, feed };
  }

  /** Looks for such runs again and again, and whether others share the database. */
  keepAdopting(): void {
    const look = async (): Promise<void> => {
      try {
        await this.adopt();
        this.othersAlive = await leasesStore.othersAlive(this.database, this.me);
      } catch (error) {
        this.log(`runs of others: ${(error as Error).message}`);
      }
      if (this.adopting) this.adopting = setTimeout(() => void look(), ADOPT_EVERY_MS);
    };
    this.adopting = setTimeout(() => void look(), ADOPT_EVERY_MS);
  }

  /** False where another server was faster. */
  async resume(
    run: RunRow,
    last: { seq: number; toS: number; receivedAt: Date; feed: FeedState | null },
    now = Date.now(),
    watched = false,
  ): Promise<boolean> {
    if (watched) return (await this.open(run, last.feed!, { runSeconds: last.toS, seq: last.seq })) !== undefined;
    const gapS = Math.max(1, Math.round(((now - last.receivedAt.getTime()) / 1000) * run.speed));
    const runSeconds = last.toS + gapS;
    const feed = isSystem(last.feed!) ? takenUp(last.feed) : last.feed!;
    const active = await this.open(run, feed, { runSeconds, seq: last.seq });
    if (!active) return false;
    active.accept({
      type: 'batch',
      runId: run.id,
      producedAt: now,
      block: { runSeconds: [], values: {} },
      events: [{ runSeconds, kind: 'gap', seconds: gapS }],
      feed,
    });
    this.log(`run ${run.id} goes on after a gap of ${gapS} s`);
    return true;
  }

  /** On shutdown: store everything gathered; the runs stay "running" and go on at the next start. */
  async close(): Promise<void> {
    clearInterval(this.timer);
    clearTimeout(this.adopting);
    this.adopting = undefined;
    await Promise.all([...this.active.keys()].map((id) => this.stop(id, 'interrupted')));
    await this.worker?.terminate();
  }

  private send(message: ToDesk): void {
    this.worker ??= this.startWorker();
    this.worker.postMessage(message);
  }

  private startWorker(): Worker {
    const worker = new Worker(this.workerUrl);
    worker.on('message', (message: FromDesk) => {
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
