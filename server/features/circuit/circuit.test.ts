import { connect } from 'node:net';
import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { JobSheet } from '@/core/job/sheet';
import { evacuationView } from '@/core/phases/evacuate/view';
import type { EntryKind } from '@/core/phases/log/entries';
import { pressureView } from '@/core/phases/pressure-test/view';
import { recoveryView } from '@/core/phases/recover/view';
import {
  DEAD_PROOF as DEAD,
  EMPTY_CYLINDER,
  LINE_RUN,
  OLD_CHARGE,
  TEST_PLAN as PLAN,
  PUMP_SETUP,
} from '@/demo/sample-entries';
import { InstrumentPort } from '@/server/features/instruments/instrument-port';
import { type Client, movement, newJob, type Reply, startServer, until } from '@/server/testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
const owner = await server.as('alder-owner');
await owner.put('/settings', { version: 1, settings: { holdMin: '15' } });
afterAll(() => server.stop());

const OLD = { ...OLD_CHARGE, outdoorFt3: null };
const RUN = { ...LINE_RUN, pieces: [{ ft: 40, way: 'along' }] };
const PUMP = { ...PUMP_SETUP, hoseBoreIn: 0.43 };

const entry = (kind: EntryKind, body: object, change: object = {}) => ({
  id: uuid(),
  kind,
  body,
  supersedesId: null,
  occurredAt: new Date().toISOString(),
  ...change,
});
const write = (client: Client, jobId: string, kind: EntryKind, body: object, change: object = {}): Promise<Reply> =>
  client.post(`/jobs/${jobId}/circuit-entries`, entry(kind, body, change));
const must = async (jobId: string, kind: EntryKind, body: object): Promise<JobSheet> => {
  const reply = await write(lead, jobId, kind, body);
  expect(reply.body).toMatchObject({ circuitLog: expect.any(Array) });
  return reply.body as unknown as JobSheet;
};
const cylinder = (change: object = {}) => ({
  id: uuid(),
  version: 0,
  tag: `RC-${uuid().slice(-6)}`,
  ...EMPTY_CYLINDER,
  ...change,
});
const addCylinder = async (change: object = {}) => {
  const body = cylinder(change);
  expect((await lead.put(`/cylinders/${body.id}`, body)).status).toBe(200);
  return body;
};
const override = (jobId: string, phase: string, gate: string) =>
  lead.post(`/jobs/${jobId}/phases/${phase}/overrides`, { id: uuid(), gate, reason: 'tested by hand for this test' });
const run = async (jobId: string, phase: string): Promise<string> => {
  const id = uuid();
  const reply = await lead.post(`/jobs/${jobId}/runs`, { id, phase, speed: 60 });
  if (reply.status !== 201) throw new Error(JSON.stringify(reply.body));
  return id;
};
const read = (fact: string, value: string) => ({
  id: uuid(),
  fact,
  value,
  method: 'seen',
  source: 'on site',
  confidence: 'high',
  note: null,
  photoId: null,
  occurredAt: new Date().toISOString(),
});
const order = (runId: string, body: object) => lead.post(`/runs/${runId}/commands`, body);
const secondsOf = async (runId: string): Promise<number> =>
  ((await lead.get(`/runs/${runId}/history`)).body.samples as { runSeconds: number }[]).at(-1)?.runSeconds ?? 0;

const lastOf = async (runId: string) =>
  ((await lead.get(`/runs/${runId}/history`)).body.samples as { values: Record<string, number | null> }[]).at(-1) ?? {
    values: {},
  };

