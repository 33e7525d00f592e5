import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startDatabase } from './database.mjs';
import { loadDemo } from './demo.mjs';

const PREFIX = 'mb_test_';
const newFolder = () => mkdtempSync(path.join(tmpdir(), 'mb-app-'));
const newSchema = () => `${PREFIX}${randomBytes(6).toString('hex')}`;
const envOf = (database, schema, port) => ({
  ...process.env,
  DATABASE_URL: '',
  MB_DATABASE_URL: database.uri(schema),
  PORT: String(port),
  HOST: '127.0.0.1',
  MB_SESSION_SECRET: 'browser',
});

/**
 * The built application on a database of its own, for browser tests and screenshots: with the demo, or empty and waiting for
 * its company; then the code it prints comes back too.
 */
export async function startApp(port, { empty = false } = {}) {
  const folder = newFolder();
  const schema = newSchema();
  const database = await startDatabase(folder, [schema], { scratch: true });
  const env = envOf(database, schema, port);
  const justPlayed = !empty && loadDemo(env);
  return serve({ folder, database, env, justPlayed, empty });
}

/** Several of them, alike and apart: the demo is played once, and its database copied. */
export async function startApps(ports) {
  const first = newFolder();
  const schema = newSchema();
  const database = await startDatabase(first, [schema], { scratch: true });
  loadDemo(envOf(database, schema, ports[0]));
  await database.stop();
  const folders = ports.map((_, k) => (k === 0 ? first : newFolder()));
  for (const folder of folders.slice(1)) cpSync(first, folder, { recursive: true });
  const apps = [];
  for (const [k, port] of ports.entries()) {
    const own = await startDatabase(folders[k], [schema], { scratch: true });
    const env = envOf(own, schema, port);
    apps.push(serve({ folder: folders[k], database: own, env, justPlayed: true, empty: false }));
    // Whoever waits for the last has them all.
    await answering(port);
  }
  return apps;
}

async function answering(port) {
  for (let i = 0; i < 600; i++) {
    const up = await fetch(`http://127.0.0.1:${port}/api/health`).then(
      (r) => r.ok,
      () => false,
    );
    if (up) return;
    await new Promise((r) => setTimeout(r, 100));
  }
  throw new Error(`the server on port ${port} did not come up`);
}

function serve({ folder, database, env, justPlayed, empty }) {
  const server = spawn(process.execPath, ['dist/server/main.js'], {
    stdio: ['ignore', empty ? 'pipe' : 'inherit', 'inherit'],
    env: { ...env, MB_JUST_PLAYED: justPlayed ? '1' : '', MB_COMPANY: empty ? '1' : '' },
  });
  const code = empty ? printedCode(server.stdout) : Promise.resolve(undefined);
  const exited = new Promise((done) => server.once('exit', done));
  return {
    exited,
    /** The code of an empty installation, once it is ready. */
    code,
    async stop() {
      server.kill('SIGTERM');
      await exited;
      await database.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** The code that an empty installation prints before it says that it is ready. */
function printedCode(out) {
  let said = '';
  return new Promise((done) => {
    out.on('data', (part) => {
      said += part;
      const code = /\b([A-Z2-9]{5}-[A-Z2-9]{5})\b/.exec(said)?.[1];
      if (code && /is ready/.test(said)) done(code);
    });
  });
}
