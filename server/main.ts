import { randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';
import { openOrExit } from './db/open-or-exit';
import { DatabaseWatch } from './db/watch';
import type { Deps } from './deps';
import { fail } from './fail';
import { isEmpty, setupCode } from './features/company/setup';
import { InstrumentHall } from './features/instruments/instrument-hall';
import { InstrumentPort } from './features/instruments/instrument-port';
import { Umpire } from './features/practice/umpire';
import { PdfMaker } from './features/reports/pdf-maker';
import { Streams } from './streams';

const env = process.env;
const say = (line: string): void => {
  process.stdout.write(`${line}\n`);
};
const host = env.HOST ?? '127.0.0.1';
const port = Number(env.PORT ?? 4680);

const database = await openOrExit(env, say);
const hall = new InstrumentHall(database, say);
const here = path.dirname(fileURLToPath(import.meta.url));
const webDir = path.resolve(here, '../web');
const watch = new DatabaseWatch(database).start();
const list = (text: string | undefined): string[] | undefined =>
  text
    ?.split(',')
    .map((s) => s.trim())
    .filter(Boolean);
/** A number of proxies, or what Express takes as their addresses. */
const trustProxy = env.TRUST_PROXY && (/^\d+$/.test(env.TRUST_PROXY) ? Number(env.TRUST_PROXY) : env.TRUST_PROXY);
const deps: Deps = {
  watch,
  streams: new Streams(),
  pdf: new PdfMaker(say),
  umpire: new Umpire(say),
  database,
  hall,
  log: say,
  options: {
    // Listed demo passwords are for this machine alone.
    demoSignIn: env.HOST === undefined || host === '127.0.0.1' || host === 'localhost',
    webDir: existsSync(webDir) ? webDir : undefined,
    // On loopback only loopback's own names; elsewhere whatever the setting names.
    allowedHosts: list(env.ALLOWED_HOSTS) ?? (env.HOST === undefined || host === '127.0.0.1' ? [] : undefined),
    trustProxy: trustProxy || undefined,
    sessionSecret: env.MB_SESSION_SECRET ?? randomBytes(32).toString('hex'),
  },
};
// Asked for once, on the first page of an empty installation.
if (env.MB_COMPANY === '1' && (await isEmpty(database))) {
  deps.options.setupCode = setupCode();
  say(
    `\nThis installation is empty. Open it and begin your company with this code:\n\n    ${deps.options.setupCode}\n`,
  );
}
const instrumentPort = new InstrumentPort(hall, say);
await instrumentPort.listen(Number(env.INSTRUMENT_PORT ?? 0));
Object.assign(deps, { instrumentPort });
// The demo was put there a moment ago: what runs in it goes on without a gap.
await hall.resumeAll(env.MB_JUST_PLAYED === '1');
const server = createApp(deps).listen(port, host);
server.on('listening', () => {
  const address = server.address();
  const actual = typeof address === 'object' && address ? address.port : port;
  say(`Mill Bridge is ready: http://${host === '0.0.0.0' ? 'localhost' : host}:${actual}`);
  process.send?.({ ready: true, port: actual });
});
server.on('error', (error: NodeJS.ErrnoException) => {
  fail(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Stop what uses it, or set PORT.`
      : `Cannot listen: ${error.message}`,
  );
});

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  say('Stopping …');
  server.close();
  server.closeAllConnections();
  instrumentPort.close();
  watch.stop();
  await hall.close();
  await deps.pdf.close();
  await deps.umpire.close();
  await database.close();
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
process.on('disconnect', () => void stop());
