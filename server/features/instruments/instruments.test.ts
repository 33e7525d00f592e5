import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it, vi } from 'vitest';
import { movementsOf } from '@/core/job/movements';
import { type Client, movement, newJob, passVacuum, roundOf, startServer, until } from '@/server/testing/harness';
import { readRunData } from './run-data';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

type StreamEvent = { event: string; data: Record<string, never> & { seq: number; durableSeq: number } };

/** Reads server-sent events until `enough` says so. */
async function listen(
  client: Client,
  runId: string,
  enough: (events: StreamEvent[]) => boolean,
): Promise<StreamEvent[]> {
  const abort = new AbortController();
  const response = await fetch(`${client.origin}/api/runs/${runId}/stream`, {
    headers: { cookie: client.cookie },
    signal: abort.signal,
  });
  expect(response.headers.get('content-type')).toContain('text/event-stream');
  const events: StreamEvent[] = [];
  let text = '';
  const decoder = new TextDecoder();
  for await (const part of response.body!) {
    text += decoder.decode(part as Uint8Array, { stream: true });
    const blocks = text.split('\n\n');
    text = blocks.pop()!;
    for (const block of blocks) {
      const event = /^event: (.*)$/m.exec(block)?.[1];
      const data = /^data: (.*)$/m.exec(block)?.[1];
      if (event && data) events.push({ event, data: JSON.parse(data) as StreamEvent['data'] });
    }
    if (enough(events)) break;
  }
  abort.abort();
  return events;
}

async function startedJob(phase: 'charge' | 'start-up', speed = 60): Promise<{ id: string; run: string }> {
  const { id } = await newJob(lead);
  await passVacuum(lead, id);
  if (phase === 'start-up') {
    await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(25.7)] });
    await lead.post(`/jobs/${id}/phases/charge/sign-offs`, { id: uuid() });
  }
  const run = uuid();
  await lead.post(`/jobs/${id}/runs`, { id: run, phase, speed });
  return { id, run };
}

