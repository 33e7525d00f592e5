import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Client, newJob, startServer, type TestServer } from '@/server/testing/harness';
import type { KnownSite } from './customers-store';

let server: TestServer;
let lead: Client;
let stranger: Client;
beforeAll(async () => {
  server = await startServer();
  lead = await server.as('alder-lead');
  stranger = await server.as('birch-lead');
});
afterAll(() => server.stop());

const found = async (client: Client, search: string): Promise<KnownSite[]> =>
  (await client.get(`/customers?search=${encodeURIComponent(search)}`)).body.sites as unknown as KnownSite[];

describe('customers and houses found as one types', () => {
  it('by any words of name, phone, street and town, never another company’s', async () => {
    await newJob(lead, { customerName: 'Ottilie Marsh', phone: '555-0199', address: '8 Reed Lane', town: 'Sedge End' });
    for (const search of ['ottil', 'marsh reed', '0199', 'sedge  8', 'OTTILIE'])
      expect(
        (await found(lead, search)).map((s) => s.customerName),
        search,
      ).toEqual(['Ottilie Marsh']);
    for (const search of ['', '  ', 'ottilie somebody', '%', '_', "'; drop table sites"])
      expect(await found(lead, search), search).toEqual([]);
    expect(await found(stranger, 'ottilie')).toEqual([]);
  });
  it('a job for a known house adds a job, not a customer; for its system, not a system', async () => {
    const first = await newJob(lead, { customerName: 'Bram Sluice', address: '1 Weir Row', systemName: 'Upstairs' });
    const [house] = await found(lead, 'bram sluice');
    const again = { customerName: 'Bram Sluice', address: '1 Weir Row', siteId: house!.siteId };
    const other = await newJob(lead, { ...again, systemName: 'Downstairs' });
    const same = await newJob(lead, { ...again, systemId: house!.systems[0]!.id });
    expect([other.sheet.customer.id, other.sheet.site.id]).toEqual([first.sheet.customer.id, first.sheet.site.id]);
    expect(other.sheet.system.id).not.toBe(first.sheet.system.id);
    expect(same.sheet.system.id).toBe(first.sheet.system.id);
    expect(same.sheet.circuit.id).not.toBe(first.sheet.circuit.id);
    const [now] = await found(lead, 'bram sluice');
    expect(now!.systems.map((y) => y.name)).toEqual(['Downstairs', 'Upstairs']);
    expect(await found(lead, 'bram')).toHaveLength(1);
    // What is recorded of one job is not the other's.
    expect(same.sheet.circuitLog).toEqual([]);
  });
  it('a house or system of somebody else, or of another house, is refused at its field', async () => {
    const mine = await newJob(lead, { customerName: 'Ida Lock' });
    const theirs = await newJob(stranger, { customerName: 'Not Yours' });
    const { body } = mine;
    const send = (change: object) => lead.post('/jobs', { ...body, id: uuid(), ...change });
    expect((await send({ siteId: theirs.sheet.site.id })).body).toMatchObject({ code: 'bad-input', field: 'siteId' });
    expect((await send({ siteId: mine.sheet.site.id, systemId: theirs.sheet.system.id })).body).toMatchObject({
      field: 'systemId',
    });
    expect((await send({ systemId: mine.sheet.system.id })).body).toMatchObject({ field: 'systemId' });
  });
  it('the elevation of the newest house of the town is told with where it is from', async () => {
    await newJob(lead, { address: '4 Hill Row', town: 'Tarn Top', elevationFt: 4120 });
    const told = async (client: Client, town: string) => (await client.get(`/elevation?town=${town}`)).body.known;
    expect(await told(lead, 'tarn%20top')).toEqual({ elevationFt: 4120, address: '4 Hill Row', town: 'Tarn Top' });
    expect(await told(lead, 'nowhere')).toBeNull();
    expect(await told(stranger, 'tarn%20top')).toBeNull();
  });
});
