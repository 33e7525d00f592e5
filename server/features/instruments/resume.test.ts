import { pathToFileURL } from 'node:url';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { newJob, passVacuum, startServer, until } from '@/server/testing/harness';
import { InstrumentHall } from './instrument-hall';
import { readRunData } from './run-data';
import { runsStore } from './runs-store';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

const MINUTE = 60_000;

/** A run that was streaming when its server went away, as the store would hold it. */
async function abandoned(): Promise<{ id: string; run: string; companyId: string }> {
  const { id } = await newJob(lead);
  await passVacuum(lead, id);
  const run = uuid();
  await lead.post(`/jobs/${id}/runs`, { id: run, phase: 'charge', speed: 60 });
  // The worker takes its time to start on a busy machine.
  await until(async () => (server.hall.get(run)?.recent.length ?? 0) > 20);
  await server.hall.stop(run, 'interrupted');
  const row = (await runsStore.byId(server.database, run))!;
  expect(row.state).toBe('running');
  return { id, run, companyId: row.companyId };
}

describe('after a restart', () => {
  it('a run left alone for long waits for a person as interrupted, and goes on when asked', async () => {
    const { id, run, companyId } = await abandoned();
    const hall = new InstrumentHall(server.database, () => undefined, pathToFileURL('dist/server/plant-worker.js'));
    await hall.adopt(false, Date.now() + 31 * MINUTE);
    expect(hall.get(run)).toBeUndefined();
    expect((await lead.sheet(id)).runs[0]).toMatchObject({ state: 'interrupted' });
    await hall.close();

    expect((await lead.post(`/runs/${run}/resume`)).status).toBe(200);
    expect((await lead.sheet(id)).runs[0]).toMatchObject({ state: 'running' });
    await until(async () => (await readRunData(server.database, companyId, run)).events.some((e) => e.kind === 'gap'));
    await lead.post(`/runs/${run}/stop`);
    expect((await lead.sheet(id)).runs[0]).toMatchObject({ state: 'stopped' });
  });

  it('a run left a moment ago goes on by itself, with seconds that never run backwards', async () => {
    const { run, companyId } = await abandoned();
    const lines: string[] = [];
    const hall = new InstrumentHall(
      server.database,
      (line) => lines.push(line),
      pathToFileURL('dist/server/plant-worker.js'),
    );
    await hall.adopt();
    expect(hall.get(run)).toBeDefined();
    expect(lines.join()).toMatch(/goes on after a gap/);
    await new Promise((r) => setTimeout(r, 700));
    await hall.stop(run);
    const seconds = (await readRunData(server.database, companyId, run)).samples.map((s) => s.runSeconds);
    for (let i = 1; i < seconds.length; i++) expect(seconds[i]!).toBeGreaterThan(seconds[i - 1]!);
    await hall.close();
  });

  it('a chunk stored twice is one chunk', async () => {
    const { run, companyId } = await abandoned();
    const last = (await runsStore.lastChunk(server.database, run))!;
    const before = (await readRunData(server.database, companyId, run)).samples.length;
    await runsStore.addChunk(server.database, {
      runId: run,
      seq: last.seq,
      companyId,
      samples: { runSeconds: [9999], values: {} },
      events: [],
      feed: last.feed,
    });
    expect((await readRunData(server.database, companyId, run)).samples.length).toBe(before);
    await lead.post(`/runs/${run}/stop`);
  });

  it('starting a phase twice, even at the same moment, is one run', async () => {
    const { id } = await newJob(lead);
    const replies = await Promise.all(
      [uuid(), uuid(), uuid()].map((run) => lead.post(`/jobs/${id}/runs`, { id: run, phase: 'charge', speed: 1 })),
    );
    expect(replies.map((r) => r.status)).toEqual([201, 201, 201]);
    const { runs } = await lead.sheet(id);
    expect(runs.map((r) => r.state)).toEqual(['running']);
    expect((await lead.post(`/jobs/${id}/runs`, { id: runs[0]!.id, phase: 'charge', speed: 1 })).status).toBe(201);
    expect((await lead.sheet(id)).runs.length).toBe(1);
    expect((await lead.post(`/runs/${runs[0]!.id}/stop`)).status).toBeLessThan(300);
    expect((await lead.post(`/runs/${runs[0]!.id}/stop`)).status).toBeLessThan(500);
  });
});
