import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { unzipSync } from 'fflate';
import sharp from 'sharp';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { alsoListening, Client, PASSWORD, startServer } from '@/server/testing/harness';
import { JobWalk } from '@/server/testing/job-walk';
import { ObjectStore } from '@/server/testing/object-store';
import { folderShelf } from './folder-shelf';
import { movePictures } from './move-pictures';
import { objectShelf } from './object-shelf';
import { openShelf } from './open-shelf';
import { Pictures } from './pictures';
import { type Shelf, shelfKey } from './shelf';

const store = new ObjectStore('job-pictures', 'crew-key');
const root = mkdtempSync(path.join(tmpdir(), 'mb-pictures-'));
const shelves: Record<string, Shelf> = { folder: folderShelf(root) };
const server = await startServer();
shelves['object store'] = objectShelf({
  bucket: 'job-pictures',
  prefix: 'pictures',
  endpoint: await store.open(),
  region: 'us-east-1',
  credentials: { accessKeyId: 'crew-key', secretAccessKey: 'not a secret' },
});
afterAll(async () => {
  store.close();
  rmSync(root, { recursive: true, force: true });
  await server.stop();
});

/** A server whose pictures lie on this shelf, and a lead at it. */
async function at(shelf: Shelf | undefined) {
  const said: string[] = [];
  const pictures = new Pictures(shelf, (line) => said.push(line));
  const face = await alsoListening(server, { demoSignIn: true, sessionSecret: 'test', trustProxy: 1 }, { pictures });
  const lead = new Client(face.origin);
  await lead.post('/sign-in', { signIn: 'alder-lead', password: PASSWORD });
  return { pictures, lead, said, close: face.close };
}

const rowsOf = (): Promise<{ id: string; companyId: string; contentHash: string; bare: number }[]> =>
  server.database.rows(
    'select id, company_id as companyId, content_hash as contentHash, image is null and thumbnail is null as bare from photos order by taken_at desc, id desc',
  );
const bytesOf = async (lead: Client, route: string): Promise<Buffer> => {
  const reply = await fetch(`${lead.origin}/api${route}`, { headers: { cookie: lead.cookie } });
  expect(reply.status, route).toBe(200);
  return Buffer.from(await reply.arrayBuffer());
};

describe.each(['folder', 'object store'])('pictures on a shelf: %s', (kind) => {
  it('go there and come back, in the sheet, the paper and the file of the job; the row keeps none of their bytes', async () => {
    const { lead, close } = await at(shelves[kind]!);
    try {
      const walk = await JobWalk.fresh(lead);
      await walk.photo('before:plates');
      const [row] = await rowsOf();
      expect(row!.bare).toBe(1);
      const image = await bytesOf(lead, `/photos/${row!.id}/image`);
      expect(await sharp(image).metadata()).toMatchObject({ format: 'jpeg', width: 40, height: 30 });
      expect(await shelves[kind]!.get(shelfKey(row!, 'image'))).toEqual(image);
      expect(await bytesOf(lead, `/photos/${row!.id}/thumbnail`)).toEqual(
        await shelves[kind]!.get(shelfKey(row!, 'thumbnail')),
      );
      const files = unzipSync(new Uint8Array(await bytesOf(lead, walk.path('/bundle.zip'))));
      expect(Buffer.from(files[`pictures/${row!.id}.jpg`]!)).toEqual(image);
      // Another company's people come to it no more than before.
      const other = new Client(lead.origin);
      await other.post('/sign-in', { signIn: 'birch-lead', password: PASSWORD });
      expect((await other.get(`/photos/${row!.id}/image`)).status).toBe(404);
    } finally {
      await close();
    }
  });
  it('what lay in the database before is moved, once, and reads the same', async () => {
    const before = await at(undefined);
    const walk = await JobWalk.fresh(before.lead);
    await walk.photo('before:plates');
    const [row] = await rowsOf();
    expect(row!.bare).toBe(0);
    const image = await bytesOf(before.lead, `/photos/${row!.id}/image`);
    await before.close();
    const after = await at(shelves[kind]!);
    try {
      expect(await bytesOf(after.lead, `/photos/${row!.id}/image`)).toEqual(image);
      expect(await movePictures(server.database, after.pictures)).toBe(1);
      expect(await movePictures(server.database, after.pictures)).toBe(0);
      expect((await rowsOf()).find((r) => r.id === row!.id)!.bare).toBe(1);
      expect(await bytesOf(after.lead, `/photos/${row!.id}/image`)).toEqual(image);
    } finally {
      await after.close();
    }
  });
  it('a row may let go of its bytes, and of nothing else', async () => {
    const [row] = await rowsOf();
    for (const change of [
      "subject = 'other'",
      "caption = 'other'",
      'taken_at = now(3)',
      "image = 'x'",
      'bytes = 1',
      `content_hash = repeat('0', 64)`,
    ])
      await expect(
        server.database.run(`update photos set ${change} where id = :id`, { id: row!.id }),
        change,
      ).rejects.toThrow('append-only');
  });
});

