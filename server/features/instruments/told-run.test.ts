import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { movementsOf } from '@/core/job/movements';
import { recoveryView } from '@/core/phases/recover/view';
import { DEAD_PROOF, EMPTY_CYLINDER, OLD_CHARGE } from '@/demo/sample-entries';
import { Gauge } from '@/server/testing/gauge';
import { newJob, passVacuum, startServer } from '@/server/testing/harness';
import { InstrumentPort } from './instrument-port';

const server = await startServer();
const lead = await server.as('alder-lead');
const port = new InstrumentPort(server.hall, () => undefined);
await port.listen(0);
afterAll(async () => {
  port.close();
  await server.stop();
});

const write = (jobId: string, kind: string, body: object) =>
  lead.post(`/jobs/${jobId}/circuit-entries`, {
    id: uuid(),
    kind,
    body,
    supersedesId: null,
    occurredAt: new Date().toISOString(),
  });
const connect = async (jobId: string, phase: string) => {
  const id = uuid();
  const reply = await lead.post(`/jobs/${jobId}/instrument-runs`, { id, phase, source: 'replayed' });
  expect(reply.status).toBe(201);
  return { id, gauge: await Gauge.open(port.address()!.port, reply.body.token as string) };
};
const tell = (runId: string, order: object) => lead.post(`/runs/${runId}/commands`, order);
const eventsOf = async (runId: string) =>
  (await lead.get(`/runs/${runId}/history`)).body.events as { kind: string; order?: string; told?: boolean }[];

