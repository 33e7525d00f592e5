import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { Instrument } from '@/core/instrument/register';
import { newJob, startServer } from '@/server/testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
const helper = await server.as('alder-helper');
afterAll(() => server.stop());

const gauges = (change: object = {}) => ({
  id: uuid(),
  version: 0,
  name: 'Blue set',
  kind: 'gauges',
  serial: '88',
  calibratedTo: '2030-01-01',
  zeroedOn: null,
  retired: false,
  keptBy: null,
  ...change,
});
const listed = (reply: { body: Record<string, unknown> }) => reply.body.instruments as Instrument[];

describe('the register of instruments', () => {
  it('is kept by leads and office, read by everybody, seen by no other company', async () => {
    const one = gauges();
    expect((await lead.put(`/register/${one.id}`, one)).status).toBe(200);
    expect((await helper.put(`/register/${one.id}`, { ...one, name: 'Mine' })).status).toBe(403);
    expect(listed(await helper.get('/register')).map((i) => i.name)).toContain('Blue set');
    const birch = await server.as('birch-lead');
    expect(listed(await birch.get('/register'))).toEqual([]);
    expect((await birch.put(`/register/${one.id}`, { ...one, name: 'Theirs' })).status).toBe(404);
    expect((await birch.put(`/register/${one.id}/keeper`, { version: 1, mine: true })).status).toBe(404);
  });

  it('the same sent twice is one; what somebody else changed meanwhile is told; bad input names its field', async () => {
    const one = gauges({ name: 'Red set' });
    await lead.put(`/register/${one.id}`, one);
    expect((await lead.put(`/register/${one.id}`, one)).status).toBe(200);
    expect((await lead.put(`/register/${one.id}`, { ...one, version: 1, name: 'Red set 2' })).status).toBe(200);
    const late = await lead.put(`/register/${one.id}`, { ...one, version: 1, name: 'Red set 3' });
    expect(late).toMatchObject({ status: 409, body: { code: 'stale-version' } });
    const bad = await lead.put(`/register/${one.id}`, { ...one, kind: 'spoon' });
    expect(bad).toMatchObject({ status: 400, body: { field: 'kind' } });
    expect((await lead.put(`/register/${uuid()}`, one)).body).toMatchObject({ field: 'id' });
  });

  it('who has it in hand is named beside what he types, with the day its calibration holds to; the form moves no hands', async () => {
    const one = gauges({ name: 'Green set', calibratedTo: '2020-01-01' });
    await lead.put(`/register/${one.id}`, one);
    expect((await lead.put(`/register/${one.id}/keeper`, { version: 1, mine: true })).status).toBe(200);
    await lead.put(`/register/${one.id}`, { ...one, version: 2, zeroedOn: '2026-11-01' });
    const mine = listed(await lead.get('/register')).find((i) => i.id === one.id);
    expect(mine).toMatchObject({ keptBy: expect.any(String), zeroedOn: '2026-11-01', version: 3 });
    const { id: jobId } = await newJob(lead);
    const measurement = {
      id: uuid(),
      setId: uuid(),
      phase: 'start-up',
      stage: 'reading',
      quantity: 'suctionPsig',
      value: 118,
      occurredAt: new Date().toISOString(),
    };
    const other = { ...measurement, id: uuid(), quantity: 'compressorA', value: 12 };
    const typed = await lead.post(`/jobs/${jobId}/measurements`, { measurements: [measurement, other] });
    expect(typed.status, JSON.stringify(typed.body)).toBe(201);
    const details = (await lead.sheet(jobId)).measurements.map((m) => [m.quantity, m.detail]);
    expect(details).toEqual([
      ['suctionPsig', { instrument: { name: 'Green set', serial: '88', calibratedTo: '2020-01-01', overdue: true } }],
      ['compressorA', null],
    ]);
    await lead.put(`/register/${one.id}/keeper`, { version: 3, mine: false });
    expect(listed(await lead.get('/register')).find((i) => i.id === one.id)?.keptBy).toBeNull();
  });
});
