import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, expect, it } from 'vitest';
import { type RunningDatabase, startDatabase } from '../scripts/database.mjs';
import { dump, load } from '../scripts/dump.mjs';
import { migrate, migrations } from './db/migrate';
import { type Database, openDatabase } from './db/pool';

const has = (program: string): boolean => spawnSync('sh', ['-c', `command -v ${program}`]).status === 0;
const folder = mkdtempSync(path.join(tmpdir(), 'mb-point-'));
let database: RunningDatabase | undefined;
afterAll(async () => {
  await database?.stop();
  rmSync(folder, { recursive: true, force: true });
});

/** deploy/mariadb.cnf as options, with its log in this folder and of a test's size. */
const documented = (): string[] =>
  [...readFileSync('deploy/mariadb.cnf', 'utf8').matchAll(/^(\w+) = (.*)$/gm)]
    .filter(([, name]) => !['innodb_buffer_pool_size', 'innodb_log_file_size'].includes(name!))
    .map(([, name, value]) => `--${name}=${name === 'log_bin' ? path.join(folder, 'binlog') : value}`);

/** The binary log knows whole seconds. */
const nextSecond = (): Promise<void> => new Promise((done) => setTimeout(done, 1100));
const stamp = (): string => new Date().toISOString().slice(0, 19).replace('T', ' ');
const names = async (db: Database): Promise<string[]> =>
  (await db.rows<{ name: string }>('select name from companies order by name')).map((r) => r.name);
const add = (db: Database, id: string, name: string): Promise<unknown> =>
  db.run("insert into companies (id, name, settings) values (:id, :name, '{}')", { id, name });

// The way of docs/deployment.md: the last night's backup, and from there the binary log up to the minute.
it.skipIf(!has('mariadb-binlog') || !has('mariadb-dump'))(
  'everything up to a minute comes back: what came after the backup too, what went wrong after the minute not',
  async () => {
    database = await startDatabase(folder, ['mill_bridge'], { also: documented() });
    const uri = database.uri('mill_bridge');
    const db = openDatabase(uri);
    await migrate(db, migrations());
    await add(db, 'a', 'Alder, before the backup');
    await nextSecond();
    const night = stamp();
    const file = path.join(folder, 'night.sql.gz');
    await dump(uri, file);
    // In the very second of the backup, where it may or may not be in it.
    await add(db, 'b', 'Birch, in its second');
    await nextSecond();
    await add(db, 'c', 'Cedar, after it');
    await db.run("update companies set name = 'Alder, renamed' where id = 'a'");
    await nextSecond();
    const minute = stamp();
    await nextSecond();
    await db.run('delete from companies');
    expect(await names(db)).toEqual([]);
    await db.close();

    await load(uri, file);
    const logs = readdirSync(folder)
      .filter((f) => /^binlog\.\d+$/.test(f))
      .map((f) => path.join(folder, f));
    const env = { ...process.env, TZ: 'UTC' };
    const kept = spawnSync(
      'mariadb-binlog',
      ['--no-defaults', `--start-datetime=${night}`, `--stop-datetime=${minute}`, ...logs],
      { env, maxBuffer: 64 * 1024 * 1024 },
    );
    expect(kept.status, kept.stderr.toString()).toBe(0);
    const socket = path.join(folder, 'run', 'db.sock');
    // What the backup had already is met again in its second, and passed over.
    spawnSync('mariadb', ['--no-defaults', '--force', `--socket=${socket}`, 'mill_bridge'], {
      env,
      input: kept.stdout,
    });
    const again = openDatabase(uri);
    expect(await names(again)).toEqual(['Alder, renamed', 'Birch, in its second', 'Cedar, after it']);
    await again.close();
  },
  60_000,
);