describe('a shelf that does not do what it should', () => {
  it.each([500, 503, 'silent'] as const)(
    '%s: the picture is refused for now, nothing is written, and it goes later',
    async (failing) => {
      const { lead, said, close } = await at(shelves['object store']!);
      try {
        const walk = await JobWalk.fresh(lead);
        const had = (await rowsOf()).length;
        store.failing = failing;
        await expect(walk.photo('before:plates')).rejects.toThrow('no-pictures');
        expect((await rowsOf()).length).toBe(had);
        expect(said.join()).toContain('s3://job-pictures/pictures does not answer');
        store.failing = undefined;
        await walk.photo('before:plates');
        expect((await rowsOf()).length).toBe(had + 1);
      } finally {
        store.failing = undefined;
        await close();
      }
    },
  );
  it('a picture that is gone from it is told as out of reach, never as one that was not taken', async () => {
    const { lead, said, close } = await at(shelves['object store']!);
    try {
      const walk = await JobWalk.fresh(lead);
      await walk.photo('before:plates');
      const [row] = await rowsOf();
      store.objects.delete(`/job-pictures/pictures/${shelfKey(row!, 'image')}`);
      const reply = await lead.get(`/photos/${row!.id}/image`);
      expect(reply).toMatchObject({ status: 503, body: { code: 'no-pictures' } });
      expect(said.join()).toContain(row!.id);
      expect((await lead.get(walk.path('/bundle.zip'))).status).toBe(503);
    } finally {
      await close();
    }
  });
  it('gives another picture back: nothing is let go of', async () => {
    const before = await at(undefined);
    const walk = await JobWalk.fresh(before.lead);
    await walk.photo('before:plates');
    await before.close();
    const liar: Shelf = { name: 'liar', put: async () => undefined, get: async () => Buffer.from('other') };
    await expect(movePictures(server.database, new Pictures(liar))).rejects.toThrow('liar gave another picture');
    expect((await rowsOf())[0]!.bare).toBe(0);
  });
});

describe('a folder', () => {
  it('never holds half a picture, and no key leads out of it', async () => {
    const shelf = folderShelf(root);
    const key = `${uuid()}/${uuid()}/abc.jpg`;
    await Promise.all([shelf.put(key, Buffer.from('one')), shelf.put(key, Buffer.from('one'))]);
    expect(await shelf.get(key)).toEqual(Buffer.from('one'));
    expect(readdirSync(path.dirname(path.join(root, key)))).toEqual(['abc.jpg']);
    expect(await shelf.get(`${uuid()}/none.jpg`)).toBeUndefined();
    for (const out of ['../x.jpg', 'a/../../x.jpg', '/etc/passwd', 'a//b', '.hidden'])
      await expect(shelf.put(out, Buffer.from('x')), out).rejects.toThrow('no key');
  });
});

describe('the setting', () => {
  it('names a folder, a bucket, or nothing; anything else is refused at the start', async () => {
    expect(await openShelf({})).toBeUndefined();
    expect((await openShelf({ MB_PICTURES: root }))!.name).toBe(root);
    expect((await openShelf({ MB_PICTURES: 's3://our-pictures/jobs/' }))!.name).toBe('s3://our-pictures/jobs');
    await expect(openShelf({ MB_PICTURES: 'pictures' })).rejects.toThrow('whole path');
    await expect(openShelf({ MB_PICTURES: 's3://A' })).rejects.toThrow('whole path');
  });
});
