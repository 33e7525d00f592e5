import sharp from 'sharp';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { alsoListening, movement, newJob, passVacuum, startServer, until } from './testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
const also = await alsoListening(server, {
  demoSignIn: true,
  sessionSecret: 'tls',
  trustProxy: 1,
  allowedHosts: ['bridge.example'],
});
const tls = `${also.origin}/api`;
const close = also.close;
afterAll(async () => {
  await close();
  await server.stop();
});

describe('odd input', () => {
  it.each([
    ['a year before 2000', { occurredAt: '1899-12-31T23:00:00.000Z' }, 'measurements.0.occurredAt'],
    ['a year after 2100', { occurredAt: '+010000-01-01T00:00:00.000Z' }, 'measurements.0.occurredAt'],
    ['half a character', { stage: 'weigh-in\ud800' }, 'stage'],
  ])('%s is refused with its field', async (_name, change, field) => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    const reply = await lead.post(`/jobs/${id}/measurements`, { measurements: [{ ...movement(8), ...change }] });
    expect(reply).toMatchObject({ status: 400, body: { code: 'bad-input', field } });
  });
  it('names every object has are no names of ours', async () => {
    for (const path of ['/library/__proto__.csv', '/library/toString.csv', '/refrigerant/constructor.csv'])
      expect((await lead.get(path)).status, path).toBe(404);
    for (const id of ['__proto__', 'toString', 'constructor'])
      expect((await lead.post(`/calculations/${id}`, {})).status, id).toBe(404);
  });
  it('the same id twice in one post is refused, and nothing of it is kept', async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    const one = movement(8);
    const reply = await lead.post(`/jobs/${id}/measurements`, { measurements: [one, { ...one, value: 9 }] });
    expect(reply).toMatchObject({ status: 400, body: { code: 'bad-input' } });
    expect((await lead.sheet(id)).measurements).toEqual([]);
  });
  it('what another job wrote is not superseded from this one', async () => {
    const [a, b] = [await newJob(lead), await newJob(lead)];
    for (const { id } of [a, b]) await passVacuum(lead, id);
    const there = movement(8);
    await lead.post(`/jobs/${a.id}/measurements`, { measurements: [there] });
    const reply = await lead.post(`/jobs/${b.id}/measurements`, {
      measurements: [{ ...movement(1), supersedesId: there.id }],
    });
    expect(reply.status).toBe(400);
    expect((await lead.sheet(a.id)).measurements.map((m) => m.value)).toEqual([8]);
  });
});

describe('names and hosts', () => {
  it('signing in wants the exact name: an accent is another person', async () => {
    const try_ = (signIn: string) => server.anyone().post('/sign-in', { signIn, password: 'a long test password' });
    expect((await try_('alder-léad')).status).toBe(401);
    expect((await try_('alder-lead')).status).toBe(200);
  });
  it('a host that is not ours is told so; the demo is offered on loopback names only', async () => {
    const ask = (host: string, path = '/sign-in') =>
      fetch(`${tls}${path}`, { headers: { 'x-forwarded-host': host, 'x-forwarded-proto': 'https' } });
    // fetch sets Host itself: a raw request carries another one.
    const raw = async (host: string): Promise<{ status: number; body: string; headers: Record<string, unknown> }> => {
      const { request } = await import('node:http');
      const url = new URL(`${tls}/sign-in`);
      return new Promise((done, fail) => {
        const sent = request(
          { host: url.hostname, port: url.port, path: url.pathname, headers: { host, 'x-forwarded-proto': 'https' } },
          (reply) => {
            let body = '';
            reply.on('data', (d) => (body += d));
            reply.on('end', () => done({ status: reply.statusCode ?? 0, body, headers: reply.headers }));
          },
        );
        sent.on('error', fail);
        sent.end();
      });
    };
    expect((await ask('bridge.example')).status).toBe(200);
    expect((await raw('evil.example')).status).toBe(421);
    const own = await raw('bridge.example');
    expect(JSON.parse(own.body)).toEqual({ demo: [], demoPassword: null });
    expect(own.headers['strict-transport-security']).toContain('max-age');
  });
  it('scripts come from here alone, and nothing may frame the page', async () => {
    const policy = (await fetch(`${server.origin}/api/health/live`)).headers.get('content-security-policy') ?? '';
    expect(policy).toContain("script-src 'self';");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toContain('https:');
    expect(
      policy
        .split(';')
        .filter((d) => d.includes('unsafe-inline'))
        .map((d) => d.trim().split(' ')[0]),
    ).toEqual(['style-src-elem', 'style-src-attr']);
  });
});

