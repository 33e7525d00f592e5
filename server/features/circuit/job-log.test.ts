import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

const write = (walk: JobWalk, kind: string, body: object, supersedesId: string | null = null) => {
  const id = uuid();
  return {
    id,
    reply: walk.post('/circuit-entries', { id, kind, body, supersedesId, occurredAt: new Date().toISOString() }),
  };
};
const PERMIT = { number: 'M-2211', authority: '', pulledOn: '2026-05-28' };

describe('what is written down of the whole job', () => {
  it('stands on every circuit’s sheet, is corrected and withdrawn from any, and claims nothing of a circuit', async () => {
    const one = await JobWalk.fresh(lead);
    const two = await one.another('Downstairs');
    const first = write(two, 'permit', PERMIT);
    must(await first.reply);
    for (const walk of [one, two]) {
      const sheet = await walk.sheet();
      expect(sheet.jobLog.map((e) => [e.kind, e.by])).toEqual([['permit', 'alder lead']]);
      expect(sheet.circuitLog).toEqual([]);
    }
    const better = write(one, 'permit', { ...PERMIT, number: 'M-2212' }, first.id);
    must(await better.reply);
    must(await write(two, 'withdrawn', { reason: 'other house' }, better.id).reply);
    expect((await one.sheet()).jobLog.map((e) => e.kind)).toEqual(['permit', 'permit', 'withdrawn']);
    // Withdrawn, it is not withdrawn again; a result that wants corrections says which.
    expect((await write(one, 'withdrawn', { reason: 'once more' }, better.id).reply).body).toMatchObject({
      field: 'supersedesId',
    });
    const inspection = { on: '2026-06-02', result: 'great', corrections: null, inspector: '' };
    expect((await write(one, 'inspection', inspection).reply).body).toMatchObject({
      code: 'bad-input',
      field: 'result',
    });
  });
  it('is in the signed report of a furnace alone too', async () => {
    const walk = await JobWalk.fresh(lead);
    await walk.survey({ systemType: 'furnace-gas', fuel: 'natural gas' });
    must(await write(walk, 'permit', PERMIT).reply);
    expect((await walk.report()).titles).toContain('Permits and inspections');
  });
});
