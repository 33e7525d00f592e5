import mysql, { type Pool, type PoolConnection, type ResultSetHeader, type RowDataPacket } from 'mysql2/promise';
import namedPlaceholders from 'named-placeholders';

/** One query face for stores: named placeholders, rows typed by the caller. */
export type Db = {
  rows<T>(sql: string, values?: Record<string, unknown>): Promise<T[]>;
  /** The first row, where there is one. */
  one<T>(sql: string, values?: Record<string, unknown>): Promise<T | undefined>;
  run(sql: string, values?: Record<string, unknown>): Promise<ResultSetHeader>;
  /** The same, told whether a row came, went or changed by it. */
  changed(sql: string, values?: Record<string, unknown>): Promise<boolean>;
  /**
   * The same where nobody waits for its answer: in a transaction it goes out with whatever is asked next, its commit at the latest, and
   * what is wrong with it comes up there. A packet costs more than a statement.
   */
  later(sql: string, values?: Record<string, unknown>): Promise<void>;
  /** Reads together: what is asked for at the same moment goes out as one packet and comes back as one. For reading alone. */
  together<T>(work: (db: Db) => Promise<T>): Promise<T>;
  /** The database that it asks: the same one for each of its faces. */
  home: object;
  /** In a transaction, what is read may still be taken back. */
  inTransaction: boolean;
  /** Done once what was written holds: at once, or when the transaction has committed. */
  afterCommit(what: () => void): void;
};

type Source = Pool | PoolConnection;
type Answer = RowDataPacket[] | ResultSetHeader;

/**
 * The face of a pool, or of a connection that is in a transaction.
 *
 * @param waiting in a transaction: statements that go out before the first that is asked
 */
export function face(home: object, source: Source, afterCommit: Db['afterCommit'], waiting: string[] | undefined): Db {
  const ask = async (sql: string, values: Record<string, unknown>): Promise<Answer> => {
    if (!waiting?.length) return (await source.query<RowDataPacket[]>({ sql, values: values as never }))[0];
    return (await several(source, [...waiting.splice(0), filled(sql, values)])).at(-1)!;
  };
  const rows = async <T>(sql: string, values: Record<string, unknown> = {}) => (await ask(sql, values)) as T[];
  const run = async (sql: string, values: Record<string, unknown> = {}) => (await ask(sql, values)) as ResultSetHeader;
  const whole: Db = {
    home,
    inTransaction: waiting !== undefined,
    afterCommit,
    together: async (work) => {
      if (waiting?.length) await several(source, waiting.splice(0));
      const together = gathered(source);
      return work({ ...whole, rows: together, one: firstOf(together) });
    },
    rows,
    one: firstOf(rows),
    run,
    changed: async (sql, values) => (await run(sql, values)).affectedRows > 0,
    later: async (sql, values = {}) => {
      if (waiting) waiting.push(filled(sql, values));
      else await ask(sql, values);
    },
  };
  return whole;
}

const firstOf =
  (rows: Db['rows']): Db['one'] =>
  async <T>(sql: string, values?: Record<string, unknown>) =>
    (await rows<T>(sql, values))[0];

/** Named placeholders as the driver reads them, filled in here: several statements share no names. */
const positional = namedPlaceholders();
function filled(sql: string, values: Record<string, unknown>): string {
  const [text, list] = positional(sql, values);
  return mysql.format(text, list, false, 'Z');
}

/** Several statements as one packet; what each answers. */
async function several(source: Source, statements: readonly string[]): Promise<Answer[]> {
  const [answers] = await source.query<RowDataPacket[]>(statements.join(';\n'));
  return statements.length === 1 ? [answers] : (answers as unknown as Answer[]);
}

type Asked = { sql: string; resolve: (rows: never[]) => void; reject: (error: unknown) => void };

/** `rows` that gathers what is asked for until the end of this turn and sends it as one. */
function gathered(source: Source): Db['rows'] {
  let asked: Asked[] = [];
  const send = async (): Promise<void> => {
    const all = asked;
    asked = [];
    try {
      const answers = await several(
        source,
        all.map((a) => a.sql),
      );
      for (const [i, { resolve }] of all.entries()) resolve(answers[i] as never[]);
    } catch (error) {
      for (const { reject } of all) reject(error);
    }
  };
  return <T>(sql: string, values: Record<string, unknown> = {}) =>
    new Promise<T[]>((resolve, reject) => {
      if (asked.length === 0) setImmediate(() => void send());
      asked.push({ sql: filled(sql, values), resolve: resolve as Asked['resolve'], reject });
    });
}
