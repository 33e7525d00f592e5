import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { CATALOG } from '@/core/catalog';
import { FIT_KINDS } from '@/core/fit/sheets';
import { ENTRY_KINDS } from '@/core/phases/log/entries';
import { PROBLEMS } from './errors/catalog';
import { newJob, startServer } from './testing/harness';

/** FUZZ=10000 for a long run. */
const FUZZ_RUNS = Number(process.env.FUZZ ?? 400);

const server = await startServer();
const lead = await server.as('alder-lead');
const jobId = (await newJob(lead)).id;
afterAll(() => server.stop());

const writes = (): [string, string][] => [
  ['POST', '/jobs'],
  ['PUT', `/jobs/${jobId}/plate`],
  ['PUT', `/jobs/${jobId}/vacuum`],
  ['POST', `/jobs/${jobId}/confirmations`],
  ['POST', `/jobs/${jobId}/measurements`],
  ['POST', `/jobs/${jobId}/runs`],
  ['POST', `/jobs/${jobId}/phases/charge/overrides`],
  ['POST', `/jobs/${jobId}/phases/charge/sign-offs`],
  ['POST', `/jobs/${jobId}/phases/nonsense/sign-offs`],
  ['POST', `/runs/${uuid()}/commands`],
  ['POST', '/runs/not-an-id/log'],
  ['POST', '/sign-offs/x/amendments'],
  ['POST', '/late/x/seen'],
  ['POST', '/jobs/x/device-runs'],
  ['POST', '/runs/x/device-log'],
  ['POST', `/jobs/${jobId}/observations`],
  ['POST', `/jobs/${jobId}/waivers`],
  ['POST', `/jobs/${jobId}/photos`],
  ['PUT', `/jobs/${jobId}/choice`],
  ['POST', `/jobs/${jobId}/decisions`],
  ['POST', `/jobs/${jobId}/customer-signatures`],
  ['POST', `/jobs/${jobId}/option`],
  ['POST', `/jobs/${jobId}/removal`],
  ['POST', `/jobs/${jobId}/phases/recover/overrides`],
  ...FIT_KINDS.map((kind): [string, string] => ['PUT', `/jobs/${jobId}/fits/${kind}`]),
  ['POST', '/library/items'],
  ['POST', '/library/pairs'],
  ['PUT', '/settings'],
  ['POST', '/sign-in'],
  ...CATALOG.map((c): [string, string] => ['POST', `/calculations/${c.spec.id}`]),
  ['POST', '/calculations/nothing'],
  ['POST', `/jobs/${jobId}/circuit-entries`],
  ['PUT', `/jobs/${jobId}/furnace`],
  ['PUT', `/jobs/${jobId}/mode`],
  ['POST', `/jobs/${jobId}/movements/${uuid()}/withdrawal`],
  ['POST', `/jobs/${jobId}/instrument-runs`],
  ['PUT', `/cylinders/${uuid()}`],
  ['POST', `/cylinders/${uuid()}/movements`],
  ['POST', '/sessions/x/revoke'],
];

describe('bad input', () => {
  it('random bodies never get a 500: each answer is a problem with a code, or a success', async () => {
    const odd = fc.oneof(
      fc.string({ unit: 'binary' }),
      fc.double(),
      fc.constantFrom(null, '\ud800', -0, '9'.repeat(400), []),
    );
    const body = fc.oneof(
      fc.object({ maxDepth: 3 }),
      fc.array(fc.anything()),
      fc.string(),
      fc.constant(null),
      fc.record({
        id: fc.uuid(),
        version: fc.integer(),
        plate: fc.object(),
        measurements: fc.array(fc.object()),
        record: fc.object(),
        measured: fc.array(fc.string()),
        settings: fc.object(),
        choice: fc.object(),
      }),
      // Nearly right: the names and kinds of a real body, with odd values in them.
      fc.record(
        {
          id: fc.uuid(),
          version: fc.nat(3),
          kind: fc.constantFrom(...ENTRY_KINDS, 'opening', 'weighed', '__proto__'),
          body: fc.dictionary(
            fc.constantFrom('cylinderId', 'runId', 'readAt', 'refrigerant', 'pieces', '__proto__'),
            odd,
          ),
          supersedesId: fc.oneof(fc.constant(null), fc.uuid(), odd),
          occurredAt: fc.oneof(fc.date().map(String), fc.constantFrom('1850-01-01T00:00:00.000Z', '275760-09-13'), odd),
          reason: odd,
          note: odd,
        },
        { requiredKeys: [] },
      ),
    );
    await fc.assert(
      fc.asyncProperty(fc.nat(), body, async (n, value) => {
        const list = writes();
        const [method, path] = list[n % list.length]!;
        const reply = await lead.call(method, path, JSON.stringify(value) ?? 'null');
        expect(reply.status, `${method} ${path} ${JSON.stringify(value)}`).toBeLessThan(500);
        if (reply.status >= 400) expect(Object.keys(PROBLEMS)).toContain(reply.body.code);
      }),
      { numRuns: FUZZ_RUNS },
    );
  }, 900_000);

  it.each([
    ['{"a":', 'bad-input'],
    ['', 'bad-input'],
  ])('a body %j is answered plainly', async (body, code) => {
    const reply = await lead.call('POST', '/jobs', body);
    expect(reply.body).toMatchObject({ code });
  });
  it('a huge body is refused as too large, a malformed address as bad input, an unknown one as not found', async () => {
    expect((await lead.call('POST', '/jobs', JSON.stringify({ x: 'y'.repeat(700_000) }))).body).toMatchObject({
      code: 'too-large',
    });
    expect((await lead.get('/jobs/%E0%A4%A')).body).toMatchObject({ code: 'bad-input' });
    expect((await lead.get('/nothing/here')).body).toMatchObject({ code: 'not-found' });
    expect((await lead.get(`/jobs/${"'; drop table jobs; --"}`)).status).toBe(404);
  });
  it('a calculation over HTTP answers as on the command line, without a session', async () => {
    const good = await server
      .anyone()
      .post('/calculations/superheat', { refrigerant: 'R-410A', suctionPsig: 127, suctionLineF: 56.8 });
    expect(good.body.superheatF as unknown as number).toBeCloseTo(13.1, 1);
    const bad = await server
      .anyone()
      .post('/calculations/superheat', { refrigerant: 'R-410A', suctionPsig: 'high', suctionLineF: 56.8 });
    expect(bad).toMatchObject({
      status: 400,
      body: { field: 'suctionPsig', message: expect.any(String), allowed: expect.any(String) },
    });
  });
});

describe('the error catalogue', () => {
  it('docs/formats.md lists exactly these codes with their statuses', () => {
    const text = readFileSync('docs/formats.md', 'utf8');
    const listed = [...text.matchAll(/^\|\s*`([a-z-]+)`\s*\|\s*(\d{3})\s*\|/gm)].map((m) => [m[1], Number(m[2])]);
    expect(Object.fromEntries(listed)).toEqual(
      Object.fromEntries(Object.entries(PROBLEMS).map(([code, p]) => [code, p.status])),
    );
  });
});
