import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { type LateList, lateListSchema } from '@/contract/answers/late';
import { english } from '@/core/words/testing/english';
import { DEAD_PROOF, EMPTY_CYLINDER, OLD_CHARGE } from '@/demo/sample-entries';
import { type Client, movement, newJob, passVacuum, type Reply, startServer } from '@/server/testing/harness';

const server = await startServer();
const [lead, helper, owner, office] = (await Promise.all(
  ['lead', 'helper', 'owner', 'office'].map((role) => server.as(`alder-${role}`)),
)) as [Client, Client, Client, Client];
afterAll(() => server.stop());

const HOUR_S = 3600;
const late = (client: Client, path: string, body: object, ago: number | string = HOUR_S): Promise<Reply> =>
  client.call(path.endsWith('vacuum') ? 'PUT' : 'POST', path, body, { 'X-Written-Ago': String(ago) });
const listOf = async (client: Client, path: string): Promise<LateList['late']> =>
  lateListSchema.parse((await client.get(path)).body).late;
const weighed = (oz: number) => ({ measurements: [movement(oz)] });

/** A job whose charge is signed. */
async function charged(): Promise<string> {
  const { id } = await newJob(lead);
  await passVacuum(lead, id);
  await lead.post(`/jobs/${id}/measurements`, weighed(25.7));
  expect((await lead.post(`/jobs/${id}/phases/charge/sign-offs`, { id: uuid() })).status).toBe(201);
  return id;
}

describe('what was written before a signature and arrives after it', () => {
  it('stands beside it, once, changes nothing of it, and whoever leads is told until they have read it', async () => {
    const id = await charged();
    const before = await lead.sheet(id);
    const body = weighed(-3);
    const reply = await late(lead, `/jobs/${id}/measurements`, body);
    expect(reply.status, JSON.stringify(reply.body)).toBe(201);
    expect((await late(lead, `/jobs/${id}/measurements`, body)).status).toBe(201);
    const after = await lead.sheet(id);
    expect(after.measurements).toEqual(before.measurements);
    expect(after.signOffs).toEqual(before.signOffs);

    const [one, ...others] = await listOf(helper, `/jobs/${id}/late`);
    expect(others).toEqual([]);
    expect(one).toMatchObject({ phase: 'charge', by: 'alder lead', signedBy: 'alder lead', seen: null });
    expect(english(one!.say)).toBe('Readings: 0 lb 3.0 oz taken out');
    const ago = (Date.parse(one!.arrivedAt) - Date.parse(one!.writtenAt)) / 1000;
    expect(Math.abs(ago - HOUR_S)).toBeLessThan(5);

    for (const client of [lead, owner, office])
      expect((await listOf(client, '/late')).map((l) => l.id)).toContain(one!.id);
    expect(await listOf(helper, '/late')).toEqual([]);
    const rows = ((await lead.get(`/jobs/${id}/report`)).body.tables as { rows: unknown[][] }[]).flatMap((t) => t.rows);
    expect(JSON.stringify(rows)).toContain('late.to-amendment');

    const seen = { id: uuid() };
    for (const client of [helper, office]) expect((await client.post(`/late/${one!.id}/seen`, seen)).status).toBe(403);
    expect((await lead.post(`/late/${one!.id}/seen`, seen)).status).toBe(200);
    expect((await lead.post(`/late/${one!.id}/seen`, seen)).status).toBe(200);
    // A second look takes nothing of the first.
    expect((await owner.post(`/late/${one!.id}/seen`, { id: uuid() })).status).toBe(200);
    expect((await listOf(lead, `/jobs/${id}/late`))[0]!.seen).toMatchObject({ by: 'alder lead' });
    expect((await listOf(lead, '/late')).map((l) => l.id)).not.toContain(one!.id);
  });

  it('the same id with something else in it is refused', async () => {
    const id = await charged();
    const body = weighed(-3);
    expect((await late(lead, `/jobs/${id}/measurements`, body)).status).toBe(201);
    const other = { measurements: [{ ...body.measurements[0]!, value: -4 }] };
    expect(await late(lead, `/jobs/${id}/measurements`, other)).toMatchObject({
      status: 409,
      body: { code: 'other-body' },
    });
  });

  it.each<[string, number | string | undefined, number]>([
    ['said now, by who could see the signature', undefined, 409],
    ['sent at once', 0, 409],
    ['no number of seconds', '-5', 409],
    ['waited a minute without a connection', 60, 201],
    ['waited less, written after the signature', 59, 409],
    ['a clock that was set back is no more than a year', 999_999_999, 201],
  ])('%s', async (_name, ago, status) => {
    const id = await charged();
    // Signed two minutes ago, in the words of the database.
    await server.database.run('drop trigger if exists sign_offs_no_update');
    await server.database.run(
      'update sign_offs set signed_at = date_sub(signed_at, interval 2 minute) where job_id = :id',
      { id },
    );
    await server.database.run(
      "insert into job_revisions (job_id, part, n) values (:id, 'sign_offs', uuid_short()) on duplicate key update n = values(n)",
      { id },
    );
    const reply =
      ago === undefined
        ? await lead.post(`/jobs/${id}/measurements`, weighed(1))
        : await late(lead, `/jobs/${id}/measurements`, weighed(1), ago);
    expect(reply.status, JSON.stringify(reply.body)).toBe(status);
    expect((await listOf(lead, `/jobs/${id}/late`)).length).toBe(status === 201 ? 1 : 0);
  });

  it('of another kind: the vacuum, a confirmation, an entry; a signature never', async () => {
    const id = await charged();
    const vacuum = { version: 1, endMicrons: 290, heldMin: 15, reason: 'Read off the gauge on the truck.' };
    expect((await late(lead, `/jobs/${id}/vacuum`, vacuum)).status).toBe(201);
    expect((await late(lead, `/jobs/${id}/vacuum`, vacuum)).status).toBe(201);
    expect((await late(lead, `/jobs/${id}/phases/charge/sign-offs`, { id: uuid() })).status).toBe(409);
    const entry = {
      id: uuid(),
      kind: 'cylinder-used',
      body: { cylinderId: uuid() },
      supersedesId: null,
      occurredAt: new Date().toISOString(),
    };
    await late(lead, `/jobs/${id}/circuit-entries`, entry);
    const said = (await listOf(lead, `/jobs/${id}/late`)).map((l) => english(l.say));
    expect(said[0]).toBe('Standing vacuum: 290 µm after 15 min');
    expect(said.length).toBeLessThan(3);
  });

  it('another company sees nothing of it and marks nothing', async () => {
    const id = await charged();
    await late(lead, `/jobs/${id}/measurements`, weighed(-2));
    const [one] = await listOf(lead, `/jobs/${id}/late`);
    const stranger = await server.as('birch-lead');
    expect(await listOf(stranger, `/jobs/${id}/late`)).toEqual([]);
    expect(await listOf(stranger, '/late')).toEqual([]);
    expect((await stranger.post(`/late/${one!.id}/seen`, { id: uuid() })).status).toBe(404);
    expect((await late(stranger, `/jobs/${id}/measurements`, weighed(-2))).status).toBe(404);
    for (const change of ["what = 'vacuum'", 'written_at = now(3)', 'seen_at = null'])
      await expect(
        server.database.run(`update late_entries set ${change} where id = :id`, { id: one!.id }),
        change,
      ).rejects.toThrow('append-only');
    await expect(server.database.run('delete from late_entries where id = :id', { id: one!.id })).rejects.toThrow(
      'append-only',
    );
  });
});

