import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { movementId } from '@/contract/movement-id';
import { readingId } from '@/contract/reading-id';
import { sawOf } from '@/core/phases/saw';
import type { Said } from '@/core/words/said';
import { english } from '@/core/words/testing/english';
import { newJob, passVacuum, roundOf, startServer } from '@/server/testing/harness';
import { readRunData } from './run-data';

const server = await startServer();
const lead = await server.as('alder-lead');
const helper = await server.as('alder-helper');
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
    const reply = await lead.post(`/jobs/${id}/device-runs`, { id: uuid(), phase: 'wire', startedAt: STARTED });
    expect(reply).toMatchObject({ status: 400, body: { field: 'phase' } });
  });
});

describe('what the scale of such a run moved', () => {
  const weighed = (seq: number, endOz: number, startS = 4) => ({
    id: uuid(),
    seq,
    samples: { runSeconds: [10 + seq * 60], values: { scaleOz: [endOz] } },
    events: [{ kind: 'scale-movement', runSeconds: 10 + seq * 60, on: 'charge', startOz: 400, endOz, startS }],
  });
  async function charging(client = lead) {
    const { id: jobId } = await newJob(lead);
    await passVacuum(lead, jobId);
    const run = { id: uuid(), phase: 'charge', startedAt: STARTED };
    expect((await client.post(`/jobs/${jobId}/device-runs`, run)).status).toBe(201);
    return { jobId, path: `/runs/${run.id}/device-log`, run };
  }

  it('is on the sheet as its device showed it, once, at the moment it was weighed', async () => {
    const { jobId, path, run } = await charging();
    const sent = weighed(0, 374.3);
    const hourAgo = { 'X-Written-Ago': '3600' };
    for (let i = 0; i < 2; i++) expect((await lead.call('POST', path, sent, hourAgo)).status).toBe(201);
    // The same weighing in another piece is the same one.
    expect((await lead.post(path, { ...weighed(1, 374.3), events: sent.events })).status).toBe(201);
    const { measurements } = await lead.sheet(jobId);
    expect(measurements).toMatchObject([
      {
        id: movementId(run.id, 4),
        quantity: 'chargeMovementOz',
        value: 25.7,
        stage: 'weigh-in',
        source: 'simulated',
        instrument: 'simulated scale',
        runId: run.id,
        runSeconds: 10,
      },
    ]);
    const agoS = (Date.now() - Date.parse(measurements[0]!.occurredAt)) / 1000;
    expect(Math.abs(agoS - 3600)).toBeLessThan(10);
  });

  it('is signed for on the same terms as what the server weighed; what comes after stands beside the signature', async () => {
    const { jobId, path } = await charging();
    await lead.post(path, weighed(0, 374.3));
    const saw = sawOf(await lead.sheet(jobId), 'charge');
    expect((await lead.post(`/jobs/${jobId}/phases/charge/sign-offs`, { id: uuid(), saw })).status).toBe(201);
    expect((await lead.post(path, weighed(1, 399, 64))).status).toBe(201);
    expect((await lead.sheet(jobId)).measurements).toHaveLength(1);
    expect(JSON.stringify((await lead.get(`/jobs/${jobId}/report`)).body)).toContain(
      'After the signature 1.0 oz moved',
    );
  });

  it('wants somebody certified, or named who is; nothing of a piece is kept without', async () => {
    const { jobId, path } = await charging(helper);
    const sent = weighed(0, 374.3);
    expect((await helper.post(path, sent)).body).toMatchObject({ code: 'bad-input', field: 'certifiedId' });
    expect((await lead.sheet(jobId)).measurements).toEqual([]);
    const certifiedId = (await lead.sheet(jobId)).job.leadId;
    expect((await helper.post(path, { ...sent, certifiedId })).status).toBe(201);
    expect((await lead.sheet(jobId)).measurements).toMatchObject([
      { value: 25.7, detail: { certifiedBy: 'alder lead' } },
    ]);
  });

  it.each([
    ['no weight', { endOz: undefined }, 'events.endOz'],
    ['a weight no scale shows', { endOz: 20_001 }, 'events.endOz'],
    ['on no scale', { on: 'the floor' }, 'events.on'],
    ['before the run', { startS: -1 }, 'events.startS'],
  ])('one with %s is refused by its field', async (_name, change, field) => {
    const { path } = await charging();
    const sent = weighed(0, 374.3);
    const reply = await lead.post(path, { ...sent, events: [{ ...sent.events[0], ...change }] });
    expect(reply.body).toMatchObject({ code: 'bad-input', field });
    expect(String(reply.body.allowed)).toContain('20,000');
  });

  it('of next to nothing is the noise of the scale', async () => {
    const { jobId, path } = await charging();
    expect((await lead.post(path, weighed(0, 399.97))).status).toBe(201);
    expect((await lead.sheet(jobId)).measurements).toEqual([]);
  });
});

