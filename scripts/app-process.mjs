import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startDatabase } from './database.mjs';
import { loadDemo } from './demo.mjs';

/** The built application with the demo on a database of its own, for browser tests and screenshots. */
export async function startApp(port) {
  const folder = mkdtempSync(path.join(tmpdir(), 'mb-app-'));
  const schema = `mb_test_${randomBytes(6).toString('hex')}`;
  const database = await startDatabase(folder, [schema]);
  const env = {
    ...process.env,
    DATABASE_URL: '',
    MB_DATABASE_URL: database.uri(schema),
    PORT: String(port),
    HOST: '127.0.0.1',
    MB_SESSION_SECRET: 'browser',
  };
  const justPlayed = loadDemo(env);
  const server = spawn(process.execPath, ['dist/server/main.js'], {
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...env, MB_JUST_PLAYED: justPlayed ? '1' : '' },
  });
  const exited = new Promise((done) => server.once('exit', done));
  return {
    exited,
    async stop() {
      server.kill('SIGTERM');
      await exited;
      await database.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
