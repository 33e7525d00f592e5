import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { Gate } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { english } from '@/core/words/testing/english';
import { EMPTY_CYLINDER, OLD_CHARGE } from '@/demo/sample-entries';
import { movement, newJob, ON_PAPER, startServer } from '@/server/testing/harness';
import { JobWalk } from '@/server/testing/job-walk';

const server = await startServer();
const lead = await server.as('alder-lead');
const helper = await server.as('alder-helper');
afterAll(() => server.stop());

const sheetAt = (jobId: string, circuitId: string): Promise<JobSheet> => new JobWalk(lead, jobId, circuitId).sheet();

/** A job of two circuits of one system; the second gets a plate of its own. */
async function twin() {
  const { id, body, sheet } = await newJob(lead);
  const first = sheet.circuit.id;
  const second = uuid();
  const added = await lead.post(`/jobs/${id}/circuits`, {
    id: second,
    name: 'Circuit 2',
    systemId: sheet.system.id,
    systemName: sheet.system.name,
  });
  expect(added.status, JSON.stringify(added.body)).toBe(201);
  const plate = { ...body.plate!, model: 'OHP-36T second', factoryChargeOz: 96 };
  const put = await lead.put(`/jobs/${id}/plate?circuit=${second}`, { version: 1, plate });
  expect(put.status, JSON.stringify(put.body)).toBe(200);
  return { id, first, second, sheet };
}

const walk = (jobId: string, circuitId: string): JobWalk => new JobWalk(lead, jobId, circuitId);

