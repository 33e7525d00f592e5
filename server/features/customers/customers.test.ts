import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { KnownSite } from '@/contract/customers';
import { type Client, newJob, startServer } from '@/server/testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
const owner = await server.as('alder-owner');
const stranger = await server.as('birch-lead');
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

describe('customers and houses from a list', () => {
  const house = (change: object = {}) => ({
    customerName: 'Wilma Tarn',
    phone: '555-0170',
    language: 'es',
    address: '3 Otter Bank',
    town: 'Lowmere',
    elevationFt: 610,
    systemName: 'Upstairs',
    ...change,
  });
  const bring = async (houses: object[], client = owner) => client.post('/customers', { houses });

  it('one row a system: a house, its customer and its systems are each added once; twice the same is nothing', async () => {
    const list = [house(), house({ systemName: 'Downstairs' }), house({ address: '9 Otter Bank', systemName: null })];
    expect((await bring(list)).body).toEqual({ added: 2, updated: 1, unchanged: 0 });
    expect((await bring(list)).body).toEqual({ added: 0, updated: 0, unchanged: 3 });
    const houses = await found(lead, 'wilma');
    expect(new Set(houses.map((h) => h.customerId)).size).toBe(1);
    expect(houses.map((h) => [h.address, h.systems.map((y) => y.name)]).sort()).toEqual([
      ['3 Otter Bank', ['Downstairs', 'Upstairs']],
      ['9 Otter Bank', []],
    ]);
    expect(await found(stranger, 'wilma')).toEqual([]);
  });
  it('a language that is not given is the one the company’s customers read', async () => {
    const { name, timeZone, version } = (await owner.get('/company')).body as Record<string, unknown>;
    expect((await owner.put('/company', { name, timeZone, version, customerLanguage: 'es' })).status).toBe(200);
    await bring([
      house({ customerName: 'Sin Idioma', language: null }),
      house({ customerName: 'Told Hers', language: 'en', address: '5 Otter Bank' }),
    ]);
    expect((await found(lead, 'sin idioma'))[0]).toMatchObject({ language: 'es' });
    expect((await found(lead, 'told hers'))[0]).toMatchObject({ language: 'en' });
  });
  it('two lists at once add a house once', async () => {
    const list = [house({ customerName: 'Odd Twin', address: '1 Twin Row' })];
    const replies = await Promise.all([bring(list), bring(list), bring(list)]);
    expect(replies.map((r) => (r.body as { added: number }).added).sort()).toEqual([0, 0, 1]);
    expect(await found(lead, 'odd twin')).toHaveLength(1);
  });
  it('a house that has jobs stays as it is; its elevation is told for its town, a job finds its system', async () => {
    const { sheet } = await newJob(lead, {
      customerName: 'Kept Asis',
      address: '2 Still Row',
      town: 'Stillwater',
      elevationFt: 900,
    });
    const again = house({
      customerName: 'kept asis',
      address: '2 still row',
      town: 'STILLWATER',
      elevationFt: 1,
      systemName: null,
    });
    expect((await bring([again])).body).toEqual({ added: 0, updated: 0, unchanged: 1 });
    expect((await found(lead, 'kept asis'))[0]).toMatchObject({ siteId: sheet.site.id, elevationFt: 900 });
    expect((await lead.get('/elevation?town=lowmere')).body.known).toMatchObject({ elevationFt: 610 });
    const [known] = await found(lead, 'wilma 3');
    const job = await newJob(lead, {
      customerName: 'Wilma Tarn',
      siteId: known!.siteId,
      systemId: known!.systems[1]!.id,
    });
    expect(job.sheet.system.name).toBe('Upstairs');
    expect(job.sheet.customer.language).toBe('es');
  });
  it('what is written out is what was brought; a lead may not bring, a bad row is named', async () => {
    const text = (await lead.get('/customers.csv')).body.text as string;
    expect(text).toContain('Wilma Tarn,555-0170,es,9 Otter Bank,Lowmere,610,\r\n');
    expect((await stranger.get('/customers.csv')).body.text).not.toContain('Wilma');
    expect(((await lead.get('/customers-template.csv')).body.text as string).trim()).toBe(
      'customerName,phone,language,address,town,elevationFt,systemName',
    );
    expect((await bring([house()], lead)).status).toBe(403);
    expect((await bring([house({ elevationFt: 99_000 })])).body).toMatchObject({
      code: 'bad-input',
      field: 'houses.0.elevationFt',
      allowed: '-1000 to 15000 ft',
    });
  });
});
