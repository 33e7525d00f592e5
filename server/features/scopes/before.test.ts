import sharp from 'sharp';
import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { LibraryFields } from '@/core/equipment/library-item';
import { FIT_EMPTY, FIT_KINDS, figurePaths } from '@/core/fit/sheets';
import { SAMPLE_PROOF } from '@/core/furnace/testing/sample-proof';
import type { JobSheet } from '@/core/job/sheet';
import { scopeOf } from '@/core/phases/scope/view';
import { surveyOf } from '@/core/phases/survey/view';
import { EMPTY_CHOICE } from '@/core/scope/choice';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import type { Said } from '@/core/words/said';
import { type Client, newJob, startServer } from '@/server/testing/harness';
import { INK, JobWalk } from '@/server/testing/job-walk';
import { english } from '@/server/words/speak-to';

const server = await startServer();
const lead = await server.as('alder-lead');
const helper = await server.as('alder-helper');
const stranger = await server.as('birch-lead');
afterAll(() => server.stop());

const answer = (fact: string, value: unknown, change: object = {}) => ({
  id: uuid(),
  fact,
  value,
  method: 'seen',
  source: 'on site',
  confidence: 'high',
  note: null,
  photoId: null,
  occurredAt: new Date().toISOString(),
  ...change,
});
const tell = (client: Client, jobId: string, ...observations: object[]) =>
  client.post(`/jobs/${jobId}/observations`, { observations });
const sheetOf = (reply: { body: unknown }): JobSheet => reply.body as JobSheet;

async function unsurveyed(client: Client): Promise<string> {
  return (await newJob(client, { plate: null })).id;
}

