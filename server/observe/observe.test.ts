import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { alsoListening, newJob, startServer, type TestServer, until } from '@/server/testing/harness';
import { openLog, type RequestLine } from './log';
import { Metrics } from './metrics';

describe('what the server says', () => {
  it('plain in a terminal, one JSON line an event where a machine reads', () => {
    const said: string[] = [];
    const out = { write: (text: string) => said.push(text) };
    openLog(undefined, out).say('ready');
    expect(said).toEqual(['ready\n']);
    expect(openLog(undefined, out).request).toBeUndefined();
    const log = openLog('json', out);
    log.say('error it broke');
    log.request!({ method: 'GET', route: '/jobs/:id', status: 200, ms: 3 });
    const [, broke, asked] = said.map((s) => (s.startsWith('{') ? JSON.parse(s) : undefined));
    // pino: 30 is info, 50 is error.
    expect(broke).toMatchObject({ level: 50, msg: 'error it broke' });
    expect(asked).toMatchObject({ level: 30, msg: 'request', method: 'GET', route: '/jobs/:id', status: 200, ms: 3 });
  });
});

describe('what it measures', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());

  it('tells each request by its route, without ids, and answers the figures on loopback alone', async () => {
    const metrics = new Metrics({ databaseReady: () => true, liveRuns: () => 3, openStreams: () => 0 });
    const lines: RequestLine[] = [];
    const watched = (line: RequestLine): void => {
      metrics.answered(line);
      lines.push(line);
    };
    const also = await alsoListening(server, { demoSignIn: true, sessionSecret: 'test' }, { watched: [watched] });
    const lead = await server.as('alder-lead');
    const { id } = await newJob(lead);
    const reply = await fetch(`${also.origin}/api/jobs/${id}`, { headers: { cookie: lead.cookie } });
    expect(reply.status).toBe(200);
    await fetch(`${also.origin}/api/health`);
    // A line is told when the last byte was handed over: the reader may be faster.
    const asked = await until(async () => lines.find((l) => l.route === '/jobs/:jobId'));
    expect(asked).toMatchObject({ method: 'GET', status: 200 });
    expect(asked.personId).toMatch(/^[0-9a-f-]{36}$/);
    expect(JSON.stringify(lines)).not.toContain(id);
    const listening = metrics.listen(0);
    await new Promise((done) => listening.once('listening', done));
    const { port, address } = listening.address() as AddressInfo;
    expect(address).toBe('127.0.0.1');
    const text = await (await fetch(`http://127.0.0.1:${port}/metrics`)).text();
    expect(text).toContain('mb_request_seconds_count{method="GET",route="/jobs/:jobId",status="200"} 1');
    expect(text).toContain('mb_live_runs 3');
    expect(text).toContain('mb_database_ready 1');
    expect((await fetch(`http://127.0.0.1:${port}/else`)).status).toBe(404);
    listening.close();
    await also.close();
  });
});
