import { type ChildProcess, spawn } from 'node:child_process';
import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { freePort } from '../scripts/database.mjs';
import { loadDemo } from '../scripts/demo.mjs';
import { type Database, openDatabase } from './db/pool';
import { Client, freshSchema, roundOf, until } from './testing/harness';

/**
 * Two built servers on one database behind Debian's haproxy: what one reads is seen and ordered through the other; one of
 * them dies in the middle of a run, and the other goes on with it.
 */
type Schema = Awaited<ReturnType<typeof freshSchema>>;
let schema: Schema;
let database: Database;
const children: ChildProcess[] = [];
const ports: number[] = [];
let front = '';

function boot(port: number): ChildProcess {
  const child = spawn(process.execPath, ['dist/server/main.js'], {
    env: {
      ...process.env,
      DATABASE_URL: '',
      MB_DATABASE_URL: schema.uri,
      PORT: String(port),
      HOST: '127.0.0.1',
      MB_SESSION_SECRET: 'shared by both',
    },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  children.push(child);
  return child;
}
const answers = (origin: string) =>
  until(async () => (await fetch(`${origin}/api/health`).catch(() => undefined))?.ok, 60_000);

beforeAll(async () => {
  schema = await freshSchema();
  database = openDatabase(schema.uri);
  loadDemo({ ...process.env, DATABASE_URL: '', MB_DATABASE_URL: schema.uri });
  // What the demo left running is another test's business.
  await database.run("update runs set state = 'interrupted' where state = 'running'");
  ports.push(await freePort(), await freePort());
  for (const port of ports) boot(port);
  const bind = await freePort();
  children.push(
    spawn('haproxy', ['-f', 'deploy/haproxy.cfg', '-db'], {
      env: {
        ...process.env,
        MB_BIND: `127.0.0.1:${bind}`,
        MB_ONE: `127.0.0.1:${ports[0]}`,
        MB_TWO: `127.0.0.1:${ports[1]}`,
      },
      stdio: ['ignore', 'ignore', 'ignore'],
    }),
  );
  front = `http://127.0.0.1:${bind}`;
  for (const port of ports) await answers(`http://127.0.0.1:${port}`);
  await answers(front);
}, 180_000);
afterAll(async () => {
  for (const child of children) child.kill('SIGKILL');
  await database.close();
  await schema.drop();
});

async function signedIn(origin: string): Promise<Client> {
  const client = new Client(origin);
  expect((await client.post('/sign-in', { signIn: 'tess', password: 'demo-mill-bridge' })).status).toBe(200);
  return client;
}
/** The same session, spoken to another server: sessions are in the database. */
function sameSession(client: Client, origin: string): Client {
  const other = new Client(origin);
  other.cookie = client.cookie;
  return other;
}
type History = { samples: { runSeconds: number }[]; events: { kind: string; seconds?: number }[] };
const historyAt = async (client: Client, runId: string): Promise<History> =>
  (await client.get(`/runs/${runId}/history`)).body as unknown as History;

/** Reads a stream until something in it says enough, or it ends. */
async function streamed(client: Client, runId: string, enough: (text: string) => boolean): Promise<string> {
  const stop = new AbortController();
  const reply = await fetch(`${client.origin}/api/runs/${runId}/stream`, {
    headers: { cookie: client.cookie },
    signal: stop.signal,
  });
  let text = '';
  const reader = reply.body!.getReader();
  for (;;) {
    const { done, value } = await reader.read();
    text += done ? '' : new TextDecoder().decode(value);
    if (done || enough(text)) break;
  }
  stop.abort();
  return text;
}

it('a run is started once, seen and ordered through either, and outlives the server that read it', async () => {
  const one = await signedIn(`http://127.0.0.1:${ports[0]}`);
  const two = sameSession(one, `http://127.0.0.1:${ports[1]}`);
  const crew = sameSession(one, front);
  const { jobs } = (await crew.get('/jobs?search=2146')).body as unknown as { jobs: { jobId: string }[] };
  const jobId = jobs[0]!.jobId;

  // Both are asked to start at once: it is one run.
  const [a, b] = [uuid(), uuid()];
  const starts = await Promise.all([
    one.post(`/jobs/${jobId}/runs`, { id: a, phase: 'start-up', speed: 10 }),
    two.post(`/jobs/${jobId}/runs`, { id: b, phase: 'start-up', speed: 10 }),
  ]);
  expect(starts.map((s) => s.status)).toEqual([201, 201]);
  const running = await until(async () => {
    const rows = await database.rows<{ id: string; holder: string; address: string }>(
      "select r.id, l.holder, l.address from runs r join run_leases l on l.run_id = r.id where r.state = 'running'",
    );
    return rows.length === 1 ? rows : undefined;
  });
  const { id: runId, address } = running[0]!;
  const held = ports.findIndex((p) => address.endsWith(`:${p}`));
  expect(held).toBeGreaterThanOrEqual(0);
  const other = held === 0 ? two : one;

  // Through the one that does not read it: batches come, an order is taken, a reading is recorded.
  const seen = await streamed(other, runId, (text) => text.includes('event: batch'));
  expect(seen).toContain('event: history');
  expect((await other.post(`/runs/${runId}/commands`, { kind: 'speed', speed: 60 })).status).toBe(200);
  expect((await other.post(`/jobs/${jobId}/rounds`, roundOf(runId))).status).toBe(201);
  expect((await other.post(`/jobs/${jobId}/runs`, { id: uuid(), phase: 'start-up', speed: 1 })).status).toBe(201);
  expect((await database.rows('select 1 from run_leases')).length).toBe(1);

  const before = await historyAt(other, runId);
  const died = Date.now();
  children[held]!.kill('SIGKILL');
  await until(async () => {
    const [row] = await database.rows<{ address: string }>('select address from run_leases where run_id = :runId', {
      runId,
    });
    return row && row.address !== address;
  }, 15_000);
  expect(Date.now() - died).toBeLessThan(10_000);
  // Whoever watched through haproxy watches again: the gap is told, and nothing that was stored is gone or twice.
  const again = await streamed(crew, runId, (text) => text.includes('event: batch'));
  expect(again).toContain('"kind":"gap"');
  expect(again).toContain('"state":"running"');
  const after = await historyAt(crew, runId);
  const seconds = after.samples.map((s) => s.runSeconds);
  expect(new Set(seconds).size).toBe(seconds.length);
  const stored = before.samples.slice(0, -120).map((s) => s.runSeconds);
  expect(stored.filter((s) => !seconds.includes(s))).toEqual([]);
  expect((await crew.post(`/runs/${runId}/stop`)).status).toBe(200);
  expect(await database.rows('select 1 from run_leases where run_id = :runId', { runId })).toEqual([]);
}, 120_000);
