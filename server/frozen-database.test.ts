import { type AddressInfo, connect, createServer, type Server, type Socket } from 'node:net';
import { afterAll, describe, expect, it } from 'vitest';
import { openDatabase } from './db/pool';
import { DatabaseWatch } from './db/watch';
import { alsoListening, Client, PASSWORD, startServer, until } from './testing/harness';

/** Stands between the server and its database, and can fall silent without hanging up: what a frozen database does. */
class Between {
  readonly server: Server;
  private frozen = false;
  private readonly pairs = new Set<[Socket, Socket]>();

  constructor(port: number, host: string) {
    this.server = createServer((near) => {
      const far = connect(port, host);
      const pair: [Socket, Socket] = [near, far];
      this.pairs.add(pair);
      for (const socket of pair) socket.on('error', () => undefined);
      near.on('close', () => {
        far.destroy();
        this.pairs.delete(pair);
      });
      if (this.frozen) return;
      near.pipe(far).pipe(near);
    });
  }
  freeze(): void {
    this.frozen = true;
    for (const [near, far] of this.pairs) {
      near.unpipe(far).pause();
      far.unpipe(near).pause();
    }
  }
  thaw(): void {
    this.frozen = false;
    for (const [near, far] of this.pairs) near.pipe(far).pipe(near);
  }
  close(): void {
    for (const pair of this.pairs) for (const socket of pair) socket.destroy();
    this.server.close();
  }
}

const server = await startServer();
const {
  host,
  port,
  user,
  password,
  database: name,
} = (
  server.database.pool.pool.config as unknown as {
    connectionConfig: { host?: string; port?: number; user: string; password?: string; database: string };
  }
).connectionConfig;
const between = new Between(port ?? 3306, host ?? '127.0.0.1');
between.server.listen(0, '127.0.0.1');
await new Promise((done) => between.server.once('listening', done));
const near = (between.server.address() as AddressInfo).port;
const database = openDatabase(`mysql://${user}:${encodeURIComponent(password ?? '')}@127.0.0.1:${near}/${name}`);
const watch = new DatabaseWatch(database).start();
const also = await alsoListening(server, { demoSignIn: true, sessionSecret: 'frozen' }, { database, watch });
const origin = also.origin;
const stop = async () => {
  watch.stop();
  await also.close();
  const closed = database.close();
  between.close();
  await closed.catch(() => undefined);
};
afterAll(async () => {
  await stop();
  await server.stop();
});

describe('a database that falls silent', () => {
  it('is told by health, answered with 503 within 3 s in the middle of a request, and is back when it answers again', async () => {
    const client = new Client(origin);
    expect((await client.post('/sign-in', { signIn: 'alder-lead', password: PASSWORD })).status).toBe(200);
    expect((await client.get('/health/ready')).status).toBe(200);
    between.freeze();
    const asked = Date.now();
    const reply = await client.get('/jobs');
    expect(reply).toMatchObject({ status: 503, body: { code: 'no-database' } });
    // Two unanswered questions, about 2 s; far under the statement limit of 20 s, which is what it would wait for.
    expect(Date.now() - asked).toBeLessThan(10_000);
    expect((await client.get('/health')).body).toEqual({ ok: false, database: 'silent' });
    expect((await client.get('/health/live')).status).toBe(200);
    // The calculations need no database.
    const readings = { refrigerant: 'R-410A', suctionPsig: 127, suctionLineF: 56.8 };
    expect((await client.post('/calculations/superheat', readings)).status).toBe(200);
    // It says nothing of a wrong password: an outage is nobody's guess.
    expect((await client.post('/sign-in', { signIn: 'alder-lead', password: 'x' })).status).toBe(503);
    between.thaw();
    await until(async () => (await client.get('/health/ready')).status === 200);
    expect((await client.get('/jobs')).status).toBe(200);
  }, 60_000);
});
