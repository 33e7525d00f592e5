import './node-check.mjs';
import { spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { DatabaseTrouble, startDatabase } from './database.mjs';
import { installDebian, installPackages } from './install.mjs';

/** npm start: installs what is missing, starts a private MariaDB, builds, loads the demo, serves, prints the address. */
process.chdir(path.resolve(import.meta.dirname, '..'));
const say = (line) => process.stdout.write(`${line}\n`);
const external = process.env.DATABASE_URL;

// A second start in the same folder must not take the first one's database away.
const RUNNING = '.data/running.json';
if (existsSync(RUNNING)) {
  const { pid, port } = JSON.parse(readFileSync(RUNNING, 'utf8'));
  const line = existsSync(`/proc/${pid}/cmdline`) ? readFileSync(`/proc/${pid}/cmdline`, 'utf8') : '';
  if (line.includes('start.mjs')) {
    say(`Mill Bridge already runs here: http://127.0.0.1:${port}\nStop that one with Ctrl-C first to start it again.`);
    process.exit(0);
  }
}

if (!external) await installDebian(['database']);
installPackages();

/** Newest change below the sources: a build older than that is made again. */
function newest(dir) {
  let latest = 0;
  for (const entry of readdirSync(dir, { withFileTypes: true })) {
    const full = path.join(dir, entry.name);
    latest = Math.max(latest, entry.isDirectory() ? newest(full) : statSync(full).mtimeMs);
  }
  return latest;
}
const built = ['dist/server/main.js', 'dist/web/index.html'].map((f) => (existsSync(f) ? statSync(f).mtimeMs : 0));
const sources = Math.max(
  ...['core', 'contract', 'server', 'web', 'demo'].map(newest),
  statSync('package-lock.json').mtimeMs,
);
if (Math.min(...built) < sources) {
  say('Building …');
  const build = spawnSync('npm', ['run', '--silent', 'build'], { stdio: ['ignore', 'ignore', 'inherit'] });
  if (build.status !== 0) process.exit(1);
}

mkdirSync('.data', { recursive: true, mode: 0o700 });
writeFileSync(RUNNING, JSON.stringify({ pid: process.pid, port: Number(process.env.PORT ?? 4680) }));
const secretFile = '.data/session-secret';
if (!existsSync(secretFile)) writeFileSync(secretFile, randomBytes(32).toString('hex'), { mode: 0o600 });

let database;
if (!external) {
  say('Starting MariaDB on loopback …');
  try {
    database = await startDatabase(path.resolve('.data'), ['mill_bridge']);
  } catch (error) {
    if (!(error instanceof DatabaseTrouble)) throw error;
    process.stderr.write(`${error.message}\n`);
    process.exit(69);
  }
}

const server = spawn(process.execPath, ['dist/server/main.js', ...process.argv.slice(2)], {
  stdio: 'inherit',
  env: {
    ...process.env,
    ...(database ? { MB_DATABASE_URL: database.uri('mill_bridge') } : {}),
    MB_SESSION_SECRET: readFileSync(secretFile, 'utf8'),
  },
});

let stopping = false;
async function stop(code) {
  if (stopping) return;
  stopping = true;
  if (server.exitCode === null) {
    server.kill('SIGTERM');
    await new Promise((done) => server.on('exit', done));
  }
  await database?.stop();
  rmSync(RUNNING, { force: true });
  process.exit(code);
}
server.on('exit', (code) => void stop(code ?? 0));
database?.exited.then((code) => {
  if (stopping) return;
  process.stderr.write(`MariaDB stopped by itself (code ${code}). See .data/db.log\n`);
  void stop(69);
});
process.on('SIGINT', () => void stop(0));
process.on('SIGTERM', () => void stop(0));
