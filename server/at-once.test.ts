import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { cylinderFillOf } from '@/core/circuit/recovery/cylinder';
import { FILL_SHARE } from '@/core/circuit/recovery/cylinder-fill';
import { EMPTY_CYLINDER } from '@/demo/sample-entries';
import { movement, newJob, passVacuum, type Reply, startServer } from './testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

const now = () => new Date().toISOString();
const cylinder = async (change: object = {}) => {
  const body = { id: uuid(), version: 0, tag: `RC-${uuid().slice(-6)}`, ...EMPTY_CYLINDER, ...change };
  expect((await lead.put(`/cylinders/${body.id}`, body)).status).toBe(200);
  return body;
};
const limitOf = (c: typeof EMPTY_CYLINDER): number =>
  cylinderFillOf({ id: 'any', tag: '', ...c, contentsOz: 0 }, 'R-454B')!.limitOz;
const inIt = async (id: string): Promise<number> => {
  const [sum] = await server.database.rows<{ oz: number }>(
    'select coalesce(sum(oz), 0) as oz from cylinder_movements where cylinder_id = :id',
    { id },
  );
  const { cylinder } = (await lead.get(`/cylinders/${id}/movements`)).body as { cylinder: { contentsOz: number } };
  expect(cylinder.contentsOz).toBeCloseTo(Number(sum!.oz), 6);
  return cylinder.contentsOz;
};
const answered = (replies: Reply[]): number[] => [...new Set(replies.map((r) => r.status))].sort();

describe('many at once', () => {
  // What has happened is recorded, past the fill limit too, up to what goes into the cylinder at all; the cylinder is then blocked.
  it('fifty jobs give into one cylinder: it ends as one after the other, and the ledger is the sum of what was accepted', async () => {
    const c = await cylinder({ refrigerant: 'R-454B', flammableMark: true });
    const jobs = await Promise.all(Array.from({ length: 50 }, () => newJob(lead)));
    for (const { id } of jobs) {
      await passVacuum(lead, id);
      await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(60)] });
    }
    const oz = 40;
    const replies = await Promise.all(
      jobs.map(({ id }) =>
        lead.post(`/jobs/${id}/measurements`, { measurements: [{ ...movement(-oz), cylinderId: c.id }] }),
      ),
    );
    const taken = replies.filter((r) => r.status === 201).length;
    expect(answered(replies)).toEqual([201, 400]);
    const holds = await inIt(c.id);
    expect(holds).toBe(taken * oz);
    expect(taken).toBe(Math.floor(limitOf(c) / FILL_SHARE / oz));
    // What a crew was refused is not on its sheet either.
    let onSheets = 0;
    for (const { id } of jobs)
      onSheets += (await lead.sheet(id)).measurements.filter((m) => m.value < 0).reduce((sum, m) => sum - m.value, 0);
    expect(onSheets).toBe(holds);
  }, 120_000);

  it('a new cylinder sent many times at once is one cylinder, and every sender is told so', async () => {
    const body = { id: uuid(), version: 0, tag: `RC-${uuid().slice(-6)}`, ...EMPTY_CYLINDER };
    const replies = await Promise.all(Array.from({ length: 20 }, () => lead.put(`/cylinders/${body.id}`, body)));
    expect(answered(replies)).toEqual([200]);
    const [added] = await server.database.rows<{ n: number }>(
      "select count(*) as n from audit where what = 'cylinder added' and json_value(detail, '$.id') = :id",
      { id: body.id },
    );
    expect(Number(added!.n)).toBe(1);
    // Two people who give the same tag to two cylinders: one of them hears of the tag, not of an id.
    const tag = `RC-${uuid().slice(-6)}`;
    const two = await Promise.all(
      [uuid(), uuid()].map((id) => lead.put(`/cylinders/${id}`, { id, version: 0, tag, ...EMPTY_CYLINDER })),
    );
    expect(answered(two)).toEqual([200, 400]);
    expect(two.find((r) => r.status === 400)?.body).toMatchObject({ field: 'tag' });
  });

  it('what is sent away at once is never more than what was there, and received at once never above the limit', async () => {
    const c = await cylinder({ refrigerant: 'R-454B', flammableMark: true });
    const move = (kind: string, oz: number) =>
      lead.post(`/cylinders/${c.id}/movements`, {
        id: uuid(),
        kind,
        oz,
        grossOz: null,
        recipient: kind === 'sent away' ? 'Senn Reclaim' : null,
        note: null,
        occurredAt: now(),
      });
    const received = await Promise.all(Array.from({ length: 40 }, () => move('received', 60)));
    expect(answered(received)).toEqual([201, 400]);
    const held = await inIt(c.id);
    expect(held).toBeLessThanOrEqual(limitOf(c) + 1);
    const sent = await Promise.all(Array.from({ length: 40 }, () => move('sent away', 60)));
    expect(answered(sent)).toEqual([201, 400]);
    expect(await inIt(c.id)).toBeGreaterThanOrEqual(0);
  });

  it('a weighing beside a signature is before it or refused: the frozen record and the sheet agree', async () => {
    for (let round = 0; round < 8; round++) {
      const { id } = await newJob(lead);
      await passVacuum(lead, id);
      await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(9)] });
      const [signed, ...weighed] = await Promise.all([
        lead.post(`/jobs/${id}/phases/charge/sign-offs`, { id: uuid() }),
        ...Array.from({ length: 4 }, () => lead.post(`/jobs/${id}/measurements`, { measurements: [movement(1)] })),
      ]);
      expect(answered([signed!, ...weighed]).filter((s) => s >= 500)).toEqual([]);
      const late = await server.database.rows(
        `select m.id from measurements m join sign_offs s on s.job_id = m.job_id and s.phase = m.phase
         where m.job_id = :id and m.received_at > s.signed_at`,
        { id },
      );
      expect(late, 'nothing of the phase is written beside the frozen record').toEqual([]);
    }
  }, 60_000);

  it('signing at the same moment is one signature; the other is told who signed', async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    await lead.post(`/jobs/${id}/measurements`, { measurements: [movement(9)] });
    await lead.post(`/jobs/${id}/phases/charge/overrides`, {
      id: uuid(),
      gate: 'weighed-charge',
      reason: 'weighed by hand before this sheet',
    });
    const replies = await Promise.all(
      Array.from({ length: 6 }, () => lead.post(`/jobs/${id}/phases/charge/sign-offs`, { id: uuid() })),
    );
    expect(replies.filter((r) => r.status === 201).length).toBe(1);
    for (const r of replies.filter((x) => x.status !== 201))
      expect(r.body).toMatchObject({ code: 'already-signed', message: expect.stringContaining('alder lead') });
  });
});
