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
});
