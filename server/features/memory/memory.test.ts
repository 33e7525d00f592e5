import Papa from 'papaparse';
import { afterAll, describe, expect, it } from 'vitest';
import { SAMPLE_PROOF } from '@/core/furnace/testing/sample-proof';
import type { Remembered } from '@/core/phases/memory';
import { newJob, startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';
import { rememberAll } from './remember-all';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

type Row = Remembered & { jobId: string; customer: string; state: string; number: number };
const rows = async (path: string, client = lead) => (await client.get(path)).body.rows as Row[];

describe('what the company remembers', () => {
  it('a house with every system ever there, found by any words; never another company’s', async () => {
    const { id } = await newJob(lead, { customerName: 'Odile Marrow', address: '8 Quern Lane', town: 'Sedge End' });
    const found = (await lead.get('/houses?search=quern%20marrow')).body.houses as {
      customer: string;
      systems: { jobs: Row[] }[];
    }[];
    expect(found.map((h) => h.customer)).toEqual(['Odile Marrow']);
    expect(found[0]!.systems.flatMap((s) => s.jobs.map((j) => j.jobId))).toEqual([id]);
    expect((await lead.get('/houses?search=quern%25')).body.houses).toEqual([]);
    const birch = await server.as('birch-lead');
    expect((await birch.get('/houses?search=quern')).body.houses).toEqual([]);
    expect(await rows('/history', birch)).toEqual([]);
    expect(await rows('/installed', birch)).toEqual([]);
    expect((await birch.get(`/jobs/${id}/similar`)).status).toBe(404);
  });

  it('a finished job stands in the history and as what is there now; filters and CSV tell the same', async () => {
    const walk = await JobWalk.fresh(lead);
    await walk.tell({ systemType: 'furnace-oil' });
    await walk.survey({ fuel: 'oil', oldYear: 1998 });
    const id = await walk.unit({ kind: 'furnace', tons: null, refrigerant: null, metering: null });
    await walk.choose({ furnaceId: id });
    await walk.agree();
    await walk.release();
    const oil = { fuel: 'oil', inletInWc: null, manifoldInWc: null, plateManifoldInWc: null };
    must(await walk.put('/furnace', { version: 0, proof: { ...SAMPLE_PROOF, ...oil } }));
    const row = async (path: string) => (await rows(path)).find((r) => r.jobId === walk.id);
    expect((await row('/installed'))!.year).toBe(1998);
    expect(await row('/history?state=done')).toBeUndefined();
    const open = (await row('/history?state=open'))!;
    expect(open.doneOn).toBeNull();
    const day = (await walk.sheet()).job.scheduledFor;
    expect(await row(`/history?from=${day}&to=${day}`)).toBeDefined();
    expect(await row('/history?to=2001-01-01')).toBeUndefined();
    expect(await row('/history?refrigerant=R-410A')).toBeUndefined();
    expect(await row(`/history?search=${open.number}`)).toBeDefined();
    expect(await row('/history?search=%25%25nothing')).toBeUndefined();
    const reply = await fetch(`${lead.origin}/api/history.csv?search=${open.number}`, {
      headers: { cookie: lead.cookie },
    });
    const { data } = Papa.parse<Record<string, string>>((await reply.text()).replace('\ufeff', '').trim(), {
      header: true,
    });
    expect(data.map((r) => [r.number, r.state, r.year])).toEqual([[String(open.number), 'open', '1998']]);
  });

  it('jobs like one are finished ones of its refrigerant and size, not itself', async () => {
    const first = await newJob(lead);
    const second = await newJob(lead);
    const like = async (id: string) =>
      ((await lead.get(`/jobs/${id}/similar`)).body.similar as { jobId: string }[]).map((s) => s.jobId);
    expect(await like(second.id)).toEqual([]);
    const { refrigerant, nominalTons } = first.sheet.circuit.plate!;
    const put = (change: string) =>
      server.database.run(
        `update job_memory set done_on = '2026-06-01', refrigerant = :refrigerant, ${change} where job_id = :id`,
        {
          id: first.id,
          refrigerant,
          tons: nominalTons,
        },
      );
    await put('tons = :tons + 0.5');
    expect(await like(second.id)).toEqual([first.id]);
    expect(await like(first.id)).toEqual([]);
    await put('tons = :tons + 0.6');
    expect(await like(second.id)).toEqual([]);
  });

  it('jobs from before this was kept are remembered too', async () => {
    const { id } = await newJob(lead);
    await server.database.run('delete from job_memory where job_id = :id', { id });
    expect(await rememberAll(server.database)).toBe(1);
    expect((await rows('/history')).some((r) => r.jobId === id)).toBe(true);
    expect(await rememberAll(server.database)).toBe(0);
  });
});
