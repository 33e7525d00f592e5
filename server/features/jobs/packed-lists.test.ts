import { afterAll, describe, expect, it } from 'vitest';
import { SILENCE_MS } from '@/core/phases/hand-over/check-in';
import { asIf } from '@/server/clock';
import { unpacked } from '@/server/packed-answer';
import { newJob, startServer } from '@/server/testing/harness';
import { packedList } from './packed-lists';

const QUERY = { state: 'open', search: '', today: '2026-06-10', offset: 0, limit: 50 } as const;

const server = await startServer();
const lead = await server.as('alder-lead');
const jobs = [(await newJob(lead)).id, (await newJob(lead)).id];
const [company] = await server.database.rows<{ id: string }>("select id from companies where name = 'alder'");
const companyId = company!.id;
afterAll(() => server.stop());

const packed = () => packedList(server.database, companyId, QUERY);
const change = (set: string) =>
  server.database.run(`update job_summary set ${set} where job_id = :id`, { id: jobs[0] });

describe('a page of the list that is kept packed', () => {
  it('is the same one until something that it shows changes, for whoever asks', async () => {
    const first = await packed();
    expect(await packed()).toBe(first);
    // What only the owed visits show does not touch it.
    await change("owed = '[]', owed_on = '2026-07-01'");
    expect(await packed()).toBe(first);
    await change("mark = 'stop'");
    const second = await packed();
    expect(second.etag).not.toBe(first.etag);
    expect(JSON.parse(await unpacked(second)).jobs.find((j: { jobId: string }) => j.jobId === jobs[0]).mark).toBe(
      'stop',
    );
  });
  it('is another one for each state, search and place in the list', async () => {
    const first = await packed();
    for (const other of [{ state: 'all' }, { search: 'nobody' }, { offset: 1 }, { today: '2026-06-11' }] as const)
      expect(await packedList(server.database, companyId, { ...QUERY, ...other })).not.toBe(first);
    expect(await packed()).toBe(first);
  });
  it('does not outlive the moment at which somebody who works alone falls silent', async () => {
    const due = new Date(Date.now() + 60_000);
    await server.database.run('update job_summary set check_in_due = :due where job_id = :id', { due, id: jobs[1] });
    const before = await packed();
    const falls = due.getTime() + SILENCE_MS;
    expect(await asIf(new Date(falls - 1000), packed)).toBe(before);
    const after = await asIf(new Date(falls + 1000), packed);
    expect(after).not.toBe(before);
    expect(JSON.parse(await unpacked(after)).jobs[0].jobId).toBe(jobs[1]);
    await change('check_in_due = null');
  });
  it('is told to hold where the page has it, and sent again after a write', async () => {
    const ask = (tag = '') =>
      fetch(`${server.origin}/api/jobs?today=2026-06-10`, { headers: { cookie: lead.cookie, 'if-none-match': tag } });
    const tag = (await ask()).headers.get('etag')!;
    expect((await ask(tag)).status).toBe(304);
    await newJob(lead);
    const again = await ask(tag);
    expect(again.status).toBe(200);
    expect((await again.json()).jobs).toHaveLength(3);
  });
});
