import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { type DeviceStore, deviceStore } from '@/web/api/device-store';
import { type Carrier, Outbox } from './outbox';
import type { Waiting } from './waiting';

class Refusal extends Error {}
class NoConnection extends Error {}
class NoRoom extends Error {}

/** A server that keeps each id once, as ours does. */
class Server {
  online = true;
  refuses = (_write: Pick<Waiting, 'path' | 'body'>): boolean => false;
  /** It stores what it gets, and the answer is lost. */
  losesAnswers = false;
  got: { path: string; body: Readonly<Record<string, unknown>> }[] = [];
  ids: string[] = [];
  answered: string[] = [];
  carrier: Carrier = {
    send: async (write) => {
      if (!this.online) throw new NoConnection();
      if (this.refuses(write)) throw new Refusal('not so');
      this.got.push({ path: write.path, body: write.body });
      const ids = idsOf(write.body);
      for (const id of ids) if (!this.ids.includes(id)) this.ids.push(id);
      if (this.losesAnswers) throw new NoConnection();
      return { ok: true };
    },
    passes: (error) => error instanceof NoConnection,
    refusedBy: (error) => ({ message: (error as Error).message }),
    answered: (write) => this.answered.push(write.path),
    makeRoom: async () => {
      this.roomMade += 1;
      this.full -= 1;
    },
    noRoom: () => new NoRoom(),
  };
  /** So many writes of the device fail for want of room, unless room is made. */
  full = 0;
  roomMade = 0;
  /** The device's store, which has no room while it is full. */
  store(real: DeviceStore): DeviceStore {
    const add: DeviceStore['add'] = (...args) => {
      if (this.full > 0) throw new DOMException('no room', 'QuotaExceededError');
      return real.add(...args);
    };
    return new Proxy(real, {
      get: (target, name) => {
        if (name === 'add') return add;
        const value = Reflect.get(target, name) as unknown;
        return typeof value === 'function' ? value.bind(target) : value;
      },
    });
  }
}
const idsOf = (body: Readonly<Record<string, unknown>>): string[] =>
  Array.isArray(body.observations)
    ? (body.observations as { id: string }[]).map((o) => o.id)
    : typeof body.id === 'string'
      ? [body.id]
      : [];

let store: DeviceStore;
let server: Server;
const open = async (personId = 'tess'): Promise<Outbox> => {
  const box = new Outbox(server.store(store), personId, server.carrier);
  await box.load();
  return box;
};

beforeEach(async () => {
  store = await deviceStore();
  await store.clear('outbox');
  server = new Server();
});

