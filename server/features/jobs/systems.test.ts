import { afterAll, describe, expect, it } from 'vitest';
import { FIT_EMPTY } from '@/core/fit/sheets';
import { SAMPLE_PROOF } from '@/core/furnace/testing/sample-proof';
import { surveyOf } from '@/core/phases/survey/view';
import { ON_PAPER, startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';
import { english } from '@/server/words/speak-to';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

const house = async (): Promise<{ upstairs: JobWalk; downstairs: JobWalk }> => {
  const upstairs = await JobWalk.fresh(lead);
  return { upstairs, downstairs: await upstairs.another('Downstairs') };
};

describe('a house of two systems', () => {
  it('is walked once: what is the house’s is known on both, what is a system’s on its own', async () => {
    const { upstairs, downstairs } = await house();
    await upstairs.tell({ systemType: 'split-hp', oldRefrigerant: 'R-22', asbestos: 'none', coAlarm: true });
    await downstairs.tell({ systemType: 'furnace-gas', damage: 'stain on the hall ceiling' });
    const shared = { asbestos: 'none', coAlarm: true, damage: 'stain on the hall ceiling' };
    expect(await upstairs.known()).toEqual({ systemType: 'split-hp', oldRefrigerant: 'R-22', ...shared });
    expect(await downstairs.known()).toEqual({ systemType: 'furnace-gas', ...shared });
    const open = surveyOf(await downstairs.sheet()).neverAsked.map((f) => f.key);
    expect(open).not.toContain('asbestos');
    expect(open).toContain('whyReplaced');
    expect((await upstairs.sheet()).circuits.map((c) => c.cooled)).toEqual([true, false]);
  });
  it('a hazard of the house stops both', async () => {
    const { upstairs, downstairs } = await house();
    await upstairs.tell({ systemType: 'split-hp' });
    await downstairs.tell({ systemType: 'split-hp', asbestos: 'suspect' });
    for (const system of [upstairs, downstairs])
      expect(surveyOf(await system.sheet()).stops.map((s) => s.id)).toEqual(['asbestos']);
  });
  it('pictures, waivers and fit sheets are the system’s; a picture that answers for the house is seen from both', async () => {
    const { upstairs, downstairs } = await house();
    await upstairs.photo('before:plates');
    await downstairs.photo('fact:asbestos');
    must(
      await downstairs.post('/waivers', { id: crypto.randomUUID(), item: 'lines', reason: 'No line set to be seen' }),
    );
    must(await downstairs.put('/fits/drain', { version: 0, record: FIT_EMPTY.drain, measured: [] }));
    const [up, down] = [await upstairs.sheet(), await downstairs.sheet()];
    expect(up.survey.photos.map((p) => p.subject)).toEqual(['before:plates', 'fact:asbestos']);
    expect(down.survey.photos.map((p) => p.subject)).toEqual(['fact:asbestos']);
    expect([up.survey.waivers.length, down.survey.waivers.length]).toEqual([0, 1]);
    expect([Object.keys(up.fits), Object.keys(down.fits)]).toEqual([[], ['drain']]);
    // The same waiver and the same sheet of the other system are its own.
    must(
      await upstairs.post('/waivers', { id: crypto.randomUUID(), item: 'lines', reason: 'Behind the cladding here' }),
    );
    must(
      await upstairs.put('/fits/drain', { version: 0, record: { ...FIT_EMPTY.drain, runFt: 31 }, measured: ['runFt'] }),
    );
    expect((await downstairs.sheet()).fits.drain?.record.runFt).toBe(FIT_EMPTY.drain.runFt);
  });
  it('each is scoped, signed and released by itself, and its scope equips its own circuit', async () => {
    const { upstairs, downstairs } = await house();
    const line = { liquidOdIn: '0.375', vaporOdIn: '0.875', lineState: 'sound', whyReplaced: 'old' } as const;
    await upstairs.survey({ systemType: 'split-hp', lineLengthFt: 42, ...line });
    await downstairs.survey({ systemType: 'split-hp', lineLengthFt: 18, ...line });
    await downstairs.choose({ outdoorId: await downstairs.unit({ model: 'DOWN-24', tons: 2, factoryChargeOz: 84 }) });
    await downstairs.agree();
    expect((await upstairs.sheet()).circuit.plate).toBeNull();
    expect((await downstairs.sheet()).circuit.plate).toMatchObject({ model: 'DOWN-24', lineLengthFt: 18 });
    expect((await upstairs.sheet()).signOffs.map((s) => s.phase)).toEqual(['survey']);
    expect((await downstairs.sheet()).signOffs.map((s) => s.phase).sort()).toEqual(['scope', 'survey']);
    await downstairs.release();
    expect((await upstairs.sheet()).removal).toBeNull();
    expect((await downstairs.sheet()).removal).toMatchObject({ by: 'alder lead' });
    // The list names the system that is behind.
    const jobs = (await lead.get('/jobs?search=Wren')).body.jobs as unknown as { jobId: string; waitsFor: unknown }[];
    expect(jobs.find((j) => j.jobId === upstairs.id)?.waitsFor).toMatchObject({
      id: 'job.circuit-waits',
      with: { circuit: 'Upstairs' },
    });
  });
  it('a furnace alone beside a system that cools: both are proven, both are in the report', async () => {
    const { upstairs, downstairs } = await house();
    await upstairs.survey({ systemType: 'split-hp', lineLengthFt: 42, liquidOdIn: '0.375', vaporOdIn: '0.875' });
    await upstairs.choose({ outdoorId: await upstairs.unit() });
    await upstairs.agree();
    await downstairs.survey({ systemType: 'furnace-gas', fuel: 'natural gas' });
    const furnace = { kind: 'furnace', tons: null, refrigerant: null, model: 'F-80' } as const;
    await downstairs.choose({ indoorId: await downstairs.unit(furnace), keepLineSet: false });
    await downstairs.agree();
    await downstairs.set();
    await downstairs.wire();
    must(await upstairs.put('/vacuum', { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER }));
    await upstairs.signAnyway('charge');
    await upstairs.readTwice();
    await upstairs.signAnyway('start-up');
    expect((await upstairs.held('hand-over')).map((g) => g.id)).toContain('circuits-signed');
    await downstairs.gasPipe();
    // A typed proof that burns badly is read, and still holds the hand-over of the whole job.
    must(await downstairs.put('/furnace', { version: 0, proof: { ...SAMPLE_PROOF, coAirFreePpm: 640 } }));
    expect((await upstairs.held('hand-over')).map((g) => g.id)).not.toContain('circuits-signed');
    expect((await upstairs.sign('hand-over')).body).toMatchObject({ code: 'gate-held', field: 'furnace-proof' });
    must(await downstairs.put('/furnace', { version: 1, proof: SAMPLE_PROOF }));
    await upstairs.signAnyway('hand-over');
    const report = await downstairs.report();
    expect(report.status).toBe('signed');
    expect(report.titles).toEqual(
      expect.arrayContaining(['Downstairs: Furnace, as read', 'Downstairs: Scope', 'Scope']),
    );
    const signatures = report.tables.find((t) => english(t.title) === 'Signatures')!;
    expect(signatures.rows.map((r) => english(r[0] as never))).toEqual(
      expect.arrayContaining(['Upstairs: Scope', 'Downstairs: Survey', 'Upstairs: Start-up', 'Hand-over']),
    );
  });
  it('a system that something is written down for is not taken off with its circuit', async () => {
    const { upstairs, downstairs } = await house();
    await downstairs.tell({ systemType: 'split-hp' });
    const off = () => lead.post(`/jobs/${upstairs.id}/circuits/${downstairs.circuitId}/removal`);
    expect(await off()).toMatchObject({ status: 409, body: { field: 'circuitId' } });
    const { upstairs: other, downstairs: empty } = await house();
    await other.tell({ systemType: 'split-hp', asbestos: 'none' });
    expect((await lead.post(`/jobs/${other.id}/circuits/${empty.circuitId}/removal`)).status).toBe(200);
  });
});
