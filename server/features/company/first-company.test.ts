import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { type Client, ON_PAPER, startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';

const CODE = 'HKMQR-47XZ2';
const PASSWORD = 'over the mill bridge at dawn';
const server = await startServer({ setupCode: CODE });
afterAll(() => server.stop());

const setup = (change: object = {}) => ({
  code: 'hkmqr 47xz2',
  name: 'Weir and Daughter',
  timeZone: 'America/Chicago',
  currency: 'CAD',
  ownerName: 'Maud Weir',
  signIn: 'Maud',
  password: PASSWORD,
  language: 'en',
  ...change,
});

/** Adds somebody and takes their invitation in their name. */
async function hire(owner: Client, fullName: string, role: string, certification: string): Promise<Client> {
  const id = uuid();
  const body = { id, fullName, signIn: fullName, role, certification, certificateNumber: 'C-1', certifiedUntil: null };
  must(await owner.post('/company/people', body));
  const { path } = must(await owner.post(`/company/people/${id}/invitation`)).body as unknown as { path: string };
  const client = server.anyone();
  must(await client.post(`/invitations/${path.split('/').at(-1)}`, { password: PASSWORD }));
  return client;
}

describe('a firm that starts from nothing', () => {
  it('is begun once, by whoever reads the code, and nothing else opens before', async () => {
    const anyone = server.anyone();
    expect((await anyone.get('/setup')).body).toEqual({ waits: true });
    expect((await anyone.get('/jobs')).status).toBe(401);
    expect((await anyone.post('/sign-in', { signIn: 'maud', password: PASSWORD })).status).toBe(401);
    expect((await anyone.post('/setup', setup({ code: 'HKMQR-47XZ3' }))).body).toMatchObject({ field: 'code' });
    expect((await anyone.post('/setup', setup({ password: 'password1234' }))).body).toMatchObject({
      field: 'password',
    });
    expect((await anyone.post('/setup', setup({ timeZone: 'Mars' }))).body).toMatchObject({ field: 'timeZone' });
    expect((await anyone.get('/setup')).body).toEqual({ waits: true });
    // Sent by two at the same moment: one company.
    const both = await Promise.all([server.anyone(), server.anyone()].map((c) => c.post('/setup', setup())));
    expect(both.map((r) => r.status).sort()).toEqual([201, 404]);
    expect((await server.database.rows('select 1 from companies')).length).toBe(1);
    expect((await anyone.get('/setup')).body).toEqual({ waits: false });
  });
  it('from an empty sheet to a signed hand-over: people, a library, a job', async () => {
    const owner = server.anyone();
    must(await owner.post('/sign-in', { signIn: 'maud', password: PASSWORD }));
    expect((await owner.get('/me')).body.person).toMatchObject({
      companyName: 'Weir and Daughter',
      timeZone: 'America/Chicago',
      role: 'owner',
      demo: false,
    });
    expect((await owner.get('/settings')).body.settings).toEqual({ currency: 'CAD' });
    expect((await owner.get('/jobs?state=all')).body).toMatchObject({ jobs: [], total: 0 });
    const lead = await hire(owner, 'Ines Marl', 'lead', 'universal');
    const helper = await hire(owner, 'Bo Tarn', 'helper', 'none');
    const walk = await JobWalk.fresh(lead);
    await new JobWalk(helper, walk.id).tell({ asbestos: 'none' });
    await walk.survey({
      systemType: 'split-hp',
      replaced: 'both-units',
      liquidOdIn: '0.375',
      vaporOdIn: '0.875',
      lineLengthFt: 40,
      lineState: 'sound',
    });
    await walk.choose({ outdoorId: await walk.unit(), indoorId: await walk.unit({ kind: 'air-handler' }) });
    await walk.agree();
    await walk.release();
    must(await walk.put('/vacuum', { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER }));
    await walk.signAnyway('charge');
    await walk.readTwice();
    await walk.signAnyway('start-up');
    await walk.signAnyway('hand-over');
    const report = await walk.report();
    expect(report.status).toBe('signed');
    expect(JSON.stringify(report)).toContain('Weir and Daughter');
    const done = (await owner.get('/jobs?state=done')).body as unknown as { jobs: { number: number }[] };
    expect(done.jobs.length).toBe(1);
  });
});
