import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { PersonRecord } from '@/contract/company';
import { type Client, PASSWORD, startServer } from '@/server/testing/harness';
import { must } from '@/server/testing/job-walk';
import { isEmpty, setUp, setupCode } from './setup';

const NEW_PASSWORD = 'over the mill bridge at dawn';
const server = await startServer();
const owner = await server.as('alder-owner');
const office = await server.as('alder-office');
const lead = await server.as('alder-lead');
const stranger = await server.as('birch-owner');
afterAll(() => server.stop());

const person = (change: object = {}) => ({
  id: uuid(),
  fullName: 'Ines Marl',
  signIn: `ines-${uuid().slice(-8)}`,
  role: 'lead',
  certification: 'universal',
  certificateNumber: 'U-4471',
  certifiedUntil: null,
  ...change,
});
const all = async (client: Client): Promise<PersonRecord[]> =>
  (await client.get('/company/people')).body.people as unknown as PersonRecord[];
const one = async (id: string) => (await all(owner)).find((p) => p.id === id)!;
/** Invites and takes the invitation: the person is signed in. */
async function joined(body: ReturnType<typeof person>, password = NEW_PASSWORD): Promise<Client> {
  const { path } = must(await owner.post(`/company/people/${body.id}/invitation`)).body as unknown as { path: string };
  const client = server.anyone();
  must(await client.post(`/invitations/${path.split('/').at(-1)}`, { password }));
  return client;
}

