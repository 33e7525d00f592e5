import { execFileSync } from 'node:child_process';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { FiveLine } from '@/core/job/report-parts';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { takeOverWords } from '@/core/phases/hand-over/take-over';
import { startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';

const server = await startServer();
const lead = await server.as('alder-lead');
const owner = await server.as('alder-owner');
afterAll(() => server.stop());

async function paper(path: string): Promise<{ status: number; text: string; pages: number }> {
  const reply = await fetch(`${lead.origin}/api${path}`, { headers: { cookie: lead.cookie } });
  const pdf = Buffer.from(await reply.arrayBuffer());
  if (reply.status !== 200) return { status: reply.status, text: '', pages: 0 };
  const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' });
  return { status: 200, text: text.replace(/\s+/g, ' '), pages: text.split('\f').length - 1 };
}
async function equipped(): Promise<JobWalk> {
  const walk = await JobWalk.fresh(lead);
  const { version } = (await walk.sheet()).circuit;
  must(await walk.put('/plate', { version, plate: sampleSheet().circuit.plate }));
  return walk;
}

const entryOf = (kind: string, body: object) => ({
  id: uuid(),
  kind,
  body,
  supersedesId: null,
  occurredAt: new Date().toISOString(),
});

describe('the record on paper (read back by poppler)', () => {
  it('begins with five lines, and never says more was proved than was', async () => {
    const walk = await equipped();
    const { number } = (await walk.sheet()).job;
    const { text } = await paper(walk.path('/report.pdf?reading=customer'));
    expect(text).toContain('What we installed and proved');
    for (const line of ['Done', 'Proved', 'Not proved', 'Owed', 'Yours']) expect(text).toContain(line);
    expect(text).toContain('It has not been started up.');
    expect(text).not.toMatch(/Tight:|Dry:|Charge by the scale/);
    expect(text).toContain(`The code leads to this job: ${number}`);
  });
  it('is another paper for inspector and warranty desk; the file has all of it', async () => {
    const walk = await equipped();
    const read = async (reading: string) => (await paper(walk.path(`/report.pdf?reading=${reading}`))).text;
    expect(await read('inspector')).toContain('For the inspector');
    expect(await read('warranty')).toMatch(/Register it with its maker by .* 60 days/);
    const file = await read('file');
    expect(file).toContain('Commissioning report');
    expect(file).not.toContain('This is a part of the record');
    expect(await read('warranty')).toContain('This is a part of the record');
  });
  it('has a label of one page for the unit; none before its equipment is entered', async () => {
    const walk = await equipped();
    const label = await paper(walk.path('/label.pdf'));
    expect(label.pages).toBe(1);
    expect(label.text).toContain('R-454B');
    expect(label.text).toContain('charge not signed');
    expect((await paper((await JobWalk.fresh(lead)).path('/label.pdf'))).status).toBe(404);
  });
  it('a list of what to take for the truck, and the same as CSV', async () => {
    const walk = await equipped();
    const list = await paper(walk.path('/take.pdf'));
    expect(list.text).toContain('What to take');
    expect(list.text).toContain('Silver solder');
    const reply = await fetch(`${lead.origin}/api${walk.path('/take.csv')}`, { headers: { cookie: lead.cookie } });
    const [head, ...rows] = (await reply.text()).replace('\ufeff', '').trim().split('\r\n');
    expect(head).toBe('code,name,need,unit,onTruck,packs,packSize,cost');
    expect(rows.some((r) => r.startsWith('rod,Silver solder,'))).toBe(true);
  });
  it('the customer takes over by the five lines as they stand, before and after the hand-over; other words are refused', async () => {
    const walk = await equipped();
    const five = async () => (await lead.get(walk.path('/report'))).body.five as FiveLine[];
    const words = takeOverWords(await five());
    expect((await walk.customer('hand-over', { id: 'taken.words', with: { lines: '' } })).status).toBe(409);
    const first = await paper(walk.path('/report.pdf?reading=customer'));
    expect(first.text).not.toContain('signed on');
    must(await walk.customer('hand-over', words));
    const { text } = await paper(walk.path('/report.pdf?reading=customer'));
    expect(text).toMatch(/A\. Wren signed on .*was there\./);
    expect(text).not.toContain('changed after this signature');
    // What is left open changes what was taken over.
    const body = { what: 'Clamp', owner: 'electrician', name: '', due: '2026-06-10', next: 'They come Tuesday' };
    must(await walk.post('/circuit-entries', entryOf('open-item', body)));
    expect((await paper(walk.path('/report.pdf?reading=customer'))).text).toContain('changed after this signature');
    const unknown = entryOf('open-closed', { itemId: uuid(), on: '2026-06-10', how: 'done' });
    expect((await walk.post('/circuit-entries', unknown)).body.field).toBe('itemId');
  });
  it('the sheet for the warranty desk follows the company’s own template', async () => {
    const walk = await equipped();
    const { settings, version } = (await owner.get('/settings')).body as { settings: object; version: number };
    const change = { deskFields: 'claim outdoorModel', deskOwn: 'Dealer number: 4711' };
    must(await owner.put('/settings', { version, settings: { ...settings, ...change } }));
    const { text } = await paper(walk.path('/report.pdf?reading=warranty'));
    expect(text).toMatch(/For the warranty desk.*Claim number not written down.*Outdoor model .*Dealer number 4711/);
    for (const wrong of [{ deskFields: 'a;b' }, { deskOwn: 'no colon' }, { deskOwn: `A: ${'x'.repeat(400)}` }]) {
      const refused = await owner.put('/settings', { version: version + 1, settings: { ...settings, ...wrong } });
      expect(refused.status).toBe(400);
      expect(refused.body.field).toContain(Object.keys(wrong)[0]);
    }
  });
  it('as a mail that is still to be sent, with the paper in it (RFC 5322)', async () => {
    const walk = await equipped();
    const reply = await fetch(`${lead.origin}/api${walk.path('/report.eml?reading=customer')}`, {
      headers: { cookie: lead.cookie },
    });
    const mail = await reply.text();
    expect(reply.headers.get('content-type')).toContain('message/rfc822');
    const [head] = mail.split('\r\n\r\n');
    expect(head).toContain('X-Unsent: 1');
    expect(head).not.toMatch(/^To:/m);
    expect(mail).toMatch(/filename=job-\d+-customer\.pdf/);
    const coded = mail.split('Content-Transfer-Encoding: base64').at(-1)!.split('\r\n\r\n')[1]!;
    expect(Buffer.from(coded, 'base64').subarray(0, 5).toString()).toBe('%PDF-');
  });
  it('the code leads to the page of the job where the company says where that is', async () => {
    const { version, settings } = (await owner.get('/settings')).body as { version: number; settings: object };
    const put = (pageAddress: string) => owner.put('/settings', { version, settings: { ...settings, pageAddress } });
    expect((await put('our page')).body).toMatchObject({ code: 'bad-input', field: 'pageAddress' });
    must(await put('https://bridge.example/app/'));
    const walk = await equipped();
    expect((await paper(walk.path('/report.pdf'))).text.replace(/ /g, '')).toContain(
      `https://bridge.example/app/jobs/${walk.id}`,
    );
  });
});
