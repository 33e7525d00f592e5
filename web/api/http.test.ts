import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { get } from './http';

type Asked = { path: string; headers: Record<string, string> };
let asked: Asked[] = [];
let answers: Response[] = [];

beforeEach(() => {
  asked = [];
  answers = [];
  vi.useFakeTimers();
  vi.stubGlobal('fetch', (path: string, init: { headers: Record<string, string> }) => {
    asked.push({ path, headers: init.headers });
    return Promise.resolve(answers.shift());
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const sheet = (text: string, etag: string) => new Response(text, { headers: { ETag: etag } });
const away = () => Response.json({ code: 'overloaded', message: 'too many' }, { status: 503 });

describe('what is read from the server', () => {
  it('is not sent again while it still holds', async () => {
    answers = [sheet('{"n":1}', '"a"'), new Response(null, { status: 304 }), sheet('{"n":2}', '"b"')];
    expect(await get('/jobs/one')).toEqual({ n: 1 });
    expect(await get('/jobs/one')).toEqual({ n: 1 });
    expect(await get('/jobs/one')).toEqual({ n: 2 });
    expect(asked.map((a) => a.headers['If-None-Match'])).toEqual([undefined, '"a"', '"a"']);
  });

  it('keeps a few answers: one that was long ago is asked for whole', async () => {
    for (let i = 0; i < 30; i++) {
      answers = [sheet(`{"n":${i}}`, `"${i}"`)];
      await get(`/jobs/many-${i}`);
    }
    answers = [sheet('{"n":0}', '"0"'), new Response(null, { status: 304 })];
    await get('/jobs/many-0');
    await get('/jobs/many-29');
    expect(asked.slice(-2).map((a) => a.headers['If-None-Match'])).toEqual([undefined, '"29"']);
  });

  it('turned away, it is asked again by itself, three times at most', async () => {
    answers = [away(), sheet('{"n":3}', '"c"')];
    const first = get('/jobs/two');
    await vi.runAllTimersAsync();
    expect(await first).toEqual({ n: 3 });
    answers = [away(), away(), away(), away()];
    const last = get('/jobs/three').catch((e: unknown) => e);
    await vi.runAllTimersAsync();
    expect(await last).toMatchObject({ code: 'overloaded', status: 503 });
    expect(answers).toHaveLength(1);
  });

  it('another trouble of the server is told at once', async () => {
    answers = [Response.json({ code: 'no-database' }, { status: 503 })];
    await expect(get('/jobs/four')).rejects.toMatchObject({ code: 'no-database' });
  });
});
