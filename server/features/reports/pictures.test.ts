import sharp from 'sharp';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { phaseSubject } from '@/core/phases/pictures';
import { english } from '@/core/words/testing/english';
import { LINE_RUN } from '@/demo/sample-entries';
import { type Client, startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';

const server = await startServer();
const lead = await server.as('alder-lead');
const owner = await server.as('alder-owner');
afterAll(() => server.stop());

type Told = { title: never; pictures?: { id: string; say: never; by: string }[] };
const tablesOf = async (walk: JobWalk): Promise<Told[]> =>
  ((await lead.get(walk.path('/report'))).body as unknown as { tables: Told[] }).tables;

describe('pictures of the work', () => {
  it('hang on an entry or a phase and stand in the report at their phase; a corrected entry keeps its own', async () => {
    const walk = await JobWalk.fresh(lead);
    const { version } = (await walk.sheet()).circuit;
    must(await walk.put('/plate', { version, plate: sampleSheet().circuit.plate }));
    const write = async (body: object, supersedesId: string | null = null) => {
      const id = uuid();
      const occurredAt = new Date().toISOString();
      must(await walk.post('/circuit-entries', { id, kind: 'line-run', body, supersedesId, occurredAt }));
      return id;
    };
    const first = await write(LINE_RUN);
    await walk.photo(`entry:${first}`);
    await write({ ...LINE_RUN, elbows: 5 }, first);
    const circuitId = (await walk.sheet()).circuit.id;
    await walk.photo(phaseSubject('start-up', circuitId));
    await walk.photo(phaseSubject('start-up', uuid()));
    const pictured = (await tablesOf(walk)).filter((t) => t.pictures);
    expect(pictured.map((t) => english(t.title))).toEqual(['Pictures: Start-up', 'Pictures: Line set']);
    const [startUp, lines] = pictured;
    // That of another circuit is not this one's.
    expect(startUp!.pictures).toHaveLength(1);
    expect(english(lines!.pictures![0]!.say)).toMatch(/^Line set 3\/8 in and 7\/8 in/);
    const pdf = await lead.get(walk.path('/report.pdf'));
    expect(pdf.status).toBe(200);
  });
  it('belong to something that is there', async () => {
    const walk = await JobWalk.fresh(lead);
    await expect(walk.photo('phase:start-up:everything')).rejects.toThrow(/subject/);
    await expect(walk.photo('phase:START:11111111-1111-4111-8111-111111111111')).rejects.toThrow(/subject/);
  });
});

describe('the logo of a company', () => {
  const send = async (client: Client, data: Buffer) => {
    const form = new FormData();
    form.set('photo', new Blob([new Uint8Array(data)]), 'logo.png');
    const reply = await fetch(`${client.origin}/api/company/logo`, {
      method: 'POST',
      headers: { cookie: client.cookie },
      body: form,
    });
    return { status: reply.status, body: reply.status === 204 ? {} : await reply.json() };
  };
  it('is put in by who keeps the company, made small on white, and taken off again', async () => {
    const big = await sharp({ create: { width: 2000, height: 500, channels: 4, background: '#00000000' } })
      .png()
      .toBuffer();
    expect((await lead.get('/company/logo')).status).toBe(404);
    expect((await send(lead, big)).status).toBe(403);
    expect((await send(owner, Buffer.from('no picture at all, but long enough'))).body).toMatchObject({
      code: 'bad-input',
      field: 'photo',
    });
    expect((await send(owner, big)).status).toBe(204);
    expect((await lead.get('/company/logo')).status).toBe(200);
    expect((await owner.post('/company/logo/removal', {})).status).toBe(204);
    expect((await lead.get('/company/logo')).status).toBe(404);
  });
});

describe('the page of the maker’s book', () => {
  it('is kept with its model by who keeps the library, shown to the company, to no other, and taken off', async () => {
    const walk = await JobWalk.fresh(lead);
    const id = await walk.unit({ kind: 'furnace', tons: null, refrigerant: null, metering: null });
    const path = `/library/items/${id}/page`;
    const send = async (client: Client) => {
      const form = new FormData();
      const page = sharp({ create: { width: 300, height: 400, channels: 3, background: '#eee' } });
      form.set('photo', new Blob([new Uint8Array(await page.png().toBuffer())]), 'page.png');
      const headers = { cookie: client.cookie };
      return (await fetch(`${client.origin}/api${path}`, { method: 'POST', headers, body: form })).status;
    };
    const helper = await server.as('alder-helper');
    const stranger = await server.as('birch-owner');
    expect((await lead.get(path)).status).toBe(404);
    expect(await send(helper)).toBe(403);
    expect(await send(stranger)).toBe(404);
    expect(await send(owner)).toBe(204);
    expect((await helper.get(path)).type).toBe('image/jpeg');
    expect((await stranger.get(path)).status).toBe(404);
    expect((await lead.get('/library')).body.pages).toContain(id);
    expect((await stranger.get('/library')).body.pages).toEqual([]);
    expect((await stranger.post(`${path}/removal`)).status).toBe(404);
    expect((await owner.post(`${path}/removal`)).status).toBe(204);
    expect((await lead.get('/library')).body.pages).toEqual([]);
  });
});
