import type { AddressInfo } from 'node:net';
import express from 'express';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { shed } from './shed';

/** A server that answers when it is told to. */
const held: (() => void)[] = [];
let origin: string;
let stop: () => Promise<unknown>;
beforeAll(async () => {
  const app = express();
  app.use(shed(2));
  app.all(['/slow', '/a/stream'], (_request, response) => void held.push(() => response.json({ ok: true })));
  const server = app.listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  stop = () => {
    server.closeAllConnections();
    return new Promise((done) => server.close(done));
  };
});
afterAll(() => stop());

const ask = (path = '/slow', signal?: AbortSignal) => fetch(origin + path, { signal });
const underWay = async (n: number): Promise<void> => {
  while (held.length < n) await new Promise((done) => setTimeout(done, 5));
};

describe('more than it can do', () => {
  it('is turned away at once with a time to come back, and what was taken is answered', async () => {
    const taken = [ask(), ask()];
    await underWay(2);
    const away = await ask();
    expect(away.status).toBe(503);
    expect(away.headers.get('Retry-After')).toBe('2');
    expect(await away.json()).toMatchObject({ code: 'overloaded' });
    for (const answer of held.splice(0)) answer();
    expect((await Promise.all(taken)).map((r) => r.status)).toEqual([200, 200]);
    const next = ask();
    await underWay(1);
    held.splice(0)[0]!();
    expect((await next).status).toBe(200);
  });

  it('a picture that is still on its way takes no place', async () => {
    const taken = [ask(), ask()];
    await underWay(2);
    const form = new FormData();
    form.set('photo', new Blob(['x']));
    const picture = fetch(`${origin}/slow`, { method: 'POST', body: form });
    await underWay(3);
    for (const answer of held.splice(0)) answer();
    expect((await picture).status).toBe(200);
    expect((await Promise.all(taken)).map((r) => r.status)).toEqual([200, 200]);
  });

  it('a stream takes no place, and who gives up gives the place back', async () => {
    const streams = [ask('/a/stream'), ask('/a/stream'), ask('/a/stream')];
    await underWay(3);
    const gone = new AbortController();
    const first = ask('/slow', gone.signal).catch(() => undefined);
    const second = ask();
    await underWay(5);
    expect((await ask()).status).toBe(503);
    gone.abort();
    await first;
    let third: Promise<Response>;
    do {
      third = ask();
      await Promise.race([third, underWay(6)]);
    } while (held.length < 6);
    for (const answer of held.splice(0)) answer();
    expect((await second).status).toBe(200);
    expect((await third).status).toBe(200);
    expect((await Promise.all(streams)).map((r) => r.status)).toEqual([200, 200, 200]);
  });
});