describe('the circuit log', () => {
  it('keeps an entry once, refuses another body under its id, and hides from other companies', async () => {
    const job = await newJob(lead);
    const body = entry('old-charge', OLD);
    expect((await lead.post(`/jobs/${job.id}/circuit-entries`, body)).status).toBe(201);
    expect((await lead.post(`/jobs/${job.id}/circuit-entries`, body)).status).toBe(201);
    expect((await lead.sheet(job.id)).circuitLog).toHaveLength(1);
    const other = await lead.post(`/jobs/${job.id}/circuit-entries`, { ...body, body: { ...OLD, factoryOz: 99 } });
    expect(other).toMatchObject({ status: 409, body: { code: 'other-body' } });
    const birch = await server.as('birch-lead');
    expect((await birch.post(`/jobs/${job.id}/circuit-entries`, entry('old-charge', OLD))).status).toBe(404);
    expect((await birch.post(`/jobs/${job.id}/circuit-entries`, body)).status).toBe(404);
  });
  it.each([
    ['old-charge', { ...OLD, factoryOz: -3 }, 'factoryOz', '1 to 6000 oz'],
    ['old-charge', { ...OLD, refrigerant: 'R-999' }, 'refrigerant', expect.stringContaining('R-410A')],
    ['line-run', { ...RUN, pieces: [] }, 'pieces', expect.stringContaining('1 to 30')],
    ['line-run', { ...RUN, pieces: [{ ft: 0, way: 'up' }] }, 'pieces.0.ft', '0.5 to 300 ft'],
    ['pump-setup', { ...PUMP, pumpCfm: 'fast' }, 'pumpCfm', '0.5 to 60 CFM'],
    ['test-plan', { ...PLAN, targetPsig: 600 }, 'targetPsig', 'up to 450 psig'],
    ['nonsense', {}, 'kind', expect.any(String)],
  ])('%s with bad input names the field and what is allowed', async (kind, body, field, allowed) => {
    const job = await newJob(lead);
    expect(await write(lead, job.id, kind as EntryKind, body)).toMatchObject({ status: 400, body: { field, allowed } });
  });
  it('a correction supersedes, a withdrawal leaves it standing no more, and each only once', async () => {
    const job = await newJob(lead);
    const first = entry('old-charge', OLD);
    await lead.post(`/jobs/${job.id}/circuit-entries`, first);
    await write(lead, job.id, 'old-charge', { ...OLD, factoryOz: 120 }, { supersedesId: first.id });
    expect(recoveryView(await lead.sheet(job.id)).old!.body.factoryOz).toBe(120);
    expect(await write(lead, job.id, 'old-charge', OLD, { supersedesId: first.id })).toMatchObject({
      status: 400,
      body: { field: 'supersedesId' },
    });
    const last = (await lead.sheet(job.id)).circuitLog.at(-1)!;
    await write(lead, job.id, 'withdrawn', { reason: 'wrong unit' }, { supersedesId: last.id });
    expect(recoveryView(await lead.sheet(job.id)).old).toBeUndefined();
    expect((await lead.sheet(job.id)).circuitLog).toHaveLength(3);
  });
  it('an override falls with the entry it rested on, and the gate can be overridden again', async () => {
    const job = await newJob(lead);
    const plan = await must(job.id, 'test-plan', PLAN);
    const standing = async () => (await lead.sheet(job.id)).overrides.map((o) => o.gate);
    expect((await override(job.id, 'pressure-test', 'join-signed')).status).toBe(201);
    expect(await override(job.id, 'pressure-test', 'join-signed')).toMatchObject({ status: 409 });
    await must(job.id, 'old-charge', OLD);
    expect(await standing()).toEqual(['join-signed']);
    const taken = { supersedesId: plan.circuitLog.at(-1)!.id };
    expect((await write(lead, job.id, 'withdrawn', { reason: 'wrong unit' }, taken)).status).toBe(201);
    expect(await standing()).toEqual([]);
    expect((await override(job.id, 'pressure-test', 'join-signed')).status).toBe(201);
    expect(await standing()).toEqual(['join-signed']);
  });
  it('is append-only in the database', async () => {
    await expect(server.database.run("update circuit_entries set kind = 'x'")).rejects.toThrow(/append-only/);
    await expect(server.database.run('delete from cylinder_movements')).resolves.toBeDefined();
    const c = await addCylinder({ refrigerant: 'R-410A' });
    await lead.post(`/cylinders/${c.id}/movements`, movementOf('opening', 20));
    await expect(server.database.run('delete from cylinder_movements')).rejects.toThrow(/append-only/);
  });
  it('a signed phase takes nothing more', async () => {
    const job = await newJob(lead);
    await must(job.id, 'old-charge', OLD);
    await must(job.id, 'method', { method: 'nothing', reason: 'the old unit was empty' });
    await must(job.id, 'dead-proof', DEAD);
    expect((await lead.post(`/jobs/${job.id}/phases/recover/sign-offs`, { id: uuid() })).status).toBe(201);
    expect(await write(lead, job.id, 'dead-proof', DEAD)).toMatchObject({
      status: 409,
      body: { code: 'already-signed' },
    });
    const summary = (await lead.get('/jobs?state=open')).body as unknown as {
      jobs: { jobId: string; phase: string }[];
    };
    expect(summary.jobs.find((j) => j.jobId === job.id)?.phase).toBe('join');
  });
  it('a voltage check is taken back by whoever made it, by a lead or the owner, by nobody else', async () => {
    const job = await newJob(lead);
    const [helper, office] = [await server.as('alder-helper'), await server.as('alder-office')];
    const take = async (by: Client): Promise<number> => {
      const checks = (await lead.sheet(job.id)).circuitLog.filter((e) => e.kind === 'dead-proof');
      const reply = await write(
        by,
        job.id,
        'withdrawn',
        { reason: 'the tag came off' },
        { supersedesId: checks.at(-1)!.id },
      );
      return reply.status;
    };
    await must(job.id, 'dead-proof', DEAD);
    expect([await take(helper), await take(office)]).toEqual([403, 403]);
    const standing = (await lead.sheet(job.id)).circuitLog.at(-1)!;
    expect(await write(helper, job.id, 'dead-proof', DEAD, { supersedesId: standing.id })).toMatchObject({
      status: 403,
    });
    expect(await take(lead)).toBe(201);
    expect((await write(helper, job.id, 'dead-proof', DEAD)).status).toBe(201);
    expect(await take(helper)).toBe(201);
  });
  it('nobody signs the recovery without proof of dead, override or not', async () => {
    const job = await newJob(lead);
    expect((await lead.post(`/jobs/${job.id}/phases/recover/sign-offs`, { id: uuid() })).body).toMatchObject({
      code: 'gate-held',
      field: 'dead-proof',
    });
    expect(await override(job.id, 'recover', 'dead-proof')).toMatchObject({ status: 403 });
  });
});

