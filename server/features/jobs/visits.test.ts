import { v7 as uuid } from 'uuid';
import { afterAll, expect, it } from 'vitest';
import { SAMPLE_PROOF } from '@/core/furnace/testing/sample-proof';
import { startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

const GOOD = { safe: true, dry: true, air: 'runs', open: '' };
const VISIT = { purpose: 'correction', what: '', who: '' };

/** A furnace alone, handed over. */
async function handedOver(): Promise<JobWalk> {
  const walk = await JobWalk.fresh(lead);
  await walk.tell({ systemType: 'furnace-oil' });
  await walk.survey({ fuel: 'oil' });
  await walk.choose({ furnaceId: await walk.unit({ kind: 'furnace', tons: null, refrigerant: null, metering: null }) });
  await walk.agree();
  await walk.release();
  const oil = { fuel: 'oil', inletInWc: null, manifoldInWc: null, plateManifoldInWc: null };
  must(await walk.put('/furnace', { version: 0, proof: { ...SAMPLE_PROOF, ...oil } }));
  return walk;
}
const write = async (walk: JobWalk, kind: string, body: object, supersedesId: string | null = null) => {
  const id = uuid();
  const entry = { id, kind, body, supersedesId, occurredAt: new Date().toISOString() };
  return { id, reply: await walk.post('/circuit-entries', entry) };
};
const listed = async (walk: JobWalk, state: string) =>
  ((await lead.get(`/jobs?state=${state}`)).body.jobs as { jobId: string; scheduledFor: string }[]).find(
    (j) => j.jobId === walk.id,
  );

it('one who works alone and misses a call stands first in the list of open jobs, also after the hand-over, until the site is left', async () => {
  const walk = await handedOver();
  const call = async (what: string, minutesAgo: number) => {
    const occurredAt = new Date(Date.now() - minutesAgo * 60_000).toISOString();
    must(
      await walk.post('/circuit-entries', {
        id: uuid(),
        kind: 'check-in',
        body: { what },
        supersedesId: null,
        occurredAt,
      }),
    );
    return occurredAt;
  };
  const row = async (state = 'open') => {
    const jobs = (await lead.get(`/jobs?state=${state}`)).body.jobs as { jobId: string; checkInDue: string | null }[];
    const at = jobs.findIndex((j) => j.jobId === walk.id);
    return { at, due: jobs[at]?.checkInDue };
  };
  // Nobody is known to work alone: nothing is due.
  await call('begun', 90);
  expect((await row()).due).toBeNull();
  await walk.tell({ worksAlone: true, workPlace: 'attic' });
  const last = await call('here', 39);
  expect((await row()).due).toBe(new Date(Date.parse(last) + 30 * 60_000).toISOString());
  await JobWalk.fresh(lead);
  await call('here', 41);
  expect((await row()).at).toBe(0);
  await walk.set();
  await walk.wire();
  must(await walk.sign('hand-over'));
  expect((await row()).at).toBe(0);
  await call('off site', 0);
  expect(await row()).toMatchObject({ at: -1 });
  expect((await row('done')).due).toBeNull();
});
it('a visit moves the job’s day in the lists, brings it back after the hand-over, and stands in its report', async () => {
  const walk = await handedOver();
  const first = (await listed(walk, 'open'))!.scheduledFor;
  const second = await write(walk, 'visit', { ...VISIT, on: '2026-08-04' });
  must(second.reply);
  expect((await listed(walk, 'open'))!.scheduledFor).toBe(first);
  // It ends by a visit of this job, not before its day.
  const stray = await write(walk, 'visit-end', { ...GOOD, visitId: uuid(), on: first });
  expect(stray.reply.body).toMatchObject({ code: 'bad-input', field: 'visitId' });
  const early = await write(walk, 'visit-end', { ...GOOD, visitId: walk.id, on: '2001-01-01' });
  expect(early.reply.body).toMatchObject({ code: 'bad-input', field: 'on' });
  const end = await write(walk, 'visit-end', { ...GOOD, visitId: walk.id, on: first });
  must(end.reply);
  expect((await listed(walk, 'open'))!.scheduledFor).toBe('2026-08-04');

  await walk.signAnyway('hand-over');
  expect(await listed(walk, 'done')).toBeDefined();
  // What was signed stays; a permit comes no more; another visit does.
  expect((await write(walk, 'withdrawn', { reason: 'not so' }, second.id)).reply.body).toMatchObject({
    code: 'already-signed',
  });
  const permit = { number: 'M-1', authority: '', pulledOn: '2026-08-01' };
  expect((await write(walk, 'permit', permit)).reply.body).toMatchObject({ code: 'already-signed' });
  const third = await write(walk, 'visit', { ...VISIT, on: '2026-09-01' });
  must(third.reply);
  expect((await listed(walk, 'open'))!.scheduledFor).toBe('2026-09-01');
  const moved = await write(walk, 'visit', { ...VISIT, on: '2026-09-03' }, third.id);
  must(moved.reply);
  expect((await listed(walk, 'open'))!.scheduledFor).toBe('2026-09-03');
  must((await write(walk, 'visit-end', { ...GOOD, visitId: third.id, on: '2026-09-03' })).reply);
  expect(await listed(walk, 'done')).toBeDefined();
  expect((await walk.report()).titles).toEqual(expect.arrayContaining(['Visits', 'Visits after the hand-over']));
});