describe('the outbox', () => {
  it('sends at once when there is a connection, and holds nothing afterwards', async () => {
    const box = await open();
    await expect(box.write('POST', '/jobs/1/decisions', { id: 'a' })).resolves.toEqual({
      kind: 'stored',
      answer: { ok: true },
    });
    expect(box.list()).toEqual([]);
    expect(server.answered).toEqual(['/jobs/1/decisions']);
  });
  it('what was written stands on the screen all along: as waiting until its answer is there, never neither', async () => {
    const box = await open();
    const neither: string[] = [];
    const sent = new Set<string>();
    box.subscribe(() => {
      const waits = new Set(box.list().map((w) => w.path));
      for (const path of sent) if (!waits.has(path) && !server.answered.includes(path)) neither.push(path);
      for (const path of waits) sent.add(path);
    });
    await Promise.all(['/jobs/1/a', '/jobs/1/b', '/jobs/1/c'].map((path) => box.write('POST', path, { id: path })));
    expect([...sent]).toHaveLength(3);
    expect(neither).toEqual([]);
  });
  it('without a connection it keeps everything in order, over a reload, and sends it when it is back', async () => {
    server.online = false;
    const box = await open();
    for (const id of ['a', 'b', 'c'])
      await expect(box.write('POST', `/jobs/1/circuit-entries`, { id })).resolves.toEqual({ kind: 'waits' });
    expect(box.list().map((w) => w.body.id)).toEqual(['a', 'b', 'c']);
    const reloaded = await open();
    server.online = true;
    await reloaded.flush();
    expect(server.ids).toEqual(['a', 'b', 'c']);
    expect(reloaded.list()).toEqual([]);
  });
  it('an answer that was lost is asked for again with the same id: stored once', async () => {
    const box = await open();
    server.losesAnswers = true;
    await expect(box.write('POST', '/jobs/1/measurements', { id: 'w' })).resolves.toEqual({ kind: 'waits' });
    server.losesAnswers = false;
    await box.flush();
    expect(server.got).toHaveLength(2);
    expect(server.ids).toEqual(['w']);
    expect(box.list()).toEqual([]);
  });
  it('a refusal reaches who stands by, and nothing is kept', async () => {
    const box = await open();
    server.refuses = () => true;
    await expect(box.write('POST', '/jobs/1/decisions', { id: 'a' })).rejects.toThrow('not so');
    expect(box.list()).toEqual([]);
  });
  it('a refusal that nobody stood by for stays with its reason until it is seen, and holds nothing back', async () => {
    server.online = false;
    const box = await open();
    await box.write('POST', '/jobs/1/decisions', { id: 'bad' });
    await box.write('POST', '/jobs/1/decisions', { id: 'good' });
    server.online = true;
    server.refuses = (write) => write.body.id === 'bad';
    await box.flush();
    expect(server.ids).toEqual(['good']);
    expect(box.list().map((w) => [w.body.id, w.refused?.message])).toEqual([['bad', 'not so']]);
    await box.discard(box.list()[0]!.seq);
    expect(box.list()).toEqual([]);
  });
  it('answers of a walk go together; a bad one among them is told alone', async () => {
    server.online = false;
    const box = await open();
    for (const id of ['a', 'bad', 'c']) await box.write('POST', '/jobs/1/observations', { observations: [{ id }] });
    server.online = true;
    server.refuses = (write) => idsOf(write.body).includes('bad');
    await box.flush();
    expect(server.ids).toEqual(['a', 'c']);
    expect(box.list().map((w) => w.refused?.message)).toEqual(['not so']);
  });
  it('a change of what still waits takes its place and keeps the version that was read', async () => {
    server.online = false;
    const box = await open();
    await box.write('PUT', '/jobs/1/fits/pad', { version: 3, record: { w: 1 } });
    await box.write('PUT', '/jobs/1/fits/pad', { version: 3, record: { w: 2 } });
    await box.write('PUT', '/jobs/1/fits/curb', { version: 0, record: {} });
    expect(box.list().map((w) => w.body)).toEqual([
      { version: 3, record: { w: 2 } },
      { version: 0, record: {} },
    ]);
  });
  it('a change while the last one is under way follows on its version', async () => {
    const box = await open();
    const first = box.write('PUT', '/jobs/1/choice', { version: 4, choice: 'a' });
    const second = new Promise((done) => {
      const send = server.carrier.send;
      server.carrier.send = async (write) => {
        server.carrier.send = send;
        done(box.write('PUT', '/jobs/1/choice', { version: 4, choice: 'b' }));
        await new Promise((r) => setTimeout(r, 20));
        return send(write);
      };
    });
    await first;
    await second;
    expect(server.got.map((g) => g.body)).toEqual([
      { version: 4, choice: 'a' },
      { version: 5, choice: 'b' },
    ]);
  });
  it('a device without room lets go of copies, and keeps it', async () => {
    const box = await open();
    server.online = false;
    server.full = 1;
    expect(await box.write('POST', '/jobs/a/decisions', { id: 'one' })).toEqual({ kind: 'waits' });
    expect(server.roomMade).toBe(1);
    expect(box.list()).toHaveLength(1);
  });
  it('what it cannot keep goes to the server at once, after what waits', async () => {
    const box = await open();
    server.online = false;
    await box.write('POST', '/jobs/a/decisions', { id: 'one' });
    server.online = true;
    server.full = 9;
    expect(await box.write('POST', '/jobs/a/decisions', { id: 'two' })).toMatchObject({ kind: 'stored' });
    expect(server.ids).toEqual(['one', 'two']);
    expect(server.answered).toEqual(['/jobs/a/decisions', '/jobs/a/decisions']);
  });
  it('who can neither keep nor send it is told so, and nothing waits that is not there', async () => {
    const box = await open();
    server.online = false;
    server.full = 9;
    await expect(box.write('POST', '/jobs/a/decisions', { id: 'one' })).rejects.toBeInstanceOf(NoRoom);
    expect(box.list()).toEqual([]);
    server.online = true;
    server.refuses = () => true;
    await expect(box.write('POST', '/jobs/a/decisions', { id: 'one' })).rejects.toBeInstanceOf(Refusal);
  });
  it('never overtakes what waits', async () => {
    const box = await open();
    server.online = false;
    await box.write('POST', '/jobs/a/decisions', { id: 'one' });
    server.full = 9;
    await expect(box.write('POST', '/jobs/a/decisions', { id: 'two' })).rejects.toBeInstanceOf(NoRoom);
    server.full = 0;
    server.online = true;
    await box.flush();
    expect(server.ids).toEqual(['one']);
  });
  it('what one person left is never sent in the name of the next', async () => {
    server.online = false;
    await (await open('tess')).write('POST', '/jobs/1/decisions', { id: 'hers' });
    server.online = true;
    const his = await open('oda');
    await his.flush();
    expect([his.list(), server.got]).toEqual([[], []]);
    await (await open('tess')).flush();
    expect(server.ids).toEqual(['hers']);
  });
  it('whatever the connection does, each write arrives once and in the order it was made', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom('write', 'drop', 'lose', 'mend', 'reload'), { maxLength: 30 }),
        async (steps) => {
          await store.clear('outbox');
          server = new Server();
          let box = await open();
          const made: string[] = [];
          for (const step of steps) {
            if (step === 'drop') server.online = false;
            if (step === 'lose') server.losesAnswers = true;
            if (step === 'mend') {
              server.online = true;
              server.losesAnswers = false;
            }
            if (step === 'reload') box = await open();
            if (step === 'write') {
              made.push(`w${made.length}`);
              await box.write('POST', '/jobs/1/circuit-entries', { id: made.at(-1) });
            }
          }
          server.online = true;
          server.losesAnswers = false;
          await box.flush();
          expect(server.ids).toEqual(made);
          expect(box.list()).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });
});