const movementOf = (kind: string, oz: number, change: object = {}) => ({
  id: uuid(),
  kind,
  oz,
  grossOz: null,
  recipient: null,
  note: null,
  occurredAt: new Date().toISOString(),
  ...change,
});

describe('the cylinder ledger', () => {
  it('what is recovered is in its cylinder, and the sums agree', async () => {
    const job = await newJob(lead);
    const c = await addCylinder();
    await must(job.id, 'old-charge', OLD);
    await lead.post(`/jobs/${job.id}/observations`, {
      observations: [read('outdoorModel', 'OHP-3O'), read('outdoorModel', 'OHP-30'), read('outdoorSerial', 'S-4471')],
    });
    const body = { cylinderId: c.id, startGrossOz: 452, endGrossOz: 590, oily: true, scale: 'scale 2', runId: null };
    const sent = entry('recovered', body);
    expect((await lead.post(`/jobs/${job.id}/circuit-entries`, sent)).status).toBe(201);
    expect((await lead.post(`/jobs/${job.id}/circuit-entries`, sent)).status).toBe(201);
    const ledger = (await lead.get(`/cylinders/${c.id}/movements`)).body as unknown as {
      cylinder: { contentsOz: number; refrigerant: string };
      movements: { oz: number; kind: string; jobNumber: number; certificate: string }[];
    };
    expect(ledger.cylinder).toMatchObject({ contentsOz: 138, refrigerant: 'R-410A' });
    expect(ledger.movements).toMatchObject([{ oz: 138, kind: 'from system', certificate: 'T-1' }]);
    const [sum] = await server.database.rows<{ oz: number }>(
      'select sum(oz) as oz from cylinder_movements where cylinder_id = :id',
      { id: c.id },
    );
    expect(Number(sum!.oz)).toBe(recoveryView(await lead.sheet(job.id)).recoveredOz);
  });
  it('refuses another refrigerant, too much, and someone uncertified, and moves nothing', async () => {
    const job = await newJob(lead);
    await must(job.id, 'old-charge', OLD);
    const wrong = await addCylinder({ refrigerant: 'R-22' });
    const weigh = (cylinderId: string, end: number) => ({
      cylinderId,
      startGrossOz: 452,
      endGrossOz: end,
      oily: false,
      scale: '',
      runId: null,
    });
    expect(await write(lead, job.id, 'recovered', weigh(wrong.id, 500))).toMatchObject({
      status: 400,
      body: { message: expect.stringContaining('R-22') },
    });
    const right = await addCylinder();
    expect(await write(lead, job.id, 'recovered', weigh(right.id, 452 + 900))).toMatchObject({
      status: 400,
      body: { message: expect.stringContaining('Room for') },
    });
    const helper = await server.as('alder-helper');
    expect(await write(helper, job.id, 'recovered', weigh(right.id, 500))).toMatchObject({
      status: 400,
      body: { message: expect.stringContaining('certified') },
    });
    expect((await lead.get(`/cylinders/${right.id}/movements`)).body).toMatchObject({
      movements: [],
      cylinder: { contentsOz: 0 },
    });
    expect(await write(lead, job.id, 'recovered', weigh(uuid(), 500))).toMatchObject({
      status: 400,
      body: { field: 'cylinderId' },
    });
  });
  it('a weighing corrects it, a shipment needs its recipient and what is there', async () => {
    const c = await addCylinder({ refrigerant: 'R-410A' });
    const move = (body: object) => lead.post(`/cylinders/${c.id}/movements`, body);
    expect((await move(movementOf('opening', 100))).body).toMatchObject({ contentsOz: 100 });
    expect((await move(movementOf('weighed', 0, { grossOz: 550 }))).body).toMatchObject({ contentsOz: 98 });
    expect(await move(movementOf('weighed', 0, { grossOz: 300 }))).toMatchObject({
      status: 400,
      body: { field: 'grossOz' },
    });
    expect(await move(movementOf('sent away', 50))).toMatchObject({ status: 400, body: { field: 'recipient' } });
    expect(await move(movementOf('sent away', 500, { recipient: 'Senn Reclaim' }))).toMatchObject({
      status: 400,
      body: { field: 'oz' },
    });
    expect((await move(movementOf('sent away', 98, { recipient: 'Senn Reclaim' }))).body).toMatchObject({
      contentsOz: 0,
    });
  });
  it('two people change one cylinder: the second sees both; its refrigerant stays while it holds some', async () => {
    const c = await addCylinder({ refrigerant: 'R-410A' });
    await lead.post(`/cylinders/${c.id}/movements`, movementOf('opening', 40));
    expect((await lead.put(`/cylinders/${c.id}`, { ...c, version: 1, ratingPsig: 350 })).status).toBe(200);
    expect(await lead.put(`/cylinders/${c.id}`, { ...c, version: 1, tareOz: 460 })).toMatchObject({
      status: 409,
      body: { code: 'stale-version' },
    });
    expect(await lead.put(`/cylinders/${c.id}`, { ...c, version: 2, refrigerant: 'R-32' })).toMatchObject({
      status: 400,
      body: { field: 'refrigerant' },
    });
    const birch = await server.as('birch-lead');
    expect((await birch.put(`/cylinders/${c.id}`, { ...c, version: 2 })).status).toBe(404);
    expect((await birch.get(`/cylinders/${c.id}/movements`)).status).toBe(404);
  });
  it('the records come as CSV, by appliance and by month', async () => {
    const appliances = (await lead.get('/refrigerant/appliances.csv')).body.text as string;
    expect(appliances).toContain('recovered_lb');
    expect(appliances).toMatch(
      /alder,\d{4}-\d\d-\d\d,"?3 Test Row, Harrow Mill"?,Wren cottage,\d+,OHP-30,S-4471,R-410A,8\.63/,
    );
    expect((await lead.get('/refrigerant/monthly.csv')).body.text).toMatch(/\d{4}-\d\d,R-410A,8\.63/);
    expect((await lead.get('/refrigerant/ledger.csv?year=1999')).status).toBe(400);
    expect((await lead.get('/refrigerant/other.csv')).status).toBe(404);
  });
  it('what is weighed into a system leaves the cylinder in use', async () => {
    const job = await newJob(lead);
    const c = await addCylinder({ use: 'supply', refrigerant: 'R-454B', flammableMark: true });
    await lead.post(`/cylinders/${c.id}/movements`, movementOf('opening', 200));
    await must(job.id, 'cylinder-used', { cylinderId: c.id, leavesAs: 'liquid' });
    await override(job.id, 'charge', 'standing-vacuum');
    const id = uuid();
    const moved = await lead.post(`/jobs/${job.id}/measurements`, {
      measurements: [
        {
          id,
          setId: id,
          phase: 'charge',
          stage: 'weigh-in',
          quantity: 'chargeMovementOz',
          value: 25.5,
          occurredAt: new Date().toISOString(),
        },
      ],
    });
    expect(moved.status).toBe(201);
    expect((await lead.get(`/cylinders/${c.id}/movements`)).body).toMatchObject({ cylinder: { contentsOz: 174.5 } });
  });
});