async function picture(
  client: Client,
  jobId: string,
  subject: string,
  file: Buffer,
  id = uuid(),
  takenAt = '2026-03-02T14:00:00.000Z',
) {
  const form = new FormData();
  form.set('id', id);
  form.set('subject', subject);
  form.set('takenAt', takenAt);
  form.set('photo', new Blob([new Uint8Array(file)]), 'p.jpg');
  const response = await fetch(`${server.origin}/api/jobs/${jobId}/photos`, {
    method: 'POST',
    headers: { cookie: client.cookie },
    body: form,
  });
  return { status: response.status, body: (await response.json()) as Record<string, unknown>, id };
}
const jpeg = (width: number, height: number): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background: '#887766' } })
    .withExif({ IFD0: { Copyright: 'test' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
    .jpeg()
    .toBuffer();

describe('observations', () => {
  it('a job without equipment starts at its survey and says what to find out first', async () => {
    const id = await unsurveyed(lead);
    const list = (await lead.get('/jobs?state=all')).body.jobs as unknown as {
      jobId: string;
      phase: string;
      waitsFor: Said;
    }[];
    const row = list.find((j) => j.jobId === id)!;
    expect(row).toMatchObject({ phase: 'survey', waitsFor: { id: 'job.find-out' } });
    expect(english(row.waitsFor)).toBe('Find out: what kind of system.');
  });
  it('the same answer twice is stored once; another under its id is refused; a stranger finds nothing', async () => {
    const id = await unsurveyed(lead);
    const one = answer('systemType', 'split-hp');
    expect((await tell(helper, id, one)).status).toBe(201);
    expect((await tell(helper, id, one)).status).toBe(201);
    expect((await lead.sheet(id)).survey.observations.length).toBe(1);
    expect((await tell(helper, id, { ...one, value: 'rooftop' })).body).toMatchObject({ code: 'other-body' });
    expect((await tell(stranger, id, answer('systemType', 'rooftop'))).status).toBe(404);
    expect((await tell(stranger, (await newJob(stranger)).id, one)).status).toBe(404);
  });
  it('a later answer follows the first, "not seen" is an answer, and both stay on the record', async () => {
    const id = await unsurveyed(lead);
    await tell(
      lead,
      id,
      answer('systemType', 'split-hp'),
      answer('oldTons', 3, { method: 'plate' }),
      answer('oldTons', 3.5),
      answer('breakerA', null),
    );
    const sheet = await lead.sheet(id);
    expect(sheet.survey.observations.map((o) => o.value)).toEqual(['split-hp', 3, 3.5, null]);
    expect(surveyOf(sheet).known).toMatchObject({ oldTons: 3.5, breakerA: null });
    await expect(
      server.database.run('update observations set note = :n where job_id = :id', { n: 'x', id }),
    ).rejects.toThrow(/append-only/);
  });
  it('an answer outside its question names the question, and nothing of the batch is kept', async () => {
    const id = await unsurveyed(lead);
    const reply = await tell(lead, id, answer('systemType', 'split-hp'), answer('oldTons', 900));
    expect(reply).toMatchObject({ status: 400, body: { field: 'oldTons', allowed: '0.75 to 50 tons' } });
    expect((await lead.sheet(id)).survey.observations.length).toBe(0);
    expect((await tell(lead, id, answer('shoeSize', 9))).body).toMatchObject({
      code: 'bad-input',
      field: 'observations.0.fact',
    });
    expect((await tell(lead, id, answer('saltAir', true, { photoId: uuid() }))).body).toMatchObject({
      field: 'photoId',
    });
  });
});

describe('pictures', () => {
  it('are turned upright, made small, freed of their place, and kept once', async () => {
    const id = await unsurveyed(lead);
    const first = await picture(lead, id, 'before:plates', await jpeg(3200, 2000));
    expect(first.status).toBe(201);
    const again = await picture(lead, id, 'before:plates', await jpeg(3200, 2000), first.id);
    expect(again.status).toBe(201);
    expect(
      await picture(lead, id, 'before:plates', await jpeg(3200, 2000), first.id, '2026-03-02T15:00:00.000Z'),
    ).toMatchObject({ status: 409, body: { code: 'other-body' } });
    const sheet = await lead.sheet(id);
    expect(sheet.survey.photos.length).toBe(1);
    expect(sheet.survey.photos[0]).toMatchObject({ widthPx: 1600, heightPx: 1000 });
    const stored = await fetch(`${server.origin}/api/photos/${first.id}/image`, { headers: { cookie: lead.cookie } });
    expect(stored.headers.get('content-type')).toBe('image/jpeg');
    expect((await sharp(Buffer.from(await stored.arrayBuffer())).metadata()).exif).toBeUndefined();
    expect(
      (await fetch(`${server.origin}/api/photos/${first.id}/thumbnail`, { headers: { cookie: stranger.cookie } }))
        .status,
    ).toBe(404);
  });
  it('what is no picture is refused plainly, as is one without its fields or without a session', async () => {
    const id = await unsurveyed(lead);
    expect((await picture(lead, id, 'before:plates', Buffer.from('not a picture'))).body).toMatchObject({
      code: 'bad-input',
      field: 'photo',
    });
    expect((await picture(lead, id, 'somewhere', await jpeg(10, 10))).body).toMatchObject({ field: 'subject' });
    expect((await picture(lead, id, 'before:plates', Buffer.alloc(21 * 1024 * 1024))).status).toBe(413);
    const form = new FormData();
    form.set('id', uuid());
    expect((await fetch(`${server.origin}/api/jobs/${id}/photos`, { method: 'POST', body: form })).status).toBe(401);
    expect(
      (
        await fetch(`${server.origin}/api/jobs/${id}/photos`, {
          method: 'POST',
          headers: { cookie: lead.cookie, 'content-type': 'multipart/form-data; boundary=x' },
          body: 'rubbish',
        })
      ).status,
    ).toBe(400);
  });
});

const libraryUnit = (client: Client, change: Partial<LibraryFields> = {}): Promise<string> =>
  new JobWalk(client, '').unit(change);

/** A whole survey of a plain split heat pump: every question answered, the rest not seen. */
async function surveyed(client: Client, facts: Record<string, unknown> = {}): Promise<string> {
  const id = await unsurveyed(client);
  await tell(client, id, answer('systemType', 'split-hp'));
  const told: Record<string, unknown> = {
    whyReplaced: 'old',
    liquidOdIn: '0.375',
    vaporOdIn: '0.875',
    lineLengthFt: 42,
    lineState: 'sound',
    coilRefrigerant: 'R-454B',
    a2lListed: true,
    metering: 'txv',
    ...facts,
  };
  for (
    let open = surveyOf(await client.sheet(id)).neverAsked;
    open.length;
    open = surveyOf(await client.sheet(id)).neverAsked
  ) {
    await tell(client, id, ...open.slice(0, 90).map((f) => answer(f.key, told[f.key] ?? null)));
  }
  return id;
}
const sign = (client: Client, id: string, phase: string) =>
  client.post(`/jobs/${id}/phases/${phase}/sign-offs`, { id: uuid() });
async function chosen(client: Client, id: string, change: object = {}): Promise<JobSheet> {
  const outdoorId = await libraryUnit(client);
  return sheetOf(
    await client.put(`/jobs/${id}/choice`, {
      version: 0,
      choice: { ...EMPTY_CHOICE, outdoorId, keepCoil: true, ...change },
    }),
  );
}
async function decideAll(client: Client, id: string): Promise<void> {
  for (const item of scopeOf(await client.sheet(id)).items.filter((i) => i.standing === 'open')) {
    await client.post(`/jobs/${id}/decisions`, { id: uuid(), itemId: item.id, decision: 'in', reason: null });
  }
}
const customer = (client: Client, id: string, subject: string, said: Said, change: object = {}) =>
  new JobWalk(client, id).customer(subject, said, change);

describe('from survey to a signed scope', () => {
  it('walks its gates: survey, unit, decisions, customer, then pictures before removal; the plate comes with the scope', async () => {
    const id = await surveyed(lead);
    expect((await sign(helper, id, 'survey')).body).toMatchObject({ code: 'not-allowed' });
    expect((await sign(lead, id, 'scope')).body).toMatchObject({ code: 'gate-held', field: 'survey-signed' });
    expect((await sign(lead, id, 'survey')).status).toBe(201);
    expect((await sign(lead, id, 'scope')).body).toMatchObject({ field: 'new-unit' });
    await chosen(lead, id);
    expect((await sign(lead, id, 'scope')).body).toMatchObject({ field: 'items-decided' });
    await decideAll(lead, id);
    expect((await sign(lead, id, 'scope')).body).toMatchObject({ field: 'customer-agreed' });
    const view = scopeOf(await lead.sheet(id));
    expect((await customer(lead, id, 'scope', view.text)).status).toBe(201);
    expect((await lead.sheet(id)).circuit.plate).toBeNull();
    const signed = await sign(lead, id, 'scope');
    expect(signed.status).toBe(201);
    expect(sheetOf(signed).circuit.plate).toMatchObject({
      maker: 'Ostrel',
      refrigerant: 'R-454B',
      lineLengthFt: 42,
      factoryChargeOz: 118,
    });
    const { version, plate } = sheetOf(signed).circuit;
    for (const other of [helper, await server.as('alder-office')])
      expect(await other.put(`/jobs/${id}/plate`, { version, plate })).toMatchObject({
        status: 403,
        body: { field: 'plate' },
      });

    expect((await lead.post(`/jobs/${id}/removal`)).body).toMatchObject({ code: 'gate-held', field: 'before-list' });
    const missing = surveyOf(await lead.sheet(id)).beforeMissing;
    expect(missing.length).toBeGreaterThan(5);
    for (const m of missing.slice(1))
      await lead.post(`/jobs/${id}/waivers`, { id: uuid(), item: m.id, reason: 'Old unit already opened by others' });
    await picture(lead, id, `before:${missing[0]!.id}`, await jpeg(40, 30));
    expect(sheetOf(await lead.post(`/jobs/${id}/removal`)).removal).toMatchObject({ by: 'alder lead' });
  });

  it('suspected asbestos holds the removal and can never be overridden', async () => {
    const id = await surveyed(lead, { asbestos: 'suspect' });
    await sign(lead, id, 'survey');
    expect((await lead.post(`/jobs/${id}/removal`)).body).toMatchObject({
      code: 'gate-held',
      field: 'no-hazard-stop',
      allowed: expect.stringMatching(/never/),
    });
    const override = { id: uuid(), gate: 'no-hazard-stop', reason: 'It is surely not asbestos' };
    expect((await lead.post(`/jobs/${id}/phases/recover/overrides`, override)).body).toMatchObject({
      code: 'not-allowed',
    });
    await tell(lead, id, answer('asbestos', 'tested clear', { method: 'papers', source: 'lab report' }));
    expect((await lead.post(`/jobs/${id}/removal`)).body).toMatchObject({ field: 'scope-signed' });
  });

  it('decisions: a should by anyone but the helper, a must by a lead with a reason, safety never', async () => {
    const id = await surveyed(lead, { breakerA: 60 });
    await chosen(lead, id);
    const decide = (client: Client, itemId: string, reason: string | null = 'The owner says no') =>
      client.post(`/jobs/${id}/decisions`, { id: uuid(), itemId, decision: 'out', reason });
    const office = await server.as('alder-office');
    expect((await decide(helper, 'whip')).body).toMatchObject({ code: 'not-allowed' });
    expect((await decide(office, 'whip', null)).body).toMatchObject({ code: 'bad-input', field: 'reason' });
    expect((await decide(office, 'whip')).status).toBe(201);
    expect((await decide(office, 'liquid-drier')).body).toMatchObject({ code: 'not-allowed' });
    expect((await decide(lead, 'liquid-drier')).status).toBe(201);
    expect((await decide(lead, 'breaker')).body).toMatchObject({ code: 'not-allowed' });
    expect((await decide(lead, 'nothing-here')).body).toMatchObject({ field: 'itemId' });
  });

  it('what the customer signed keeps its price when the company’s prices change', async () => {
    const id = await surveyed(stranger);
    await sign(stranger, id, 'survey');
    await chosen(stranger, id);
    await decideAll(stranger, id);
    const before = scopeOf(await stranger.sheet(id));
    await customer(stranger, id, 'scope', before.text);
    const owner = await server.as('birch-owner');
    const { version, settings } = (await owner.get('/settings')).body as { version: number; settings: object };
    const dearer = { ...settings, labourPerHour: before.input.schools.labourPerHour + 40 };
    expect((await owner.put('/settings', { version, settings: dearer })).status).toBe(200);
    const after = scopeOf(await stranger.sheet(id));
    expect(after.total).toEqual(before.total);
    expect(after.text).toEqual(before.text);
    expect(after.change).toBeUndefined();
    const open = await surveyed(stranger);
    expect(scopeOf(await stranger.sheet(open)).input.schools.labourPerHour).toBe(
      before.input.schools.labourPerHour + 40,
    );
    await owner.put('/settings', { version: version + 1, settings });
  });

  it('a stale choice is 409 with both; an item of another company cannot be chosen', async () => {
    const id = await surveyed(lead);
    await chosen(lead, id);
    const stale = await lead.put(`/jobs/${id}/choice`, { version: 0, choice: EMPTY_CHOICE });
    expect(stale).toMatchObject({ status: 409, body: { code: 'stale-version', stored: { version: 1 } } });
    const theirs = await libraryUnit(stranger);
    expect(
      (await lead.put(`/jobs/${id}/choice`, { version: 1, choice: { ...EMPTY_CHOICE, outdoorId: theirs } })).body,
    ).toMatchObject({ field: 'choice.outdoorId' });
  });

  it('words that are not the sheet’s own cannot be signed, nor a yes without ink or a no without a reason', async () => {
    const id = await surveyed(lead);
    await chosen(lead, id);
    const { text } = scopeOf(await lead.sheet(id));
    expect(
      (await customer(lead, id, 'scope', { id: 'words.typed', with: { text: 'something else' } })).body,
    ).toMatchObject({
      code: 'stale-version',
      field: 'text',
    });
    expect((await customer(lead, id, 'scope', text, { ink: null })).body).toMatchObject({
      code: 'bad-input',
      field: 'ink',
    });
    expect((await customer(lead, id, 'scope', text, { ink: 'M0 0<script>' })).body).toMatchObject({
      code: 'bad-input',
      field: 'ink',
    });
    expect((await customer(lead, id, 'scope', text, { answer: 'no' })).body).toMatchObject({
      code: 'bad-input',
      field: 'reason',
    });
    expect((await customer(lead, id, 'change', text)).body).toMatchObject({ field: 'subject' });
  });
});

describe('sent twice, or by someone else', () => {
  it('waivers, decisions and signatures are stored once; another body under their id is refused; a stranger finds nothing', async () => {
    const id = await surveyed(lead);
    await chosen(lead, id);
    const waiver = { id: uuid(), item: 'diagram', reason: 'The door is gone' };
    expect((await lead.post(`/jobs/${id}/waivers`, waiver)).status).toBe(201);
    expect((await lead.post(`/jobs/${id}/waivers`, waiver)).status).toBe(201);
    expect((await lead.post(`/jobs/${id}/waivers`, { ...waiver, id: uuid() })).body).toMatchObject({
      code: 'other-body',
    });
    expect((await helper.post(`/jobs/${id}/waivers`, { ...waiver, item: 'drain', id: uuid() })).body).toMatchObject({
      code: 'not-allowed',
    });
    const decision = { id: uuid(), itemId: 'whip', decision: 'in', reason: null };
    for (let k = 0; k < 2; k++) expect((await lead.post(`/jobs/${id}/decisions`, decision)).status).toBe(201);
    expect((await lead.sheet(id)).scope.decisions.length).toBe(1);
    expect(
      (await lead.post(`/jobs/${id}/decisions`, { ...decision, decision: 'out', reason: 'changed my mind' })).body,
    ).toMatchObject({ code: 'other-body' });
    const { text } = scopeOf(await lead.sheet(id));
    const signatureId = uuid();
    for (let k = 0; k < 2; k++) expect((await customer(lead, id, 'scope', text, { id: signatureId })).status).toBe(201);
    expect((await lead.sheet(id)).scope.signatures.length).toBe(1);
    for (const path of ['waivers', 'decisions', 'customer-signatures', 'removal', 'observations'] as const) {
      const body =
        path === 'waivers'
          ? { ...waiver, id: uuid() }
          : path === 'decisions'
            ? { ...decision, id: uuid() }
            : path === 'observations'
              ? { observations: [answer('saltAir', true)] }
              : path === 'removal'
                ? {}
                : {
                    id: uuid(),
                    subject: 'scope',
                    answer: 'yes',
                    reason: null,
                    text: english(text),
                    said: text,
                    language: 'en',
                    customer: 'X Y',
                    ink: INK,
                  };
      expect((await stranger.post(`/jobs/${id}/${path}`, body)).status, path).toBe(404);
    }
    expect((await stranger.get(`/jobs/${id}`)).status).toBe(404);
    await expect(server.database.run('delete from customer_signatures where job_id = :id', { id })).rejects.toThrow(
      /frozen/,
    );
  });
});

describe('a furnace alone', () => {
  it('is surveyed, scoped, signed and handed over without a refrigerant circuit', async () => {
    const id = await unsurveyed(lead);
    await tell(lead, id, answer('systemType', 'furnace-gas'));
    for (
      let open = surveyOf(await lead.sheet(id)).neverAsked;
      open.length;
      open = surveyOf(await lead.sheet(id)).neverAsked
    ) {
      await tell(lead, id, ...open.map((f) => answer(f.key, null)));
    }
    await sign(lead, id, 'survey');
    const indoorId = await libraryUnit(lead, { kind: 'furnace', tons: null, refrigerant: null });
    await lead.put(`/jobs/${id}/choice`, { version: 0, choice: { ...EMPTY_CHOICE, indoorId, keepLineSet: false } });
    await decideAll(lead, id);
    expect((await sign(lead, id, 'hand-over')).body).toMatchObject({ code: 'gate-held', field: 'scope-signed' });
    await customer(lead, id, 'scope', scopeOf(await lead.sheet(id)).text);
    expect((await sign(lead, id, 'scope')).status).toBe(201);
    expect((await sign(lead, id, 'hand-over')).body).toMatchObject({ code: 'gate-held', field: 'disclosures' });
    for (const d of scopeOf(await lead.sheet(id)).disclosures) await customer(lead, id, `disclosure:${d.id}`, d.text);
    expect((await sign(lead, id, 'hand-over')).body).toMatchObject({ code: 'gate-held', field: 'set-signed' });
    await new JobWalk(lead, id).set();
    expect((await sign(lead, id, 'hand-over')).body).toMatchObject({ code: 'gate-held', field: 'wire-signed' });
    await new JobWalk(lead, id).wire();
    // Its pipe bubbles: nobody overrides that.
    expect((await sign(lead, id, 'hand-over')).body).toMatchObject({ code: 'gate-held', field: 'gas-pipe' });
    await new JobWalk(lead, id).gasPipe({ bubbles: true });
    const passed = await lead.post(`/jobs/${id}/phases/hand-over/overrides`, {
      id: uuid(),
      gate: 'gas-pipe',
      reason: 'It is only a small leak',
    });
    expect(passed.status).toBe(403);
    await new JobWalk(lead, id).gasPipe();
    // Nothing was read on it yet, then it makes carbon monoxide: neither is handed over, and nobody overrides the second.
    expect((await sign(lead, id, 'hand-over')).body).toMatchObject({ code: 'gate-held', field: 'furnace-proof' });
    const proof = { ...SAMPLE_PROOF, coAirFreePpm: 640 };
    expect((await lead.put(`/jobs/${id}/furnace`, { version: 0, proof })).status).toBe(200);
    expect((await sign(lead, id, 'hand-over')).body).toMatchObject({ code: 'gate-held', field: 'furnace-proof' });
    expect((await lead.put(`/jobs/${id}/furnace`, { version: 1, proof: { ...proof, coAirFreePpm: 28 } })).status).toBe(
      200,
    );
    const signed = await sign(lead, id, 'hand-over');
    expect(signed.status, JSON.stringify(signed.body)).toBe(201);
    const list = (await lead.get('/jobs?state=done')).body.jobs as unknown as { jobId: string }[];
    expect(list.some((j) => j.jobId === id)).toBe(true);
    for (const path of ['scope.pdf', 'report.pdf']) {
      const pdf = await fetch(`${server.origin}/api/jobs/${id}/${path}`, { headers: { cookie: lead.cookie } });
      expect(pdf.headers.get('content-type'), path).toBe('application/pdf');
    }
  });
});

/** A job whose scope the customer and the lead have signed, as it then stands. */
async function agreed(client: Client): Promise<{ id: string; before: JobSheet }> {
  const id = await surveyed(client);
  await sign(client, id, 'survey');
  await chosen(client, id);
  await decideAll(client, id);
  await customer(client, id, 'scope', scopeOf(await client.sheet(id)).text);
  await sign(client, id, 'scope');
  return { id, before: await client.sheet(id) };
}

describe('found on the day', () => {
  it('another unit agreed before the charge brings its own plate', async () => {
    const { id, before } = await agreed(lead);
    const outdoorId = await libraryUnit(lead, { model: 'LARGER', tons: 3.5, mcaA: 35, mocpA: 45 });
    await tell(lead, id, answer('breakerA', 30));
    const now = sheetOf(
      await lead.put(`/jobs/${id}/choice`, {
        version: before.scope.version,
        choice: { ...before.scope.choice, outdoorId },
      }),
    );
    expect(now.circuit.plate?.model).toBe(before.circuit.plate?.model);
    const change = scopeOf(now).change!;
    expect((await customer(lead, id, 'change', change.text)).status).toBe(201);
    expect((await lead.sheet(id)).circuit.plate).toMatchObject({ model: 'LARGER', nominalTons: 3.5 });
  });

  it('a new line set agreed later takes the old one’s length off the plate, and nothing else', async () => {
    const { id, before } = await agreed(lead);
    const plate = before.circuit.plate!;
    expect(plate.lineLengthFt).not.toBeNull();
    await lead.put(`/jobs/${id}/plate`, { version: before.circuit.version, plate: { ...plate, serial: 'S-77' } });
    const now = sheetOf(
      await lead.put(`/jobs/${id}/choice`, {
        version: before.scope.version,
        choice: { ...before.scope.choice, keepLineSet: false },
      }),
    );
    const change = scopeOf(now).change!;
    expect(change.delta.added.map((i) => i.id)).toContain('line-set-new');
    expect((await customer(lead, id, 'change', change.text)).status).toBe(201);
    expect((await lead.sheet(id)).circuit.plate).toMatchObject({ serial: 'S-77', lineLengthFt: null });
  });

  it('changes the scope, waits for the customer, and a declined should stays with the owner’s reason', async () => {
    const id = await surveyed(lead);
    await sign(lead, id, 'survey');
    await chosen(lead, id);
    await decideAll(lead, id);
    for (const d of scopeOf(await lead.sheet(id)).disclosures) await customer(lead, id, `disclosure:${d.id}`, d.text);
    await customer(lead, id, 'scope', scopeOf(await lead.sheet(id)).text);
    await sign(lead, id, 'scope');
    expect(scopeOf(await lead.sheet(id)).change).toBeUndefined();

    await tell(lead, id, answer('filterRack', 'leaks', { note: 'seen once the coil was out' }));
    let sheet = await lead.sheet(id);
    expect(sheet.survey.observations.at(-1)!.foundOnTheDay).toBe(true);
    let change = scopeOf(sheet).change!;
    expect(change.delta.added.map((i) => i.id)).toContain('filter-cabinet');
    expect(change.delta.hours).toBeGreaterThan(0);
    const gates = (await lead.get(`/jobs/${id}/phases/hand-over/gates`)).body.gates as unknown as {
      id: string;
      holds: boolean;
    }[];
    expect(gates.find((g) => g.id === 'change-answered')!.holds).toBe(false);

    expect(
      (await customer(lead, id, 'change', change.text, { answer: 'no', reason: 'We sell in spring', ink: null }))
        .status,
    ).toBe(201);
    sheet = await lead.sheet(id);
    expect(scopeOf(sheet).change).toBeUndefined();
    expect(scopeOf(sheet).items.find((i) => i.id === 'filter-cabinet')).toMatchObject({
      standing: 'out',
      decision: { reason: 'We sell in spring' },
    });

    await tell(lead, id, answer('lineState', 'kinked'));
    change = scopeOf(await lead.sheet(id)).change!;
    expect(change.delta.added.map((i) => i.id)).toContain('line-set-new');
    expect((await customer(lead, id, 'change', change.text)).status).toBe(201);
    expect(scopeOf(await lead.sheet(id)).items.find((i) => i.id === 'line-set-new')!.standing).toBe('in');
  });
  it('a new fact under a kept part makes its disclosure unsigned again, and that holds the hand-over', async () => {
    const id = await surveyed(lead, { coilAgeYr: 6 });
    await chosen(lead, id);
    const coil = () => lead.sheet(id).then((s) => scopeOf(s).disclosures.find((d) => d.id === 'coil')!);
    await customer(lead, id, 'disclosure:coil', (await coil()).text);
    expect((await coil()).signature?.customer).toBe('A. Wren');
    await tell(lead, id, answer('coilLeaks', 1));
    expect((await coil()).signature).toBeUndefined();
    const gates = (await lead.get(`/jobs/${id}/phases/hand-over/gates`)).body.gates as unknown as {
      id: string;
      holds: boolean;
      say: Said;
    }[];
    const gate = gates.find((g) => g.id === 'disclosures')!;
    expect(gate.holds).toBe(false);
    expect(english(gate.say)).toMatch(/indoor coil/);
  });
});

describe('fit sheets', () => {
  it('each kind is stored, versioned, and refused at its field', async () => {
    const id = await unsurveyed(lead);
    for (const kind of FIT_KINDS) {
      const record = FIT_EMPTY[kind];
      const body = { version: 0, record, measured: figurePaths(kind, record) };
      expect((await lead.put(`/jobs/${id}/fits/${kind}`, body)).status, kind).toBe(200);
      // The same again is the answer that got lost; another one is somebody else's.
      expect((await lead.put(`/jobs/${id}/fits/${kind}`, body)).status, kind).toBe(200);
      expect((await lead.put(`/jobs/${id}/fits/${kind}`, { ...body, measured: [] })).body, kind).toMatchObject({
        code: 'stale-version',
        stored: { version: 1 },
      });
    }
    expect(Object.keys((await lead.sheet(id)).fits).sort()).toEqual([...FIT_KINDS].sort());
    const bad = { version: 1, record: { ...FIT_EMPTY.stack, plenumIn: -4 }, measured: [] };
    expect((await lead.put(`/jobs/${id}/fits/stack`, bad)).body).toMatchObject({
      code: 'bad-input',
      field: 'plenumIn',
      allowed: '6 to 300 in',
    });
    expect((await lead.put(`/jobs/${id}/fits/castle`, bad)).status).toBe(404);
    expect((await stranger.put(`/jobs/${id}/fits/stack`, { ...bad, record: FIT_EMPTY.stack })).status).toBe(404);
  });
});

describe('library and settings', () => {
  it('a model is added once and brought up to date; its file comes back with a template', async () => {
    const fields = { ...SAMPLE_OUTDOOR, model: 'Twice' };
    const put = (f: object) => lead.post('/library/items', { items: [{ id: uuid(), fields: f }] });
    expect((await put(fields)).body).toMatchObject({ added: 1 });
    expect((await put(fields)).body).toMatchObject({ unchanged: 1 });
    expect((await put({ ...fields, tons: 3.5 })).body).toMatchObject({ updated: 1 });
    const list = (await lead.get('/library')).body.items as unknown as {
      model: string;
      tons: number;
      version: number;
    }[];
    expect(list.filter((i) => i.model === 'Twice')).toMatchObject([{ tons: 3.5, version: 2 }]);
    const csv = (await lead.get('/library/equipment.csv')).body.text as unknown as string;
    expect(csv).toContain('Twice');
    expect(
      ((await lead.get('/library/equipment-template.csv')).body.text as unknown as string)
        .trim()
        .replace('\ufeff', '')
        .startsWith('kind,maker,model'),
    ).toBe(true);
    expect((await lead.get('/library/__proto__.csv')).status).toBe(404);
    expect(
      ((await stranger.get('/library')).body.items as unknown as unknown[]).every(
        (i) => (i as { model: string }).model !== 'Twice',
      ),
    ).toBe(true);
    expect((await helper.post('/library/items', { items: [{ id: uuid(), fields }] })).body).toMatchObject({
      code: 'not-allowed',
    });
  });
  it('a listed pair is known to the scope', async () => {
    const outdoorId = await libraryUnit(lead, { model: 'PAIR-O' });
    const indoorId = await libraryUnit(lead, { kind: 'air-handler', model: 'PAIR-I' });
    const id = await surveyed(lead);
    const choice = { ...EMPTY_CHOICE, outdoorId, indoorId };
    const before = sheetOf(await lead.put(`/jobs/${id}/choice`, { version: 0, choice }));
    expect(before.scope.pairListed).toBe(false);
    expect(scopeOf(before).items.some((i) => i.id === 'pair-listing')).toBe(true);
    await lead.post('/library/pairs', {
      pairs: [{ outdoorModel: 'PAIR-O', indoorModel: 'PAIR-I', reference: 'L-1', coolingBtuh: 36000 }],
    });
    const after = await lead.sheet(id);
    expect(after.scope.pairListed).toBe(true);
    expect(scopeOf(after).items.some((i) => i.id === 'pair-listing')).toBe(false);
  });
  it('schools change by the owner or the office, are checked, and change the scope', async () => {
    const owner = await server.as('birch-owner');
    const now = (await owner.get('/settings')).body as unknown as { version: number };
    const put = (client: Client, settings: object, version = now.version) =>
      client.put('/settings', { version, settings });
    expect((await put(stranger, { bothCoils: 'by-age' })).body).toMatchObject({ code: 'not-allowed' });
    expect((await put(owner, { bothCoils: 'sometimes' })).body).toMatchObject({
      field: 'bothCoils',
      allowed: 'inspect, by-age',
    });
    expect((await put(owner, { colour: 'red' })).body).toMatchObject({ field: 'colour' });
    expect((await put(owner, { subcoolingToleranceF: 40 })).body).toMatchObject({
      field: 'subcoolingToleranceF',
      allowed: '1 to 6 °F',
    });
    expect((await put(owner, { bothCoils: 'by-age', subcoolingToleranceF: 2 })).status).toBe(200);
    expect((await put(owner, { bothCoils: 'inspect' })).body).toMatchObject({ code: 'stale-version' });
    const id = await surveyed(stranger, { coilAgeYr: 14 });
    const sheet = await chosen(stranger, id);
    expect(sheet.schools.subcoolingToleranceF).toBe(2);
    expect(scopeOf(sheet).items.find((i) => i.id === 'coil-age')!.level).toBe('must');
  });
});