describe('a streamed run', () => {
  it('streams history first, then batches with seq and durableSeq, and stores every sample once, without a hole', async () => {
    const { run } = await startedJob('start-up');
    await lead.post(`/runs/${run}/commands`, { kind: 'start' });
    // Until the first chunk is on disk, however slow that is here.
    const onDisk = (all: StreamEvent[]): boolean => (all.at(-1)?.data.durableSeq ?? 0) >= 1;
    const events = await listen(lead, run, (all) => all.filter((e) => e.event === 'batch').length >= 25 && onDisk(all));
    expect(events[0]!.event).toBe('history');
    const last = events.at(-1)!.data;
    expect(last.seq).toBeGreaterThan(last.durableSeq);
    expect(last.durableSeq).toBeGreaterThanOrEqual(1);
    await lead.post(`/runs/${run}/stop`);
    const [{ companyId } = { companyId: '' }] = await server.database.rows<{ companyId: string }>(
      'select company_id as companyId from runs where id = :run',
      { run },
    );
    const stored = await readRunData(server.database, companyId, run);
    const seconds = stored.samples.map((s) => s.runSeconds);
    expect(seconds.length).toBeGreaterThan(100);
    expect(seconds).toEqual(seconds.map((_, i) => seconds[0]! + i));
    expect(stored.events[0]).toMatchObject({ kind: 'compressor-start' });
  });

  it('a weighing is stored by the server with what the scale read, marked simulated; the cylinder lost what the sheet gained', async () => {
    const { id, run } = await startedJob('charge');
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'weigh-in', oz: 12.9 })).status).toBe(200);
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'weigh-in', oz: 5 })).body).toMatchObject({
      code: 'run-state',
    });
    const [m] = await until(async () => {
      const found = movementsOf((await lead.sheet(id)).measurements);
      return found.length > 0 && found;
    });
    expect(m).toMatchObject({ source: 'simulated', stage: 'weigh-in' });
    expect(Math.abs(m!.oz - 12.9)).toBeLessThan(0.3);
    expect(Number(m!.detail!.startOz) - Number(m!.detail!.endOz)).toBeCloseTo(m!.oz, 6);
    await lead.post(`/runs/${run}/stop`);
    const [rig] = await server.database.rows<{ state: { rig: { chargeOz: number } } }>(
      'select state from rigs where job_id = :id',
      { id },
    );
    expect(Math.abs(rig!.state.rig.chargeOz - (118 + m!.oz))).toBeLessThan(0.2);
  });

  it('one tap records the mean of every channel, marked simulated, once', async () => {
    const { id, run } = await startedJob('start-up');
    await lead.post(`/runs/${run}/commands`, { kind: 'start' });
    await until(async () => (server.hall.get(run)?.recent.length ?? 0) > 20);
    const body = roundOf(run);
    await lead.post(`/jobs/${id}/rounds`, body);
    expect((await lead.post(`/jobs/${id}/rounds`, body)).status).toBe(201);
    const readings = (await lead.sheet(id)).measurements.filter((m) => m.setId === body.setId);
    expect(readings.map((r) => r.quantity)).toEqual(
      expect.arrayContaining(['suctionPsig', 'liquidLineF', 'compressorA']),
    );
    expect(readings.map((r) => r.quantity)).not.toContain('airflowCfm');
    expect(readings.every((r) => r.source === 'simulated' && r.runId === run)).toBe(true);
    await lead.post(`/jobs/${id}/rounds`, roundOf(run, 'airflow', ['airflowCfm']));
    expect((await lead.sheet(id)).measurements.find((m) => m.quantity === 'airflowCfm')?.detail).toMatchObject({
      method: 'flow grid or hood',
    });
    await lead.post(`/runs/${run}/stop`);
  });

  it('a run of another company is not there; a stopped run takes no commands', async () => {
    const { run } = await startedJob('charge');
    const stranger = await server.as('birch-lead');
    for (const path of [`/runs/${run}/stop`, `/runs/${run}/resume`])
      expect((await stranger.post(path)).status).toBe(404);
    expect((await stranger.post(`/runs/${run}/commands`, { kind: 'stop' })).status).toBe(404);
    expect((await stranger.get(`/runs/${run}/history`)).status).toBe(404);
    await lead.post(`/runs/${run}/stop`);
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'stop' })).body).toMatchObject({ code: 'run-state' });
  });

  it('simulated time can run ahead: a minute at once, every sample of it kept and the jump marked', async () => {
    const { run } = await startedJob('charge', 1);
    const history = async () =>
      (await lead.get(`/runs/${run}/history`)).body as unknown as {
        samples: { runSeconds: number }[];
        events: { kind: string; seconds?: number }[];
      };
    await vi.waitFor(async () => expect((await history()).samples.length).toBeGreaterThan(0), 5000);
    const before = (await history()).samples.at(-1)!.runSeconds;
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'ahead', seconds: 60 })).status).toBe(200);
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'ahead', seconds: 61 })).status).toBe(400);
    await vi.waitFor(async () => {
      const { samples, events } = await history();
      expect(samples.at(-1)!.runSeconds).toBeGreaterThanOrEqual(before + 60);
      // Second by second, none left out.
      const seconds = samples.map((s) => s.runSeconds);
      expect(seconds).toEqual(Array.from({ length: seconds.length }, (_, k) => seconds[0]! + k));
      expect(events).toContainEqual(expect.objectContaining({ kind: 'ahead', seconds: 60 }));
    }, 5000);
    await lead.post(`/runs/${run}/stop`);
  });
  it('the simulated system follows the call: it stops, and is called for again in the other mode', async () => {
    const { id, run } = await startedJob('start-up');
    await lead.post(`/runs/${run}/commands`, { kind: 'start' });
    const { job } = await lead.sheet(id);
    expect((await lead.put(`/jobs/${id}/mode`, { version: job.version, mode: 'heating-low' })).body).toMatchObject({
      field: 'mode',
    });
    expect((await lead.put(`/jobs/${id}/mode`, { version: job.version, mode: 'heating' })).status).toBe(200);
    await lead.post(`/runs/${run}/commands`, { kind: 'configure', change: { outdoorF: 45 } });
    await lead.post(`/runs/${run}/commands`, { kind: 'start' });
    await vi.waitFor(async () => {
      const { samples, events } = (await lead.get(`/runs/${run}/history`)).body as unknown as {
        samples: { values: Record<string, number> }[];
        events: { kind: string }[];
      };
      expect(events.some((e) => e.kind === 'compressor-stop')).toBe(true);
      const { supplyDryBulbF, returnDryBulbF } = samples.at(-1)!.values as Record<string, number>;
      expect(supplyDryBulbF! - returnDryBulbF!).toBeGreaterThan(15);
    }, 15_000);
    // What is recorded keeps how long it ran and whether it was steady: the other mode is judged without the run at hand.
    const round = roundOf(run);
    await lead.post(`/jobs/${id}/rounds`, round);
    const kept = (await lead.sheet(id)).measurements.find((m) => m.setId === round.setId)!;
    expect(kept).toMatchObject({ mode: 'heating', detail: { steady: expect.any(String), ranMin: expect.any(Number) } });
    await lead.post(`/runs/${run}/stop`);
  });
  it('the speed of a run is on record', async () => {
    const { id, run } = await startedJob('charge', 10);
    await lead.post(`/runs/${run}/commands`, { kind: 'speed', speed: 60 });
    expect((await lead.sheet(id)).runs.at(-1)!.speed).toBe(60);
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'speed', speed: 7 })).status).toBe(400);
    await lead.post(`/runs/${run}/stop`);
  });
});
