import './node-check.mjs';
import { spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { DatabaseTrouble, startDatabase } from './database.mjs';
import { loadDemo } from './demo.mjs';
import { installDebian, installPackages } from './install.mjs';
import { SERVER } from './server-command.mjs';
import { endProcess, isOurs, supervise } from './supervise.mjs';

/**
 * npm start: installs what is missing, starts a private MariaDB, builds, loads the demo, serves, prints the address.
 * npm start -- --company: the same with a data folder of its own and no demo; an empty one asks for its company first.
 */
process.chdir(path.resolve(import.meta.dirname, '..'));
const say = (line) => process.stdout.write(`${line}\n`);
const external = process.env.DATABASE_URL;
const company = process.argv.includes('--company');
const folder = company ? '.company' : '.data';

// A second start in the same folder must not take the first one's database away; a first one that was killed leaves orphans.
const RUNNING = `${folder}/running.json`;
const known = () => {
  try {
    return JSON.parse(readFileSync(RUNNING, 'utf8'));
  } catch {
    return undefined;
  }
};
const before = known();
if (before && isOurs(before.pid, 'start.mjs')) {
  say(
    `Mill Bridge already runs here: http://127.0.0.1:${before.port}\nStop that one with Ctrl-C first to start it again.`,
  );
  process.exit(0);
}
if (before?.server && isOurs(before.server, 'dist/server/main.js')) {
  say(`The last start was killed and left its server running (process ${before.server}): ending it.`);
  await endProcess(before.server);
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

mkdirSync(folder, { recursive: true, mode: 0o700 });
const state = { pid: process.pid, port: Number(process.env.PORT ?? 4680), server: undefined };
const note = () => writeFileSync(RUNNING, JSON.stringify(state), { mode: 0o600 });
note();
const secretFile = `${folder}/session-secret`;
if (!existsSync(secretFile)) writeFileSync(secretFile, randomBytes(32).toString('hex'), { mode: 0o600 });

let database;
if (!external) {
  say('Starting MariaDB on loopback …');
  try {
    database = await startDatabase(path.resolve(folder), ['mill_bridge'], { say });
    // Only its owner reads the folder: a backup of the running installation finds its database here.
    state.database = database.uri('mill_bridge');
    note();
  } catch (error) {
    rmSync(RUNNING, { force: true });
    if (!(error instanceof DatabaseTrouble)) throw error;
    process.stderr.write(`${error.message}\n`);
    process.exit(69);
  }
}

const env = { ...process.env, ...(database ? { MB_DATABASE_URL: database.uri('mill_bridge') } : {}) };
const demo = !company && (!external || process.argv.includes('--demo'));
let justPlayed = demo && loadDemo(env);

const server = supervise({
  start: () =>
    spawn(process.execPath, SERVER, {
      stdio: 'inherit',
      // Its own group: a Ctrl-C reaches this launcher alone, which then ends both in order.
      detached: true,
      env: {
        ...env,
        MB_SESSION_SECRET: readFileSync(secretFile, 'utf8'),
        MB_JUST_PLAYED: justPlayed ? '1' : '',
        MB_COMPANY: demo ? '' : '1',
      },
    }),
  started: (child) => {
    // Only at the first start; after a crash there was a gap.
    justPlayed = false;
    state.server = child.pid;
    note();
  },
  say,
});

let stopping = false;
async function stop(code) {
  if (stopping) return;
  stopping = true;
  await server.stop();
  await database?.stop();
  rmSync(RUNNING, { force: true });
  process.exit(code);
}
server.gaveUp.then((code) => void stop(code));
database?.exited.then((code) => {
  if (stopping) return;
  process.stderr.write(`MariaDB stopped by itself (code ${code}). See ${folder}/db.log\n`);
  void stop(69);
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));
