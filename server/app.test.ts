import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { alsoListening, Client, startServer } from './testing/harness';

const server = await startServer();
await server.database.run("update companies set demo = true where name = 'birch'");
const webDir = mkdtempSync(path.join(tmpdir(), 'mb-web-'));
mkdirSync(path.join(webDir, 'assets'));
writeFileSync(path.join(webDir, 'index.html'), '<!doctype html><title>Mill Bridge</title>');
writeFileSync(path.join(webDir, 'assets', 'main-abc.js'), 'export {};');
const also = await alsoListening(server, { demoSignIn: false, webDir, sessionSecret: 'abroad' });
const abroad = also.origin;
const close = also.close;
afterAll(async () => {
  await close();
  await server.stop();
});

describe('the listed demo', () => {
  it('is shown and works on loopback', async () => {
    const list = (await server.anyone().get('/sign-in')).body as {
      demo: { signIn: string }[];
      demoPassword: string | null;
    };
    expect(list.demo.map((p) => p.signIn)).toEqual(expect.arrayContaining(['birch-lead', 'birch-helper']));
    expect(list.demo.some((p) => p.signIn.startsWith('alder'))).toBe(false);
    expect((await server.as('birch-lead')).cookie).toBeTruthy();
  });
  it('is neither shown nor let in on another host, while the company’s own people are', async () => {
    const client = new Client(abroad);
    expect((await client.get('/sign-in')).body).toEqual({ demo: [], demoPassword: null });
    expect(
      (await client.post('/sign-in', { signIn: 'birch-lead', password: 'a long test password' })).body,
    ).toMatchObject({ code: 'not-allowed' });
    expect((await client.post('/sign-in', { signIn: 'alder-lead', password: 'a long test password' })).status).toBe(
      200,
    );
  });
});

describe('serving the page', () => {
  it('gives the page for any address of the application, never cached, and hashed assets for ever', async () => {
    for (const address of ['/', '/jobs/123/charge', '/formulas']) {
      const reply = await fetch(abroad + address);
      expect(await reply.text()).toContain('Mill Bridge');
      expect(reply.headers.get('cache-control')).toBe('no-cache');
    }
    const asset = await fetch(`${abroad}/assets/main-abc.js`);
    expect(asset.headers.get('cache-control')).toContain('immutable');
    expect(asset.headers.get('content-type')).toContain('javascript');
  });
  it('a missing chunk is 404, not the page', async () => {
    const reply = await fetch(`${abroad}/assets/gone-123.js`);
    expect(reply.status).toBe(404);
    expect(await reply.text()).not.toContain('<title>');
  });
  it('nothing outside the folder can be read', async () => {
    for (const address of ['/../package.json', '/%2e%2e/package.json', '/assets/..%2f..%2fpackage.json']) {
      expect(await (await fetch(abroad + address)).text()).not.toContain('"dependencies"');
    }
  });
  it('headers: a content policy without forcing https, no server name, API never stored', async () => {
    const page = await fetch(abroad);
    expect(page.headers.get('content-security-policy')).toContain("default-src 'self'");
    expect(page.headers.get('content-security-policy')).not.toContain('upgrade-insecure-requests');
    expect(page.headers.get('x-powered-by')).toBeNull();
    const api = await fetch(`${abroad}/api/health`);
    expect(api.headers.get('cache-control')).toBe('no-store');
    const set = (
      await fetch(`${abroad}/api/sign-in`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ signIn: 'alder-lead', password: 'a long test password' }),
      })
    ).headers.get('set-cookie');
    expect(set).toMatch(/HttpOnly/i);
    expect(set).toMatch(/SameSite=Lax/i);
  });
});
