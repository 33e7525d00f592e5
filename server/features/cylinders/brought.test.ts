import { v7 as uuid } from 'uuid';
import { afterAll, expect, it } from 'vitest';
import { startServer } from '@/server/testing/harness';

const server = await startServer();
const office = await server.as('alder-owner');
afterAll(() => server.stop());

const stamps = {
  use: 'supply',
  refrigerant: 'R-410A',
  waterCapacityLb: 26.2,
  ratingPsig: 400,
  tareOz: 208,
  retestOn: null,
  flammableMark: false,
  dipTube: false,
  disposable: true,
  state: 'in use',
};
const COUNTED = '2026-06-02T14:00:00.000Z';
const row = (tag: string, contentsOz: number, change: object = {}) => ({ ...stamps, tag, contentsOz, ...change });
const bring = (cylinders: object[], client = office) => client.post('/cylinders', { cylinders, countedAt: COUNTED });
const there = async (): Promise<[string, number][]> =>
  ((await office.get('/cylinders')).body.cylinders as unknown as { tag: string; contentsOz: number }[]).map((c) => [
    c.tag,
    c.contentsOz,
  ]);

it('a cylinder of a list comes with what is in it, or not at all; a refused row holds no other back', async () => {
  // More than its fill limit: 80 % of 26.2 lb of water by volume is not 562 lb of refrigerant.
  const list = [
    row('BR-1', 320),
    row('BR-3', 9000),
    row('BR-4', 0, { use: 'recovery', refrigerant: null }),
    row('BR-2', 0),
  ];
  const { body } = await bring(list);
  expect(body).toMatchObject({ added: 2, updated: 0, unchanged: 0 });
  expect((body.refused as unknown as { index: number; field: string }[]).map((r) => [r.index, r.field])).toEqual([
    [1, 'contentsOz'],
    [2, 'retestOn'],
  ]);
  // In words, with what is allowed, like every refusal.
  for (const r of body.refused as unknown as { message: unknown; allowed: unknown }[])
    expect([typeof r.message, typeof r.allowed]).toEqual(['string', 'string']);
  expect(await there()).toEqual([
    ['BR-1', 320],
    ['BR-2', 0],
  ]);
});

it('the same list twice changes nothing; of one that is there the stamps are put right, its contents are its ledger’s', async () => {
  expect((await bring([row('BR-1', 320), row('BR-2', 0)])).body).toMatchObject({ added: 0, updated: 0, unchanged: 2 });
  expect((await bring([row('BR-1', 16, { tareOz: 210 })])).body).toMatchObject({ updated: 1, refused: [] });
  expect(await there()).toContainEqual(['BR-1', 320]);
  // What it holds is not renamed by a file.
  expect((await bring([row('BR-1', 320, { refrigerant: 'R-32' })])).body).toMatchObject({
    refused: [{ index: 0, field: 'refrigerant' }],
  });
});

it('two lists at once add a cylinder once', async () => {
  const replies = await Promise.all([1, 2, 3].map(() => bring([row('BR-9', 64)])));
  expect(replies.map((r) => (r.body as { added: number }).added).sort()).toEqual([0, 0, 1]);
  expect((await there()).filter(([tag]) => tag === 'BR-9')).toEqual([['BR-9', 64]]);
});

it('what is found is counted by anybody who keeps cylinders; a delivery is answered for; a helper brings none', async () => {
  const uncertified = await server.as('alder-office');
  expect((await bring([row('BR-5', 160)], uncertified)).body).toMatchObject({ added: 1, refused: [] });
  const cylinders = (await office.get('/cylinders')).body.cylinders as unknown as { id: string; tag: string }[];
  const { id } = cylinders.find((c) => c.tag === 'BR-5')!;
  const received = { id: uuid(), kind: 'received', oz: 16, grossOz: null, recipient: null, note: null };
  expect(
    (await uncertified.post(`/cylinders/${id}/movements`, { ...received, occurredAt: COUNTED })).body,
  ).toMatchObject({ field: 'certifiedId' });
  expect((await bring([row('BR-6', 0)], await server.as('alder-helper'))).status).toBe(403);
  expect((await bring([row('BR-7', 0)], await server.as('birch-owner'))).body).toMatchObject({ added: 1 });
  expect((await there()).map(([tag]) => tag)).not.toContain('BR-7');
});
