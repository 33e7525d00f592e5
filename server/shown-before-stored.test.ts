import fc from 'fast-check';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { FIT_EMPTY } from '@/core/fit/sheets';
import type { JobSheet } from '@/core/job/sheet';
import { EMPTY_CHOICE } from '@/core/scope/choice';
import { BEFORE_IDS } from '@/core/scope/survey/before-dismantling';
import { OLD_CHARGE } from '@/demo/sample-entries';
import { withWaiting } from '@/web/api/outbox/overlay';
import type { Waiting } from '@/web/api/outbox/waiting';
import type { Me } from '@/web/api/use-me';
import { movement, newJob, passVacuum, startServer } from './testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
const me = (await lead.get('/me')).body.person as unknown as Me;
afterAll(() => server.stop());

type Write = { method: 'POST' | 'PUT'; path: string; body: unknown };
const now = () => new Date().toISOString();
const observed = (fact: string, value: unknown) => ({
  observations: [
    {
      id: uuid(),
      fact,
      value,
      method: 'seen',
      source: 'on site',
      confidence: 'high',
      note: null,
      photoId: null,
      occurredAt: now(),
    },
  ],
});
const reading = (quantity: string, value: number) => {
  const id = uuid();
  return { id, setId: id, phase: 'start-up', stage: 'reading', quantity, value, occurredAt: now() };
};

/** Each kind of write that a device shows before the server has it. */
const WRITES: Record<string, (sheet: JobSheet) => Write> = {
  'an answer': () => ({ method: 'POST', path: 'observations', body: observed('systemType', 'split-hp') }),
  'a number': () => ({ method: 'POST', path: 'observations', body: observed('oldTons', 2.5) }),
  'not seen': () => ({ method: 'POST', path: 'observations', body: observed('oldRefrigerant', null) }),
  'an entry': () => ({
    method: 'POST',
    path: 'circuit-entries',
    body: {
      id: uuid(),
      kind: 'old-charge',
      body: { ...OLD_CHARGE, outdoorFt3: null },
      supersedesId: null,
      occurredAt: now(),
    },
  }),
  'a correction': (sheet) => ({
    method: 'POST',
    path: 'circuit-entries',
    body: {
      id: uuid(),
      kind: 'old-charge',
      body: { ...OLD_CHARGE, outdoorFt3: 9 },
      supersedesId: sheet.circuitLog.at(-1)?.id ?? null,
      occurredAt: now(),
    },
  }),
  'a withdrawal': (sheet) => ({
    method: 'POST',
    path: 'circuit-entries',
    body: {
      id: uuid(),
      kind: 'withdrawn',
      body: { reason: 'typed for the wrong job' },
      supersedesId: sheet.circuitLog.at(-1)?.id ?? null,
      occurredAt: now(),
    },
  }),
  'a reading': () => ({ method: 'POST', path: 'measurements', body: { measurements: [reading('suctionPsig', 118)] } }),
  'two readings': () => ({
    method: 'POST',
    path: 'measurements',
    body: { measurements: [reading('liquidPsig', 331), reading('returnDryBulbF', 75.5)] },
  }),
  'a confirmation': () => ({
    method: 'POST',
    path: 'confirmations',
    body: { confirmation: 'filterClean', confirmed: true },
  }),
  'a confirmation taken back': () => ({
    method: 'POST',
    path: 'confirmations',
    body: { confirmation: 'filterClean', confirmed: false },
  }),
  'an override': () => ({
    method: 'POST',
    path: 'phases/recover/overrides',
    body: { id: uuid(), gate: 'recovered-level', reason: 'old unit already empty' },
  }),
  'a waiver': () => ({
    method: 'POST',
    path: 'waivers',
    body: { id: uuid(), item: BEFORE_IDS[0], reason: 'too dark for a picture' },
  }),
  'a fit sheet': (sheet) => ({
    method: 'PUT',
    path: 'fits/drain',
    body: { record: { ...FIT_EMPTY.drain, runFt: 31 }, measured: ['runFt'], version: sheet.fits.drain?.version ?? 0 },
  }),
  'a choice': (sheet) => ({
    method: 'PUT',
    path: 'choice',
    body: { version: sheet.scope.version, choice: { ...EMPTY_CHOICE, keepCoil: true, standIn: 4 } },
  }),
  'another day, another name': (sheet) => ({
    method: 'PUT',
    path: 'details',
    body: {
      version: sheet.job.version,
      customerName: 'Wren, rear house',
      phone: '555-0188',
      address: '3 Test Row',
      town: 'Mill End',
      elevationFt: 4200,
      systemName: 'Loft',
      leadId: sheet.job.leadId,
      scheduledFor: '2026-07-02',
    },
  }),
  'a cancellation': () => ({ method: 'POST', path: 'cancellation', body: { id: uuid(), reason: 'roof is not safe' } }),
  'a reopening': () => ({ method: 'POST', path: 'reopening', body: { id: uuid(), reason: 'scaffold is up' } }),
  'another mode': (sheet) => ({
    method: 'PUT',
    path: 'mode',
    body: { version: sheet.job.version, mode: sheet.job.mode === 'cooling' ? 'heating' : 'cooling' },
  }),
};

