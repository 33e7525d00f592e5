import fc from 'fast-check';
import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { z } from 'zod';
import { lateListSchema } from '@/contract/answers/late';
import { reportSchema } from '@/contract/answers/report';
import * as before from '@/contract/before';
import * as circuit from '@/contract/circuit';
import * as lists from '@/contract/lists';
import { practiceSchema } from '@/contract/practice';
import * as requests from '@/contract/requests';
import { moveJobSchema } from '@/contract/week';
import { ACR_INSIDE_IN } from '@/core/circuit/acr-tube';
import { anyOf, type ByKey } from '@/core/finding/testing/any-of';
import { FIT_EMPTY, FIT_KINDS, FIT_SCHEMAS } from '@/core/fit/sheets';
import { registerSchema } from '@/core/instrument/register';
import { ENTRY_KINDS, entryOf } from '@/core/phases/log/entries';
import { english } from '@/core/words/testing/english';
import { INVERTER_CHART } from '@/demo/inverter-chart';
import { EMPTY_CYLINDER } from '@/demo/sample-entries';
import { PROBLEMS } from './errors/catalog';
import { newJob, startServer } from './testing/harness';

/** FUZZ=20000 for a long run; two thousand bodies with those that come late. */
const FUZZ_RUNS = Number(process.env.FUZZ ?? 1600);
/** A job with more entries than any crew writes is slow to judge and shows nothing new: then the next one. */
const RUNS_A_JOB = 100;
const LATE_JOBS = 4;
const LATE_RUNS = Math.round(FUZZ_RUNS / 4 / LATE_JOBS);

const instrumentId = uuid();

const server = await startServer();
const lead = await server.as('alder-lead');
const owner = await server.as('alder-owner');
const stranger = await server.as('birch-lead');
afterAll(() => server.stop());

/** The job that is written to at the moment, and what stands beside it. */
type Place = { jobId: string; cylinderId: string; runId: string; deviceRunId: string; personId: string };
const place: Place = { jobId: '', cylinderId: '', runId: '', deviceRunId: '', personId: '' };
const placed = (path: string): string => path.replace(/:(\w+)/g, (_, key: keyof Place) => place[key]);

type Draw = { who: 'lead' | 'owner'; method: string; path: string; body: unknown };

