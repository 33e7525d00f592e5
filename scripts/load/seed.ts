import type { Connection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { BUNDLE, BUNDLE_PARTS, type BundlePart } from '../../server/features/bundles/bundle-tables';

/**
 * Makes a large company out of the demo: every job with its house, log, readings and signatures again and again, under ids of
 * its own. The ledger of cylinders and the people stay one.
 */
const ONCE: readonly BundlePart[] = ['people', 'library', 'cylinders', 'movements', 'audit'];
/** Tables that are kept for the lists, beside those of a job's file. */
const KEPT = [
  { table: 'job_summary', ids: ['job_id', 'circuit_id'] },
  { table: 'job_memory', ids: ['job_id', 'circuit_id', 'site_id', 'system_id'] },
];
/** Copies made by one statement. */
const AT_ONCE = 25;
/** The first letter of a copied id: ids of the application begin with its time, and "01" lasts until the year 2527. */
export const MARK = 'c';
/** The number of a copied job lies so far behind its original's. */
const NUMBERS = 10_000;
/** The days of the copies lie over three years, as those of a company do; so many jobs are open, what lies further back is done. */
const DAYS = 1095;
const OPEN_JOBS = 600;

const copied = (column: string, k = 'n.k'): string =>
  `concat('${MARK}', lpad(hex(${k}), 7, '0'), substr(t.${column}, 9))`;

async function columnsOf(db: Connection, table: string): Promise<string[]> {
  const [rows] = await db.query<RowDataPacket[]>(
    `select column_name as name from information_schema.columns
     where table_schema = database() and table_name = ? and extra not like '%auto_increment%' and generation_expression is null
     order by ordinal_position`,
    [table],
  );
  return rows.map((r) => String(r.name));
}

/** How a column of a copy is made from its original's. */
function made(table: string, column: string, ids: ReadonlySet<string>, openCopies: number): string {
  if (column === 'job_id' || ids.has(column)) return copied(column);
  // A copy of a run that is read now would be read as well: thousands of instruments that no company has.
  if (table === 'runs' && column === 'state') return "if(t.state = 'running', 'stopped', t.state)";
  if (column === 'scheduled_for')
    return `if(n.k > ${openCopies}, date_sub(t.scheduled_for, interval 1 + (n.k * 37 + t.number * 7) % ${DAYS} day), t.scheduled_for)`;
  if (table === 'job_summary' && column === 'state') return `if(n.k > ${openCopies}, 'done', t.state)`;
  return table === 'jobs' && column === 'number' ? `t.number + n.k * ${NUMBERS}` : `t.${column}`;
}

/**
 * Takes the triggers away that count revisions, and the checks of keys: a copy is what its original was, and row by row they
 * took longer than the rows. Gives the statements that put the triggers back.
 */
async function triggersAway(db: Connection): Promise<string[]> {
  await db.query('set foreign_key_checks = 0, unique_checks = 0');
  const [rows] = await db.query<RowDataPacket[]>(
    "select trigger_name as name from information_schema.triggers where trigger_schema = database() and trigger_name like '%\\_counts'",
  );
  const made: string[] = [];
  for (const { name } of rows) {
    const [[found]] = (await db.query<RowDataPacket[]>(`show create trigger \`${name}\``)) as unknown as [
      [{ 'SQL Original Statement': string }],
    ];
    made.push(found['SQL Original Statement'].replace(/^CREATE DEFINER=\S+ TRIGGER/i, 'create trigger'));
    await db.query(`drop trigger \`${name}\``);
  }
  return made;
}

/** Copies until there are about so many jobs; how many there are then. */
export async function seedJobs(db: Connection, wanted: number): Promise<number> {
  const [own] = await db.query<RowDataPacket[]>('select count(*) as n from jobs');
  const originals = Number(own[0]!.n);
  const copies = Math.max(0, Math.ceil(wanted / originals) - 1);
  const openCopies = Math.ceil(OPEN_JOBS / originals);
  await db.query('create table if not exists load_copies (k int unsigned not null primary key)');
  const parts = [
    ...BUNDLE_PARTS.filter((part) => !ONCE.includes(part)).map((part) => ({
      table: BUNDLE[part].table as string,
      ids: Object.entries(BUNDLE[part].columns)
        .filter(([, kind]) => kind === 'id' || kind === 'id?')
        .map(([name]) => name),
    })),
    ...KEPT,
  ];
  const statements = await Promise.all(
    parts.map(async ({ table, ids }) => {
      const columns = await columnsOf(db, table);
      const key = columns.includes('id') ? 'id' : 'job_id';
      const values = columns.map((c) => made(table, c, new Set(ids), openCopies));
      return `insert into ${table} (${columns.map((c) => `\`${c}\``).join(', ')})
        select ${values.join(', ')} from ${table} t join load_copies n where t.${key} < '${MARK}'`;
    }),
  );
  const counting = await triggersAway(db);
  for (let from = 1; from <= copies; from += AT_ONCE) {
    await db.query('delete from load_copies');
    const some = Array.from({ length: Math.min(AT_ONCE, copies - from + 1) }, (_, i) => [from + i]);
    await db.query('insert into load_copies (k) values ?', [some]);
    for (const sql of statements) await db.query(sql);
  }
  for (const sql of counting) await db.query(sql);
  await db.query('set foreign_key_checks = 1, unique_checks = 1');
  const [rows] = await db.query<RowDataPacket[]>('select count(*) as n from jobs');
  return Number(rows[0]!.n);
}

/** Samples of runs, chunk by chunk, until there are so many; the copies of a run hold its original's chunks. */
export async function seedSamples(db: Connection, wanted: number): Promise<number> {
  const [own] = await db.query<RowDataPacket[]>(
    `select sum(json_length(samples, '$.runSeconds')) as n, count(*) as chunks from run_chunks where run_id < '${MARK}'`,
  );
  const each = Number(own[0]!.n ?? 0);
  const chunks = Number(own[0]!.chunks);
  let added = 0;
  const copies = each ? Math.ceil(wanted / each) : 0;
  const columns = await columnsOf(db, 'run_chunks');
  const values = columns.map((c) => (c === 'run_id' ? copied(c) : `t.${c}`));
  for (let from = 1; from <= copies; from += AT_ONCE) {
    const to = Math.min(copies, from + AT_ONCE - 1);
    // The demo gives some runs of its past the same last digits: of those one copy is enough.
    const [{ affectedRows }] = await db.query<ResultSetHeader>(
      `insert ignore into run_chunks (${columns.join(', ')}) select ${values.join(', ')} from run_chunks t
       join (select seq as k from seq_${from}_to_${to}) n where t.run_id < '${MARK}'`,
    );
    added += affectedRows;
  }
  return Math.round(each * (1 + added / Math.max(1, chunks)));
}
