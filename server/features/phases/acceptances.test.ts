import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { Finding } from '@/core/finding/finding';
import { acceptanceWords } from '@/core/job/acceptance';
import { newJob, ON_PAPER, startServer } from '@/server/testing/harness';
import { INK, JobWalk, must } from '@/server/testing/job-walk';
import { english } from '@/server/words/speak-to';

const server = await startServer();
const lead = await server.as('alder-lead');
const helper = await server.as('alder-helper');
afterAll(() => server.stop());

const REASON = 'Customer keeps the old coil and the orifice';
const acceptableOf = async (walk: JobWalk): Promise<Finding[]> =>
  (await lead.get(walk.path('/phases/start-up/gates'))).body.acceptable as unknown as Finding[];
const body = (finding: Finding, change: object = {}) => ({
  id: uuid(),
  finding: finding.id,
  reason: REASON,
  text: english(acceptanceWords(finding, REASON)),
  language: 'en',
  customer: 'A. Wren',
  ink: INK,
  ...change,
});

/** Started up with a reading that is off by this much, everything else well. */
async function started(off: Record<string, number>): Promise<JobWalk> {
  const walk = new JobWalk(lead, (await newJob(lead)).id);
  must(await walk.put('/vacuum', { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER }));
  await walk.signAnyway('charge');
  for (const confirmation of ['filterClean', 'indoorCoilClean', 'outdoorCoilCleanDry', 'enclosureRestored'])
    must(await walk.post('/confirmations', { confirmation, confirmed: true }));
  await walk.readTwice(off);
  return walk;
}

describe('accepting a look-again against advice', () => {
  it('needs a lead, the customer’s pen and the words as they stand; then it stays a look-again and holds no more', async () => {
    const walk = await started({ lineVolts: 258 });
    const [finding] = (await acceptableOf(walk)).filter((f) => f.id === 'voltage');
    expect(finding?.verdict).toBe('look-again');
    expect((await helper.post(walk.path('/acceptances'), body(finding!))).status).toBe(403);
    expect((await walk.post('/acceptances', body(finding!, { ink: 'x' }))).body).toMatchObject({ field: 'ink' });
    expect((await walk.post('/acceptances', body(finding!, { text: 'something else' }))).body).toMatchObject({
      code: 'stale-version',
      field: 'text',
    });
    expect((await walk.post('/acceptances', body(finding!, { finding: 'compressor-amps' }))).body).toMatchObject({
      code: 'bad-input',
      field: 'finding',
    });
    const signed = body(finding!);
    for (let k = 0; k < 2; k++) expect((await walk.post('/acceptances', signed)).status).toBe(201);
    const sheet = await walk.sheet();
    expect(sheet.acceptances).toMatchObject([
      { finding: 'voltage', reason: REASON, customer: 'A. Wren', by: 'alder lead' },
    ]);
    expect((await acceptableOf(walk)).map((f) => f.id)).not.toContain('voltage');
    await expect(server.database.run("update acceptances set reason = 'x'")).rejects.toThrow(/frozen/);
    await walk.signAnyway('start-up');
    const report = await walk.report();
    expect(report.titles).toContain('Accepted against advice');
    const rows = report.tables.find((t) => english(t.title) === 'Accepted against advice')!.rows;
    expect(english(rows[0]![0] as never)).toContain(REASON);
    expect(rows[0]![1]).toBe('A. Wren');
    // Still what it is.
    expect(JSON.stringify(report.tables)).toContain('look-again');
  });
  it('a stop is offered to nobody', async () => {
    const walk = await started({ compressorA: 19 });
    expect((await acceptableOf(walk)).map((f) => f.id)).not.toContain('over-rla');
    expect((await walk.held('start-up')).map((g) => g.id)).toContain('no-stop');
  });
});
