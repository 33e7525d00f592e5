import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { JOBS_PAGE } from '@/contract/job-page';
import { DEMO_JOBS } from '@/demo/jobs';
import { newJob, startServer } from '@/server/testing/harness';
import { summaryOf } from './job-summary';
import { readJobSheet } from './kept-sheets';

const server = await startServer();
const alder = await server.as('alder-lead');
const birch = await server.as('birch-lead');
afterAll(() => server.stop());

describe('jobs', () => {
  it('numbers come from the server, one after the other, also when many arrive at once', async () => {
    const made = await Promise.all(Array.from({ length: 8 }, () => newJob(alder)));
    const numbers = made.map((m) => m.sheet.job.number).sort((a, b) => a - b);
    expect(new Set(numbers).size).toBe(8);
    expect(numbers[7]! - numbers[0]!).toBe(7);
  });
  it('the same id and body again is the same job; another body is 409; another company sees nothing', async () => {
    const { body, id } = await newJob(alder);
    expect((await alder.post('/jobs', body)).status).toBe(201);
    expect((await alder.post('/jobs', { ...body, customerName: 'Someone else' })).body).toMatchObject({
      status: 409,
      code: 'other-body',
    });
    expect((await birch.get(`/jobs/${id}`)).status).toBe(404);
    expect((await birch.post('/jobs', { ...body, leadId: uuid() })).status).toBe(404);
  });
  it('a helper may not create one; a lead of another company may not lead it', async () => {
    const helper = await server.as('alder-helper');
    const { body } = await newJob(alder);
    expect((await helper.post('/jobs', { ...body, id: uuid() })).status).toBe(403);
    expect((await birch.post('/jobs', { ...body, id: uuid() })).body).toMatchObject({
      code: 'bad-input',
      field: 'leadId',
    });
  });
  it('the list finds by every word, in any order, and treats wildcards as text', async () => {
    await newJob(alder, { customerName: 'Heron 100% boatyard', address: '7 Quay_side' });
    const find = async (search: string): Promise<number> =>
      (await alder.get(`/jobs?state=all&search=${encodeURIComponent(search)}`)).body.total as unknown as number;
    expect(await find('boatyard heron')).toBe(1);
    expect(await find('100% quay_side')).toBe(1);
    expect(await find('%')).toBe(1);
    expect(await find('heron nothing')).toBe(0);
    expect((await alder.get('/jobs?today=yesterday')).body).toMatchObject({ code: 'bad-input', field: 'today' });
  });
  it('finds by day and by where a job stands, in English and in Spanish', async () => {
    const { id } = await newJob(alder, { customerName: 'Teal boathouse', scheduledFor: '2026-04-03' });
    const finds = async (search: string): Promise<boolean> =>
      (
        (await alder.get(`/jobs?state=all&search=${encodeURIComponent(search)}`)).body.jobs as unknown as {
          jobId: string;
        }[]
      ).some((j) => j.jobId === id);
    for (const words of ['teal 2026-04-03', 'teal apr 3', 'teal recover', 'teal recuperar', 'teal bomba de calor'])
      expect(await finds(words), words).toBe(true);
    expect(await finds('teal 2026-04-04')).toBe(false);
  });
  it('a unit that only cools is not called to heat, and may be called to cool', async () => {
    const plate = { ...DEMO_JOBS[0]!.plate, heatPump: false };
    const { id, sheet } = await newJob(alder, { plate });
    const call = (mode: string, version: number) => alder.put(`/jobs/${id}/mode`, { version, mode });
    expect(await call('heating', sheet.job.version)).toMatchObject({ status: 400, body: { field: 'mode' } });
    expect((await call('cooling', sheet.job.version)).status).toBe(200);
    const pump = await newJob(alder, { plate: { ...plate, heatPump: true } });
    const change = (mode: string, version: number) => alder.put(`/jobs/${pump.id}/mode`, { version, mode });
    const heats = await change('heating', pump.sheet.job.version);
    expect(heats).toMatchObject({ status: 200, body: { job: { mode: 'heating' } } });
    const { version } = (heats.body as unknown as { job: { version: number } }).job;
    expect((await change('cooling', version)).status).toBe(200);
  });
  it('hundreds come in pages, each job once, today first', async () => {
    const today = '2026-07-15';
    for (let i = 0; i < 240; i += 20) {
      await Promise.all(
        Array.from({ length: 20 }, (_, k) =>
          newJob(birch, { customerName: `Customer ${i + k}`, scheduledFor: k % 4 === 0 ? today : '2026-07-20' }),
        ),
      );
    }
    const seen: { jobId: string; scheduledFor: string }[] = [];
    for (let offset = 0; ; offset += JOBS_PAGE) {
      const page = (await birch.get(`/jobs?today=${today}&offset=${offset}`)).body as unknown as {
        jobs: typeof seen;
        total: number;
        atLeast?: true;
      };
      // Counted to two hundred, beyond that as far as the pages have come.
      expect(page).toMatchObject({ total: Math.max(200, Math.min(240, offset + JOBS_PAGE + 1)), atLeast: true });
      seen.push(...page.jobs);
      if (page.jobs.length < JOBS_PAGE) break;
    }
    expect(new Set(seen.map((j) => j.jobId)).size).toBe(240);
    expect(seen.slice(0, 60).every((j) => j.scheduledFor === today)).toBe(true);
    expect(seen.slice(60).some((j) => j.scheduledFor === today)).toBe(false);
  });
  it('a stale plate is 409 with what is stored, and the next write with the new version holds', async () => {
    const { id, sheet } = await newJob(alder);
    const plate = sheet.circuit.plate;
    expect((await alder.put(`/jobs/${id}/plate`, { version: 1, plate: { ...plate, lineLengthFt: 52 } })).status).toBe(
      200,
    );
    const stale = await alder.put(`/jobs/${id}/plate`, { version: 1, plate: { ...plate, lineLengthFt: 61 } });
    expect(stale).toMatchObject({
      status: 409,
      body: { code: 'stale-version', stored: { version: 2, plate: { lineLengthFt: 52 } }, yours: { version: 1 } },
    });
    expect((await alder.put(`/jobs/${id}/plate`, { version: 2, plate: { ...plate, lineLengthFt: 61 } })).status).toBe(
      200,
    );
  });
  it('an odd plate is refused with its field and range', async () => {
    const { id, sheet } = await newJob(alder);
    const bad = async (change: object) =>
      (await alder.put(`/jobs/${id}/plate`, { version: 1, plate: { ...sheet.circuit.plate, ...change } })).body;
    expect(await bad({ nominalTons: -3 })).toMatchObject({
      code: 'bad-input',
      field: 'plate.nominalTons',
      allowed: '0.75 to 25 tons',
    });
    expect(await bad({ refrigerant: 'R-99' })).toMatchObject({ field: 'plate.refrigerant' });
    expect(await bad({ vaporLineOdIn: 0.25 })).toMatchObject({ field: 'plate.vaporLineOdIn' });
    expect(await bad({ liquidLineOdIn: 0.4 })).toMatchObject({ field: 'plate.liquidLineOdIn' });
  });
  it('the summary in the list is what a rebuild from the sheet gives', async () => {
    const companies = await server.database.rows<{ id: string }>('select id from companies');
    const rows = await server.database.rows<{
      jobId: string;
      companyId: string;
      waitsFor: string;
      mark: string;
      phase: string;
      searchText: string;
    }>(
      'select job_id as jobId, company_id as companyId, waits_for as waitsFor, mark, phase, search_text as searchText, owed, owed_on as owedOn from job_summary',
    );
    expect(rows.length).toBeGreaterThan(8);
    expect(companies.length).toBe(2);
    for (const row of rows) {
      const sheet = (await readJobSheet(server.database, row.companyId, { jobId: row.jobId }, 'none'))!;
      expect(await summaryOf(server.database, row.companyId, [sheet])).toMatchObject(row);
    }
  });
});
