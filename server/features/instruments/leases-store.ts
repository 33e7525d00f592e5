import type { Db } from '@/server/db/pool';
import type { RunRow } from './runs-store';

/** One server among those that share a database, and where the others reach it. */
export type Peer = { id: string; address: string };

/** A holder that has not been heard of for so long is taken for dead, s. All clocks are the database's. */
export const LEASE_S = 5;
const DEAD = `l.beat_at < now(3) - interval ${LEASE_S} second`;

/** Who reads which run. */
export const leasesStore = {
  /**
   * Takes a run: one nobody holds, one whose holder is silent, and one held from our own address, which is us before a
   * restart. False where another living server holds it.
   */
  async take(db: Db, runId: string, me: Peer): Promise<boolean> {
    // Assigned from left to right: the last two look at what the first has decided.
    await db.run(
      `insert into run_leases (run_id, holder, address, beat_at) values (:runId, :id, :address, now(3))
       on duplicate key update
         holder = if(holder = :id or address = :address or beat_at < now(3) - interval ${LEASE_S} second, :id, holder),
         address = if(holder = :id, :address, address),
         beat_at = if(holder = :id, now(3), beat_at)`,
      { runId, id: me.id, address: me.address },
    );
    return leasesStore.held(db, runId, me.id);
  },
  /** Whether a server holds a run; inside a transaction it holds it until the end of that. */
  async held(db: Db, runId: string, holder: string): Promise<boolean> {
    const rows = await db.rows('select 1 from run_leases where run_id = :runId and holder = :holder for update', {
      runId,
      holder,
    });
    return rows.length > 0;
  },
  async beat(db: Db, holder: string): Promise<void> {
    await db.run('update run_leases set beat_at = now(3) where holder = :holder', { holder });
  },
  async release(db: Db, runId: string, holder: string): Promise<void> {
    await db.run('delete from run_leases where run_id = :runId and holder = :holder', { runId, holder });
  },
  /** Takes it from whoever holds it; false where nobody does. */
  async revoke(db: Db, runId: string): Promise<boolean> {
    return (await db.run('delete from run_leases where run_id = :runId', { runId })).affectedRows > 0;
  },
  /** Where the server is that reads a run, when it is alive and not this one. */
  async elsewhere(db: Db, of: { runId: string } | { jobId: string }, me: Peer): Promise<string | undefined> {
    const row = await db.one<{ address: string }>(
      `select l.address from run_leases l join runs r on r.id = l.run_id
       where ${'runId' in of ? 'r.id = :of' : "r.job_id = :of and r.state = 'running'"}
         and l.holder <> :id and l.address <> :address and not (${DEAD}) limit 1`,
      { of: 'runId' in of ? of.runId : of.jobId, id: me.id, address: me.address },
    );
    return row?.address;
  },
  /** Running runs that no living server reads, besides those read from this address. */
  orphans: (db: Db, me: Peer): Promise<Pick<RunRow, 'id'>[]> =>
    db.rows<Pick<RunRow, 'id'>>(
      `select r.id from runs r left join run_leases l on l.run_id = r.id
       where r.state = 'running' and (l.run_id is null or ${DEAD} or (l.address = :address and l.holder <> :id))
       order by r.started_at`,
      { id: me.id, address: me.address },
    ),
  /** Whether another living server shares this database and reads anything. */
  async othersAlive(db: Db, me: Peer): Promise<boolean> {
    const rows = await db.rows(
      `select 1 from run_leases l where l.holder <> :id and l.address <> :address and not (${DEAD}) limit 1`,
      { id: me.id, address: me.address },
    );
    return rows.length > 0;
  },
};
