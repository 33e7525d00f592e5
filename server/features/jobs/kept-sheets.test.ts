import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { BUNDLE, BUNDLE_PARTS } from '@/server/features/bundles/bundle-tables';
import { type Client, newJob, startServer } from '@/server/testing/harness';
import { readStamped } from './kept-sheets';

const server = await startServer();
const lead = await server.as('alder-lead');
const owner = await server.as('alder-owner');
const helper = await server.as('alder-helper');
afterAll(() => server.stop());

const ask = (who: Client, jobId: string, headers: Record<string, string> = {}) =>
  fetch(`${server.origin}/api/jobs/${jobId}`, { headers: { cookie: who.cookie, ...headers } });
const etagOf = async (who: Client, jobId: string): Promise<string> => (await ask(who, jobId)).headers.get('ETag')!;
const openItem = (what: string) => ({
  id: uuid(),
  kind: 'open-item',
  body: { what, owner: 'our crew', name: '', due: '2099-01-31', next: 'order it' },
  supersedesId: null,
  occurredAt: new Date().toISOString(),
});

describe('a job sheet that is kept', () => {
  it('is said to hold until something of the job changes', async () => {
    const { id } = await newJob(lead);
    const etag = await etagOf(lead, id);
    expect(await etagOf(lead, id)).toBe(etag);
    const same = await ask(lead, id, { 'If-None-Match': etag });
    expect(same.status).toBe(304);
    expect(await same.text()).toBe('');
    expect((await lead.post(`/jobs/${id}/circuit-entries`, openItem('the pad'))).status).toBe(201);
    const after = await ask(lead, id, { 'If-None-Match': etag });
    expect(after.status).toBe(200);
    expect(JSON.stringify(await after.json())).toContain('the pad');
  });

  it('is each reader’s own as to what they are certified for, and nobody else’s', async () => {
    const { id } = await newJob(lead);
    await etagOf(lead, id);
    expect((await lead.sheet(id)).certification).toBe('universal');
    expect((await helper.sheet(id)).certification).toBe('none');
    const birch = await server.as('birch-lead');
    expect((await birch.get(`/jobs/${id}`)).status).toBe(404);
    expect(
      (await birch.call('GET', `/jobs/${id}`, undefined, { 'If-None-Match': await etagOf(lead, id) })).status,
    ).toBe(404);
  });

  it('changes with what the company changes for all of its jobs', async () => {
    const { id } = await newJob(lead);
    const before = (await lead.sheet(id)).schools.subcoolingToleranceF;
    const put = await owner.put('/settings', { version: 1, settings: { subcoolingToleranceF: before + 1 } });
    expect(put.status, JSON.stringify(put.body)).toBe(200);
    expect((await lead.sheet(id)).schools.subcoolingToleranceF).toBe(before + 1);
  });

  it('comes as plain text to who cannot unpack it', async () => {
    const { id } = await newJob(lead);
    const plain = await ask(lead, id, { 'Accept-Encoding': 'identity' });
    expect(plain.headers.get('Content-Encoding')).toBeNull();
    expect(await plain.json()).toEqual(await (await ask(lead, id)).json());
  });

  it('is never what a transaction read that was taken back', async () => {
    const { id, sheet } = await newJob(lead);
    const [row] = await server.database.rows<{ companyId: string; personId: string }>(
      'select company_id as companyId, lead_id as personId from jobs where id = :id',
      { id },
    );
    const undone = new Error('taken back');
    await expect(
      server.database.transaction(async (db) => {
        await db.run(
          `insert into circuit_entries (id, company_id, job_id, circuit_id, phase, kind, body, body_hash, source, supersedes_id, person_id, occurred_at)
           values (:entry, :companyId, :id, :circuitId, 'hand-over', 'open-item', '{}', '', 'typed', null, :personId, now(3))`,
          { entry: uuid(), id, circuitId: sheet.circuit.id, ...row! },
        );
        expect((await readStamped(db, row!.companyId, { jobId: id }))!.sheet.jobLog).toHaveLength(1);
        throw undone;
      }),
    ).rejects.toBe(undone);
    expect((await readStamped(server.database, row!.companyId, { jobId: id }))!.sheet.jobLog).toEqual([]);
  });

  it('every table of a job counts its changes', async () => {
    // Not on the sheet: the trail, amendments beside it, benches, and the samples of its runs.
    const OFF_THE_SHEET = new Set(['audit', 'amendments', 'late_entries', 'run_chunks', 'equipment', 'writes', 'rigs']);
    const tables = BUNDLE_PARTS.map((part) => BUNDLE[part].table as string).filter((t) => !OFF_THE_SHEET.has(t));
    const counted = await server.database.rows<{ name: string }>(
      `select distinct event_object_table as name from information_schema.triggers
       where trigger_schema = database() and trigger_name like '%\\_counts'`,
    );
    const names = new Set(counted.map((r) => r.name));
    expect(tables.length).toBeGreaterThan(15);
    expect(tables.filter((t) => !names.has(t))).toEqual([]);
  });
});
