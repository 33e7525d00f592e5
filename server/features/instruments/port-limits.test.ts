import { connect } from 'node:net';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { OLD_CHARGE } from '@/demo/sample-entries';
import { InstrumentPort } from '@/server/features/instruments/instrument-port';
import { Gauge } from '@/server/testing/gauge';
import { newJob, startServer, until } from '@/server/testing/harness';

const server = await startServer();
const port = new InstrumentPort(server.hall, () => undefined);
await port.listen(0);
afterAll(async () => {
  await port.close();
  await server.stop();
});

describe('the instrument port', () => {
  it('a byte now and then is no greeting: the time for it is absolute', async () => {
    const socket = connect(port.address()!.port, '127.0.0.1');
    let said = '';
    socket.setEncoding('utf8');
    socket.on('data', (d) => {
      said += d;
    });
    socket.on('error', () => undefined);
    let closed = false;
    socket.on('close', () => {
      closed = true;
    });
    const drip = setInterval(() => socket.writable && socket.write('{'), 300);
    await until(async () => closed, 12_000);
    clearInterval(drip);
    expect(said).toContain('No greeting came.');
  });
  it('lines that come late come together; a flood ends the connection', async () => {
    const lead = await server.as('alder-lead');
    const { id } = await newJob(lead);
    await lead.post(`/jobs/${id}/circuit-entries`, {
      id: uuid(),
      kind: 'old-charge',
      body: { ...OLD_CHARGE, outdoorFt3: null },
      supersedesId: null,
      occurredAt: new Date().toISOString(),
    });
    const opened = await lead.post(`/jobs/${id}/instrument-runs`, { id: uuid(), phase: 'recover', source: 'replayed' });
    const gauge = await Gauge.open(port.address()!.port, opened.body.token as string);
    const line = (t: number) => gauge.read(t / 10, { suctionPsig: 80 });
    const late = await Promise.all(Array.from({ length: 140 }, (_, t) => line(t)));
    expect(late.every((a) => a.ok === true)).toBe(true);
    const flood = await Promise.race(
      Array.from({ length: 60 }, (_, t) => line(140 + t).then((a) => (a.ok ? new Promise<never>(() => undefined) : a))),
    );
    expect(flood).toMatchObject({ ok: false, field: 'rate' });
  });
  it('one token opens to eight instruments and no more; one that leaves makes room', async () => {
    const lead = await server.as('alder-lead');
    const { id } = await newJob(lead);
    await lead.post(`/jobs/${id}/circuit-entries`, {
      id: uuid(),
      kind: 'old-charge',
      body: { ...OLD_CHARGE, outdoorFt3: null },
      supersedesId: null,
      occurredAt: new Date().toISOString(),
    });
    const opened = await lead.post(`/jobs/${id}/instrument-runs`, {
      id: uuid(),
      phase: 'recover',
      source: 'instrument',
    });
    expect(opened.status, JSON.stringify(opened.body)).toBe(201);
    const token = opened.body.token as string;
    const gauges = [];
    for (let i = 0; i < 8; i++) gauges.push(await Gauge.open(port.address()!.port, token));
    await expect(Gauge.open(port.address()!.port, token)).rejects.toThrow(/8/);
    gauges[0]!.close();
    await until(async () => Gauge.open(port.address()!.port, token).catch(() => undefined), 5000);
    for (const gauge of gauges.slice(1)) gauge.close();
  });
});
