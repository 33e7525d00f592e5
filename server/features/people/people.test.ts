import { afterAll, describe, expect, it } from 'vitest';
import { PASSWORD, startServer } from '@/server/testing/harness';

const server = await startServer();
afterAll(() => server.stop());

describe('signing in', () => {
  it('says who is signed in and forgets on sign-out', async () => {
    const lead = await server.as('alder-lead');
    expect((await lead.get('/me')).body.person).toMatchObject({
      fullName: 'alder lead',
      role: 'lead',
      companyName: 'alder',
      timeZone: expect.stringMatching(/\//),
    });
    await lead.post('/sign-out');
    expect((await lead.get('/me')).status).toBe(401);
  });
  it('a wrong password and an unknown name get the same answer', async () => {
    const wrong = await server.anyone().post('/sign-in', { signIn: 'alder-lead', password: 'nope' });
    const nobody = await server.anyone().post('/sign-in', { signIn: 'nobody', password: 'nope' });
    expect(wrong.status).toBe(401);
    expect(wrong.body).toEqual(nobody.body);
    expect(wrong.type).toContain('application/problem+json');
  });
  it('passwords are stored as argon2id and never leave', async () => {
    const [row] = await server.database.rows<{ passwordHash: string }>(
      "select password_hash as passwordHash from people where sign_in = 'alder-lead'",
    );
    expect(row!.passwordHash).toMatch(/^\$argon2id\$/);
    const lead = await server.as('alder-lead');
    expect(JSON.stringify((await lead.get('/me')).body) + JSON.stringify((await lead.get('/people')).body)).not.toMatch(
      /argon2|password/,
    );
  });
  it('everything but signing in and the calculations asks for a session', async () => {
    for (const path of ['/jobs', '/people', '/me', '/jobs/x', '/runs/x/stream', '/jobs/x/report.pdf']) {
      expect((await server.anyone().get(path)).status, path).toBe(401);
    }
  });
  it('a write from another origin is refused', async () => {
    const lead = await server.as('alder-lead');
    const reply = await lead.call('POST', '/sign-out', {}, { origin: 'https://elsewhere.example' });
    expect(reply).toMatchObject({ status: 403, body: { code: 'wrong-origin' } });
    expect((await lead.call('POST', '/sign-out', {}, { origin: server.origin })).status).toBe(200);
  });
  it('no demo people are listed where there is no demo company', async () => {
    expect((await server.anyone().get('/sign-in')).body).toEqual({ demo: [], demoPassword: null });
  });
  it('guessing is slowed, more with each wrong try, and nobody is locked out', async () => {
    const client = server.anyone();
    const took: number[] = [];
    for (let i = 0; i < 8; i++) {
      const began = Date.now();
      expect((await client.post('/sign-in', { signIn: 'alder-owner', password: `x${i}` })).status).toBe(401);
      took.push(Date.now() - began);
    }
    expect(Math.min(...took.slice(6))).toBeGreaterThan(390);
    // The right password still opens, and a colleague behind the same router waits for nothing.
    const colleague = await server.anyone().post('/sign-in', { signIn: 'alder-lead', password: PASSWORD });
    expect(colleague.status).toBe(200);
    expect((await client.post('/sign-in', { signIn: 'alder-owner', password: PASSWORD })).status).toBe(200);
  });
});
