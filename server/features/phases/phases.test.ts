import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { sheetGates } from '@/core/phases/standing';
import type { Quantity } from '@/core/startup/quantities';
import { type Client, movement, newJob, ON_PAPER, passVacuum, startServer } from '@/server/testing/harness';
import { english } from '@/server/words/speak-to';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

const sign = (client: Client, jobId: string, phase: string, id = uuid()) =>
  client.post(`/jobs/${jobId}/phases/${phase}/sign-offs`, { id });
const GOOD: Partial<Record<Quantity, number>> = {
  suctionPsig: 117.5,
  liquidPsig: 370.5,
  suctionLineF: 56,
  liquidLineF: 103.8,
  outdoorDryBulbF: 94,
  returnDryBulbF: 76,
  returnWetBulbF: 63.5,
  supplyDryBulbF: 57,
  compressorA: 11.9,
  outdoorFanA: 1.1,
  lineVolts: 238,
  runMinutes: 24,
};
const round = (values: Partial<Record<Quantity, number>>, at: Date, stage = 'reading') => {
  const setId = uuid();
  return {
    measurements: Object.entries(values).map(([quantity, value]) => ({
      id: uuid(),
      setId,
      phase: 'start-up',
      stage,
      quantity,
      value,
      occurredAt: at.toISOString(),
    })),
  };
};

async function charged(): Promise<string> {
  const { id } = await newJob(lead);
  await passVacuum(lead, id);
  await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(25.7)] });
  expect((await sign(lead, id, 'charge')).status).toBe(201);
  return id;
}

describe('gates', () => {
  it('no refrigerant before a passed standing-vacuum test, typed or streamed', async () => {
    const { id } = await newJob(lead);
    expect((await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(10)] })).body).toMatchObject({
      code: 'gate-held',
      field: 'standing-vacuum',
    });
    const run = uuid();
    expect((await lead.post(`/jobs/${id}/runs`, { id: run, phase: 'charge', speed: 1 })).status).toBe(201);
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'weigh-in', oz: 10 })).body).toMatchObject({
      code: 'gate-held',
    });
    await lead.put(`/jobs/${id}/vacuum`, { version: 0, endMicrons: 940, heldMin: 10, reason: ON_PAPER });
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'weigh-in', oz: 10 })).status).toBe(409);
    await lead.put(`/jobs/${id}/vacuum`, { version: 1, endMicrons: 320, heldMin: 12, reason: ON_PAPER });
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'weigh-in', oz: 10 })).status).toBe(200);
    await lead.post(`/runs/${run}/stop`);
  });
  it('a typed vacuum with nothing before it on record asks a lead why, and the reason stays visible', async () => {
    const { id } = await newJob(lead);
    const body = { version: 0, endMicrons: 300, heldMin: 12 };
    expect((await lead.put(`/jobs/${id}/vacuum`, body)).body).toMatchObject({ status: 400, field: 'reason' });
    expect((await lead.put(`/jobs/${id}/vacuum`, { ...body, reason: 'short' })).body).toMatchObject({
      field: 'reason',
    });
    const helper = await server.as('alder-helper');
    expect((await helper.put(`/jobs/${id}/vacuum`, { ...body, reason: ON_PAPER })).body).toMatchObject({
      code: 'not-allowed',
    });
    expect((await lead.put(`/jobs/${id}/vacuum`, { ...body, reason: ON_PAPER })).status).toBe(200);
    const gate = sheetGates(await lead.sheet(id), 'charge').find((g) => g.id === 'standing-vacuum');
    expect(gate!.holds).toBe(true);
    expect(english(gate!.say)).toContain(ON_PAPER);
  });
  it('a charge that is not weighed cannot be signed; the answer names the gate and its way out', async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    expect((await sign(lead, id, 'charge')).body).toMatchObject({
      status: 409,
      code: 'gate-held',
      field: 'weighed-charge',
      allowed: expect.stringContaining('override'),
    });
  });
  it('a helper may not sign; an owner without a certificate may not either, and no override helps', async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(25.7)] });
    expect((await sign(await server.as('alder-helper'), id, 'charge')).status).toBe(403);
    const owner = await server.as('alder-owner');
    expect((await sign(owner, id, 'charge')).body).toMatchObject({ code: 'gate-held', field: 'certification' });
    expect(
      (
        await owner.post(`/jobs/${id}/phases/charge/overrides`, {
          id: uuid(),
          gate: 'certification',
          reason: 'I have done this for years',
        })
      ).body,
    ).toMatchObject({ status: 403 });
  });
  it('an override needs a lead and a reason, is stored once and shows on the sheet', async () => {
    const { id } = await newJob(lead);
    const body = { id: uuid(), gate: 'standing-vacuum', reason: 'Gauge failed at 9 min, flat at 280' };
    expect((await (await server.as('alder-helper')).post(`/jobs/${id}/phases/charge/overrides`, body)).status).toBe(
      403,
    );
    expect((await lead.post(`/jobs/${id}/phases/charge/overrides`, { ...body, reason: 'short' })).body).toMatchObject({
      code: 'bad-input',
      field: 'reason',
    });
    expect((await lead.post(`/jobs/${id}/phases/charge/overrides`, body)).status).toBe(201);
    expect((await lead.post(`/jobs/${id}/phases/charge/overrides`, body)).status).toBe(201);
    expect((await lead.post(`/jobs/${id}/phases/charge/overrides`, { ...body, id: uuid() })).body).toMatchObject({
      code: 'other-body',
    });
    expect((await lead.sheet(id)).overrides).toMatchObject([{ gate: 'standing-vacuum', by: 'alder lead' }]);
    expect((await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(10)] })).status).toBe(201);
  });
  it('the system is not started before the charge is signed', async () => {
    const { id } = await newJob(lead);
    const run = uuid();
    await lead.post(`/jobs/${id}/runs`, { id: run, phase: 'start-up', speed: 60 });
    expect((await lead.post(`/runs/${run}/commands`, { kind: 'start' })).body).toMatchObject({
      code: 'gate-held',
      field: 'charge-signed',
    });
    await lead.post(`/runs/${run}/stop`);
  });
});

