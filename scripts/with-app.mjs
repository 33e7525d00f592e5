import { spawn } from 'node:child_process';
import { startApp } from './app-process.mjs';
import { freePort } from './database.mjs';

/** Runs a command against the built application with fresh demo data; its address is the last argument. */
const port = await freePort();
const app = await startApp(port);
const origin = `http://127.0.0.1:${port}`;
for (let i = 0; i < 300; i++) {
  const ok = await fetch(`${origin}/api/health`).then(
    (r) => r.ok,
    () => false,
  );
  if (ok) break;
  await new Promise((r) => setTimeout(r, 100));
}
const [command, ...args] = process.argv.slice(2);
const child = spawn(`node_modules/.bin/${command}`, [...args, origin], { stdio: 'inherit' });
const code = await new Promise((done) => child.on('exit', done));
await app.stop();
process.exit(code ?? 1);