describe('simulated benches', () => {
  it('wait for the phase before, and know only their own orders', async () => {
    const job = await newJob(lead);
    expect(await lead.post(`/jobs/${job.id}/runs`, { id: uuid(), phase: 'evacuate', speed: 60 })).toMatchObject({
      status: 409,
      body: { field: 'pressure-signed' },
    });
    expect(await lead.post(`/jobs/${job.id}/runs`, { id: uuid(), phase: 'recover', speed: 60 })).toMatchObject({
      status: 400,
      body: { field: 'old-charge' },
    });
    await override(job.id, 'evacuate', 'pressure-signed');
    const id = await run(job.id, 'evacuate');
    expect(await order(id, { kind: 'pressurise', psig: 50 })).toMatchObject({ status: 400, body: { field: 'kind' } });
    expect(await order(id, { kind: 'weigh-in', oz: 5 })).toMatchObject({ status: 400 });
    expect((await order(id, { kind: 'pump', on: true })).status).toBe(200);
    await lead.post(`/runs/${id}/stop`);
  });
  it('a hold is read off the run: marked simulated, with its own seconds, whatever was sent', async () => {
    const job = await newJob(lead);
    await override(job.id, 'pressure-test', 'join-signed');
    await must(job.id, 'test-plan', PLAN);
    const id = await run(job.id, 'pressure-test');
    await order(id, { kind: 'pressurise', psig: 450 });
    // The order reaches a busy worker late: the section is full once it has stood at the target, not after a time.
    await until(async () => ((await lastOf(id)).values.testPsig ?? 0) > 447);
    const full = await secondsOf(id);
    await until(async () => (await secondsOf(id)) > full + 60);
    await order(id, { kind: 'close-source' });
    const shut = await secondsOf(id);
    await until(async () => (await secondsOf(id)) > shut + 30);
    const sheet = await must(job.id, 'hold-start', { psig: 7, pipeF: 0, runId: id, runSeconds: null });
    const start = sheet.circuitLog.at(-1)! as unknown as {
      id: string;
      source: string;
      body: { psig: number; runSeconds: number };
    };
    expect(start.source).toBe('simulated');
    expect(start.body.psig).toBeGreaterThan(430);
    expect(start.body.runSeconds).toBeGreaterThan(100);
    await until(async () => (await secondsOf(id)) > start.body.runSeconds + 15 * 60, 60_000);
    const ended = await must(job.id, 'hold-end', { startId: start.id, psig: 0, pipeF: 0, runId: id, runSeconds: null });
    const view = pressureView(ended);
    expect(view.hold).toMatchObject({ clock: 'run' });
    expect(view.hold!.minutes).toBeGreaterThan(15);
    expect(view.hold!.verdict!.classification).toBe('no leak detected');
    await lead.post(`/runs/${id}/stop`);
  }, 90_000);
  it('puts no cylinder on the scale that may not take the refrigerant: never overridden', async () => {
    const job = await newJob(lead);
    await must(job.id, 'old-charge', OLD);
    const id = await run(job.id, 'recover');
    const put = async (cylinderId: string) => order(id, { kind: 'cylinder', cylinderId });
    const good = await addCylinder();
    expect((await put(good.id)).status).toBe(200);
    expect((await lastOf(id)).values).toBeDefined();
    const other = await addCylinder({ refrigerant: 'R-22' });
    const overdue = await addCylinder({ retestOn: '2020-01-01' });
    // 80 % of 47.7 lb of water in R-410A at 77 °F is 40.4 lb: under a pound is left.
    const full = await addCylinder({ refrigerant: 'R-410A' });
    expect((await lead.post(`/cylinders/${full.id}/movements`, movementOf('opening', 640))).status).toBe(201);
    for (const cylinder of [other, overdue, full])
      expect(await put(cylinder.id), cylinder.tag).toMatchObject({ status: 400, body: { field: 'cylinderId' } });
    expect(await put(uuid())).toMatchObject({ status: 400, body: { field: 'cylinderId' } });
    const birch = await server.as('birch-lead');
    const theirs = { ...cylinder(), tag: 'B-1' };
    await birch.put(`/cylinders/${theirs.id}`, theirs);
    expect(await put(theirs.id)).toMatchObject({ status: 400, body: { field: 'cylinderId' } });
    await lead.post(`/runs/${id}/stop`);
  });
  it('a standing test takes its samples from the run; its bench goes on where it stood', async () => {
    const job = await newJob(lead);
    await override(job.id, 'evacuate', 'pressure-signed');
    await must(job.id, 'pump-setup', PUMP);
    await must(job.id, 'blank-off', { microns: 30 });
    const id = await run(job.id, 'evacuate');
    await order(id, { kind: 'pump', on: true });
    await until(async () => (await secondsOf(id)) > 8 * 60, 30_000);
    await order(id, { kind: 'valve', open: false });
    await must(job.id, 'isolated', { microns: 9999, runId: id, runSeconds: null });
    const from = await secondsOf(id);
    // A window that reaches back to the pump is refused, whoever asks for it.
    const kinder = { samples: [], coldestPipeF: 70, runId: id, fromS: 10, toS: null };
    expect((await write(lead, job.id, 'standing', kinder)).status).toBe(400);
    await until(async () => (await secondsOf(id)) > from + 11 * 60, 40_000);
    const sheet = await must(job.id, 'standing', { samples: [], coldestPipeF: 70, runId: id, fromS: from, toS: null });
    const view = evacuationView(sheet);
    expect(view.standing!.entry.source).toBe('simulated');
    expect(view.standing!.entry.body.samples.length).toBeGreaterThan(300);
    expect(view.standing!.startMicrons).toBeLessThan(300);
    expect(view.standing!.result.classification).toBe('tight');
    await lead.post(`/runs/${id}/stop`);
    const again = await run(job.id, 'evacuate');
    await until(async () => (await secondsOf(again)) > 5);
    const [first] = (await lead.get(`/runs/${again}/history`)).body.samples as { values: { microns: number } }[];
    expect(first!.values.microns).toBeLessThan(1000);
    await lead.post(`/runs/${again}/stop`);
  }, 120_000);
});

