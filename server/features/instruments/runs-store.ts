import type { SampleBlock, StoredEvent } from '@/core/plant/feed/block';
import { type BenchFeed, isBench, type SystemFeed } from '@/core/plant/feed/feed';
import type { Db } from '@/server/db/pool';
import type { FeedState } from './feed-protocol';

export type RunRow = {
  id: string;
  companyId: string;
  jobId: string;
  circuitId: string;
  phase: string;
  source: 'instrument' | 'simulated' | 'replayed';
  speed: number;
  state: 'running' | 'stopped' | 'interrupted';
  startedBy: string;
  startedAt: Date;
  /** Who answers for what is weighed in this run, where whoever gave the order has no certificate. */
  certifiedId: string | null;
  /** Read by a device without a connection, which sends it afterwards. */
  onDevice: number;
};

const COLUMNS = `id, company_id as companyId, job_id as jobId, circuit_id as circuitId, phase, source, speed, state, started_by as startedBy, started_at as startedAt, certified_id as certifiedId, on_device as onDevice`;

export const runsStore = {
  byId: (db: Db, id: string): Promise<RunRow | undefined> =>
    db.one<RunRow>(`select ${COLUMNS} from runs where id = :id`, { id }),
  running: (db: Db): Promise<RunRow[]> =>
    db.rows<RunRow>(`select ${COLUMNS} from runs where state = 'running' order by started_at`),
  runningOf: (db: Db, companyId: string, circuitId: string): Promise<RunRow | undefined> =>
    db.one<RunRow>(
      `select ${COLUMNS} from runs where company_id = :companyId and circuit_id = :circuitId and state = 'running' limit 1`,
      { companyId, circuitId },
    ),
  async insert(
    db: Db,
    run: Omit<RunRow, 'startedAt' | 'state' | 'certifiedId' | 'onDevice'> & { startedAt?: Date },
  ): Promise<void> {
    await db.run(
      `insert into runs (id, company_id, job_id, circuit_id, phase, source, speed, state, started_by, started_at)
       values (:id, :companyId, :jobId, :circuitId, :phase, :source, :speed, 'running', :startedBy, :startedAt)`,
      { ...run, startedAt: run.startedAt ?? new Date() },
    );
  },
  /** A run that a device reads by itself: for the server it has ended before it comes. */
  async insertDevice(
    db: Db,
    run: Pick<RunRow, 'id' | 'companyId' | 'jobId' | 'circuitId' | 'phase' | 'startedBy' | 'startedAt'>,
  ): Promise<void> {
    await db.run(
      `insert into runs (id, company_id, job_id, circuit_id, phase, source, speed, state, started_by, started_at, ended_at, on_device)
       values (:id, :companyId, :jobId, :circuitId, :phase, 'simulated', 1, 'stopped', :startedBy, :startedAt, :startedAt, 1)`,
      run,
    );
  },
  async setState(db: Db, id: string, state: RunRow['state']): Promise<void> {
    await db.run(`update runs set state = :state, ended_at = if(:state = 'running', null, :now) where id = :id`, {
      id,
      state,
      now: new Date(),
    });
  },
  async setCertified(db: Db, id: string, certifiedId: string): Promise<void> {
    await db.run('update runs set certified_id = :certifiedId where id = :id', { id, certifiedId });
  },
  async setSpeed(db: Db, id: string, speed: number): Promise<void> {
    await db.run('update runs set speed = :speed where id = :id', { id, speed });
  },
  /** Idempotent by run and seq: the same chunk twice is one chunk. */
  async addChunk(
    db: Db,
    chunk: {
      runId: string;
      seq: number;
      companyId: string;
      samples: SampleBlock;
      events: StoredEvent[];
      feed: FeedState | null;
    },
  ): Promise<void> {
    const seconds = chunk.samples.runSeconds;
    const eventS = chunk.events.map((e) => e.runSeconds);
    await db.run(
      `insert ignore into run_chunks (run_id, seq, company_id, from_s, to_s, samples, events, rig_state, received_at)
       values (:runId, :seq, :companyId, :fromS, :toS, :samples, :events, :rigState, :now)`,
      {
        runId: chunk.runId,
        seq: chunk.seq,
        companyId: chunk.companyId,
        fromS: seconds[0] ?? eventS[0] ?? 0,
        toS: seconds.at(-1) ?? eventS.at(-1) ?? 0,
        samples: JSON.stringify(chunk.samples),
        events: JSON.stringify(chunk.events),
        rigState: chunk.feed ? JSON.stringify(chunk.feed) : null,
        now: new Date(),
      },
    );
  },
  lastChunk: (
    db: Db,
    runId: string,
  ): Promise<{ seq: number; toS: number; receivedAt: Date; feed: FeedState | null } | undefined> =>
    db.one<{ seq: number; toS: number; receivedAt: Date; feed: FeedState | null }>(
      'select seq, to_s as toS, received_at as receivedAt, rig_state as feed from run_chunks where run_id = :runId order by seq desc limit 1',
      { runId },
    ),
  /** What stands simulated on a circuit of a job: the whole system, or the bench of one phase. */
  async rig(
    db: Db,
    companyId: string,
    { job, circuit }: { job: { id: string }; circuit: { id: string } },
    bench = 'system',
  ): Promise<FeedState | undefined> {
    const row = await db.one<{ state: FeedState }>(
      'select state from rigs where company_id = :companyId and job_id = :jobId and circuit_id = :circuitId and bench = :bench',
      { companyId, jobId: job.id, circuitId: circuit.id, bench },
    );
    return row?.state;
  },
  async saveRig(
    db: Db,
    { companyId, jobId, circuitId }: Pick<RunRow, 'companyId' | 'jobId' | 'circuitId'>,
    feed: SystemFeed | BenchFeed,
  ): Promise<void> {
    await db.run(
      `insert into rigs (job_id, circuit_id, bench, company_id, config, state) values (:jobId, :circuitId, :bench, :companyId, :config, :state)
       on duplicate key update config = values(config), state = values(state)`,
      {
        companyId,
        jobId,
        circuitId,
        bench: isBench(feed) ? feed.bench.kind : 'system',
        config: JSON.stringify(isBench(feed) ? feed.bench.config : feed.config),
        state: JSON.stringify(feed),
      },
    );
  },
};
