import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import Papa from 'papaparse';
import { afterAll, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { DEMO_COMPANY } from '@/demo/company';
import { loadDemo } from '@/demo/load-demo';
import { migrate, migrations } from '@/server/db/migrate';
import { openDatabase } from '@/server/db/pool';
import { peopleStore } from '@/server/features/people/people-store';
import { Pictures } from '@/server/pictures/pictures';
import { type Client, freshSchema, newJob, startServer } from '@/server/testing/harness';
import { bringJob } from './bundle-bring';
import { readBundle, sha256, writeBundle } from './bundle-file';
import { type Kept, readKept } from './bundle-read';
import type { BundleRow, Manifest } from './bundle-schema';
import { bundleRowsSchema } from './bundle-schema';
import { samplesIn, streamCsv } from './stream-csv';
import { MOST_UNPACKED_BYTES } from './zip';

const schema = await freshSchema();
const dropDemo = schema.drop;
const demo = openDatabase(schema.uri);
await migrate(demo, migrations());
await loadDemo({ database: demo }, () => undefined);
const server = await startServer();
const owner = await server.as('alder-owner');
const lead = await server.as('alder-lead');
afterAll(async () => {
  await server.stop();
  await demo.close();
  await dropDemo();
});

/** What says nothing of the work: a name brought in is no more than a name, and the trail goes on. */
const work = (kept: Kept) => ({ ...kept, rows: { ...kept.rows, audit: [] }, runs: [...kept.runs] });
const post = async (client: Client, data: Uint8Array, path = '/jobs/bundle') => {
  const form = new FormData();
  form.append('bundle', new Blob([data as BlobPart], { type: 'application/zip' }), 'job.zip');
  const reply = await fetch(`${client.origin}/api${path}`, {
    method: 'POST',
    headers: { cookie: client.cookie },
    body: form,
  });
  return { status: reply.status, body: (await reply.json()) as Record<string, unknown> };
};
const out = async (client: Client, jobId: string): Promise<Uint8Array> => {
  const reply = await fetch(`${client.origin}/api/jobs/${jobId}/bundle.zip`, { headers: { cookie: client.cookie } });
  expect(reply.status).toBe(200);
  return new Uint8Array(await reply.arrayBuffer());
};
/** One of the files of a bundle changed; with the manifest put right where that is asked. */
function tampered(data: Uint8Array, name: string, change: (text: string) => string, rehash = false): Uint8Array {
  const files = unzipSync(data);
  files[name] = strToU8(change(strFromU8(files[name]!)));
  if (rehash) {
    const manifest = JSON.parse(strFromU8(files['manifest.json']!)) as Manifest;
    for (const f of manifest.files) if (files[f.name]) f.sha256 = sha256(files[f.name]!);
    files['manifest.json'] = strToU8(JSON.stringify(manifest));
  }
  return zipSync(files, { level: 0 });
}

describe('a job as a file', () => {
  it('every job of the demo goes out, in on another server, and out again the same: ids, hashes, streams, pictures', async () => {
    const jobs = await demo.rows<{ id: string; number: number }>('select id, number from jobs order by number');
    expect(jobs.length).toBeGreaterThan(20);
    const brought = new Set<number>();
    for (const { id, number } of jobs) {
      const first = await readKept(demo, new Pictures(), { companyId: DEMO_COMPANY.id, jobId: id });
      const file = await writeBundle(first, new Date('2026-06-01T12:00:00Z'));
      expect(work(await readBundle(file)), `${number} through its file`).toEqual(work(first));
      const reply = await post(owner, file);
      expect([reply.status, reply.body.was], `${number} ${JSON.stringify(reply.body)}`).toEqual([201, 'added']);
      const [{ companyId }] = (await server.database.rows<{ companyId: string }>(
        'select company_id as companyId from jobs where id = :id',
        { id },
      )) as [{ companyId: string }];
      const again = await readKept(server.database, new Pictures(), { companyId, jobId: id });
      // Whoever brought it in stands in its trail now.
      const named = new Set(first.rows.people.map((p) => p.id));
      again.rows = { ...again.rows, people: again.rows.people.filter((p) => named.has(p.id)) };
      expect(work(again), `${number} on the other server`).toEqual(work(first));
      // The same once more changes nothing.
      expect((await post(owner, file)).body.was, `${number}`).toBe('unchanged');
      brought.add(Number(reply.body.number));
    }
    expect(brought).toEqual(new Set(jobs.map((j) => j.number)));
    // Its cylinders are history, and so is its equipment: neither stock, nor library, nor the year's ledger has them.
    expect((await owner.get('/cylinders')).body.cylinders).toEqual([]);
    expect((await owner.get('/library')).body.items).toEqual([]);
    const ledger = await fetch(`${owner.origin}/api/refrigerant/ledger.csv`, { headers: { cookie: owner.cookie } });
    expect(Papa.parse((await ledger.text()).trim(), { header: true }).data).toEqual([]);
    // Every paper of it says that it came out of a file, and who brought it.
    const facts = (await owner.get(`/jobs/${jobs[2]!.id}/report`)).body.facts as [{ id: string }, unknown][];
    expect(facts.some(([label]) => label.id === 'job.brought-in')).toBe(true);
    // Nobody of the other company can sign in here.
    expect((await server.anyone().post('/sign-in', { signIn: 'tess', password: 'millbridge' })).status).toBe(401);
  }, 240_000);

  it('is open: JSON by the schema that is in it, streams as CSV, each file under its SHA-256', async () => {
    const { id } = (await demo.rows<{ id: string }>('select id from jobs where number = 2145'))[0]!;
    const kept = await readKept(demo, new Pictures(), { companyId: DEMO_COMPANY.id, jobId: id });
    const files = unzipSync(await writeBundle(kept, new Date('2026-06-01T12:00:00Z')));
    const manifest = JSON.parse(strFromU8(files['manifest.json']!)) as Manifest;
    expect(manifest.files.map((f) => f.sha256)).toEqual(manifest.files.map((f) => sha256(files[f.name]!)));
    expect(JSON.parse(strFromU8(files['job.schema.json']!))).toEqual(z.toJSONSchema(bundleRowsSchema, { io: 'input' }));
    const runId = String(kept.rows.runs.at(-1)!.id);
    const { data, meta } = Papa.parse<Record<string, string>>(strFromU8(files[`runs/${runId}.csv`]!), { header: true });
    expect(meta.fields).toEqual(expect.arrayContaining(['seq', 't', 'suctionPsig', 'liquidPsig']));
    expect(data.length).toBeGreaterThan(100);
  });

  it('with another content is refused, and nothing changes', async () => {
    const { id: jobId } = await newJob(lead);
    const before = await out(lead, jobId);
    const changed = tampered(before, 'job.json', (t) =>
      t.replace(/"scheduled_for": "[^"]+"/, '"scheduled_for": "2031-01-01"'),
    );
    const refusedOf = async (data: Uint8Array) => {
      const { status, body } = await post(owner, data);
      return [status, body.code, body.field];
    };
    expect(await refusedOf(changed)).toEqual([400, 'bad-input', 'bundle']);
    const record = (t: string) => t.replace(/"circuitsOfJob": \[[^\]]*\]/, '"circuitsOfJob": []');
    expect(await refusedOf(tampered(before, 'job.json', record, true))).toEqual([409, 'other-body', 'bundle']);
    // Another company: its ids are taken, and it learns no more.
    const birch = await server.as('birch-owner');
    expect((await post(birch, before)).status).toBe(409);
    expect((await birch.get(`/jobs/${jobId}/bundle.zip`)).status).toBe(404);
    const now = unzipSync(await out(lead, jobId));
    const strip = (f: Uint8Array) => ({ ...JSON.parse(strFromU8(f)), audit: [] });
    expect(strip(now['job.json']!)).toEqual(strip(unzipSync(before)['job.json']!));
  });

  it('that is none, says more than it holds, or was forged is refused in words', async () => {
    const { id: jobId } = await newJob(lead);
    const file = await out(lead, jobId);
    // What it says it holds, in the directory at its end (PKZIP APPNOTE 4.3.12: size unpacked 24 bytes into an entry).
    const bomb = new Uint8Array(file);
    const entry = Buffer.from(bomb).indexOf('PK\x01\x02', 0, 'latin1');
    new DataView(bomb.buffer).setUint32(entry + 24, MOST_UNPACKED_BYTES + 1, true);
    const files = unzipSync(file);
    // One that says little and holds much: eighty megabytes that call themselves a hundred bytes.
    const liar = zipSync({ ...files, 'job.json': new Uint8Array(80_000_000) }, { level: 9 });
    const named = Buffer.from(liar).lastIndexOf('job.json', undefined, 'latin1');
    new DataView(liar.buffer).setUint32(named - 46 + 24, 100, true);
    expect(liar.length).toBeLessThan(1_000_000);
    const more = zipSync({ ...files, 'more.txt': strToU8('x') });
    const { 'job.json': _, ...less } = files;
    for (const [what, data] of [
      ['no zip', strToU8('hello')],
      ['bomb', bomb],
      ['a bomb that lies', liar],
      ['a file more', more],
      ['a file less', zipSync(less)],
      ['not json', tampered(file, 'manifest.json', () => '{')],
    ] as const) {
      const { status, body } = await post(owner, data);
      expect([status, body.code, body.field], what).toEqual([400, 'bad-input', 'bundle']);
    }
  });

  it('makes no owner of a name where whoever brings it may not name one', async () => {
    const { id } = (await demo.rows<{ id: string }>('select id from jobs where number = 2147'))[0]!;
    const kept = await readKept(demo, new Pictures(), { companyId: DEMO_COMPANY.id, jobId: id });
    // Every id of it another, every name in it an owner's.
    const other = (hex: string): string => hex.replace(/./g, (c) => (15 - Number.parseInt(c, 16)).toString(16));
    const text = JSON.stringify(kept.rows).replace(/([0-9a-f]{8})(-[0-9a-f]{4}-)/g, (_, a, b) => `${other(a)}${b}`);
    const rows = JSON.parse(text) as Kept['rows'];
    const people = rows.people.map((p) => ({ ...p, role: 'owner' }));
    const file = await writeBundle({ rows: { ...rows, people }, runs: new Map(), pictures: [] }, new Date());
    expect((await post(await server.as('birch-office'), file)).status).toBe(201);
    const roles = await server.database.rows<{ role: string }>(
      `select p.role from people p join companies c on c.id = p.company_id where c.name = 'birch' and p.sign_in like 'brought-%'`,
    );
    expect(roles.length).toBeGreaterThan(0);
    expect(roles.map((r) => r.role)).not.toContain('owner');
  });

  it('of a signature that was rewritten is refused, though every other hash was put right', async () => {
    const { id } = (await demo.rows<{ id: string }>('select id from jobs where number = 2139'))[0]!;
    const kept = await readKept(demo, new Pictures(), { companyId: DEMO_COMPANY.id, jobId: id });
    expect(kept.rows.signOffs.length).toBeGreaterThan(0);
    const forged = kept.rows.signOffs.map(
      (s): BundleRow => ({ ...s, snapshot: { ...(s.snapshot as object), by: 'x' } }),
    );
    const file = await writeBundle({ ...kept, rows: { ...kept.rows, signOffs: forged } }, new Date());
    const { status, body } = await post(await server.as('birch-owner'), file);
    expect([status, body.field]).toEqual([400, 'bundle']);
    expect(String(body.message)).toContain('is not what is in the file');
  });

  it('with rows that do not fit together leaves nothing behind (forged at random, hashes put right)', async () => {
    const fresh = await freshSchema();
    const database = openDatabase(fresh.uri);
    await migrate(database, migrations());
    const { id } = (await demo.rows<{ id: string }>('select id from jobs where number = 2139'))[0]!;
    const kept = await readKept(demo, new Pictures(), { companyId: DEMO_COMPANY.id, jobId: id });
    const person = (await peopleStore.bySignIn(demo, 'oda'))!.person;
    await database.run("insert into companies (id, name, settings) values (:id, 'x', '{}')", { id: person.companyId });
    const parts = [
      'sites',
      'systems',
      'equipment',
      'circuits',
      'circuitsOfJob',
      'measurements',
      'entries',
      'runs',
    ] as const;
    await fc.assert(
      fc.asyncProperty(fc.constantFrom(...parts), fc.nat(), fc.nat(), async (part, which, column) => {
        const rows = kept.rows[part];
        fc.pre(rows.length > 0);
        const at = which % rows.length;
        const names = Object.keys(rows[at]!).filter((n) => n.endsWith('_id') && rows[at]![n] !== null);
        fc.pre(names.length > 0);
        const name = names[column % names.length]!;
        const wrong = rows.map((r, i) => (i === at ? { ...r, [name]: '00000000-0000-4000-8000-000000000000' } : r));
        const brought = bringJob(database, new Pictures(), person, { ...kept, rows: { ...kept.rows, [part]: wrong } });
        const was = await brought.then(
          (b) => b.was,
          (e: { code?: string }) => e.code,
        );
        // Some columns name nothing that must be there; whatever is refused is refused in words.
        expect(['bad-input', 'other-body', 'added', 'unchanged']).toContain(was);
        const [{ n }] = (await database.rows<{ n: number }>('select count(*) as n from jobs')) as [{ n: number }];
        if (was !== 'added' && was !== 'unchanged' && was !== 'other-body') expect(Number(n)).toBe(0);
        fc.pre(was !== 'added');
      }),
      { numRuns: 25 },
    );
    await database.close();
    await fresh.drop();
  }, 120_000);
});