describe('interrupted work', () => {
  it('a hold goes on after the server was away: the gap counts as time, and is shown as a gap', async () => {
    const job = await newJob(lead);
    await override(job.id, 'pressure-test', 'join-signed');
    await must(job.id, 'test-plan', PLAN);
    const id = await run(job.id, 'pressure-test');
    await order(id, { kind: 'pressurise', psig: 450 });
    await until(async () => (await secondsOf(id)) > 90);
    await order(id, { kind: 'close-source' });
    const sheet = await must(job.id, 'hold-start', { psig: 0, pipeF: 0, runId: id, runSeconds: null });
    const start = sheet.circuitLog.at(-1)! as unknown as { id: string; body: { psig: number; runSeconds: number } };
    await server.hall.stop(id, 'interrupted');
    await new Promise((r) => setTimeout(r, 2000));
    expect((await lead.post(`/runs/${id}/resume`)).status).toBe(200);
    const history = await until(async () => {
      const { events } = (await lead.get(`/runs/${id}/history`)).body as unknown as {
        events: { kind: string; seconds?: number }[];
      };
      return events.find((e) => e.kind === 'gap');
    });
    expect(history.seconds).toBeGreaterThan(60);
    await until(async () => (await secondsOf(id)) > start.body.runSeconds + 15 * 60, 40_000);
    const ended = await must(job.id, 'hold-end', { startId: start.id, psig: 0, pipeF: 0, runId: id, runSeconds: null });
    const { hold } = pressureView(ended);
    expect(hold!.minutes).toBeGreaterThan(15);
    expect(hold!.end!.body.psig).toBeGreaterThan(start.body.psig - 15);
    await lead.post(`/runs/${id}/stop`);
  }, 80_000);
  it('a hold started on one gauge and ended by hand is timed by the clocks of its two readings', async () => {
    const job = await newJob(lead);
    await must(job.id, 'test-plan', PLAN);
    const at = (minutes: number): string => new Date(Date.now() - minutes * 60_000).toISOString();
    const begun = entry('hold-start', { psig: 450, pipeF: 74, runId: null, runSeconds: null }, { occurredAt: at(45) });
    await lead.post(`/jobs/${job.id}/circuit-entries`, begun);
    const reply = await write(
      lead,
      job.id,
      'hold-end',
      { startId: begun.id, psig: 449.7, pipeF: 74, runId: null, runSeconds: null },
      { occurredAt: at(3) },
    );
    expect(pressureView(reply.body as unknown as JobSheet).hold).toMatchObject({
      clock: 'clock',
      minutes: expect.closeTo(42, 1),
    });
    expect(
      await write(lead, job.id, 'hold-end', { startId: begun.id, psig: 449, pipeF: 74, runId: null, runSeconds: null }),
    ).toMatchObject({
      status: 400,
      body: { field: 'startId', message: 'This hold is already ended.' },
    });
  });
});

