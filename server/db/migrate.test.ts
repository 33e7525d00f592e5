import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshSchema } from '../testing/harness';
import { migrate, migrations } from './migrate';
import { type Database, openDatabase } from './pool';

let database: Database;
let drop: () => Promise<void>;
beforeAll(async () => {
  const schema = await freshSchema();
  drop = schema.drop;
  database = openDatabase(schema.uri);
});
afterAll(async () => {
  await database.close();
  await drop();
});

describe('migrations', () => {
  it('apply in order, once, also when two servers start together', async () => {
    const list = migrations();
    expect(list.map((m) => m.name)).toEqual([...list.map((m) => m.name)].sort());
    const [a, b] = await Promise.all([migrate(database, list), migrate(database, list)]);
    expect([...a, ...b].sort()).toEqual(list.map((m) => m.name));
    expect(await migrate(database, list)).toEqual([]);
  });
  it('refuse a changed file and a schema newer than the program', async () => {
    const list = migrations();
    await expect(migrate(database, [{ ...list[0]!, checksum: 'x'.repeat(64) }, ...list.slice(1)])).rejects.toThrow(
      /was changed after it was applied/,
    );
    await expect(migrate(database, list.slice(0, -1))).rejects.toThrow(/newer version/);
  });
  it('carry what stood on a job over to the system that it was made for; what is the house’s has none', async () => {
    const list = migrations();
    const at = list.findIndex((m) => m.name.startsWith('0024'));
    const old = await freshSchema();
    const db = openDatabase(old.uri);
    await migrate(db, list.slice(0, at));
    const day = '2026-06-01 12:00:00';
    for (const sql of [
      "insert into companies (id, name, settings) values ('co', 'Alder', '{}')",
      "insert into people (id, company_id, full_name, sign_in, password_hash, role, certification) values ('p', 'co', 'T', 't', 'x', 'lead', 'none')",
      "insert into customers (id, company_id, name) values ('c', 'co', 'W')",
      "insert into sites (id, company_id, customer_id, address, town, elevation_ft) values ('s', 'co', 'c', 'a', 't', 0)",
      "insert into systems (id, company_id, site_id, name, kind) values ('y', 'co', 's', 'Upstairs', 'system')",
      "insert into equipment (id, company_id, system_id, kind) values ('e', 'co', 'y', 'outdoor')",
      "insert into circuits (id, company_id, system_id, equipment_id, name) values ('k', 'co', 'y', 'e', 'Circuit 1')",
      "insert into jobs (id, company_id, number, system_id, circuit_id, lead_id, scheduled_for) values ('j', 'co', 1, 'y', 'k', 'p', '2026-06-01')",
      ...['oldTons', 'asbestos'].map(
        (fact) =>
          `insert into observations (id, company_id, job_id, fact, value, unit, method, source, confidence, found_on_the_day, person_id, occurred_at)
           values ('${fact}', 'co', 'j', '${fact}', '1', '', 'seen', 'x', 'high', false, 'p', '${day}')`,
      ),
      ...['survey', 'hand-over', 'charge'].map(
        (phase) =>
          `insert into sign_offs (id, company_id, job_id, owner_id, phase, person_id, signed_at, snapshot, content_hash)
           values ('${phase}', 'co', 'j', '${phase === 'charge' ? 'k' : 'j'}', '${phase}', 'p', '${day}', '{}', 'h')`,
      ),
      ...['scope', 'removal', 'evacuate'].map(
        (phase) =>
          `insert into phase_records (job_id, owner_id, company_id, phase, record, updated_by, updated_at)
           values ('j', '${phase === 'evacuate' ? 'k' : 'j'}', 'co', '${phase}', '{}', 'p', '${day}')`,
      ),
      `insert into fit_sheets (job_id, company_id, kind, record, measured, updated_by, updated_at) values ('j', 'co', 'drain', '{}', '[]', 'p', '${day}')`,
    ])
      await db.run(sql);
    await migrate(db, list);
    const of = async (sql: string) =>
      Object.fromEntries((await db.rows<{ what: string; owner: string | null }>(sql)).map((r) => [r.what, r.owner]));
    expect(await of('select fact as what, system_id as owner from observations')).toEqual({
      oldTons: 'y',
      asbestos: null,
    });
    expect(await of('select phase as what, owner_id as owner from sign_offs')).toEqual({
      survey: 'y',
      'hand-over': 'j',
      charge: 'k',
    });
    expect(await of('select phase as what, owner_id as owner from phase_records')).toEqual({
      scope: 'y',
      removal: 'y',
      evacuate: 'k',
    });
    expect(await of('select kind as what, system_id as owner from fit_sheets')).toEqual({ drain: 'y' });
    // What was append-only is so again.
    for (const table of ['observations', 'sign_offs'])
      await expect(db.run(`update ${table} set person_id = 'q'`), table).rejects.toThrow(/append-only|frozen/);
    await db.close();
    await old.drop();
  });
});