describe('the readings of a run as CSV', () => {
  it('come back as they were: pieces, channels of each, gaps (any readings)', () => {
    const value = fc.option(
      fc.double({ noNaN: true, noDefaultInfinity: true }).map((v) => v + 0),
      { nil: null },
    );
    const chunk = fc
      .record({ n: fc.integer({ min: 1, max: 6 }), channels: fc.subarray(['suctionPsig', 'liquidPsig', 'microns']) })
      .chain(({ n, channels }) =>
        fc.record({
          runSeconds: fc.array(fc.double({ min: 0, max: 1e6, noNaN: true }), { minLength: n, maxLength: n }),
          values: fc.record(
            Object.fromEntries(channels.map((c) => [c, fc.array(value, { minLength: n, maxLength: n })])),
          ),
        }),
      );
    fc.assert(
      fc.property(fc.array(chunk, { minLength: 1, maxLength: 5 }), (blocks) => {
        const chunks = blocks.map((samples, seq) => ({ seq, samples }));
        const back = samplesIn(streamCsv(chunks))!;
        for (const { seq, samples } of chunks) expect(back(seq, Object.keys(samples.values))).toEqual(samples);
      }),
    );
  });
  it.each(['a,b\r\n1,2', 'seq,t,x\r\n1,2,hot', 'seq,t\r\n1,', 'seq,t,x\r\n1,2'])('%s is none', (csv) =>
    expect(samplesIn(csv)).toBeUndefined(),
  );
});
