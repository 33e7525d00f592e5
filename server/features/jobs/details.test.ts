import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { barometerPsia } from '@/core/air/moist-air';
import type { JobSheet } from '@/core/job/sheet';
import { movement, newJob, ON_PAPER, startServer } from '@/server/testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
const helper = await server.as('alder-helper');
const people = (await lead.get('/people')).body.people as { id: string; role: string; fullName: string }[];
afterAll(() => server.stop());

const detailsOf = (s: JobSheet, change: object = {}) => ({
  version: s.job.version,
  customerName: s.customer.name,
  phone: s.customer.phone,
  address: s.site.address,
  town: s.site.town,
  elevationFt: s.site.elevationFt,
  systemName: s.system.name,
  leadId: s.job.leadId,
  scheduledFor: s.job.scheduledFor,
  ...change,
});
const edit = (s: JobSheet, change: object) => lead.put(`/jobs/${s.job.id}/details`, detailsOf(s, change));
const sign = (id: string, phase: string) => lead.post(`/jobs/${id}/phases/${phase}/sign-offs`, { id: uuid() });

describe('the head of a job', () => {
  it('is put right, moved and given to another lead; list, station pressure and audit follow', async () => {
    const { id, sheet } = await newJob(lead);
    const owner = people.find((p) => p.role === 'owner')!;
    const reply = await edit(sheet, {
      customerName: 'Wren cottage, rear',
      phone: '555-0199',
      elevationFt: 5280,
      scheduledFor: '2026-07-04',
      leadId: owner.id,
      systemName: 'Loft',
    });
    expect(reply.status, JSON.stringify(reply.body)).toBe(200);
    const after = await lead.sheet(id);
    expect(after.customer).toMatchObject({ name: 'Wren cottage, rear', phone: '555-0199' });
    expect(after.job).toMatchObject({
      scheduledFor: '2026-07-04',
      lead: owner.fullName,
      version: sheet.job.version + 1,
    });
    expect(after.system.name).toBe('Loft');
    // Mile-high: 12.1 psia (ICAO standard atmosphere, 5280 ft).
    expect(after.site.barometerPsia).toBeCloseTo(barometerPsia(5280), 6);
    expect(after.site.barometerPsia).toBeCloseTo(12.1, 1);
    const { jobs } = (await lead.get('/jobs?search=2026-07-04')).body as unknown as {
      jobs: { jobId: string; customer: string }[];
    };
    expect(jobs.find((j) => j.jobId === id)?.customer).toBe('Wren cottage, rear');
    const [row] = await server.database.rows<{ n: number }>(
      "select count(*) as n from audit where job_id = :id and what = 'job edited'",
      { id },
    );
    expect(Number(row!.n)).toBe(1);
  });
  it('two who edit at once: the second hears what stands; the same once more is the same', async () => {
    const { id, sheet } = await newJob(lead);
    const mine = detailsOf(sheet, { town: 'Cobble Reach' });
    expect((await lead.put(`/jobs/${id}/details`, mine)).status).toBe(200);
    expect((await lead.put(`/jobs/${id}/details`, mine)).status).toBe(200);
    expect(await edit(sheet, { town: 'Mill End' })).toMatchObject({
      status: 409,
      body: { code: 'stale-version', stored: { town: 'Cobble Reach' }, yours: { town: 'Mill End' } },
    });
    expect((await lead.sheet(id)).site.town).toBe('Cobble Reach');
  });
  it('a helper cannot lead it, nor edit it; an unknown person neither; nobody edits it from another company', async () => {
    const { id, sheet } = await newJob(lead);
    for (const leadId of [people.find((p) => p.role === 'helper')!.id, uuid()])
      expect(await edit(sheet, { leadId })).toMatchObject({ status: 400, body: { field: 'leadId' } });
    expect((await helper.put(`/jobs/${id}/details`, detailsOf(sheet))).status).toBe(403);
    expect((await (await server.as('birch-lead')).put(`/jobs/${id}/details`, detailsOf(sheet))).status).toBe(404);
  });
  it('an elevation that readings were signed with stays; the rest may still be put right', async () => {
    const { id } = await newJob(lead);
    await lead.put(`/jobs/${id}/vacuum`, { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER });
    await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(25.7)] });
    expect((await sign(id, 'charge')).status).toBe(201);
    const sheet = await lead.sheet(id);
    expect(await edit(sheet, { elevationFt: 9 })).toMatchObject({ status: 400, body: { field: 'elevationFt' } });
    expect((await edit(sheet, { phone: null, customerName: 'A. Wren' })).status).toBe(200);
  });
});

