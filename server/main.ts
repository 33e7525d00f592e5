import { randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { v7 as uuid } from 'uuid';
import { createApp } from './app';
import { durabilityFaults, readDurability } from './db/durability';
import { openOrExit } from './db/open-or-exit';
import { DatabaseWatch } from './db/watch';
import type { Deps } from './deps';
import { fail } from './fail';
import { isEmpty, setupCode } from './features/company/setup';
import { InstrumentHall } from './features/instruments/instrument-hall';
import { InstrumentPort } from './features/instruments/instrument-port';
import { rememberAll } from './features/memory/remember-all';
import { Umpire } from './features/practice/umpire';
import { PdfMaker } from './features/reports/pdf-maker';
import { openLog, type RequestLine } from './observe/log';
import { Metrics } from './observe/metrics';
import { movePictures } from './pictures/move-pictures';
import { openShelf } from './pictures/open-shelf';
import { Pictures } from './pictures/pictures';
import type { Shelf } from './pictures/shelf';
import { Streams } from './streams';

const env = process.env;
const { say, request } = openLog(env.MB_LOG);
const host = env.HOST ?? '127.0.0.1';
const port = Number(env.PORT ?? 4680);

const database = await openOrExit(env, say);
for (const fault of durabilityFaults(await readDurability(database))) say(`Warning, the database: ${fault}.`);
// Where other servers on the same database reach this one; a restart finds its own runs by it.
const peer = { id: uuid(), address: env.MB_PEER_ADDRESS ?? `http://127.0.0.1:${port}` };
const hall = new InstrumentHall(database, say, undefined, peer);
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
const streams = new Streams();
const metrics = new Metrics({
  databaseReady: () => watch.ready,
  liveRuns: () => hall.size,
  openStreams: () => streams.size,
});
const figures = env.METRICS_PORT ? metrics.listen(Number(env.METRICS_PORT)) : undefined;
const pictures = new Pictures(await shelfOrExit(), say);
const deps: Deps = {
  watch,
  streams,
  pictures,
  pdf: new PdfMaker(say),
  umpire: new Umpire(say),
  database,
  hall,
  log: say,
  watched: [...(figures ? [(line: RequestLine) => metrics.answered(line)] : []), ...(request ? [request] : [])],
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
await hall.adopt(env.MB_JUST_PLAYED === '1');
hall.keepAdopting();
const server = createApp(deps).listen(port, host);
// Longer than proxies keep a connection they do not use (60 s): else one is taken up in the moment it is closed here.
server.keepAliveTimeout = 65_000;
server.on('listening', () => {
  const address = server.address();
  const actual = typeof address === 'object' && address ? address.port : port;
  say(`Mill Bridge is ready: http://${host === '0.0.0.0' ? 'localhost' : host}:${actual}`);
  process.send?.({ ready: true, port: actual });
  rememberAll(database).catch((error: Error) =>
    say(`What older jobs were like is not remembered yet: ${error.message}`),
  );
  movePictures(database, pictures).then(
    (moved) => moved && say(`${moved} pictures moved to ${pictures.shelf?.name}.`),
    (error: Error) => say(`Not all pictures lie on the shelf yet: ${error.message}`),
  );
});
server.on('error', (error: NodeJS.ErrnoException) => {
  fail(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Stop what uses it, or set PORT.`
      : `Cannot listen: ${error.message}`,
  );
});

async function shelfOrExit(): Promise<Shelf | undefined> {
  try {
    return await openShelf(env);
  } catch (error) {
    return fail(`Pictures cannot be kept there: ${(error as Error).message}.`);
  }
}

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  say('Stopping …');
  server.close();
  server.closeAllConnections();
  instrumentPort.close();
  figures?.close();
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