describe('typed tests keep the time of each reading', () => {
  const at = (minutes: number): string => new Date(Date.now() - minutes * 60_000).toISOString();
  const reading = (startId: string, minutesAgo: number, psig = 449.7) => ({
    startId,
    psig,
    pipeF: 74,
    runId: null,
    runSeconds: null,
    readAt: at(minutesAgo),
  });
  it('a look before the time does not end the hold; written down all at once, the hold is as long as its readings say', async () => {
    const job = await newJob(lead);
    await must(job.id, 'test-plan', PLAN);
    const begun = entry('hold-start', { psig: 450, pipeF: 74, runId: null, runSeconds: null, readAt: at(40) });
    expect((await lead.post(`/jobs/${job.id}/circuit-entries`, begun)).status).toBe(201);
    const early = await write(lead, job.id, 'hold-end', reading(begun.id, 35));
    expect(early, 'five minutes of fifteen are no end').toMatchObject({ status: 400, body: { field: 'readAt' } });
    const { runId: _r, runSeconds: _s, ...look } = reading(begun.id, 35);
    expect((await write(lead, job.id, 'hold-look', look)).status).toBe(201);
    expect(pressureView(await lead.sheet(job.id)).hold?.end).toBeUndefined();
    const done = await write(lead, job.id, 'hold-end', reading(begun.id, 1));
    expect(pressureView(done.body as unknown as JobSheet).hold).toMatchObject({ minutes: expect.closeTo(39, 1) });
  });
  it('a reading from the future or from before its start is refused', async () => {
    const job = await newJob(lead);
    await must(job.id, 'test-plan', PLAN);
    const begun = entry('hold-start', { psig: 450, pipeF: 74, runId: null, runSeconds: null, readAt: at(40) });
    await lead.post(`/jobs/${job.id}/circuit-entries`, begun);
    for (const minutesAgo of [-30, 50])
      expect(await write(lead, job.id, 'hold-end', reading(begun.id, minutesAgo))).toMatchObject({
        status: 400,
        body: { field: 'readAt' },
      });
  });
});

