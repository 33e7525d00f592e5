import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { newJob, startServer } from '@/server/testing/harness';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

const ROWS = { runSeconds: [0, 2, 4], values: { microns: [900, null, 850], pipeF: [70, 70.5, 71] } };

async function waiting(source = 'replayed'): Promise<string> {
  const { id } = await newJob(lead);
  await lead.post(`/jobs/${id}/phases/evacuate/overrides`, {
    id: uuid(),
    gate: 'pressure-signed',
    reason: 'proved on paper for this test',
  });
  const run = uuid();
  const reply = await lead.post(`/jobs/${id}/instrument-runs`, { id: run, phase: 'evacuate', source });
  expect(reply.status, JSON.stringify(reply.body)).toBe(201);
  return run;
}
const samplesOf = async (run: string) =>
  (await lead.get(`/runs/${run}/history`)).body.samples as { runSeconds: number; values: Record<string, unknown> }[];

describe('rows of a recording', () => {
  it('are stored as they are; the same once more is there already, and nothing between them gets in', async () => {
    const run = await waiting();
    expect((await lead.post(`/runs/${run}/log`, ROWS)).body).toEqual({ rows: 3, last: 4 });
    expect((await lead.post(`/runs/${run}/log`, ROWS)).body).toEqual({ rows: 0, last: 4 });
    const late = { runSeconds: [3, 5], values: { microns: [1, 2] } };
    const refused = await lead.post(`/runs/${run}/log`, late);
    expect([refused.status, refused.body.field]).toEqual([400, 'runSeconds']);
    expect((await lead.post(`/runs/${run}/log`, { runSeconds: [6], values: { microns: [800] } })).status).toBe(201);
    expect((await samplesOf(run)).map((s) => [s.runSeconds, s.values.microns, s.values.pipeF])).toEqual([
      [0, 900, 70],
      [2, null, 70.5],
      [4, 850, 71],
      [6, 800, null],
    ]);
  });
  it.each([
    ['a channel of another phase', { runSeconds: [1], values: { suctionPsig: [100] } }, 'values.suctionPsig'],
    ['a figure that it cannot be', { runSeconds: [1], values: { microns: [0] } }, 'values.microns'],
    ['a column that is too short', { runSeconds: [1, 2], values: { microns: [900] } }, 'values.microns'],
    ['seconds that do not grow', { runSeconds: [2, 2], values: { microns: [900, 900] } }, 'runSeconds'],
    ['no rows', { runSeconds: [], values: {} }, 'runSeconds'],
  ])('refuses %s, and names it', async (_, body, field) => {
    const reply = await lead.post(`/runs/${await waiting()}/log`, body);
    expect([reply.status, reply.body.field]).toEqual([400, field]);
  });
  it('only into a run that waits for a recording, of one’s own company', async () => {
    expect((await lead.post(`/runs/${await waiting('instrument')}/log`, ROWS)).body.code).toBe('run-state');
    const birch = await server.as('birch-lead');
    expect((await birch.post(`/runs/${await waiting()}/log`, ROWS)).status).toBe(404);
  });
});