/** Every route that writes, with bodies that its own schema allows: what is said of them must be right in the rules too. */
function draws(): fc.Arbitrary<Draw> {
  const size = fc.constantFrom(...ACR_INSIDE_IN.keys());
  const own = (key: keyof Place) => fc.constant(key).map((k) => place[k]);
  const known = (key: keyof Place) => fc.oneof({ arbitrary: own(key), weight: 3 }, fc.uuid());
  // Years this sheet knows, mostly lately: a moment far ahead is refused everywhere.
  const at = fc.integer({ min: 0, max: 90 }).map((min) => new Date(Date.now() - min * 60_000).toISOString());
  const byKey: ByKey = {
    liquidOdIn: size,
    vaporOdIn: size,
    odIn: size,
    liquidLineOdIn: size,
    vaporLineOdIn: size,
    liquidTubeOdIn: size,
    vaporTubeOdIn: size,
    occurredAt: at,
    cylinderId: known('cylinderId'),
    certifiedId: known('personId'),
    leadId: known('personId'),
    runId: fc.oneof(fc.constant(null), own('runId')),
    makerChart: fc.constantFrom(null, INVERTER_CHART),
    version: fc.integer({ min: 0, max: 3 }),
    // A picture that nobody sent is refused by its own rule.
    photoId: fc.constant(null),
    image: fc.constant('data:image/png;base64,iVBORw0KGgo='),
  };
  const route = (method: string, path: string, schema: z.ZodType, who: Draw['who'] = 'lead'): fc.Arbitrary<Draw> =>
    anyOf(schema, byKey).map((body) => ({ who, method, path, body }));
  const of = '/jobs/:jobId';
  const signs = anyOf(requests.signOffSchema);
  return fc.oneof(
    route('POST', '/jobs', requests.newJobSchema),
    route('PUT', `${of}/plate`, requests.plateUpdateSchema),
    route('PUT', `${of}/mode`, requests.modeSchema),
    route('PUT', `${of}/details`, requests.jobDetailsSchema),
    route('PUT', `${of}/schedule`, moveJobSchema),
    route('POST', `${of}/circuits`, requests.newCircuitSchema),
    route('PUT', `${of}/vacuum`, requests.vacuumSchema),
    route('PUT', `${of}/furnace`, requests.furnaceSchema),
    route('PUT', `${of}/customer-language`, requests.languageSchema),
    route('POST', `${of}/confirmations`, requests.confirmationSchema),
    route('POST', `${of}/measurements`, requests.typedMeasurementsSchema),
    route('POST', `${of}/rounds`, requests.roundSchema),
    route('POST', `${of}/observations`, before.observationsSchema),
    route('POST', `${of}/waivers`, before.waiverSchema),
    route('PUT', `${of}/choice`, before.choiceUpdateSchema),
    route('POST', `${of}/decisions`, before.decisionSchema),
    route('POST', `${of}/option`, before.takeOptionSchema),
    route('POST', `${of}/runs`, requests.newRunSchema),
    route('POST', `${of}/device-runs`, requests.deviceRunSchema),
    route('POST', '/runs/:deviceRunId/device-log', requests.deviceLogSchema),
    route('POST', '/runs/:runId/commands', requests.runCommandSchema),
    route('PUT', '/cylinders/:cylinderId', circuit.cylinderSchema).map((d) => ({
      ...d,
      body: { ...(d.body as object), id: place.cylinderId },
    })),
    route('POST', '/cylinders/:cylinderId/movements', circuit.cylinderMovementSchema),
    route('PUT', '/cylinders/:cylinderId/holder', circuit.holderSchema),
    route('POST', '/cylinders', lists.cylindersSchema),
    route('PUT', `/register/${instrumentId}`, registerSchema).map((d) => ({
      ...d,
      body: { ...(d.body as object), id: instrumentId },
    })),
    route('PUT', `/register/${instrumentId}/keeper`, requests.keeperSchema),
    route('POST', '/practice/rounds', practiceSchema),
    route('POST', '/customers', lists.housesSchema, 'owner'),
    route('POST', '/library/items', before.libraryItemsSchema, 'owner'),
    route('POST', '/library/parts', before.partsSchema, 'owner'),
    route('PUT', '/settings', before.settingsSchema, 'owner'),
    fc
      .constantFrom('survey', 'scope', 'recover', 'join', 'pressure-test', 'evacuate', 'charge', 'start-up')
      .chain((phase) =>
        fc.oneof(
          signs.map((body) => ({
            who: 'lead' as const,
            method: 'POST',
            path: `${of}/phases/${phase}/sign-offs`,
            body,
          })),
          route('POST', `${of}/phases/${phase}/overrides`, requests.overrideSchema),
        ),
      ),
    ...FIT_KINDS.map((kind) =>
      anyOf(FIT_SCHEMAS[kind], byKey).map(
        (record): Draw => ({
          who: 'lead',
          method: 'PUT',
          path: `${of}/fits/${kind}`,
          body: { version: 0, record, measured: Object.keys(FIT_EMPTY[kind]).slice(0, 2) },
        }),
      ),
    ),
    ...ENTRY_KINDS.map((kind) =>
      fc.record({ body: anyOf(entryOf(kind).schema, byKey), occurredAt: at }).map(
        ({ body, occurredAt }): Draw => ({
          who: 'lead',
          method: 'POST',
          path: `${of}/circuit-entries`,
          body: { id: uuid(), kind, body, supersedesId: null, occurredAt },
        }),
      ),
    ),
  );
}

/** Built once: the schemas are large. */
let drawn: fc.Arbitrary<Draw>;
beforeAll(() => {
  drawn = draws();
});

/** The next job, with a cylinder of its own. */
async function nextPlace(tag: string): Promise<void> {
  const { id, body } = await newJob(lead);
  const cylinderId = uuid();
  Object.assign(place, { jobId: id, cylinderId, runId: uuid(), deviceRunId: uuid(), personId: body.leadId });
  await lead.put(`/cylinders/${cylinderId}`, { id: cylinderId, version: 0, tag, ...EMPTY_CYLINDER });
}

const send = ({ who, method, path, body }: Draw, headers?: Record<string, string>) =>
  (who === 'owner' ? owner : lead).call(method, placed(path), body, headers);

