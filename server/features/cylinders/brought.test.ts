import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { type Client, startServer, type TestServer } from '@/server/testing/harness';

let server: TestServer;
let office: Client;
beforeAll(async () => {
  server = await startServer();
  office = await server.as('alder-owner');
});
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
const opening = (oz: number) => ({
  id: uuid(),
  kind: 'opening',
  oz,
  grossOz: null,
  recipient: null,
  note: null,
  occurredAt: '2026-06-02T14:00:00.000Z',
});
const bring = (tag: string, oz: number | null, client = office) =>
  client.post('/cylinders', {
    cylinder: { ...stamps, id: uuid(), version: 0, tag },
    opening: oz === null ? null : opening(oz),
  });
const tags = async (): Promise<[string, number][]> =>
  ((await office.get('/cylinders')).body.cylinders as unknown as { tag: string; contentsOz: number }[]).map((c) => [
    c.tag,
    c.contentsOz,
  ]);

it('a cylinder of a list comes with what is in it, or not at all', async () => {
  expect((await bring('BR-1', 320)).body).toMatchObject({ tag: 'BR-1', contentsOz: 320 });
  expect((await bring('BR-2', null)).body).toMatchObject({ tag: 'BR-2', contentsOz: 0 });
  // More than its fill limit: 80 % of 26.2 lb of water by volume is not 562 lb of refrigerant.
  expect((await bring('BR-3', 9000)).body).toMatchObject({ code: 'bad-input', field: 'oz' });
  expect((await bring('BR-1', 10)).body).toMatchObject({ code: 'bad-input', field: 'tag' });
  expect(await tags()).toEqual([
    ['BR-1', 320],
    ['BR-2', 0],
  ]);
});

it('what is found is counted by anybody who keeps cylinders; a delivery is answered for; a helper brings none', async () => {
  const uncertified = await server.as('alder-office');
  const cylinder = (await bring('BR-4', 160, uncertified)).body as { id: string };
  expect(cylinder).toMatchObject({ contentsOz: 160 });
  const received = { ...opening(16), kind: 'received' };
  expect((await uncertified.post(`/cylinders/${cylinder.id}/movements`, received)).body).toMatchObject({
    field: 'certifiedId',
  });
  expect((await bring('BR-5', 0, await server.as('alder-helper'))).status).toBe(403);
});
