import mysql, { type Pool, type PoolConnection, type ResultSetHeader, type RowDataPacket } from 'mysql2/promise';
import namedPlaceholders from 'named-placeholders';

/** One query face for stores: named placeholders, rows typed by the caller. */
export type Db = {
  rows<T>(sql: string, values?: Record<string, unknown>): Promise<T[]>;
  run(sql: string, values?: Record<string, unknown>): Promise<ResultSetHeader>;
  /** Reads together: what is asked for at the same moment goes out as one packet and comes back as one. For reading alone. */
  together<T>(work: (db: Db) => Promise<T>): Promise<T>;
  /** The database that it asks: the same one for each of its faces. */
  home: object;
  /** In a transaction, what is read may still be taken back. */
  inTransaction: boolean;
  /** Done once what was written holds: at once, or when the transaction has committed. */
  afterCommit(what: () => void): void;
};

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

type Source = Pool | PoolConnection;

function face(home: object, source: Source, afterCommit: Db['afterCommit']): Db {
  const one: Db = {
    home,
    inTransaction: source !== home,
    afterCommit,
    together: (work) => work({ ...one, rows: gathered(source) }),
    async rows<T>(sql: string, values: Record<string, unknown> = {}) {
      const [rows] = await source.query<RowDataPacket[]>({ sql, values: values as Record<string, never> });
      return rows as T[];
    },
    async run(sql, values = {}) {
      const [result] = await source.query<ResultSetHeader>({ sql, values: values as Record<string, never> });
      return result;
    },
  };
  return one;
}

type Asked = { sql: string; resolve: (rows: never[]) => void; reject: (error: unknown) => void };

/** Named placeholders as the driver reads them, filled in here: several statements share no names. */
const positional = namedPlaceholders();
function filled(sql: string, values: Record<string, unknown>): string {
  const [text, list] = positional(sql, values);
  return mysql.format(text, list, false, 'Z');
}

/** `rows` that gathers what is asked for until the end of this turn and sends it as one: a packet costs more than a statement. */
function gathered(source: Source): Db['rows'] {
  let waiting: Asked[] = [];
  const send = async (): Promise<void> => {
    const all = waiting;
    waiting = [];
    try {
      const [answers] = await source.query<RowDataPacket[]>(all.map((a) => a.sql).join(';\n'));
      const each = (all.length === 1 ? [answers] : answers) as unknown as never[][];
      for (const [i, { resolve }] of all.entries()) resolve(each[i]!);
    } catch (error) {
      for (const { reject } of all) reject(error);
    }
  };
  return <T>(sql: string, values: Record<string, unknown> = {}) =>
    new Promise<T[]>((resolve, reject) => {
      if (waiting.length === 0) setImmediate(() => void send());
      waiting.push({ sql: filled(sql, values), resolve: resolve as Asked['resolve'], reject });
    });
}

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
      await connection.beginTransaction();
      const then: (() => void)[] = [];
      const result = await work(face(pool, connection, (what) => void then.push(what)));
      await connection.commit();
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
    ...face(pool, pool, (what) => what()),
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