describe('typed start-up to the report', () => {
  it('two typed rounds, airflow and confirmations lead to three signatures and a report', async () => {
    const id = await charged();
    const now = Date.now();
    await lead.post(`/jobs/${id}/measurements`, round(GOOD, new Date(now - 6 * 60_000)));
    expect((await sign(lead, id, 'start-up')).body).toMatchObject({ code: 'gate-held', field: 'steady' });
    await lead.post(`/jobs/${id}/measurements`, round(GOOD, new Date(now), 'final'));
    expect((await sign(lead, id, 'start-up')).body).toMatchObject({ code: 'gate-held', field: 'all-good' });
    const flow = uuid();
    await lead.post(`/jobs/${id}/measurements`, {
      measurements: [
        {
          id: flow,
          setId: flow,
          phase: 'start-up',
          stage: 'airflow',
          quantity: 'airflowCfm',
          value: 1204,
          occurredAt: new Date().toISOString(),
          method: 'flow grid or hood',
        },
      ],
    });
    for (const confirmation of ['filterClean', 'indoorCoilClean', 'outdoorCoilCleanDry', 'enclosureRestored']) {
      expect((await lead.post(`/jobs/${id}/confirmations`, { confirmation, confirmed: true })).status).toBe(201 - 1);
    }
    const signed = await sign(lead, id, 'start-up');
    expect(signed.body, JSON.stringify(signed.body)).not.toHaveProperty('code');
    expect((await sign(lead, id, 'hand-over')).status).toBe(201);
    const report = (await lead.get(`/jobs/${id}/report`)).body as unknown as {
      status: string;
      simulated: string | null;
      tables: { title: string; rows: string[][] }[];
    };
    expect(report.status).toBe('signed');
    expect(report.simulated).toBeNull();
    const figures = report.tables.find((t) => english(t.title) === 'Figures')!;
    expect(figures.rows.map((r) => r.map(english)).find((r) => r[0] === 'Subcooling')).toEqual(
      expect.arrayContaining(['Good', "the unit's plate"]),
    );
    expect((await lead.get(`/jobs?state=done`)).body.total).toBe(1);
  });

  it('a wrong charge cannot be signed away: low subcooling holds it', async () => {
    const id = await charged();
    const low = { ...GOOD, liquidLineF: 109 };
    await lead.post(`/jobs/${id}/measurements`, round(low, new Date(Date.now() - 6 * 60_000)));
    await lead.post(`/jobs/${id}/measurements`, round(low, new Date()));
    const { gates } = (await lead.get(`/jobs/${id}/phases/start-up/gates`)).body as unknown as {
      gates: { id: string; holds: boolean; say: string }[];
    };
    expect(gates.find((g) => g.id === 'all-good')).toMatchObject({ holds: false });
  });
});

