import mysql, { type Pool, type PoolConnection, type ResultSetHeader, type RowDataPacket } from 'mysql2/promise';

/** One query face for stores: named placeholders, rows typed by the caller. */
export type Db = {
  rows<T>(sql: string, values?: Record<string, unknown>): Promise<T[]>;
  run(sql: string, values?: Record<string, unknown>): Promise<ResultSetHeader>;
};

export type Database = Db & {
  /** Runs work on one connection; commits when it returns, rolls back when it throws. */
  transaction<T>(work: (db: Db) => Promise<T>): Promise<T>;
  pool: Pool;
  close(): Promise<void>;
};

function face(source: Pool | PoolConnection): Db {
  return {
    async rows<T>(sql: string, values: Record<string, unknown> = {}) {
      const [rows] = await source.query<RowDataPacket[]>({ sql, values: values as Record<string, never> });
      return rows as T[];
    },
    async run(sql, values = {}) {
      const [result] = await source.query<ResultSetHeader>({ sql, values: values as Record<string, never> });
      return result;
    },
  };
}

export function openDatabase(uri: string): Database {
  const pool = mysql.createPool({
    uri,
    timezone: 'Z',
    dateStrings: ['DATE'],
    charset: 'utf8mb4',
    supportBigNumbers: true,
    namedPlaceholders: true,
    connectionLimit: 10,
  });
  return {
    ...face(pool),
    pool,
    async transaction(work) {
      const connection = await pool.getConnection();
      try {
        await connection.beginTransaction();
        const result = await work(face(connection));
        await connection.commit();
        return result;
      } catch (error) {
        await connection.rollback().catch(() => undefined);
        throw error;
      } finally {
        connection.release();
      }
    },
    close: () => pool.end(),
  };
}