/** What both must say the same: all but the moment at which the server wrote, and counters that only it keeps. */
const OF_THE_SERVER = new Set(['at', 'version', 'instrument', 'location', 'uncertainty']);
const told = (sheet: JobSheet) =>
  JSON.parse(
    JSON.stringify(
      {
        survey: sheet.survey,
        log: sheet.circuitLog,
        choice: sheet.scope.choice,
        measurements: sheet.measurements,
        confirmed: sheet.startUp.confirmations,
        overrides: sheet.overrides,
        fits: sheet.fits,
        head: [sheet.job.mode, sheet.job.leadId, sheet.job.scheduledFor],
        whose: [sheet.customer, sheet.site, sheet.system],
        cancelled: sheet.cancelled,
      },
      (key, value: unknown) => (OF_THE_SERVER.has(key) ? undefined : value),
    ),
  ) as unknown;
const waiting = (jobId: string, { method, path, body }: Write, seq: number): Waiting =>
  ({ id: uuid(), seq, method, path: `/jobs/${jobId}/${path}`, body, at: now() }) as unknown as Waiting;

describe('what a device shows before the server has it', () => {
  it.each(Object.entries(WRITES))('%s: as it is stored', async (_name, make) => {
    const { id } = await newJob(lead);
    // Something to correct or withdraw.
    const first = WRITES['an entry']!(await lead.sheet(id));
    await lead.call(first.method, `/jobs/${id}/${first.path}`, first.body);
    const before = await lead.sheet(id);
    const write = make(before);
    const shown = withWaiting(before, [waiting(id, write, 1)], me);
    const reply = await lead.call(write.method, `/jobs/${id}/${write.path}`, write.body);
    expect(reply.status, JSON.stringify(reply.body).slice(0, 300)).toBeLessThan(300);
    expect(told(shown)).toEqual(told(await lead.sheet(id)));
  });
  it('any of them one after the other, and once more when the answer got lost', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom(...Object.keys(WRITES)), { minLength: 2, maxLength: 6 }),
        async (names) => {
          const { id } = await newJob(lead);
          const start = await lead.sheet(id);
          let shown = start;
          let now = start;
          for (const [seq, name] of names.entries()) {
            const write = WRITES[name]!(now);
            const sent = waiting(id, write, seq);
            const reply = await lead.call(write.method, `/jobs/${id}/${write.path}`, write.body);
            if (reply.status >= 300) continue;
            shown = withWaiting(now, [sent], me);
            now = await lead.sheet(id);
            expect(told(shown), names.join()).toEqual(told(now));
            // Stored already, and still waiting here: shown once, not twice.
            if (write.method === 'POST' && !['waivers'].includes(write.path))
              expect(told(withWaiting(now, [sent], me)), name).toEqual(told(now));
          }
        },
      ),
      {
        numRuns: 12,
        endOnFailure: true,
        examples: [
          [['an entry', 'an override', 'a withdrawal']],
          [['an entry', 'an override', 'an entry', 'a correction']],
        ],
      },
    );
  }, 120_000);
  it('what was refused, and what belongs to another job, is not shown', async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    const sheet = await lead.sheet(id);
    const write: Write = { method: 'POST', path: 'measurements', body: { measurements: [movement(8)] } };
    const here = waiting(id, write, 1);
    expect(withWaiting(sheet, [{ ...here, refused: { message: 'no' } } as never], me)).toEqual(sheet);
    expect(withWaiting(sheet, [waiting(uuid(), write, 1)], me)).toEqual(sheet);
    expect(withWaiting(sheet, [here], me).measurements).toHaveLength(1);
  });
});
