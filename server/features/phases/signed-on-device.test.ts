import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { sawOf } from '@/core/phases/saw';
import { type Client, movement, newJob, passVacuum, type Reply, startServer } from '@/server/testing/harness';

const server = await startServer();
const [lead, second] = (await Promise.all([server.as('alder-lead'), server.as('alder-lead')])) as [Client, Client];
afterAll(() => server.stop());

const HOUR_S = 3600;
const MIN_MS = 60_000;

/** A job that is weighed in, its last weight some minutes ago. */
async function weighedIn(minutesAgo: number): Promise<string> {
  const { id } = await newJob(lead);
  await passVacuum(lead, id);
  const occurredAt = new Date(Date.now() - minutesAgo * MIN_MS).toISOString();
  await lead.post(`/jobs/${id}/measurements`, { measurements: [{ ...movement(25.7), occurredAt }] });
  return id;
}
const sawCharge = async (id: string): Promise<string> => sawOf(await lead.sheet(id), 'charge');
const sign = (id: string, body: object, agoS?: number): Promise<Reply> =>
  lead.call(
    'POST',
    `/jobs/${id}/phases/charge/sign-offs`,
    { id: uuid(), ...body },
    agoS === undefined ? {} : { 'X-Written-Ago': String(agoS) },
  );
const agoOf = (at: string | undefined): number => (Date.now() - Date.parse(at!)) / 1000;

describe('signed on a device without a connection', () => {
  it('stands with the moment it was signed and the one it arrived, in the record, on the sheet and on the paper', async () => {
    const id = await weighedIn(90);
    const reply = await sign(id, { saw: await sawCharge(id) }, HOUR_S);
    expect(reply.status, JSON.stringify(reply.body)).toBe(201);
    const [signed] = (await lead.sheet(id)).signOffs;
    expect(Math.abs(agoOf(signed!.at) - HOUR_S)).toBeLessThan(5);
    expect(agoOf(signed!.arrivedAt)).toBeLessThan(30);
    const { signed_at: at, arrived_at: arrived } = (
      await server.database.rows<{ signed_at: Date; arrived_at: Date }>(
        'select signed_at, arrived_at from sign_offs where id = :id',
        { id: signed!.id },
      )
    )[0]!;
    expect([at.toISOString(), arrived.toISOString()]).toEqual([signed!.at, signed!.arrivedAt]);
    expect(JSON.stringify((await lead.get(`/jobs/${id}/report`)).body)).toContain('job.signed-on-a-device');
  });

  it('never before the last thing that is signed for', async () => {
    const id = await weighedIn(20);
    await sign(id, { saw: await sawCharge(id) }, HOUR_S);
    const [signed] = (await lead.sheet(id)).signOffs;
    expect(Math.abs(agoOf(signed!.at) - 20 * 60)).toBeLessThan(30);
  });

  it.each([
    ['nothing said of a wait', undefined],
    ['a wait of under a minute', 59],
  ])('with %s it is signed now, and arrived nowhere later', async (_name, agoS) => {
    const id = await weighedIn(20);
    await sign(id, { saw: await sawCharge(id) }, agoS);
    const [signed] = (await lead.sheet(id)).signOffs;
    expect(agoOf(signed!.at)).toBeLessThan(30);
    expect(signed!.arrivedAt).toBeUndefined();
  });

  it('what somebody else wrote in the meantime is not signed for: it is refused, looked at and signed again', async () => {
    const id = await weighedIn(20);
    const saw = await sawCharge(id);
    // The same person at another device.
    const theirs = await second.post(`/jobs/${id}/measurements`, { measurements: [movement(1)] });
    expect(theirs.status, JSON.stringify(theirs.body)).toBe(201);
    const refused = await sign(id, { saw }, HOUR_S);
    expect(refused.status).toBe(409);
    expect(refused.body).toMatchObject({ code: 'stale-version', field: 'saw' });
    expect(String(refused.body.allowed)).toContain('sign again');
    expect((await lead.sheet(id)).signOffs).toEqual([]);
    expect((await sign(id, { saw: await sawCharge(id) })).status).toBe(201);
  });

  it('sent twice it is stored once; a mark that is none is refused by its field', async () => {
    const id = await weighedIn(20);
    const body = { id: uuid(), saw: await sawCharge(id) };
    expect((await sign(id, body, HOUR_S)).status).toBe(201);
    expect((await sign(id, body, 2 * HOUR_S)).status).toBe(201);
    expect((await lead.sheet(id)).signOffs).toHaveLength(1);
    expect((await sign(id, { saw: 'all of it' })).body).toMatchObject({ code: 'bad-input', field: 'saw' });
  });
});