describe('a job of several circuits', () => {
  it('each has its plate and its log; what belongs to the job is seen from both', async () => {
    const { id, first, second } = await twin();
    const before = await lead.sheet(id);
    expect(before.circuits.map((c) => [c.name, c.equipped])).toEqual([
      ['Circuit 1', true],
      ['Circuit 2', true],
    ]);
    expect(before.circuit.id).toBe(first);
    const entry = {
      id: uuid(),
      kind: 'old-charge',
      body: { ...OLD_CHARGE, outdoorFt3: null },
      supersedesId: null,
      occurredAt: new Date().toISOString(),
    };
    const written = await lead.post(`/jobs/${id}/circuit-entries?circuit=${second}`, entry);
    expect(written.status, JSON.stringify(written.body)).toBe(201);
    // The answer is the sheet as that circuit sees it.
    expect((written.body as unknown as JobSheet).circuit.id).toBe(second);
    expect((await sheetAt(id, second)).circuitLog.map((e) => [e.id, e.circuitId])).toEqual([[entry.id, second]]);
    expect((await sheetAt(id, first)).circuitLog).toEqual([]);
    expect((await sheetAt(id, first)).circuit.plate?.model).not.toBe('OHP-36T second');
    expect((await sheetAt(id, second)).circuit.plate?.factoryChargeOz).toBe(96);
    await walk(id, second).tell({ systemType: 'rooftop' });
    for (const c of [first, second])
      expect((await sheetAt(id, c)).survey.observations.map((o) => o.value)).toEqual(['rooftop']);
  });
  it('what is weighed into one leaves its cylinder once, and stands on that circuit alone', async () => {
    const { id, first, second } = await twin();
    const cylinderId = uuid();
    const cylinder = {
      id: cylinderId,
      version: 0,
      tag: 'SU-9',
      ...EMPTY_CYLINDER,
      use: 'supply',
      refrigerant: 'R-454B',
      flammableMark: true,
    };
    expect((await lead.put(`/cylinders/${cylinderId}`, cylinder)).status).toBe(200);
    for (const c of [first, second])
      expect(
        (
          await lead.put(`/jobs/${id}/vacuum?circuit=${c}`, {
            version: 0,
            endMicrons: 310,
            heldMin: 12,
            reason: ON_PAPER,
          })
        ).status,
      ).toBe(200);
    await lead.post(`/jobs/${id}/measurements?circuit=${second}`, { measurements: [movement(14)] });
    expect((await sheetAt(id, second)).measurements.map((m) => m.value)).toEqual([14]);
    expect((await sheetAt(id, first)).measurements).toEqual([]);
    expect((await sheetAt(id, first)).vacuum?.endMicrons).toBe(310);
  });
  it('is handed over when every circuit is signed; until then it is told which is not, and the list says where it stands', async () => {
    const { id, first, second } = await twin();
    for (const c of [first, second])
      await lead.put(`/jobs/${id}/vacuum?circuit=${c}`, { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER });
    await walk(id, first).signAnyway('charge');
    await walk(id, first).readTwice();
    await walk(id, first).signAnyway('start-up');
    const held = (await lead.get(`/jobs/${id}/phases/hand-over/gates`)).body as unknown as { gates: Gate[] };
    const gate = held.gates.find((g) => g.id === 'circuits-signed');
    expect(gate).toMatchObject({ holds: false, say: { id: 'job.circuit-not-signed' } });
    const jobs = (await lead.get('/jobs?search=Wren')).body.jobs as unknown as {
      jobId: string;
      circuitId: string;
      phase: string;
      waitsFor: unknown;
    }[];
    expect(jobs.find((j) => j.jobId === id)).toMatchObject({
      circuitId: second,
      waitsFor: { id: 'job.circuit-waits', with: { circuit: 'Circuit 2' } },
    });
    await walk(id, second).signAnyway('charge');
    await walk(id, second).readTwice();
    await walk(id, second).signAnyway('start-up');
    expect((await sheetAt(id, second)).signOffs.map((s) => s.phase).sort()).toEqual(['charge', 'start-up']);
    expect((await lead.sheet(id)).circuits.map((c) => c.signed)).toEqual([
      ['charge', 'start-up'],
      ['charge', 'start-up'],
    ]);
    await walk(id, first).signAnyway('hand-over');
    // Handed over is handed over, from wherever one looks.
    expect((await sheetAt(id, second)).signOffs.some((s) => s.phase === 'hand-over')).toBe(true);
    const report = (await lead.get(`/jobs/${id}/report`)).body as unknown as {
      status: string;
      tables: { title: unknown; rows: unknown[][] }[];
      notes: unknown[];
    };
    expect(report.status).toBe('signed');
    const titles = report.tables.map((t) => english(t.title));
    expect(titles.some((t) => t.startsWith('Circuit 1: '))).toBe(true);
    expect(titles.some((t) => t.startsWith('Circuit 2: '))).toBe(true);
    const plate = report.tables.find((t) => english(t.title) === 'Circuit 2: System')!;
    expect(plate.rows.flat().map(english).join()).toContain('OHP-36T second');
    // What was confirmed and steady is told of each.
    for (const c of ['Circuit 1', 'Circuit 2'])
      expect(
        report.notes.map(english).some((n) => n.startsWith(`${c}: `)),
        c,
      ).toBe(true);
    const signatures = report.tables.find((t) => english(t.title) === 'Signatures')!;
    expect(signatures.rows.map((r) => english(r[0]))).toEqual([
      'Circuit 1: Charge',
      'Circuit 1: Start-up',
      'Circuit 2: Charge',
      'Circuit 2: Start-up',
      'Hand-over',
    ]);
  });
  it('a second system of the same house stands beside the first', async () => {
    const { id, sheet } = await newJob(lead);
    const other = uuid();
    const body = { id: other, name: 'Circuit 1', systemId: null, systemName: 'Downstairs' };
    const added = await lead.post(`/jobs/${id}/circuits`, body);
    expect(added.status).toBe(201);
    const there = await sheetAt(id, other);
    expect(there.system.name).toBe('Downstairs');
    expect(there.site).toEqual(sheet.site);
    expect(there.circuits.map((c) => c.systemName)).toEqual([sheet.system.name, 'Downstairs']);
    // Put right from its page, its own name changes, and never to that of the other.
    const edit = (systemName: string) =>
      lead.put(`/jobs/${id}/details?circuit=${other}`, {
        version: there.job.version,
        customerName: there.customer.name,
        phone: there.customer.phone,
        address: there.site.address,
        town: there.site.town,
        elevationFt: there.site.elevationFt,
        systemName,
        leadId: there.job.leadId,
        scheduledFor: there.job.scheduledFor,
      });
    expect(await edit(sheet.system.name)).toMatchObject({ status: 400, body: { field: 'systemName' } });
    expect((await edit('Downstairs')).status).toBe(200);
    expect((await lead.sheet(id)).circuits.map((c) => c.systemName)).toEqual([sheet.system.name, 'Downstairs']);
    // The same once more is the same; the same name again is refused.
    expect((await lead.post(`/jobs/${id}/circuits`, body)).status).toBe(201);
    expect(await lead.post(`/jobs/${id}/circuits`, { ...body, id: uuid(), systemName: ' downstairs' })).toMatchObject({
      status: 400,
      body: { field: 'systemName' },
    });
    expect(
      await lead.post(`/jobs/${id}/circuits`, { ...body, id: uuid(), systemId: sheet.system.id, systemName: 'x' }),
    ).toMatchObject({ status: 400, body: { field: 'name' } });
    expect(await lead.post(`/jobs/${id}/circuits`, { ...body, id: uuid(), systemId: uuid(), name: 'y' })).toMatchObject(
      {
        status: 400,
        body: { field: 'systemId' },
      },
    );
    expect((await helper.post(`/jobs/${id}/circuits`, { ...body, id: uuid() })).status).toBe(403);
  });
  it('one added by mistake is taken off while nothing is written for it; the first never is', async () => {
    const { id, first, second } = await twin();
    const off = (circuitId: string) => lead.post(`/jobs/${id}/circuits/${circuitId}/removal`);
    expect(await off(first)).toMatchObject({ status: 409, body: { field: 'circuitId' } });
    expect((await off(second)).status).toBe(200);
    expect((await off(second)).status).toBe(200);
    expect((await lead.get(`/jobs/${id}?circuit=${second}`)).status).toBe(404);
    const again = await twin();
    await lead.post(`/jobs/${again.id}/measurements?circuit=${again.second}`, {
      measurements: [{ ...movement(1), phase: 'start-up', stage: 'reading', quantity: 'suctionPsig', value: 120 }],
    });
    expect((await lead.post(`/jobs/${again.id}/circuits/${again.second}/removal`)).status).toBe(409);
  });
  it('the circuit of another job or company is not there', async () => {
    const [one, two] = [await twin(), await twin()];
    expect((await lead.get(`/jobs/${one.id}?circuit=${two.second}`)).status).toBe(404);
    expect(
      (
        await lead.put(`/jobs/${one.id}/vacuum?circuit=${two.first}`, {
          version: 0,
          endMicrons: 310,
          heldMin: 12,
          reason: ON_PAPER,
        })
      ).status,
    ).toBe(404);
    const stranger = await server.as('birch-lead');
    expect((await stranger.get(`/jobs/${one.id}?circuit=${one.second}`)).status).toBe(404);
  });
  it('each runs on a rig of its own, at the same time', async () => {
    const { id, first, second } = await twin();
    const runs = [uuid(), uuid()];
    for (const [i, c] of [first, second].entries())
      expect(
        (await lead.post(`/jobs/${id}/runs?circuit=${c}`, { id: runs[i], phase: 'start-up', speed: 1 })).status,
      ).toBe(201);
    for (const [i, c] of [first, second].entries()) {
      const sheet = await sheetAt(id, c);
      expect(sheet.runs.map((r) => [r.id, r.state])).toEqual([[runs[i], 'running']]);
    }
    const rigs = await server.database.rows<{ circuitId: string }>(
      'select circuit_id as circuitId from rigs where job_id = :id',
      { id },
    );
    expect(rigs.map((r) => r.circuitId).sort()).toEqual([first, second].sort());
    // Instruments that run on the other circuit hold a cancellation too.
    await lead.post(`/runs/${runs[0]}/stop`);
    const cancel = () => lead.post(`/jobs/${id}/cancellation`, { id: uuid(), reason: 'roof is not safe' });
    expect((await cancel()).status).toBe(409);
    await lead.post(`/runs/${runs[1]}/stop`);
    expect((await cancel()).status).toBe(201);
  });
});