describe('what the crew tells of its own gear', () => {
  it('a pump-down on own gauges: every tap is an event marked as told, the stop is read off the run', async () => {
    const { id } = await newJob(lead);
    await lead.post(`/jobs/${id}/phases/recover/overrides`, {
      id: uuid(),
      gate: 'removal-released',
      reason: 'released on the phone for this test',
    });
    await write(id, 'old-charge', OLD_CHARGE);
    await write(id, 'method', { method: 'pump-down', reason: '' });
    const { id: run, gauge } = await connect(id, 'recover');
    await gauge.read(1, { suctionPsig: 118, liquidPsig: 330, scaleOz: 500 });
    expect((await tell(run, { kind: 'call', on: true })).status).toBe(200);
    await gauge.read(125, { suctionPsig: 116, liquidPsig: 335, scaleOz: 500 });
    await tell(run, { kind: 'liquid-valve', open: false });
    await gauge.read(180, { suctionPsig: 1.6, liquidPsig: 390, scaleOz: 500 });
    await tell(run, { kind: 'vapour-valve', open: false });
    await tell(run, { kind: 'call', on: false });
    const body = { liquidClosedPsig: null, stopPsig: 99, ranMin: 3, runId: run, runSeconds: null };
    await write(id, 'pump-down', body);
    const [stop] = recoveryView(await lead.sheet(id)).attempts;
    expect(stop!.stop).toMatchObject({ source: 'replayed', body: { stopPsig: 1.6, runSeconds: 180 } });
    // A rebound is as old as the run says, whatever is sent.
    await gauge.read(420, { suctionPsig: 3.1, liquidPsig: 380, scaleOz: 500 });
    await write(id, 'rebound', { stopPsig: 1.6, afterPsig: 0, minutes: 10, runId: run });
    expect(recoveryView(await lead.sheet(id)).attempts[0]!.rebound!.body).toMatchObject({ afterPsig: 3.1, minutes: 4 });
    const told = (await eventsOf(run)).filter((e) => e.kind === 'order');
    expect(told.map((e) => e.order)).toEqual(['call', 'liquid-valve', 'vapour-valve', 'call']);
    expect(told.every((e) => e.told === true)).toBe(true);
    gauge.close();
  });
  it('a recovery is counted from what the scale showed when the machine was told to run', async () => {
    const { id } = await newJob(lead);
    await lead.post(`/jobs/${id}/phases/recover/overrides`, {
      id: uuid(),
      gate: 'removal-released',
      reason: 'released on the phone for this test',
    });
    const cylinder = {
      id: uuid(),
      version: 0,
      tag: `RC-${uuid().slice(-6)}`,
      ...EMPTY_CYLINDER,
    };
    await lead.put(`/cylinders/${cylinder.id}`, cylinder);
    await write(id, 'old-charge', OLD_CHARGE);
    await write(id, 'method', { method: 'machine', reason: '' });
    await write(id, 'dead-proof', DEAD_PROOF);
    const { id: run, gauge } = await connect(id, 'recover');
    await gauge.read(1, { suctionPsig: 118, scaleOz: 452 });
    await tell(run, { kind: 'machine', on: true });
    await gauge.read(600, { suctionPsig: -5.5, scaleOz: 590 });
    await tell(run, { kind: 'machine', on: false });
    // The weights a client sends do not count: the run's own do.
    await write(id, 'recovered', {
      cylinderId: cylinder.id,
      startGrossOz: 1,
      endGrossOz: 2,
      oily: false,
      scale: 'own scale',
      runId: run,
    });
    expect(recoveryView(await lead.sheet(id)).recoveredOz).toBeCloseTo(138, 6);
    await gauge.read(720, { suctionPsig: -5.2, scaleOz: 590 });
    await write(id, 'level', { reachedPsig: -5.5, afterPsig: -5.5, waitMin: 30, runId: run });
    const level = recoveryView(await lead.sheet(id));
    expect(level.level.waitMin).toBe(2);
    expect(level.checks.find((c) => c.id === 'level')).toMatchObject({ verdict: 'not-proven' });
    gauge.close();
  });
  it('a machine is not told to run while the scale is silent: its weight would begin at nothing', async () => {
    const { id } = await newJob(lead);
    await lead.post(`/jobs/${id}/phases/recover/overrides`, {
      id: uuid(),
      gate: 'removal-released',
      reason: 'released on the phone for this test',
    });
    const { id: run, gauge } = await connect(id, 'recover');
    await gauge.read(1, { suctionPsig: 118, scaleOz: null });
    expect((await tell(run, { kind: 'machine', on: true })).body).toMatchObject({
      code: 'run-state',
      field: 'scaleOz',
    });
    expect((await tell(run, { kind: 'machine', on: false })).status).toBe(200);
    gauge.close();
  });
  it('what is told survives a restart: the switches are in the last chunk', async () => {
    const { id } = await newJob(lead);
    await lead.post(`/jobs/${id}/phases/evacuate/overrides`, {
      id: uuid(),
      gate: 'pressure-signed',
      reason: 'tested by hand for this test',
    });
    const { id: run, gauge } = await connect(id, 'evacuate');
    await gauge.read(1, { microns: 280 });
    await tell(run, { kind: 'valve', open: false });
    const active = server.hall.get(run)!;
    await server.hall.stop(run, 'interrupted');
    await lead.post(`/runs/${run}/resume`, {});
    expect(server.hall.get(run)).not.toBe(active);
    expect(server.hall.get(run)!.feed).toMatchObject({ port: { told: { pumpOn: true, open: false } } });
    gauge.close();
  });
  it('an own scale weighs in: what moved is what it showed between two taps, once', async () => {
    const { id } = await newJob(lead);
    const before = await connect(id, 'charge');
    await before.gauge.read(1, { scaleOz: 640 });
    expect((await tell(before.id, { kind: 'weigh-in', oz: 12.9 })).body).toMatchObject({ code: 'gate-held' });
    await passVacuum(lead, id);
    expect((await tell(before.id, { kind: 'weigh-in', oz: 12.9 })).status).toBe(200);
    expect((await tell(before.id, { kind: 'weigh-in', oz: 3 })).body).toMatchObject({ code: 'run-state' });
    await before.gauge.read(90, { scaleOz: 627.2 });
    expect((await tell(before.id, { kind: 'close-valve' })).status).toBe(200);
    expect((await tell(before.id, { kind: 'close-valve' })).status).toBe(200);
    expect(movementsOf((await lead.sheet(id)).measurements)).toMatchObject([
      { oz: expect.closeTo(12.8, 6), source: 'replayed', phase: 'charge' },
    ]);
    before.gauge.close();
  });
  it('a scale that dies with the valve open: closed without a weight nothing is recorded, and the next weighing is free', async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    const { id: run, gauge } = await connect(id, 'charge');
    await gauge.read(1, { scaleOz: 640 });
    await tell(run, { kind: 'weigh-in', oz: 12 });
    await gauge.read(20, { scaleOz: null });
    expect((await tell(run, { kind: 'close-valve' })).status).toBe(200);
    expect(movementsOf((await lead.sheet(id)).measurements)).toEqual([]);
    await gauge.read(60, { scaleOz: 630 });
    expect((await tell(run, { kind: 'weigh-in', oz: 2 })).status).toBe(200);
    gauge.close();
  });
  it('refuses what cannot be told, and a weighing without a scale', async () => {
    const { id } = await newJob(lead);
    await passVacuum(lead, id);
    const { id: run, gauge } = await connect(id, 'charge');
    await gauge.read(1, { scaleOz: null });
    expect((await tell(run, { kind: 'weigh-in', oz: 3 })).body).toMatchObject({ code: 'run-state', field: 'scaleOz' });
    for (const order of [
      { kind: 'pump', on: true },
      { kind: 'speed', speed: 60 },
      { kind: 'ahead', seconds: 15 },
      { kind: 'sweep', psig: 2 },
    ])
      expect((await tell(run, order)).body).toMatchObject({
        code: 'bad-input',
        field: 'kind',
        allowed: expect.stringContaining('weigh-in'),
      });
    expect((await tell(run, { kind: 'start' })).body).toMatchObject({ code: 'gate-held' });
    gauge.close();
  });
});