const asTold = ({ method, path, body }: Draw, reply: { body: unknown }): string =>
  `${method} ${path} ${JSON.stringify(body).slice(0, 600)}: ${JSON.stringify(reply.body).slice(0, 300)}`;

/** The sheet still has its shape, and its paper can be made. */
async function canBeRead(): Promise<void> {
  const sheet = await lead.sheet(place.jobId);
  expect(sheet.job.id).toBe(place.jobId);
  const report = await lead.get(`/jobs/${place.jobId}/report`);
  if (report.status === 200) reportSchema.parse(report.body);
  else expect(report.body).toMatchObject({ code: expect.any(String) });
}

it('whatever a schema allows is written or refused in words, and the job can be read, told and printed after it', async () => {
  const seen = new Map<string, number>();
  let written = 0;
  for (let round = 0; round * RUNS_A_JOB < FUZZ_RUNS; round++) {
    await nextPlace(`RC-1-${round}`);
    const { jobId, runId, deviceRunId } = place;
    await lead.post(`/jobs/${jobId}/runs`, { id: runId, phase: 'start-up', speed: 1 });
    await lead.post(`/jobs/${jobId}/device-runs`, {
      id: deviceRunId,
      phase: 'recover',
      startedAt: '2026-06-01T12:00:00Z',
    });
    await fc.assert(
      fc.asyncProperty(drawn, async (draw) => {
        const reply = await send(draw);
        const told = asTold(draw, reply);
        expect(reply.status, told).toBeLessThan(500);
        seen.set(draw.path, (seen.get(draw.path) ?? 0) + 1);
        if (reply.status < 300) written += 1;
        else {
          expect(Object.keys(PROBLEMS), told).toContain(reply.body.code);
          // A refusal that names a field says what would be allowed, or what stands there.
          if (reply.body.code === 'bad-input') {
            expect(reply.body.field, told).toBeTruthy();
            expect(String(reply.body.message), told).not.toMatch(/undefined|\[object|NaN/);
            expect(reply.body.allowed, told).toBeTruthy();
          }
        }
        expect((await stranger.get(`/jobs/${jobId}`)).status).toBe(404);
      }),
      { numRuns: RUNS_A_JOB, endOnFailure: true },
    );
    await canBeRead();
    await lead.post(`/runs/${runId}/stop`);
  }
  expect(written, JSON.stringify([...seen])).toBeGreaterThan(FUZZ_RUNS / 10);
  expect((await lead.get('/jobs')).status).toBe(200);
  expect(server.log.filter((l) => l.startsWith('error'))).toEqual([]);
}, 600_000);

it('whatever arrives after its signature stands beside it, or is refused in words; the list and the paper can be read after it', async () => {
  let stands = 0;
  for (let round = 0; round < LATE_JOBS; round++) {
    await nextPlace(`RC-2-${round}`);
    const { jobId, personId } = place;
    const [{ companyId }] = (await server.database.rows<{ companyId: string }>(
      'select company_id as companyId from jobs where id = :jobId',
      { jobId },
    )) as [{ companyId: string }];
    const ownerId = (await lead.sheet(jobId)).circuit.id;
    for (const phase of ['recover', 'join', 'pressure-test', 'evacuate', 'charge'])
      await server.database.run(
        `insert into sign_offs (id, company_id, job_id, owner_id, phase, person_id, signed_at, snapshot, content_hash)
         values (:signOff, :companyId, :jobId, :ownerId, :phase, :personId, now(3), '{}', repeat('0', 64))`,
        { signOff: uuid(), companyId, jobId, ownerId, phase, personId },
      );
    const ago = fc.constantFrom('0', '90', '100000', 'yesterday');
    await fc.assert(
      fc.asyncProperty(drawn, ago, async (draw, s) => {
        const reply = await send(draw, { 'X-Written-Ago': s });
        expect(reply.status, asTold(draw, reply)).toBeLessThan(500);
      }),
      { numRuns: LATE_RUNS, endOnFailure: true },
    );
    const { late } = lateListSchema.parse((await lead.get(`/jobs/${jobId}/late`)).body);
    stands += late.length;
    for (const { say } of late) expect(english(say)).not.toMatch(/undefined|\[object|NaN/);
    await canBeRead();
  }
  expect(stands).toBeGreaterThan((LATE_RUNS * LATE_JOBS) / 20);
  expect(server.log.filter((l) => l.startsWith('error'))).toEqual([]);
}, 600_000);
