import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { DEAD_PROOF, EMPTY_CYLINDER, OLD_CHARGE } from '@/demo/sample-entries';
import { movement, newJob, passVacuum, startServer } from './testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
const birch = await server.as('birch-lead');
afterAll(() => server.stop());

const at = '2026-03-02T14:00:00.000Z';
type Prepared = { path: string; body: Record<string, unknown>; other: Record<string, unknown> };
const entry = (kind: string, body: object) => ({ id: uuid(), kind, body, supersedesId: null, occurredAt: at });
const signedRecovery = async (): Promise<string> => {
  const { id } = await newJob(lead);
  await lead.post(`/jobs/${id}/circuit-entries`, entry('old-charge', { ...OLD_CHARGE, outdoorFt3: null }));
  await lead.post(`/jobs/${id}/circuit-entries`, entry('method', { method: 'nothing', reason: 'it was empty' }));
  await lead.post(`/jobs/${id}/circuit-entries`, entry('dead-proof', DEAD_PROOF));
  const reply = await lead.post(`/jobs/${id}/phases/recover/sign-offs`, { id: uuid() });
  return (reply.body.signOffs as unknown as { id: string }[])[0]!.id;
};

const AT_ONCE = 16;

/** Every write with an id of its own: how it is sent, and a difference that must be seen. */
const WRITES: Record<string, () => Promise<Prepared>> = {
  'a job': async () => {
    const { body } = await newJob(lead);
    const job = { ...body, id: uuid() };
    return { path: '/jobs', body: job, other: { ...job, town: 'Elsewhere' } };
  },
  'a typed weighing': async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    const m = { ...movement(8), startOz: 400, endOz: 392, value: 8 };
    return {
      path: `/jobs/${id}/measurements`,
      body: { measurements: [m] },
      other: { measurements: [{ ...m, startOz: 300, endOz: 292 }] },
    };
  },
  'an answer of the survey': async () => {
    const { id } = await newJob(lead, { plate: null });
    const o = {
      id: uuid(),
      fact: 'systemType',
      value: 'rooftop',
      method: 'seen',
      source: 'on site',
      confidence: 'high',
      note: null,
      photoId: null,
      occurredAt: at,
    };
    return {
      path: `/jobs/${id}/observations`,
      body: { observations: [o] },
      other: { observations: [{ ...o, note: 'said the neighbor' }] },
    };
  },
  'a waived picture': async () => {
    const { id } = await newJob(lead, { plate: null });
    const w = { id: uuid(), item: 'plates', reason: 'The old unit is gone already.' };
    return { path: `/jobs/${id}/waivers`, body: w, other: { ...w, reason: 'Nobody asked for it.' } };
  },
  'an override': async () => {
    const { id } = await newJob(lead);
    const o = { id: uuid(), gate: 'standing-vacuum', reason: 'Read off the paper sheet of this test.' };
    return { path: `/jobs/${id}/phases/charge/overrides`, body: o, other: { ...o, reason: 'Read off another sheet.' } };
  },
  'an entry of the circuit log': async () => {
    const { id } = await newJob(lead);
    const e = entry('old-charge', { ...OLD_CHARGE, outdoorFt3: null });
    return {
      path: `/jobs/${id}/circuit-entries`,
      body: e,
      other: { ...e, occurredAt: '2026-03-02T15:00:00.000Z' },
    };
  },
  'a movement of a cylinder': async () => {
    const c = { id: uuid(), version: 0, tag: `RC-${uuid().slice(-6)}`, ...EMPTY_CYLINDER, refrigerant: 'R-410A' };
    await lead.put(`/cylinders/${c.id}`, c);
    const m = { id: uuid(), kind: 'opening', oz: 20, grossOz: null, recipient: null, note: null, occurredAt: at };
    return { path: `/cylinders/${c.id}/movements`, body: m, other: { ...m, note: 'found in the shed' } };
  },
  'an amendment': async () => {
    const a = { id: uuid(), note: 'The tag on the disconnect was red.' };
    return { path: `/sign-offs/${await signedRecovery()}/amendments`, body: a, other: { ...a, note: 'It was blue.' } };
  },
  'a withdrawal of a weighing': async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    const m = movement(8);
    await lead.post(`/jobs/${id}/measurements`, { measurements: [m] });
    const w = { id: uuid(), reason: 'read off the wrong scale', occurredAt: at };
    return {
      path: `/jobs/${id}/movements/${m.id}/withdrawal`,
      body: w,
      other: { ...w, reason: 'typed twice' },
    };
  },
};

describe('one id, one write', () => {
  it.each(Object.entries(WRITES))(
    '%s: identical posts at once are one, another body is refused',
    async (_name, prepare) => {
      const { path, body, other } = await prepare();
      const replies = await Promise.all(Array.from({ length: AT_ONCE }, () => lead.post(path, body)));
      expect([...new Set(replies.map((r) => r.status))]).toEqual([201]);
      expect(await lead.post(path, other)).toMatchObject({ status: 409, body: { code: 'other-body', field: 'id' } });
      expect((await lead.post(path, body)).status).toBe(201);
      const stranger = await birch.post(path, body);
      expect([400, 404]).toContain(stranger.status);
    },
  );
  it('what was sent fifty times stands once', async () => {
    const { path, body } = await WRITES['a typed weighing']!();
    await Promise.all(Array.from({ length: 50 }, () => lead.post(path, body)));
    const sheet = await lead.sheet(path.split('/')[2]!);
    expect(sheet.measurements).toHaveLength(1);
    const entries = await WRITES['an entry of the circuit log']!();
    await Promise.all(Array.from({ length: 50 }, () => lead.post(entries.path, entries.body)));
    expect((await lead.sheet(entries.path.split('/')[2]!)).circuitLog).toHaveLength(1);
  });
  it('a refused write leaves its id free', async () => {
    const { id } = await newJob(lead);
    const m = movement(8);
    expect((await lead.post(`/jobs/${id}/measurements`, { measurements: [m] })).status).toBe(409);
    await passVacuum(lead, id);
    expect((await lead.post(`/jobs/${id}/measurements`, { measurements: [m] })).status).toBe(201);
  });
});
