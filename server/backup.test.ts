import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { openDatabase } from '@/server/db/pool';
import { freshSchema, startServer } from '@/server/testing/harness';
import { JobWalk } from '@/server/testing/job-walk';
import { DumpTrouble, dump, load, tool } from '../scripts/dump.mjs';

const server = await startServer();
const folder = mkdtempSync(path.join(tmpdir(), 'mb-dump-'));
afterAll(async () => {
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

const installed = (() => {
  try {
    return tool('mariadb-dump') !== '';
  } catch {
    return false;
  }
})();

describe('a backup', () => {
  it('a tool that is not there is named, with the way to get it', () => {
    expect(() => tool('no-such-tool-of-mariadb')).toThrow(DumpTrouble);
    expect(() => tool('no-such-tool-of-mariadb')).toThrow(/apt-get install .*mariadb-client/);
  });
  it.runIf(installed)('restored into a second schema is the same, table by table, and guarded as before', async () => {
    const walk = await JobWalk.fresh(await server.as('alder-lead'));
    await walk.tell({ systemType: 'split-hp', damage: 'Kratzer, “quoted” and ñ — ¾ in' });
    await walk.photo('before:plates');
    const file = path.join(folder, 'all.sql.gz');
    await dump(server.uri, file);
    const second = await freshSchema();
    await load(second.uri, file);
    const there = openDatabase(second.uri);
    try {
      const names = async (db: typeof there) =>
        (await db.rows<Record<string, string>>('show tables')).map((r) => Object.values(r)[0]!);
      expect(await names(there)).toEqual(await names(server.database));
      let compared = 0;
      for (const name of await names(there)) {
        const content = async (db: typeof there) =>
          (await db.rows(`select * from \`${name}\``)).map((row) => JSON.stringify(row)).sort();
        const mine = await content(server.database);
        // Who is signed in is not in a backup.
        expect(await content(there), name).toEqual(name === 'sessions' ? [] : mine);
        compared += name === 'sessions' ? 0 : mine.length;
      }
      expect(compared).toBeGreaterThan(20);
      await expect(there.run("update observations set note = 'x'")).rejects.toThrow(/append-only/);
    } finally {
      await there.close();
      await second.drop();
    }
  });
  it.runIf(installed)('a file that is none is refused, and a backup that fails leaves no half of one', async () => {
    const wrong = path.join(folder, 'wrong.sql.gz');
    writeFileSync(wrong, 'no backup at all');
    await expect(load(server.uri, wrong)).rejects.toThrow(/no backup|mariadb failed/);
    const nowhere = server.uri.replace(/\/mb_test_\w+/, '/mb_test_000000000000');
    const file = path.join(folder, 'none.sql.gz');
    await expect(dump(nowhere, file)).rejects.toThrow(DumpTrouble);
    expect(() => rmSync(file)).toThrow(/ENOENT/);
    expect(() => rmSync(`${file}.part`)).toThrow(/ENOENT/);
  });
});