describe('a signature is frozen', () => {
  it('later readings, plates and tests are refused; an amendment stands beside it; SQL itself refuses a change', async () => {
    const id = await charged();
    const sheet = await lead.sheet(id);
    expect((await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(2)] })).body).toMatchObject({
      code: 'already-signed',
    });
    expect((await lead.put(`/jobs/${id}/plate`, { version: 1, plate: sheet.circuit.plate })).body).toMatchObject({
      code: 'already-signed',
    });
    expect(
      (await lead.put(`/jobs/${id}/vacuum`, { version: 1, endMicrons: 100, heldMin: 20, reason: ON_PAPER })).body,
    ).toMatchObject({
      code: 'already-signed',
    });
    const signOff = sheet.signOffs[0]!;
    expect(
      (await lead.post(`/sign-offs/${signOff.id}/amendments`, { id: uuid(), note: 'Line set measured again: 47 ft' }))
        .status,
    ).toBe(201);
    const stranger = await server.as('birch-lead');
    expect(
      (await stranger.post(`/sign-offs/${signOff.id}/amendments`, { id: uuid(), note: 'not mine to amend' })).status,
    ).toBe(404);
    const report = JSON.stringify((await lead.get(`/jobs/${id}/report`)).body);
    expect(report).toContain('47 ft');
    await expect(server.database.run("update sign_offs set snapshot = '{}'")).rejects.toThrow(/frozen/);
    await expect(server.database.run('delete from measurements')).rejects.toThrow(/append-only/);
    await expect(server.database.run('update measurements set value = 1')).rejects.toThrow(/append-only/);
    await expect(server.database.run("update audit set what = 'x'")).rejects.toThrow(/append-only/);
  });
  it('signing twice with one id is one signature; a second signature is refused', async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(25.7)] });
    const signId = uuid();
    expect((await sign(lead, id, 'charge', signId)).status).toBe(201);
    expect((await sign(lead, id, 'charge', signId)).status).toBe(201);
    expect((await sign(lead, id, 'charge')).body).toMatchObject({ code: 'already-signed' });
    expect((await lead.sheet(id)).signOffs.length).toBe(1);
  });
});