describe('what was weighed wrongly', () => {
  it('a recovery that is corrected or withdrawn takes its ounces off the ledger in the same step, once', async () => {
    const job = await newJob(lead);
    const c = await addCylinder();
    await must(job.id, 'old-charge', OLD);
    const weigh = (endGrossOz: number) => ({
      cylinderId: c.id,
      startGrossOz: 452,
      endGrossOz,
      oily: true,
      scale: '',
      runId: null,
    });
    const contents = async () =>
      ((await lead.get(`/cylinders/${c.id}/movements`)).body as { cylinder: { contentsOz: number } }).cylinder;
    const wrong = entry('recovered', weigh(590));
    await lead.post(`/jobs/${job.id}/circuit-entries`, wrong);
    expect((await contents()).contentsOz).toBe(138);
    const right = entry('recovered', weigh(577), { supersedesId: wrong.id });
    expect((await lead.post(`/jobs/${job.id}/circuit-entries`, right)).status).toBe(201);
    expect((await lead.post(`/jobs/${job.id}/circuit-entries`, right)).status).toBe(201);
    expect(await contents()).toMatchObject({ contentsOz: 125, refrigerant: 'R-410A' });
    expect(recoveryView(await lead.sheet(job.id)).recoveredOz).toBe(125);
    const gone = await write(
      lead,
      job.id,
      'withdrawn',
      { reason: 'Another job’s cylinder' },
      { supersedesId: right.id },
    );
    expect(gone.status).toBe(201);
    expect((await contents()).contentsOz).toBe(0);
    const ledger = (await lead.get(`/cylinders/${c.id}/movements`)).body.movements as unknown as { oz: number }[];
    expect(ledger.map((m) => m.oz).sort((a, b) => a - b)).toEqual([-138, -125, 125, 138]);
  });
  it('a weigh-in that is withdrawn goes back into its cylinder, and what is signed stays', async () => {
    const job = await newJob(lead);
    const c = await addCylinder({ use: 'supply', refrigerant: 'R-454B', flammableMark: true });
    await lead.post(`/cylinders/${c.id}/movements`, movementOf('opening', 200));
    await must(job.id, 'cylinder-used', { cylinderId: c.id, leavesAs: 'liquid' });
    await override(job.id, 'charge', 'standing-vacuum');
    const one = movement(25.5);
    await lead.post(`/jobs/${job.id}/measurements`, { measurements: [one] });
    const path = `/jobs/${job.id}/movements/${one.id}/withdrawal`;
    const withdraw = { id: uuid(), reason: 'Typed for the wrong job', occurredAt: new Date().toISOString() };
    const reply = await lead.post(path, withdraw);
    expect(reply.status, JSON.stringify(reply.body)).toBeLessThan(300);
    expect((await lead.post(path, withdraw)).status).toBeLessThan(300);
    expect((await lead.get(`/cylinders/${c.id}/movements`)).body).toMatchObject({ cylinder: { contentsOz: 200 } });
    expect((await lead.post(path, { ...withdraw, id: uuid() })).status).toBe(404);
  });
});