describe('the people of a company', () => {
  it('are added without a password, come by an invitation that is good once, and are then who they are', async () => {
    const body = person();
    expect((await lead.get('/company/people')).status).toBe(403);
    expect((await lead.post('/company/people', body)).status).toBe(403);
    for (let k = 0; k < 2; k++) must(await office.post('/company/people', body));
    expect(await one(body.id)).toMatchObject({ joined: false, active: true, inviteUntil: null });
    // Nobody signs in as somebody who has no password, whatever is tried.
    for (const password of ['', 'null', NEW_PASSWORD])
      expect((await server.anyone().post('/sign-in', { signIn: body.signIn, password })).status).toBeGreaterThanOrEqual(
        400,
      );
    const { path } = must(await office.post(`/company/people/${body.id}/invitation`)).body as unknown as {
      path: string;
    };
    const token = path.split('/').at(-1)!;
    expect((await server.anyone().get(`/invitations/${token}`)).body).toEqual({
      fullName: 'Ines Marl',
      company: 'alder',
      signIn: body.signIn,
    });
    const client = server.anyone();
    expect((await client.post(`/invitations/${token}`, { password: 'password1234' })).body).toMatchObject({
      code: 'bad-input',
      field: 'password',
    });
    must(await client.post(`/invitations/${token}`, { password: NEW_PASSWORD }));
    expect((await client.get('/me')).body.person).toMatchObject({ fullName: 'Ines Marl', role: 'lead' });
    expect((await server.anyone().post(`/invitations/${token}`, { password: NEW_PASSWORD })).status).toBe(404);
    expect((await server.anyone().get(`/invitations/${token}x`)).status).toBe(404);
    must(await server.anyone().post('/sign-in', { signIn: body.signIn.toUpperCase(), password: NEW_PASSWORD }));
    // Neither hash nor token is ever told or stored as it is.
    expect(JSON.stringify(await all(owner))).not.toMatch(/argon2|hash/i);
    const [row] = await server.database.rows<{ hash: string | null }>(
      'select invite_hash as hash from people where id = :id',
      { id: body.id },
    );
    expect(row!.hash).toBeNull();
  });
  it('a new password signs out whoever was in with the old one', async () => {
    const body = person();
    must(await owner.post('/company/people', body));
    const before = await joined(body);
    expect((await before.get('/me')).status).toBe(200);
    const after = await joined(body, 'another word for the same door');
    expect((await before.get('/me')).status).toBe(401);
    expect((await after.get('/me')).status).toBe(200);
    expect((await server.anyone().post('/sign-in', { signIn: body.signIn, password: NEW_PASSWORD })).status).toBe(401);
  });
  it('an invitation that is over opens nothing', async () => {
    const body = person();
    must(await owner.post('/company/people', body));
    const { path } = (await owner.post(`/company/people/${body.id}/invitation`)).body as unknown as { path: string };
    await server.database.run("update people set invite_until = '2020-01-01' where id = :id", { id: body.id });
    expect((await server.anyone().get(`/invitations/${path.split('/').at(-1)}`)).status).toBe(404);
  });
  it('blocked, a person is out at once and stays out, and the name stays on the list', async () => {
    const body = person();
    must(await owner.post('/company/people', body));
    const client = await joined(body);
    const { version } = await one(body.id);
    must(await owner.put(`/company/people/${body.id}/blocked`, { version, blocked: true }));
    expect((await client.get('/me')).status).toBe(401);
    expect((await server.anyone().post('/sign-in', { signIn: body.signIn, password: NEW_PASSWORD })).status).toBe(401);
    expect((await owner.post(`/company/people/${body.id}/invitation`)).body).toMatchObject({ code: 'gate-held' });
    expect((await one(body.id)).active).toBe(false);
    const again = { version: (await one(body.id)).version, blocked: false };
    must(await owner.put(`/company/people/${body.id}/blocked`, again));
    must(await server.anyone().post('/sign-in', { signIn: body.signIn, password: NEW_PASSWORD }));
  });
  it('nobody blocks themselves, and a company keeps an owner whom only an owner changes', async () => {
    const me = (await all(owner)).find((p) => p.signIn === 'alder-owner')!;
    const put = (client: Client, change: object) =>
      client.put(`/company/people/${me.id}`, {
        version: me.version,
        fullName: me.fullName,
        signIn: me.signIn,
        role: me.role,
        certification: me.certification,
        certificateNumber: me.certificateNumber ?? '',
        certifiedUntil: null,
        ...change,
      });
    expect((await owner.put(`/company/people/${me.id}/blocked`, { version: me.version, blocked: true })).status).toBe(
      403,
    );
    expect((await office.put(`/company/people/${me.id}/blocked`, { version: me.version, blocked: true })).status).toBe(
      403,
    );
    expect((await put(office, { fullName: 'X Y' })).body).toMatchObject({ code: 'not-allowed', field: 'role' });
    expect((await put(owner, { role: 'lead' })).body).toMatchObject({ code: 'gate-held', field: 'role' });
    expect((await office.post('/company/people', person({ role: 'owner' }))).status).toBe(403);
    expect((await office.post(`/company/people/${me.id}/invitation`)).status).toBe(403);
    must(await put(owner, { fullName: 'alder owner II' }));
    expect((await put(owner, { fullName: 'stale' })).body).toMatchObject({ code: 'stale-version' });
  });
  it('a name that signs in is one of its own, everywhere; another company’s people are not there', async () => {
    expect((await owner.post('/company/people', person({ signIn: 'BIRCH-lead' }))).body).toMatchObject({
      code: 'bad-input',
      field: 'signIn',
    });
    const theirs = (await all(stranger))[0]!;
    expect((await owner.post(`/company/people/${theirs.id}/invitation`)).status).toBe(404);
    expect((await owner.put(`/company/people/${theirs.id}/blocked`, { version: 1, blocked: true })).status).toBe(404);
    const names = (await all(stranger)).map((p) => p.signIn);
    expect(names.every((n) => n.startsWith('birch'))).toBe(true);
  });
  it('a certification that has run out is none until it is renewed', async () => {
    const body = person({ certifiedUntil: '2020-01-01' });
    must(await owner.post('/company/people', body));
    const client = await joined(body);
    expect((await client.get('/me')).body.person).toMatchObject({ certification: 'none' });
    const { version, active: _a, joined: _j, inviteUntil: _i, id: _id, ...rest } = await one(body.id);
    expect(rest.certification).toBe('universal');
    must(await owner.put(`/company/people/${body.id}`, { ...rest, version, certifiedUntil: '2090-01-01' }));
    expect((await client.get('/me')).body.person).toMatchObject({ certification: 'universal' });
  });
  it('the company has its name and its clock, changed under its version by the owner or the office', async () => {
    const before = (await lead.get('/company')).body as unknown as { name: string; timeZone: string; version: number };
    const change = {
      version: before.version,
      name: 'Alder & Sons',
      timeZone: 'America/Denver',
      customerLanguage: 'es',
    };
    expect((await lead.put('/company', change)).status).toBe(403);
    must(await office.put('/company', change));
    expect((await office.put('/company', { ...change, name: 'Alder' })).body).toMatchObject({ code: 'stale-version' });
    expect((await lead.get('/me')).body.person).toMatchObject({
      companyName: 'Alder & Sons',
      timeZone: 'America/Denver',
    });
    expect((await lead.get('/company')).body).toMatchObject({ customerLanguage: 'es' });
    expect((await owner.put('/company', { ...change, version: 2, customerLanguage: 'fr' })).body).toMatchObject({
      field: 'customerLanguage',
    });
    expect((await owner.put('/company', { ...change, version: 2, timeZone: 'Mars/Base' })).body).toMatchObject({
      code: 'bad-input',
      field: 'timeZone',
    });
  });
});

describe('an installation that has its company', () => {
  const setup = {
    code: 'AAAAA-AAAAA',
    name: 'Second',
    timeZone: 'America/New_York',
    currency: 'USD',
    ownerName: 'Some One',
    signIn: 'someone',
    password: NEW_PASSWORD,
    language: 'en',
  } as const;
  it('waits for none, and nobody begins another', async () => {
    expect((await server.anyone().get('/setup')).body).toEqual({ waits: false });
    expect((await server.anyone().post('/setup', setup)).status).toBe(404);
    expect(await isEmpty(server.database)).toBe(false);
    await expect(setUp(server.database, 'AAAAA-AAAAA', setup)).rejects.toMatchObject({ code: 'not-found' });
  });
  it('its codes are long, plain and never twice', () => {
    const codes = Array.from({ length: 50 }, setupCode);
    expect(new Set(codes).size).toBe(50);
    for (const code of codes) expect(code).toMatch(/^[A-HJKMNP-Z2-9]{5}-[A-HJKMNP-Z2-9]{5}$/);
  });
  it('the people of a test company sign in as before', async () => {
    expect((await server.anyone().post('/sign-in', { signIn: 'alder-lead', password: PASSWORD })).status).toBe(200);
  });
});