describe('typed readings', () => {
  it('the same ids again change nothing; another value under the same id is 409; a superseded one stops counting', async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    const first = movement(10);
    for (let i = 0; i < 3; i++)
      expect((await lead.post(`/jobs/${id}/measurements`, { measurements: [first] })).status).toBe(201);
    expect((await lead.sheet(id)).measurements.length).toBe(1);
    expect(
      (await lead.post(`/jobs/${id}/measurements`, { measurements: [{ ...first, value: 11 }] })).body,
    ).toMatchObject({ code: 'other-body' });
    await lead.post(`/jobs/${id}/measurements`, { measurements: [{ ...movement(12), supersedesId: first.id }] });
    const sheet = await lead.sheet(id);
    expect(sheet.measurements.length).toBe(2);
    expect(sheet.measurements[1]!.supersedesId).toBe(first.id);
  });
  it.each([
    ['suctionPsig', 5000, '−10 to 300 psig'],
    ['returnWetBulbF', -40, '30 to 90 °F'],
    ['moonPhase', 1, 'suctionPsig'],
    ['constructor', 1, 'suctionPsig'],
  ])('%s = %d is refused with what is allowed', async (quantity, value, allowed) => {
    const { id } = await newJob(lead);
    const reply = await lead.post(`/jobs/${id}/measurements`, {
      measurements: [{ ...movement(1), phase: 'start-up', quantity, value }],
    });
    expect(reply).toMatchObject({
      status: 400,
      body: { code: 'bad-input', allowed: expect.stringContaining(allowed) },
    });
  });
});

describe('a round of the start-up', () => {
  const roundOf = (values: Partial<Record<Quantity, number>>, at: Date, sign: string | null = null) => {
    const { measurements } = round(values, at, sign ? 'final' : 'reading');
    return { setId: measurements[0]!.setId, stage: sign ? 'final' : 'reading', typed: measurements, run: null, sign };
  };
  const minutesAgo = (min: number): Date => new Date(Date.now() - min * 60_000);

  it('is recorded and signed in one request, once however often it is sent', async () => {
    const id = await charged();
    for (const name of ['filterClean', 'indoorCoilClean', 'outdoorCoilCleanDry', 'enclosureRestored'])
      await lead.post(`/jobs/${id}/confirmations`, { confirmation: name, confirmed: true });
    await lead.post(`/jobs/${id}/measurements`, {
      measurements: [
        {
          id: uuid(),
          setId: uuid(),
          phase: 'start-up',
          stage: 'airflow',
          quantity: 'airflowCfm',
          value: 1180,
          method: 'flow grid or hood',
          occurredAt: new Date().toISOString(),
        },
      ],
    });
    for (const [i, min] of [12, 8, 4].entries())
      expect(
        (await lead.post(`/jobs/${id}/rounds`, roundOf({ ...GOOD, runMinutes: 20 + 4 * i }, minutesAgo(min)))).status,
      ).toBe(201);
    const last = roundOf({ ...GOOD, runMinutes: 32 }, new Date(), uuid());
    const first = await lead.post(`/jobs/${id}/rounds`, last);
    expect(first.body.message ?? first.status).toBe(201);
    const again = await lead.post(`/jobs/${id}/rounds`, last);
    expect(again.status).toBe(201);
    const sheet = await lead.sheet(id);
    expect(sheet.signOffs.filter((s) => s.phase === 'start-up')).toHaveLength(1);
    expect(sheet.measurements.filter((m) => m.setId === last.setId)).toHaveLength(last.typed.length);
  });
  it('leaves no reading behind when the signature is refused', async () => {
    const id = await charged();
    const before = (await lead.sheet(id)).measurements.length;
    const refused = await lead.post(`/jobs/${id}/rounds`, roundOf(GOOD, new Date(), uuid()));
    expect(refused).toMatchObject({ status: 409, body: { code: 'gate-held' } });
    const sheet = await lead.sheet(id);
    expect([sheet.measurements.length, sheet.signOffs.map((s) => s.phase)]).toEqual([before, ['charge']]);
  });
  it('a helper records and does not sign', async () => {
    const id = await charged();
    const helper = await server.as('alder-helper');
    expect((await helper.post(`/jobs/${id}/rounds`, roundOf(GOOD, new Date(), uuid()))).status).toBe(403);
    expect((await helper.post(`/jobs/${id}/rounds`, roundOf(GOOD, new Date()))).status).toBe(201);
  });
});