type Column = { table: string; name: string; type: string; nullable: string; bare: number };
type Shape = { columns: Column[]; json: Set<string> };

async function shapeOf(db: Database): Promise<Shape> {
  const columns = await db.rows<Column>(
    `select table_name as \`table\`, column_name as name, column_type as type, is_nullable as nullable, column_default is null as bare
     from information_schema.columns where table_schema = database() and extra not like '%auto_increment%' and generation_expression is null`,
  );
  const checks = await db.rows<{ table: string; clause: string }>(
    'select table_name as `table`, check_clause as clause from information_schema.check_constraints where constraint_schema = database()',
  );
  const json = checks.map(({ table, clause }) => `${table}.${/json_valid\((?:`?\w+`?\.)*`?(\w+)/i.exec(clause)?.[1]}`);
  return { columns, json: new Set(json) };
}

/** A row of a table as its columns ask for it; every id of it is the same, so that whatever a migration joins is there. */
function rowFor({ columns, json }: Shape, table: string, n: number): Record<string, unknown> {
  const id = `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
  const filled = ({ name, type }: Column): unknown => {
    if (json.has(`${table}.${name}`)) return '{}';
    if (/^char\(36\)/.test(type)) return id;
    if (/^char\(64\)/.test(type)) return String(n).padStart(64, '0');
    if (/^enum/.test(type)) return /'([^']*)'/.exec(type)![1];
    if (/int|decimal|double|float/.test(type)) return /tinyint\(1\)/.test(type) ? 0 : n;
    if (/date|time/.test(type)) return '2026-06-01 12:00:00'.slice(0, type === 'date' ? 10 : 19);
    const room = Number(/varchar\((\d+)\)/.exec(type)?.[1] ?? 20);
    return /blob/.test(type) ? Buffer.from('x') : `${n}v`.slice(0, room);
  };
  const asked = columns.filter(
    (c) =>
      c.table === table &&
      ((c.nullable === 'NO' && (c.bare === 1 || json.has(`${table}.${c.name}`))) || /_id$/.test(c.name)),
  );
  return Object.fromEntries(asked.map((c) => [c.name, filled(c)]));
}

/** Tables of the migrations themselves, and what triggers write. */
const KEPT_BY_ITSELF = new Set(['migrations', 'job_revisions', 'company_revisions', 'list_revisions']);

describe('an upgrade from any earlier version', () => {
  it('takes what that version wrote: a row in every table at each of them comes through all later ones', async () => {
    const schema = await freshSchema();
    const db = openDatabase(schema.uri);
    const all = migrations();
    const written = new Map<string, number>();
    for (let n = 1; n <= all.length; n++) {
      await migrate(db, all.slice(0, n));
      const shape = await shapeOf(db);
      const tables = [...new Set(shape.columns.map((c) => c.table))].filter((t) => !KEPT_BY_ITSELF.has(t));
      await db.transaction(async (one) => {
        await one.run('set foreign_key_checks = 0');
        for (const table of tables) {
          const row = rowFor(shape, table, n);
          const names = Object.keys(row);
          const sql = `insert into \`${table}\` (${names.map((x) => `\`${x}\``).join(', ')}) values (${names.map((x) => `:${x}`).join(', ')})`;
          await one.run(sql, row).catch((e: Error) => {
            throw new Error(`${all[n - 1]!.name}, a row of ${table}: ${e.message}`);
          });
          written.set(table, (written.get(table) ?? 0) + 1);
        }
        await one.run('set foreign_key_checks = 1');
      });
    }
    const lost: string[] = [];
    for (const [table, rows] of written) {
      const [found] = await db.rows<{ n: number }>(`select count(*) as n from \`${table}\``).catch(() => [{ n: -1 }]);
      if (found!.n < rows) lost.push(`${table}: ${found!.n} of ${rows}`);
    }
    expect(lost).toEqual([]);
    await db.close();
    await schema.drop();
  }, 240_000);
});
