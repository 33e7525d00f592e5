import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { JobSheet } from '@/core/job/sheet';
import { offersOf, optionNow } from '@/core/phases/scope/offer/offer';
import { startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';

const server = await startServer();
const lead = await server.as('alder-lead');
const helper = await server.as('alder-helper');
afterAll(() => server.stop());

const keep = (walk: JobWalk, name: string, of: ReturnType<typeof optionNow>, id = uuid()) =>
  walk.post('/circuit-entries', {
    id,
    kind: 'offer-option',
    body: { name, why: '', ...of },
    supersedesId: null,
    occurredAt: new Date().toISOString(),
  });

async function surveyedJob(): Promise<{ walk: JobWalk; sheet: JobSheet; unitId: string; otherId: string }> {
  const walk = await JobWalk.fresh(lead);
  await walk.tell({ systemType: 'split-hp', whip: 'damaged' });
  const unitId = await walk.unit({ price: 3000 });
  const otherId = await walk.unit({ price: 4200 });
  const { scope } = await walk.sheet();
  must(await walk.put('/choice', { version: scope.version, choice: { ...scope.choice, outdoorId: unitId } }));
  return { walk, sheet: await walk.sheet(), unitId, otherId };
}

describe('options of an offer', () => {
  it('are kept, shown with their equipment, taken once however often it is sent', async () => {
    const { walk, sheet, otherId } = await surveyedJob();
    const now = optionNow(sheet);
    const first = uuid();
    must(await keep(walk, 'As it stands', now, first));
    const id = uuid();
    const items = { ...now.items, whip: 'out' as const };
    must(await keep(walk, 'The other unit', { choice: { ...now.choice, outdoorId: otherId }, items }, id));
    const before = await walk.sheet();
    expect(offersOf(before).map((o) => [o.name, o.equipment, o.stands])).toEqual([
      ['As it stands', 3000, true],
      ['The other unit', 4200, false],
    ]);
    const take = { id: uuid(), optionId: id, version: before.scope.version };
    must(await walk.post('/option', take));
    must(await walk.post('/option', take));
    const after = await walk.sheet();
    expect(after.scope.choice.outdoorId).toBe(otherId);
    expect(after.scope.decisions.filter((d) => d.itemId === 'whip')).toHaveLength(1);
    expect(after.scope.decisions.at(-1)).toMatchObject({ decision: 'out', reason: 'The other unit' });
    expect(offersOf(after).map((o) => o.stands)).toEqual([false, true]);
    // Somebody else chose meanwhile: nothing is overwritten.
    const stale = await walk.post('/option', { ...take, id: uuid(), optionId: first });
    expect(stale).toMatchObject({ status: 409, body: { code: 'stale-version' } });
    const pdf = await lead.get(walk.path('/offer.pdf'));
    expect(pdf.status).toBe(200);
  });
  it('are refused by name where there is none, where its equipment is another company’s, and to a helper', async () => {
    const { walk, sheet } = await surveyedJob();
    const version = sheet.scope.version;
    const none = await walk.post('/option', { id: uuid(), optionId: uuid(), version });
    expect(none.body).toMatchObject({ code: 'bad-input', field: 'optionId' });
    const now = optionNow(sheet);
    const id = uuid();
    must(await keep(walk, 'Strange', { ...now, choice: { ...now.choice, outdoorId: uuid() } }, id));
    expect((await walk.post('/option', { id: uuid(), optionId: id, version })).body).toMatchObject({
      code: 'bad-input',
      field: 'optionId',
    });
    const sent = await helper.post(walk.path('/circuit-entries'), {
      id: uuid(),
      kind: 'offer-option',
      body: { name: 'Mine', why: '', ...now },
      supersedesId: null,
      occurredAt: new Date().toISOString(),
    });
    expect(sent.status).toBe(403);
  });
});
