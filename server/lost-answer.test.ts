import { request } from 'node:http';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import { EMPTY_CYLINDER, OLD_CHARGE } from '@/demo/sample-entries';
import { movement, newJob, ON_PAPER, startServer } from './testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

/** Sends it whole and hangs up without reading the answer, as a phone does that walks out of reach. */
const dropped = (method: string, path: string, body: unknown): Promise<void> =>
  new Promise((done) => {
    const sent = request(`${server.origin}/api${path}`, {
      method,
      headers: { 'content-type': 'application/json', cookie: lead.cookie },
    });
    sent.on('error', () => undefined);
    sent.on('close', () => done());
    sent.end(JSON.stringify(body), () => setTimeout(() => sent.destroy(), 15));
  });

const now = () => new Date().toISOString();
const rows = async (table: string): Promise<number> =>
  Number((await server.database.rows<{ n: number }>(`select count(*) as n from ${table}`))[0]!.n);
const typed = () => ({ measurements: [movement(8)] });

type Write = { method: string; path: string; body: unknown; table: string; adds: number };

/** Each kind of write with a body of its own; some need the one before. */
const WRITES: [string, (jobId: string, cylinderId: string) => Write][] = [
  [
    'a circuit entry',
    (jobId) => ({
      method: 'POST',
      path: `/jobs/${jobId}/circuit-entries`,
      body: {
        id: uuid(),
        kind: 'old-charge',
        body: { ...OLD_CHARGE, outdoorFt3: null },
        supersedesId: null,
        occurredAt: now(),
      },
      table: 'circuit_entries',
      adds: 1,
    }),
  ],
  [
    'an answer of the survey',
    (jobId) => ({
      method: 'POST',
      path: `/jobs/${jobId}/observations`,
      body: {
        observations: [
          {
            id: uuid(),
            fact: 'systemType',
            value: 'split-hp',
            method: 'seen',
            source: 'on site',
            confidence: 'high',
            note: null,
            photoId: null,
            occurredAt: now(),
          },
        ],
      },
      table: 'observations',
      adds: 1,
    }),
  ],
  [
    'a typed vacuum',
    (jobId) => ({
      method: 'PUT',
      path: `/jobs/${jobId}/vacuum`,
      body: { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER },
      table: "phase_records where phase = 'evacuate'",
      adds: 1,
    }),
  ],
  [
    'a weighing',
    (jobId) => ({ method: 'POST', path: `/jobs/${jobId}/measurements`, body: typed(), table: 'measurements', adds: 1 }),
  ],
  [
    'an override',
    (jobId) => ({
      method: 'POST',
      path: `/jobs/${jobId}/phases/charge/overrides`,
      body: { id: uuid(), gate: 'weighed-charge', reason: 'weighed on the paper sheet' },
      table: 'overrides',
      adds: 1,
    }),
  ],
  [
    'a signature',
    (jobId) => ({
      method: 'POST',
      path: `/jobs/${jobId}/phases/charge/sign-offs`,
      body: { id: uuid() },
      table: 'sign_offs',
      adds: 1,
    }),
  ],
  [
    'a run',
    (jobId) => ({
      method: 'POST',
      path: `/jobs/${jobId}/runs`,
      body: { id: uuid(), phase: 'start-up', speed: 1 },
      table: 'runs',
      adds: 1,
    }),
  ],
  [
    'a cylinder',
    (_, cylinderId) => ({
      method: 'PUT',
      path: `/cylinders/${cylinderId}`,
      body: { id: cylinderId, version: 0, tag: `RC-${cylinderId.slice(-6)}`, ...EMPTY_CYLINDER, refrigerant: 'R-410A' },
      table: 'cylinders',
      adds: 1,
    }),
  ],
  [
    'a movement by hand',
    (_, cylinderId) => ({
      method: 'POST',
      path: `/cylinders/${cylinderId}/movements`,
      body: { id: uuid(), kind: 'opening', oz: 100, grossOz: null, recipient: null, note: null, occurredAt: now() },
      table: 'cylinder_movements',
      adds: 1,
    }),
  ],
  [
    'an item of the library',
    () => ({
      method: 'POST',
      path: '/library/items',
      body: { items: [{ id: uuid(), fields: { ...SAMPLE_OUTDOOR, model: `ONCE-${uuid().slice(-6)}` } }] },
      table: 'library_items',
      adds: 1,
    }),
  ],
];

/** Each kind on jobs of its own, sent by `send`; what came back is a success and its table has grown by one. */
async function eachOnce(send: (name: string, write: Write) => Promise<void>): Promise<string> {
  const { id } = await newJob(lead);
  // A circuit that is written down takes no typed vacuum: its entry goes to another job.
  const written = await newJob(lead);
  const cylinderId = uuid();
  for (const [name, make] of WRITES) {
    const write = make(name === 'a circuit entry' ? written.id : id, cylinderId);
    const before = await rows(write.table);
    await send(name, write);
    expect((await rows(write.table)) - before, name).toBe(write.adds);
  }
  return id;
}
const taken = (name: string, answer: { status: number; body: unknown }): void =>
  expect(answer.status, `${name}: ${JSON.stringify(answer.body).slice(0, 300)}`).toBeLessThan(300);

describe('an answer that got lost', () => {
  it('the same write again, whatever kind, is one write and is answered as the first would have been', async () => {
    const id = await eachOnce(async (name, { method, path, body }) => {
      await dropped(method, path, body);
      for (let tap = 0; tap < 2; tap++) taken(name, await lead.call(method, path, body));
    });
    const sheet = await lead.sheet(id);
    expect(sheet.measurements.map((m) => m.value)).toEqual([8]);
  }, 60_000);

  it('the same write five times at one moment is one write, and each is answered so', async () => {
    await eachOnce(async (name, { method, path, body }) => {
      const all = await Promise.all(Array.from({ length: 5 }, () => lead.call(method, path, body)));
      for (const answer of all) taken(name, answer);
    });
  }, 60_000);
});