describe('signed-in devices', () => {
  it('are listed, are revoked from another one, and their streams end with them', async () => {
    const [desk, phone] = [await server.as('alder-owner'), await server.as('alder-owner')];
    const list = async () =>
      (await desk.get('/sessions')).body.sessions as unknown as { id: string; here: boolean; agent: string }[];
    const before = await list();
    expect(before.filter((d) => d.here).length).toBe(1);
    const { id } = await newJob(lead);
    const run = uuid();
    expect((await lead.post(`/jobs/${id}/runs`, { id: run, phase: 'charge', speed: 1 })).status).toBe(201);
    const stream = await fetch(`${server.origin}/api/runs/${run}/stream`, { headers: { cookie: phone.cookie } });
    const reader = stream.body!.getReader();
    await reader.read();
    const other = before.find((d) => !d.here)!;
    expect((await desk.post(`/sessions/${other.id}/revoke`)).status).toBe(200);
    const ended = until(async () => (await reader.read()).done, 8000);
    expect(await ended).toBe(true);
    expect((await phone.get('/me')).status).toBe(401);
    expect((await list()).length).toBe(before.length - 1);
    expect((await lead.post(`/sessions/${before.find((d) => d.here)!.id}/revoke`)).status).toBe(404);
    await lead.post(`/runs/${run}/stop`);
  });
  it('signing out ends the streams of that session; nothing listens on', async () => {
    const { id } = await newJob(lead);
    const run = uuid();
    await lead.post(`/jobs/${id}/runs`, { id: run, phase: 'charge', speed: 1 });
    const helper = await server.as('alder-helper');
    const open = Array.from({ length: 5 }, () =>
      fetch(`${server.origin}/api/runs/${run}/stream`, { headers: { cookie: helper.cookie } }),
    );
    const bodies = (await Promise.all(open)).map((r) => r.body!.getReader());
    await until(async () => server.streams.size === 5);
    await helper.post('/sign-out');
    await Promise.all(bodies.map((r) => until(async () => (await r.read()).done, 8000)));
    await until(async () => server.streams.size === 0);
    await lead.post(`/runs/${run}/stop`);
  });
});

describe('pictures', () => {
  const send = async (jobId: string, file: Buffer, name: string) => {
    const form = new FormData();
    form.set('id', uuid());
    form.set('subject', 'fact:oldTons');
    form.set('takenAt', new Date().toISOString());
    form.set('photo', new Blob([new Uint8Array(file)]), name);
    const response = await fetch(`${server.origin}/api/jobs/${jobId}/photos`, {
      method: 'POST',
      headers: { cookie: lead.cookie },
      body: form,
    });
    return { status: response.status, body: (await response.json()) as Record<string, string> };
  };
  it('are told by what is in them: SVG and other files are refused, HEIC with the way to switch', async () => {
    const { id } = await newJob(lead);
    const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="60000" height="60000"><rect/></svg>');
    expect(await send(id, svg, 'roof.jpg')).toMatchObject({ status: 400, body: { field: 'photo' } });
    const heic = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic'), Buffer.alloc(40)]);
    const refused = await send(id, heic, 'roof.heic');
    expect(refused.status).toBe(400);
    expect(refused.body.message).toContain('Most Compatible');
    for (const format of ['jpeg', 'png', 'webp', 'avif'] as const) {
      const file = await sharp({ create: { width: 64, height: 48, channels: 3, background: '#887766' } })
        .toFormat(format)
        .toBuffer();
      expect((await send(id, file, 'no-name')).status, format).toBe(201);
    }
  });
  it('of too many pixels are refused by their header, and signing in does not wait for them', async () => {
    const { id } = await newJob(lead);
    // 119 megapixels of one colour: 120 kB that would unpack to 357 MB.
    const huge = await sharp({ create: { width: 10_900, height: 10_918, channels: 3, background: '#ffffff' } })
      .png({ compressionLevel: 9 })
      .toBuffer();
    const [signedIn, ...pictures] = await Promise.all([
      server.as('alder-helper'),
      ...Array.from({ length: 8 }, () => send(id, huge, 'roof.png')),
    ]);
    expect(signedIn.cookie).toBeTruthy();
    for (const p of pictures) {
      expect([400, 429]).toContain(p.status);
      if (p.status === 400) expect(p.body.message).toContain('119 megapixels');
    }
  }, 90_000);
});
