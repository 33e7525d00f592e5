import mysql, { type Pool, type RowDataPacket } from 'mysql2/promise';
import { type Db, face } from './face';

export type { Db } from './face';

export type Database = Db & {
  /** Runs work on one connection; commits when it returns, rolls back when it throws. A deadlock runs it again: work only touches the database. */
  transaction<T>(work: (db: Db) => Promise<T>): Promise<T>;
  /** Runs work while a lock of this name is held, on whichever server: the next one waits. The name is 64 characters at most. */
  locked<T>(name: string, work: () => Promise<T>): Promise<T>;
  pool: Pool;
  /** Whether it answers, asked on a connection of its own so that busy ones do not matter; opening that may take `withinMs`. */
  ping(withinMs: number): Promise<void>;
  close(): Promise<void>;
};

/** A statement that takes longer than this is a fault, s. */
const STATEMENT_LIMIT_S = 20;
/** Waiting for another transaction's lock longer than this gives up, s. */
const LOCK_WAIT_S = 15;
/** Two transactions that wait for each other: MariaDB ends one, which is tried again. */
const DEADLOCK = 1213;
/** MariaDB's own number for a lock that was not given in time. */
const LOCK_WAIT = 1205;
const TRIES = 5;

const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

export function openDatabase(uri: string): Database {
  const pool = mysql.createPool({
    uri,
    timezone: 'Z',
    dateStrings: ['DATE'],
    charset: 'utf8mb4',
    supportBigNumbers: true,
    namedPlaceholders: true,
    // For reading together alone; every value is escaped, here as there.
    multipleStatements: true,
    // A stack for every query, in case it fails, is a tenth of the server's time.
    trace: false,
    connectionLimit: 10,
    connectTimeout: 5000,
  });
  pool.pool.on('connection', (connection) => {
    connection.query(
      // What is read after a lock is held must be what is there then, not what stood when the transaction began.
      `set session max_statement_time = ${STATEMENT_LIMIT_S}, innodb_lock_wait_timeout = ${LOCK_WAIT_S}, tx_isolation = 'READ-COMMITTED'`,
    );
  });
  let probe: Promise<mysql.Connection> | undefined;
  async function once<T>(work: (db: Db) => Promise<T>): Promise<T> {
    const connection = await pool.getConnection();
    try {
      const then: (() => void)[] = [];
      const db = face(pool, connection, (what) => void then.push(what), ['start transaction']);
      const result = await work(db);
      await db.run('commit');
      for (const what of then) what();
      return result;
    } catch (error) {
      await connection.rollback().catch(() => undefined);
      throw error;
    } finally {
      connection.release();
    }
  }
  return {
    ...face(pool, pool, (what) => what(), undefined),
    pool,
    async transaction(work) {
      for (let attempt = 1; ; attempt++) {
        try {
          return await once(work);
        } catch (error) {
          if ((error as { errno?: number }).errno !== DEADLOCK || attempt === TRIES) throw error;
          await pause(15 * attempt * (1 + Math.random()));
        }
      }
    },
    async locked(name, work) {
      const connection = await pool.getConnection();
      try {
        const [rows] = await connection.query<RowDataPacket[]>('select get_lock(?, ?) as got', [name, LOCK_WAIT_S]);
        if (rows[0]?.got !== 1) throw Object.assign(new Error(`${name} is held`), { errno: LOCK_WAIT });
        return await work();
      } finally {
        // A connection that died has given its lock back by that.
        await connection.query('do release_lock(?)', [name]).catch(() => undefined);
        connection.release();
      }
    },
    async ping(withinMs) {
      probe ??= mysql.createConnection({ uri, connectTimeout: withinMs });
      try {
        await (await probe).query('select 1');
      } catch (error) {
        const lost = probe;
        probe = undefined;
        void lost.then((c) => c.destroy()).catch(() => undefined);
        throw error;
      }
    },
    async close() {
      await probe?.then((c) => c.destroy()).catch(() => undefined);
      await pool.end();
    },
  };
}
