import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Client, newJob, startServer, type TestServer } from '@/server/testing/harness';
import { readRunData } from './run-data';

let server: TestServer;
let lead: Client;
let helper: Client;
beforeAll(async () => {
  server = await startServer();
  lead = await server.as('alder-lead');
  helper = await server.as('alder-helper');
});
afterAll(() => server.stop());

const STARTED = '2026-06-01T12:00:00.000Z';
async function opened(client = lead) {
  const { id: jobId } = await newJob(lead);
  const run = { id: uuid(), phase: 'evacuate', startedAt: STARTED };
  const reply = await client.post(`/jobs/${jobId}/device-runs`, run);
  expect(reply.status, JSON.stringify(reply.body)).toBe(201);
  return { jobId, run };
}
const piece = (seq: number, from: number, length = 60) => ({
  id: uuid(),
  seq,
  samples: {
    runSeconds: Array.from({ length }, (_, i) => from + i + 1),
    values: { microns: Array.from({ length }, (_, i) => 900 - from - i) },
  },
  events: [{ runSeconds: from + 1, kind: 'order', order: 'pump', on: true }],
});
const stored = async (runId: string) => {
  const [{ companyId }] = (await server.database.rows<{ companyId: string }>(
    'select company_id as companyId from runs where id = :runId',
    { runId },
  )) as [{ companyId: string }];
  return readRunData(server.database, companyId, runId);
};

describe('a run that a device read without a connection', () => {
  it('stands on the sheet as simulated and ended, and its pieces fill it without gaps or doubles, in whatever order they come', async () => {
    const { jobId, run } = await opened();
    expect((await lead.post(`/jobs/${jobId}/device-runs`, run)).status).toBe(201);
    const { runs } = await lead.sheet(jobId);
    expect(runs).toMatchObject([
      { id: run.id, phase: 'evacuate', source: 'simulated', state: 'stopped', startedAt: STARTED },
    ]);
    const [first, second, third] = [piece(0, 0), piece(1, 60), piece(2, 120, 30)];
    for (const sent of [first, third, second, first, second])
      expect((await lead.post(`/runs/${run.id}/device-log`, sent)).status).toBe(201);
    const { samples, events } = await stored(run.id);
    expect(samples.map((s) => s.runSeconds)).toEqual(Array.from({ length: 150 }, (_, i) => i + 1));
    expect(events).toHaveLength(3);
  });
  it('what was read in it is taken as its device wrote it, marked as simulated', async () => {
    const { jobId, run } = await opened();
    const entry = {
      id: uuid(),
      kind: 'isolated',
      body: { microns: 412, runId: run.id, runSeconds: 300, readAt: STARTED },
      supersedesId: null,
      occurredAt: STARTED,
    };
    const reply = await lead.post(`/jobs/${jobId}/circuit-entries`, entry);
    expect(reply.status, JSON.stringify(reply.body)).toBe(201);
    expect((await lead.sheet(jobId)).circuitLog.at(-1)).toMatchObject({ source: 'simulated', body: { microns: 412 } });
  });
  it.each<[string, (p: ReturnType<typeof piece>) => object, number]>([
    ['a column that is too short', (p) => ({ ...p, samples: { ...p.samples, values: { microns: [1] } } }), 400],
    ['seconds that go back', (p) => ({ ...p, samples: { runSeconds: [2, 1], values: { microns: [1, 2] } } }), 400],
    ['a second twice', (p) => ({ ...p, samples: { runSeconds: [2, 2], values: { microns: [1, 2] } } }), 400],
    ['no number of the piece', (p) => ({ ...p, seq: -1 }), 400],
    ['a name that is no channel', (p) => ({ ...p, samples: { runSeconds: [1], values: { 'a b': [1] } } }), 400],
    ['more than a piece holds', (p) => ({ ...p, ...piece(0, 0, 1201) }), 400],
    ['nothing read, a pump started', (p) => ({ ...p, samples: { runSeconds: [], values: {} } }), 201],
  ])('%s', async (_name, change, status) => {
    const { run } = await opened();
    const reply = await lead.post(`/runs/${run.id}/device-log`, change(piece(0, 0)));
    expect(reply.status, JSON.stringify(reply.body)).toBe(status);
  });
  it('is filled by who began it alone; a run of the server by nobody; another company sees neither', async () => {
    const { jobId, run } = await opened();
    expect(await helper.post(`/runs/${run.id}/device-log`, piece(0, 0))).toMatchObject({ status: 403 });
    const other = await server.as('birch-lead');
    expect(await other.post(`/runs/${run.id}/device-log`, piece(0, 0))).toMatchObject({ status: 404 });
    expect(await other.post(`/jobs/${jobId}/device-runs`, { ...run, id: uuid() })).toMatchObject({ status: 404 });
    const ours = uuid();
    await lead.post(`/jobs/${jobId}/runs`, { id: ours, phase: 'start-up', speed: 1 });
    expect(await lead.post(`/runs/${ours}/device-log`, piece(0, 0))).toMatchObject({
      status: 409,
      body: { code: 'run-state' },
    });
    await lead.post(`/runs/${ours}/stop`);
  });
  it('is of a phase whose instruments a device has', async () => {
    const { id } = await newJob(lead);
    const reply = await lead.post(`/jobs/${id}/device-runs`, { id: uuid(), phase: 'start-up', startedAt: STARTED });
    expect(reply).toMatchObject({ status: 400, body: { field: 'phase' } });
  });
});
