import './node-check.mjs';
import { existsSync, mkdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { DatabaseTrouble, startDatabase } from './database.mjs';
import { DumpTrouble, dump, load } from './dump.mjs';
import { installDebian } from './install.mjs';
import { isOurs } from './supervise.mjs';

/**
 * npm run backup [-- --company] [file]        writes everything there is into one file, also while the application runs
 * npm run restore [-- --company] <file>       reads such a file into an empty installation; --over puts it in the place of what
 *                                             is there, after a backup of that
 */
process.chdir(path.resolve(import.meta.dirname, '..'));
const say = (line) => process.stdout.write(`${line}\n`);
const [what, ...args] = process.argv.slice(2);
const folder = args.includes('--company') ? '.company' : '.data';
const given = args.find((a) => !a.startsWith('--'));

const fail = (line, code = 64) => {
  process.stderr.write(`${line}\n`);
  process.exit(code);
};

function running() {
  try {
    const state = JSON.parse(readFileSync(`${folder}/running.json`, 'utf8'));
    return isOurs(state.pid, 'start.mjs') ? state : undefined;
  } catch {
    return undefined;
  }
}

/** The database of the folder: the one that runs, or one started for this alone. */
async function withDatabase(work) {
  if (process.env.DATABASE_URL) return work(process.env.DATABASE_URL);
  const state = running();
  if (state?.database) return work(state.database);
  await installDebian(['database', 'backup']);
  const database = await startDatabase(path.resolve(folder), ['mill_bridge'], { say });
  try {
    return await work(database.uri('mill_bridge'));
  } finally {
    await database.stop();
  }
}

const fileOf = (name) =>
  path.resolve(name ?? `${folder}/backups/${new Date().toISOString().replace(/[:.]/g, '-')}.sql.gz`);

async function backup(uri, file) {
  mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 });
  await dump(uri, file);
  say(`Backup: ${file} (${Math.ceil(statSync(file).size / 1024)} kB). It holds everything but who is signed in.`);
  const { MB_PICTURES: shelf } = process.env;
  if (shelf) say(`Pictures lie in ${shelf} and not in this file: back that up too.`);
}

async function restore(uri, file) {
  const { createConnection } = await import('mysql2/promise');
  const connection = await createConnection(uri);
  const [tables] = await connection.query('show tables');
  const names = tables.map((row) => Object.values(row)[0]);
  const [[held] = []] = names.includes('companies')
    ? await connection.query('select count(*) as n from companies')
    : [[{ n: 0 }]];
  if (Number(held.n) > 0) {
    if (!args.includes('--over')) {
      await connection.end();
      fail(`There is a company here already. Add --over to put the backup in its place; what is there is saved first.`);
    }
    await backup(uri, fileOf());
  }
  // The newest migration of the file decides: whatever stands here goes.
  await connection.query('set foreign_key_checks = 0');
  for (const name of names) await connection.query(`drop table if exists \`${name}\``);
  await connection.end();
  await load(uri, file);
  say(`Restored from ${file}. Start it as before; everybody signs in again.`);
}

try {
  if (what === 'backup') {
    await withDatabase((uri) => backup(uri, fileOf(given)));
  } else if (what === 'restore') {
    if (!given || !existsSync(given)) fail('Name the file of the backup:  npm run restore -- [--company] <file>');
    if (running()) fail('Mill Bridge runs here. Stop it first: nothing may be written while it is restored.');
    await withDatabase((uri) => restore(uri, path.resolve(given)));
  } else fail('npm run backup, or npm run restore -- <file>');
} catch (error) {
  if (!(error instanceof DumpTrouble || error instanceof DatabaseTrouble)) throw error;
  fail(error.message, 69);
}