describe('refrigerant that moved', () => {
  const entry = (kind: string, body: object) => ({
    id: uuid(),
    kind,
    body,
    supersedesId: null,
    occurredAt: new Date().toISOString(),
  });
  it('is in the ledger of its cylinder however late the word comes, once', async () => {
    const { id } = await newJob(lead);
    const cylinder = { id: uuid(), version: 0, tag: 'R-77', ...EMPTY_CYLINDER };
    const made = await lead.put(`/cylinders/${cylinder.id}`, cylinder);
    expect(made.status, JSON.stringify(made.body)).toBe(200);
    for (const [kind, body] of [
      ['old-charge', { ...OLD_CHARGE, outdoorFt3: null }],
      ['method', { method: 'nothing', reason: 'the old unit was empty' }],
      ['dead-proof', DEAD_PROOF],
    ] as const)
      expect((await lead.post(`/jobs/${id}/circuit-entries`, entry(kind, body))).status, kind).toBe(201);
    expect((await lead.post(`/jobs/${id}/phases/recover/sign-offs`, { id: uuid() })).status).toBe(201);
    const sent = entry('recovered', {
      cylinderId: cylinder.id,
      startGrossOz: 452,
      endGrossOz: 590,
      oily: false,
      scale: 'scale 2',
      runId: null,
    });
    for (const _twice of [1, 2]) expect((await late(lead, `/jobs/${id}/circuit-entries`, sent)).status).toBe(201);
    const { cylinder: now, movements } = (await lead.get(`/cylinders/${cylinder.id}/movements`)).body as never as {
      cylinder: { contentsOz: number };
      movements: unknown[];
    };
    expect(now.contentsOz).toBe(138);
    expect(movements).toHaveLength(1);
    const [one] = await listOf(lead, `/jobs/${id}/late`);
    expect(english(one!.say)).toMatch(/^Recovered/);
  });
});
