import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { newJob, startServer } from '@/server/testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
const other = await server.as('birch-lead');
const jobId = (await newJob(lead)).id;
afterAll(() => server.stop());

const HOUR = 3_600_000;
const send = (body: object, more: object = {}, client = lead) =>
  client.post(`/jobs/${jobId}/circuit-entries`, {
    id: uuid(),
    kind: 'plan-work',
    supersedesId: null,
    occurredAt: new Date().toISOString(),
    body,
    ...more,
  });
const worked = (piece: string, listH: number, workedH: number | null) => ({
  piece,
  startedAt: new Date(Date.now() - 30 * HOUR).toISOString(),
  doneAt: new Date(Date.now() - HOUR).toISOString(),
  who: ['Ada Alder'],
  listH,
  workedH,
});
const shares = async (client = lead) => (await client.get('/plan/hours')).body.shares as Record<string, number[]>;

describe('how long the company’s own work takes', () => {
  it('is learnt from what was typed with both its times, and only in its own company', async () => {
    expect(await shares()).toEqual({});
    await send(worked('wire.a', 1, 1.5));
    await send(worked('wire.b', 2, 1));
    await send(worked('walk', 0.5, null));
    expect(await shares()).toEqual({ wire: [0.5, 1.5] });
    expect(await shares(other)).toEqual({});
  });
  it('what was put right counts once, what cannot be meant not at all', async () => {
    const first = uuid();
    await send(worked('drain.a', 1, 4), { id: first });
    await send(worked('drain.a', 1, 2), { supersedesId: first });
    await send(worked('unload', 1, 28));
    const { drain, unload } = await shares();
    expect({ drain, unload }).toEqual({ drain: [2], unload: undefined });
    const gone = uuid();
    await send(worked('haul', 1, 1), { id: gone });
    await send({ reason: 'tapped on the wrong line' }, { kind: 'withdrawn', supersedesId: gone });
    expect((await shares()).haul).toBeUndefined();
  });
  it('refuses what makes no sense by its field, and keeps it for another try', async () => {
    const early = await send({ ...worked('wire.a', 1, 1), doneAt: new Date(Date.now() - 40 * HOUR).toISOString() });
    expect(early.status).toBe(400);
    expect(early.body).toMatchObject({ field: 'doneAt' });
    expect(early.body.allowed).not.toBe('');
    expect((await send(worked('wire.a', 1, 29.5))).body).toMatchObject({ field: 'workedH' });
  });
  it('nobody signs a day', async () => {
    expect((await lead.post(`/jobs/${jobId}/phases/plan/sign-offs`, { id: uuid() })).status).toBe(404);
  });
});
