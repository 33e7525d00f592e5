import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startDatabase } from './database.mjs';
import { loadDemo } from './demo.mjs';

/**
 * The built application on a database of its own, for browser tests and screenshots: with the demo, or empty and waiting for
 * its company; then the code it prints comes back too.
 */
export async function startApp(port, { empty = false } = {}) {
  const folder = mkdtempSync(path.join(tmpdir(), 'mb-app-'));
  const schema = `mb_test_${randomBytes(6).toString('hex')}`;
  const database = await startDatabase(folder, [schema], { scratch: true });
  const env = {
    ...process.env,
    DATABASE_URL: '',
    MB_DATABASE_URL: database.uri(schema),
    PORT: String(port),
    HOST: '127.0.0.1',
    MB_SESSION_SECRET: 'browser',
  };
  const justPlayed = !empty && loadDemo(env);
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
