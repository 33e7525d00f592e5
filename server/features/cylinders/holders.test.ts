import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { ListedCylinder } from '@/core/circuit/recovery/checked-out';
import { EMPTY_CYLINDER } from '@/demo/sample-entries';
import { type Client, startServer } from '@/server/testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
const helper = await server.as('alder-helper');
afterAll(() => server.stop());

async function added(): Promise<{
  id: string;
  hold: (who: Client, deviceId: string, held?: boolean) => Promise<number>;
}> {
  const id = uuid();
  await lead.put(`/cylinders/${id}`, { id, version: 0, tag: `H-${id.slice(-6)}`, ...EMPTY_CYLINDER });
  const hold = async (who: Client, deviceId: string, held = true) =>
    (await who.put(`/cylinders/${id}/holder`, { deviceId, held })).status;
  return { id, hold };
}
const holderOf = async (id: string) =>
  ((await lead.get('/cylinders')).body as { cylinders: ListedCylinder[] }).cylinders.find((c) => c.id === id)!.holder;

describe('a cylinder checked out to a device', () => {
  it('is on the list of everybody with who took it, until it is checked in; twice is once', async () => {
    const { id, hold } = await added();
    expect(await holderOf(id)).toBeNull();
    const phone = uuid();
    for (let i = 0; i < 2; i++) expect(await hold(helper, phone)).toBe(200);
    expect(await holderOf(id)).toMatchObject({ deviceId: phone, by: 'alder helper' });
    const owner = await server.as('alder-owner');
    const { lines } = (await owner.get('/trail')).body as { lines: { what: string }[] };
    expect(lines.filter((e) => e.what === 'cylinder checked out')).toHaveLength(1);
    for (let i = 0; i < 2; i++) expect(await hold(helper, phone, false)).toBe(200);
    expect(await holderOf(id)).toBeNull();
  });
  it('is taken from another device by its own person or who keeps the cylinders, by nobody else', async () => {
    const { id, hold } = await added();
    const [phone, tablet] = [uuid(), uuid()];
    expect(await hold(lead, phone)).toBe(200);
    expect(await hold(helper, tablet)).toBe(403);
    expect(await hold(helper, tablet, false)).toBe(403);
    expect(await holderOf(id)).toMatchObject({ deviceId: phone });
    // On the device that has it, whoever holds that in hand gives it back.
    expect(await hold(helper, phone, false)).toBe(200);
    expect(await hold(helper, tablet)).toBe(200);
    expect(await hold(lead, phone)).toBe(200);
    expect(await holderOf(id)).toMatchObject({ deviceId: phone, by: 'alder lead' });
  });
  it('of another company is not there', async () => {
    const { hold } = await added();
    expect(await hold(await server.as('birch-lead'), uuid())).toBe(404);
  });
});
