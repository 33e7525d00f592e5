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