describe('a round of such a run', () => {
  const SECONDS = 60;
  /** Suction creeps up over the minute, everything else stands with the scatter of a live probe. */
  const channels = (i: number) => ({ suctionPsig: 118 + i / 100, liquidPsig: 352 + (i % 4) / 10, airflowCfm: 1198 });
  async function started(client = lead) {
    const { id: jobId } = await newJob(lead);
    const run = { id: uuid(), phase: 'start-up', startedAt: STARTED };
    expect((await client.post(`/jobs/${jobId}/device-runs`, run)).status).toBe(201);
    const rows = Array.from({ length: SECONDS }, (_, i) => channels(i));
    const names = Object.keys(channels(0)) as (keyof ReturnType<typeof channels>)[];
    const log = {
      id: uuid(),
      seq: 0,
      samples: {
        runSeconds: rows.map((_, i) => i + 1),
        values: Object.fromEntries(names.map((name) => [name, rows.map((r) => r[name])])),
      },
      events: [{ kind: 'compressor-start', runSeconds: 1 }],
    };
    const send = () => client.post(`/runs/${run.id}/device-log`, log);
    return { jobId, run, send, path: `/jobs/${jobId}/rounds` };
  }
  // By hand: the mean of the last 15 s with both ends, the sixteen values from i = 44 to 59.
  const SHOWN = { suctionPsig: 118.515, liquidPsig: 352.15 };
  const round = (runId: string, device: object = {}, quantities: string[] | null = null) => ({
    ...roundOf(runId, 'reading', quantities),
    run: {
      id: runId,
      quantities,
      device: {
        atS: SECONDS,
        occurredAt: '2026-06-01T12:01:00.000Z',
        values: SHOWN,
        stood: { steady: 'starting' },
        ...device,
      },
    },
  });

  it('stands as its device showed it, under the ids the device gave it, once, at the moment it was read', async () => {
    const { jobId, run, send, path } = await started();
    await send();
    const sent = round(run.id);
    for (let i = 0; i < 2; i++) {
      const reply = await lead.post(path, sent);
      expect(reply.status, JSON.stringify(reply.body)).toBe(201);
    }
    const { measurements } = await lead.sheet(jobId);
    expect(Object.fromEntries(measurements.map((m) => [m.quantity, m.value]))).toEqual(SHOWN);
    expect(measurements.find((m) => m.quantity === 'suctionPsig')).toMatchObject({
      id: readingId(sent.setId, 'suctionPsig'),
      source: 'simulated',
      runId: run.id,
      runSeconds: SECONDS,
      occurredAt: '2026-06-01T12:01:00.000Z',
      detail: { ranMin: 1 },
    });
  });
  it('air is taken where it is named', async () => {
    const { jobId, run, send, path } = await started();
    await send();
    const sent = { ...round(run.id, { values: { airflowCfm: 1198 } }, ['airflowCfm']), stage: 'airflow' };
    expect((await lead.post(path, sent)).status).toBe(201);
    expect((await lead.sheet(jobId)).measurements).toMatchObject([
      { quantity: 'airflowCfm', value: 1198, stage: 'airflow', detail: { method: 'flow grid or hood' } },
    ]);
  });
  it.each<[string, object, string]>([
    ['a second that is not here yet', { atS: SECONDS + 1 }, 'run.device.atS'],
    ['a figure that the run does not say', { values: { ...SHOWN, liquidPsig: 352.2 } }, 'run.device.values.liquidPsig'],
    ['a figure less than the run says', { values: { liquidPsig: 352.15 } }, 'run.device.values.suctionPsig'],
    ['a figure that nothing read', { values: { ...SHOWN, compressorA: 11 } }, 'run.device.values.compressorA'],
  ])('%s is refused by its field, and nothing of it is kept', async (_name, change, field) => {
    const { jobId, run, send, path } = await started();
    await send();
    expect((await lead.post(path, round(run.id, change))).body).toMatchObject({ code: 'bad-input', field });
    expect((await lead.sheet(jobId)).measurements).toEqual([]);
    expect((await lead.post(path, round(run.id))).status).toBe(201);
  });
  it('comes after its pieces, says when, and is sent by who read it', async () => {
    const { run, send, path } = await started();
    expect((await lead.post(path, round(run.id))).body).toMatchObject({ field: 'run.device.atS' });
    await send();
    expect((await lead.post(path, roundOf(run.id))).body).toMatchObject({ field: 'run.device' });
    expect((await helper.post(path, round(run.id))).status).toBe(403);
  });
  it('after the signature it stands beside it, and whoever leads is told what it read', async () => {
    const { jobId, run, send, path } = await started();
    await send();
    expect((await lead.post(path, round(run.id))).status).toBe(201);
    const { gates } = (await lead.get(`/jobs/${jobId}/phases/start-up/gates`)).body as {
      gates: { id: string; holds: boolean }[];
    };
    for (const { id: gate } of gates.filter((g) => !g.holds))
      await lead.post(`/jobs/${jobId}/phases/start-up/overrides`, {
        id: uuid(),
        gate,
        reason: 'Passed for this test.',
      });
    const signed = await lead.post(`/jobs/${jobId}/phases/start-up/sign-offs`, { id: uuid() });
    expect(signed.status, JSON.stringify(signed.body)).toBe(201);
    const reply = await lead.call('POST', path, round(run.id), { 'X-Written-Ago': '3600' });
    expect(reply.status, JSON.stringify(reply.body)).toBe(201);
    const { late } = (await lead.get(`/jobs/${jobId}/late`)).body as { late: { phase: string; say: Said }[] };
    expect(late).toMatchObject([{ phase: 'start-up' }]);
    expect(english(late[0]!.say)).toBe('Readings: Suction pressure 118.5 psig, Liquid pressure 352.2 psig');
  });
});
