import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { type TrailLine, trailSchema } from '@/contract/answers/trail';
import { type Client, newJob, startServer, until } from '@/server/testing/harness';
import { writeSightings } from './sightings';

const server = await startServer();
const lead = await server.as('alder-lead');
const owner = await server.as('alder-owner');
const office = await server.as('alder-office');
afterAll(() => server.stop());

const trailOf = async (who: Client, query: string): Promise<TrailLine[]> =>
  trailSchema.parse((await who.get(`/trail?${query}`)).body).lines;

describe('who saw a job and who changed it', () => {
  it('stands in the order it happened, newest first, a look once an hour', async () => {
    const { id } = await newJob(lead);
    for (let i = 0; i < 3; i++) await office.get(`/jobs/${id}`);
    await lead.put(`/jobs/${id}/customer-language`, { language: 'es' });
    await writeSightings(server.database);
    const lines = await trailOf(owner, `job=${id}`);
    expect(lines.map((l) => [l.by, l.what])).toEqual([
      ['alder office', 'job seen'],
      ['alder lead', 'customer language chosen'],
      ['alder lead', 'job created'],
    ]);
    expect(new Set(lines.map((l) => l.jobId))).toEqual(new Set([id]));
  });

  it('a device that keeps it for later has not looked; the look that comes after has', async () => {
    const { id } = await newJob(lead);
    await office.call('GET', `/jobs/${id}`, undefined, { 'X-For-Later': '1' });
    await writeSightings(server.database);
    const whatOf = async () =>
      (await trailOf(owner, `job=${id}`)).filter((l) => l.by === 'alder office').map((l) => l.what);
    expect(await whatOf()).toEqual(['job kept on a device']);
    await office.get(`/jobs/${id}`);
    await writeSightings(server.database);
    expect(await whatOf()).toEqual(['job seen', 'job kept on a device']);
  });

  it('a look is written by itself a moment later', async () => {
    const { id } = await newJob(lead);
    await office.get(`/jobs/${id}`);
    const seen = await until(async () => (await trailOf(owner, `job=${id}`)).find((l) => l.what === 'job seen'));
    expect(seen.by).toBe('alder office');
  });

  it('tells which paper and which list went out', async () => {
    const { id } = await newJob(lead);
    expect((await lead.get(`/jobs/${id}/take.csv`)).status).toBe(200);
    expect((await office.get('/customers.csv')).status).toBe(200);
    expect((await office.get('/customers-template.csv')).status).toBe(200);
    await until(async () => (await trailOf(owner, `job=${id}`)).some((l) => l.what === 'paper taken out'));
    const lists = (await trailOf(owner, '')).filter((l) => l.what === 'list taken out');
    expect(lists.map((l) => l.by)).toEqual(['alder office']);
  });

  it('is read page by page, by person, as CSV', async () => {
    const all = await trailOf(owner, '');
    expect(all.length).toBeGreaterThan(5);
    const older = await trailOf(owner, `before=${all[1]!.id}`);
    expect(older).toEqual(all.slice(2));
    const [{ id }] = (await server.database.rows<{ id: string }>(
      "select id from people where sign_in = 'alder-office'",
    )) as [{ id: string }];
    const of = await trailOf(owner, `person=${id}`);
    expect(new Set(of.map((l) => l.by))).toEqual(new Set(['alder office']));
    const file = await owner.get(`/trail.csv?person=${id}`);
    expect(file.type).toContain('text/csv');
    expect(String(file.body.text).split('\r\n').filter(Boolean)).toHaveLength(of.length + 1);
  });

  it('is for the office, and of one’s own company', async () => {
    expect((await lead.get('/trail')).status).toBe(403);
    expect((await lead.get('/trail.csv')).status).toBe(403);
    const birch = await server.as('birch-owner');
    const { id } = await newJob(lead);
    expect(await trailOf(birch, `job=${id}`)).toEqual([]);
    expect((await trailOf(birch, '')).filter((l) => l.by.startsWith('alder'))).toEqual([]);
  });

  it('a bad question names its field', async () => {
    expect((await owner.get('/trail?job=x')).body).toMatchObject({
      code: 'bad-input',
      field: 'job',
      allowed: 'a UUID',
    });
    expect((await owner.get('/trail?before=-3')).body).toMatchObject({ code: 'bad-input', field: 'before' });
    expect((await owner.get(`/trail?job=${uuid()}`)).body).toEqual({ lines: [] });
  });
});