describe('the instrument port', () => {
  let port: InstrumentPort;
  beforeAll(async () => {
    port = new InstrumentPort(server.hall, () => undefined);
    await port.listen(0);
  });
  afterAll(() => port.close());

  const talk = (lines: (object | string)[], answers: number): Promise<Record<string, unknown>[]> =>
    new Promise((done, fail) => {
      const got: Record<string, unknown>[] = [];
      let text = '';
      const socket = connect(port.address()!.port, '127.0.0.1', () => {
        for (const line of lines) socket.write(`${typeof line === 'string' ? line : JSON.stringify(line)}\n`);
      });
      socket.setEncoding('utf8');
      socket.on('data', (d) => {
        text += d;
        const parts = text.split('\n');
        text = parts.pop()!;
        got.push(...parts.filter(Boolean).map((p) => JSON.parse(p) as Record<string, unknown>));
        if (got.length >= answers) {
          socket.end();
          done(got);
        }
      });
      socket.on('error', fail);
      socket.on('close', () => done(got));
    });
  const hello = (token: string) => ({ format: 'mill-bridge-instrument/1', token, instrument: 'bench gauge' });
  const opened = async (source: string) => {
    const job = await newJob(lead);
    await override(job.id, 'evacuate', 'pressure-signed');
    const id = uuid();
    const reply = await lead.post(`/jobs/${job.id}/instrument-runs`, { id, phase: 'evacuate', source });
    expect(reply.status).toBe(201);
    return { jobId: job.id, id, token: reply.body.token as string };
  };

  it('turns strangers, nonsense and long lines away with what is allowed', async () => {
    expect(await talk(['hello'], 1)).toMatchObject([{ ok: false, field: 'line' }]);
    expect(await talk([hello('not-a-token-of-ours')], 1)).toMatchObject([{ ok: false, field: 'token' }]);
    expect(await talk(['x'.repeat(5000)], 1)).toMatchObject([{ ok: false }]);
    const { token } = await opened('instrument');
    expect((await talk([hello(token), { values: { speed: 3 } }], 2))[1]).toMatchObject({
      ok: false,
      field: 'speed',
      allowed: 'microns, pipeF',
    });
    expect((await talk([hello(token), { values: { microns: -5 } }], 2))[1]).toMatchObject({
      ok: false,
      field: 'microns',
    });
  });
  it('a replay is stored second by second and marked as replayed', async () => {
    const { jobId, id, token } = await opened('replayed');
    const rows = Array.from({ length: 30 }, (_, i) => ({ t: i * 30, values: { microns: 300 + i, pipeF: 70 } }));
    expect((await talk([hello(token), rows[0]!], 2)).every((a) => a.ok)).toBe(true);
    await must(jobId, 'isolated', { microns: 300, runId: id, runSeconds: null });
    const answers = await talk([hello(token), ...rows.slice(1)], 30);
    expect(answers.every((a) => a.ok)).toBe(true);
    expect((await talk([hello(token), { t: 5, values: { microns: 300 } }], 2))[1]).toMatchObject({
      ok: false,
      field: 't',
    });
    const sheet = await must(jobId, 'standing', { samples: [], coldestPipeF: 70, runId: id, fromS: 0, toS: null });
    expect(sheet.circuitLog.at(-1)).toMatchObject({ source: 'replayed' });
    expect(evacuationView(sheet).standing!.result).toMatchObject({ classification: 'tight', endMicrons: 329 });
  });
  it('a live gauge becomes a sample a second, and no signal when it falls silent', async () => {
    const { id, token } = await opened('instrument');
    await talk([hello(token), { values: { microns: 512 } }], 2);
    const samples = async () =>
      (await lead.get(`/runs/${id}/history`)).body.samples as { values: Record<string, number | null> }[];
    await until(async () => (await samples()).some((s) => s.values.microns === 512 && s.values.pipeF === null));
    await until(async () => (await samples()).at(-1)?.values.microns === null, 15_000);
    await lead.post(`/runs/${id}/stop`);
    expect((await talk([hello(token)], 1))[0]).toMatchObject({ ok: false, field: 'token' });
  }, 30_000);
});
