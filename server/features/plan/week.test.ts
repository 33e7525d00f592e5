import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { WeekSlot } from '@/core/phases/plan/week';
import { newJob, startServer } from '@/server/testing/harness';

const server = await startServer();
const office = await server.as('alder-office');
const lead = await server.as('alder-lead');
const people = (await office.get('/people')).body.people as { id: string; role: string; fullName: string }[];
afterAll(() => server.stop());

const slots = async (from: string, client = office) =>
  (await client.get(`/week?from=${from}`)).body.slots as WeekSlot[];
const plan = (jobId: string, crew: string[], more: object = {}) =>
  lead.post(`/jobs/${jobId}/circuit-entries`, {
    id: uuid(),
    kind: 'day-plan',
    supersedesId: null,
    occurredAt: new Date().toISOString(),
    body: { begins: '08:00', ends: '17:00', lunchAt: '12:00', crew, finishBy: null, why: '', ...more },
  });
const leadOf = () => people.find((p) => p.role === 'lead')!;
const ownerOf = () => people.find((p) => p.role === 'owner')!;

describe('the week of the office', () => {
  it('shows each job on its day with its hours and waits, and each later visit on its own', async () => {
    const { id } = await newJob(lead, { scheduledFor: '2094-03-01' });
    await plan(id, [leadOf().fullName, 'Somebody Else']);
    await lead.post(`/jobs/${id}/circuit-entries`, {
      id: uuid(),
      kind: 'visit',
      supersedesId: null,
      occurredAt: new Date().toISOString(),
      body: { on: '2094-03-03', purpose: 'finish', what: '', who: '' },
    });
    const week = await slots('2094-03-01');
    expect(week.map((s) => [s.on, s.n, s.of])).toEqual([
      ['2094-03-01', 1, 2],
      ['2094-03-03', 2, 2],
    ]);
    const [first] = week;
    expect(first).toMatchObject({ jobId: id, said: true, leadId: leadOf().id });
    expect(first!.span[0]).toBe(8);
    expect(first!.span[1]).toBeGreaterThan(15);
    // The pump runs alone while nobody else has anything to do.
    expect(first!.waits.length).toBeGreaterThan(0);
    for (const [f, t] of first!.waits) expect(t).toBeGreaterThan(f);
    expect(await slots('2094-03-08')).toEqual([]);
    expect(await slots('2094-03-01', await server.as('birch-lead'))).toEqual([]);
  });
  it('a day that is none is refused by its field', async () => {
    for (const from of ['', '2094-13-45', 'soon'])
      expect((await office.get(`/week?from=${from}`)).body).toMatchObject({ field: 'from', allowed: 'YYYY-MM-DD' });
  });
  it('a cancelled job is not in it', async () => {
    const { id } = await newJob(lead, { scheduledFor: '2094-04-05' });
    expect(await slots('2094-04-05')).toHaveLength(1);
    await lead.post(`/jobs/${id}/cancellation`, { id: uuid(), reason: 'the house was sold' });
    expect(await slots('2094-04-05')).toEqual([]);
  });
});

describe('a job that moves', () => {
  it('keeps what it was before, hands the place in the crew on, and twice is once', async () => {
    const { id, sheet } = await newJob(lead, { scheduledFor: '2094-05-03' });
    await plan(id, [sheet.job.lead, 'Pim']);
    const { version } = (await lead.sheet(id)).job;
    const sent = { id: uuid(), version, leadId: ownerOf().id, scheduledFor: '2094-05-05', why: 'rain' };
    for (let i = 0; i < 2; i++) expect((await office.put(`/jobs/${id}/schedule`, sent)).status).toBe(200);
    const after = await lead.sheet(id);
    expect(after.job).toMatchObject({ scheduledFor: '2094-05-05', lead: ownerOf().fullName });
    expect(after.jobLog.filter((e) => e.kind === 'rescheduled').map((e) => e.body)).toEqual([
      { from: '2094-05-03', to: '2094-05-05', fromLead: sheet.job.lead, toLead: ownerOf().fullName, why: 'rain' },
    ]);
    expect((await slots('2094-05-03'))[0]).toMatchObject({ on: '2094-05-05', crew: [ownerOf().fullName, 'Pim'] });
  });
  it('two who move it at once are told both; a helper moves nothing; who cannot lead leads nothing', async () => {
    const { id } = await newJob(lead, { scheduledFor: '2094-06-07' });
    const { version } = (await lead.sheet(id)).job;
    const to = (scheduledFor: string) => ({ id: uuid(), version, leadId: leadOf().id, scheduledFor, why: '' });
    expect((await office.put(`/jobs/${id}/schedule`, to('2094-06-08'))).status).toBe(200);
    expect((await office.put(`/jobs/${id}/schedule`, to('2094-06-09'))).status).toBe(409);
    // The same as what stands already is no conflict.
    expect((await office.put(`/jobs/${id}/schedule`, to('2094-06-08'))).status).toBe(200);
    const helper = await server.as('alder-helper');
    expect((await helper.put(`/jobs/${id}/schedule`, to('2094-06-09'))).status).toBe(403);
    const bad = { ...to('2094-06-09'), leadId: people.find((p) => p.role === 'helper')!.id };
    expect((await office.put(`/jobs/${id}/schedule`, bad)).body).toMatchObject({ field: 'leadId' });
  });
});

describe('a person’s calendar', () => {
  it('is read by its address alone, shows the own days, and is gone when it is taken back', async () => {
    const soon = new Date(Date.now() + 5 * 86_400_000).toISOString().slice(0, 10);
    const { id } = await newJob(lead, { scheduledFor: soon, customerName: 'Calendar, & Sons' });
    await plan(id, [leadOf().fullName]);
    expect((await lead.get('/me/calendar')).body).toEqual({ token: null });
    const { token } = (await lead.post('/me/calendar', {})).body as unknown as { token: string };
    const feed = async () => fetch(`${server.origin}/api/calendar/${token}.ics`);
    const reply = await feed();
    expect(reply.headers.get('content-type')).toContain('text/calendar');
    const text = await reply.text();
    expect(text.startsWith('BEGIN:VCALENDAR\r\n')).toBe(true);
    expect(text.endsWith('END:VCALENDAR\r\n')).toBe(true);
    // RFC 5545: lines of at most 75 octets, commas and semicolons of a text escaped.
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(text.replace(/\r\n /g, '')).toContain('Calendar\\, & Sons');
    expect(text).toContain(`DTSTART:${soon.replace(/-/g, '')}T`);
    // Somebody who is not of the crew has none of it.
    const other = (await (await server.as('alder-helper')).post('/me/calendar', {})).body as unknown as {
      token: string;
    };
    expect(await (await fetch(`${server.origin}/api/calendar/${other.token}.ics`)).text()).not.toContain('Calendar');
    // A new address ends the old one.
    await lead.post('/me/calendar', {});
    expect((await feed()).status).toBe(404);
    await lead.post('/me/calendar/removal', {});
    expect((await lead.get('/me/calendar')).body).toEqual({ token: null });
    expect((await fetch(`${server.origin}/api/calendar/null.ics`)).status).toBe(404);
  });
});