describe('a job that does not go ahead', () => {
  const cancel = (id: string, reason = 'customer sold the house', key = uuid()) =>
    lead.post(`/jobs/${id}/cancellation`, { id: key, reason });
  it('leaves the open list with who and why; nothing more is written, and what was written stays', async () => {
    const { id } = await newJob(lead, { customerName: 'Sold House' });
    await lead.put(`/jobs/${id}/vacuum`, { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER });
    const key = uuid();
    expect((await cancel(id, 'customer sold the house', key)).status).toBe(201);
    expect((await cancel(id, 'customer sold the house', key)).status).toBe(201);
    expect(await cancel(id)).toMatchObject({ status: 409 });
    const sheet = await lead.sheet(id);
    expect(sheet.cancelled).toMatchObject({ by: 'alder lead', reason: 'customer sold the house' });
    expect(sheet.vacuum?.endMicrons).toBe(310);
    const found = async (state: string) =>
      (
        (await lead.get(`/jobs?state=${state}&search=Sold`)).body.jobs as unknown as {
          jobId: string;
          waitsFor: unknown;
        }[]
      ).find((j) => j.jobId === id);
    expect(await found('open')).toBeUndefined();
    expect(await found('done')).toMatchObject({ state: 'cancelled', waitsFor: { id: 'job.cancelled' } });
    const writes: [string, string, unknown][] = [
      ['POST', 'measurements', { measurements: [movement(8)] }],
      ['PUT', 'vacuum', { version: 1, endMicrons: 200, heldMin: 10 }],
      ['POST', 'runs', { id: uuid(), phase: 'start-up', speed: 1 }],
      ['POST', 'phases/charge/sign-offs', { id: uuid() }],
      ['PUT', 'details', detailsOf(sheet, { town: 'x' })],
      ['POST', 'confirmations', { confirmation: 'filterClean', confirmed: true }],
    ];
    for (const [method, path, body] of writes)
      expect((await lead.call(method, `/jobs/${id}/${path}`, body)).status, path).toBe(409);
    expect((await lead.sheet(id)).measurements).toEqual([]);
  });
  it('is opened again with a reason, and goes on where it stood', async () => {
    const { id } = await newJob(lead);
    await cancel(id);
    expect((await helper.post(`/jobs/${id}/reopening`, { id: uuid(), reason: 'they stay after all' })).status).toBe(
      403,
    );
    const body = { id: uuid(), reason: 'they stay after all' };
    for (let tap = 0; tap < 2; tap++) expect((await lead.post(`/jobs/${id}/reopening`, body)).status).toBe(201);
    expect((await lead.sheet(id)).cancelled).toBeNull();
    await lead.put(`/jobs/${id}/vacuum`, { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER });
    expect((await lead.sheet(id)).vacuum?.endMicrons).toBe(310);
  });
  it('not while its instruments run', async () => {
    const { id } = await newJob(lead);
    const run = uuid();
    await lead.post(`/jobs/${id}/runs`, { id: run, phase: 'start-up', speed: 1 });
    expect(await cancel(id)).toMatchObject({ status: 409, body: { field: 'run' } });
    await lead.post(`/runs/${run}/stop`);
    expect((await cancel(id)).status).toBe(201);
  });
});
