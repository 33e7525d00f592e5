import { type ChildProcess, spawn } from 'node:child_process';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort } from '../scripts/database.mjs';
import { loadDemo } from '../scripts/demo.mjs';
import { type Database, openDatabase } from './db/pool';
import type { FeedState } from './features/instruments/feed-protocol';
import { Client, freshSchema, roundOf, until } from './testing/harness';

type Schema = Awaited<ReturnType<typeof freshSchema>>;
let schema: Schema;
let database: Database;
let child: ChildProcess | undefined;

beforeAll(async () => {
  schema = await freshSchema();
  database = openDatabase(schema.uri);
});
afterAll(async () => {
  child?.kill('SIGKILL');
  await database.close();
  await schema.drop();
});

/** The built server in a process of its own, with the demo loaded before it the first time, on a free port. */
async function boot(): Promise<string> {
  const port = await freePort();
  const env = {
    ...process.env,
    DATABASE_URL: '',
    MB_DATABASE_URL: schema.uri,
    PORT: String(port),
    MB_SESSION_SECRET: 'restart',
    HOST: '127.0.0.1',
  };
  const justPlayed = loadDemo(env);
  child = spawn(process.execPath, ['dist/server/main.js'], {
    env: { ...env, MB_JUST_PLAYED: justPlayed ? '1' : '' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const origin = `http://127.0.0.1:${port}`;
  await until(async () => (await fetch(`${origin}/api/health`).catch(() => undefined))?.ok, 60_000);
  return origin;
}

async function signIn(origin: string): Promise<Client> {
  const client = new Client(origin);
  await client.post('/sign-in', { signIn: 'tess', password: 'demo-mill-bridge' });
  return client;
}

describe('kill −9 in the middle of a streamed run', () => {
  it('loses nothing that was acknowledged; the run goes on with its gap shown and the steady timer started again', async () => {
    const origin = await boot();
    const lead = await signIn(origin);
    const jobs = (await lead.get('/jobs?search=2146')).body.jobs as unknown as { jobId: string }[];
    const jobId = jobs[0]!.jobId;
    const run = (await lead.sheet(jobId)).runs.find((r) => r.state === 'running')!;
    await lead.post(`/runs/${run.id}/commands`, { kind: 'speed', speed: 60 });
    await new Promise((r) => setTimeout(r, 2500));
    const round = roundOf(run.id);
    expect((await lead.post(`/jobs/${jobId}/rounds`, round)).status).toBe(201);
    const history = (await lead.get(`/runs/${run.id}/history`)).body as unknown as {
      durableSeq: number;
      samples: { runSeconds: number; values: Record<string, number> }[];
    };
    const acknowledged = await database.rows<{ seq: number; toS: number; feed: FeedState }>(
      'select seq, to_s as toS, rig_state as feed from run_chunks where run_id = :id order by seq',
      { id: run.id },
    );
    expect(acknowledged.at(-1)!.seq).toBeGreaterThanOrEqual(history.durableSeq);
    const readings = (await lead.sheet(jobId)).measurements.filter((m) => m.setId === round.setId);
    expect(readings.length).toBeGreaterThan(9);

    child!.kill('SIGKILL');
    await new Promise((done) => child!.once('exit', done));
    const again = await signIn(await boot());

    const sheet = await again.sheet(jobId);
    expect(sheet.measurements.filter((m) => m.setId === round.setId)).toEqual(readings);
    const after = await database.rows<{ seq: number; toS: number }>(
      'select seq, to_s as toS from run_chunks where run_id = :id order by seq',
      { id: run.id },
    );
    for (const chunk of acknowledged) expect(after.find((c) => c.seq === chunk.seq)?.toS).toBe(chunk.toS);
    expect(sheet.runs.find((r) => r.id === run.id)).toMatchObject({ state: 'running', speed: 60 });

    const resumed = await until(async () => {
      const h = (await again.get(`/runs/${run.id}/history`)).body as unknown as {
        events: { kind: string; runSeconds: number }[];
        samples: { runSeconds: number; values: Record<string, number> }[];
      };
      // Until its lease is over the run is looked for at the server that died.
      const gap = h.events?.find((e) => e.kind === 'gap');
      return gap && h.samples.some((s) => s.runSeconds > gap.runSeconds + 20) && { ...h, gap };
    });
    const before = resumed.samples.filter((s) => s.runSeconds < resumed.gap.runSeconds).at(-1)!;
    const next = resumed.samples.find((s) => s.runSeconds > resumed.gap.runSeconds)!;
    expect(next.runSeconds - before.runSeconds).toBeGreaterThan(10);
    // The system itself goes on from its saved state: no jump in what it holds.
    expect(Math.abs(next.values.liquidPsig! - before.values.liquidPsig!)).toBeLessThan(8);
    child!.kill('SIGTERM');
    const code = await new Promise((done) => child!.once('exit', done));
    expect(code).toBe(0);
  }, 120_000);
});
