import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ledgerSchema } from '@/contract/answers/ledger';
import { reportSchema } from '@/contract/answers/report';
import { readSheet, sheetSchema } from '@/contract/answers/sheet';
import { ENGLISH } from '@/core/catalogues';
import { SPANISH } from '@/core/catalogues.es';
import { judgeFit } from '@/core/fit/sheets';
import { evacuationView } from '@/core/phases/evacuate/view';
import { nextMoveOf, type PhaseDescriptor } from '@/core/phases/phase';
import { recoveryView } from '@/core/phases/recover/view';
import { PHASES_BUILT } from '@/core/phases/registry';
import { fitContextOf, scopeOf } from '@/core/phases/scope/view';
import { circuitSnapshotOf } from '@/core/phases/snapshot';
import { surveyOf } from '@/core/phases/survey/view';
import type { Said } from '@/core/words/said';
import { type Catalogue, isSaid, value } from '@/core/words/said';
import { migrate, migrations } from '@/server/db/migrate';
import { type Database, openDatabase } from '@/server/db/pool';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import { everySheet, summaryOf } from '@/server/features/jobs/job-summary';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { peopleStore } from '@/server/features/people/people-store';
import { reportPdf } from '@/server/features/reports/report-pdf';
import { reportOf } from '@/server/features/reports/reports-service';
import { paperWords, toldReport } from '@/server/features/reports/told-report';
import { freshSchema } from '@/server/testing/harness';
import { english } from '@/server/words/speak-to';
import { DEMO_CIRCUITS } from './circuits';
import { DEMO_COMPANY } from './company';
import { DEMO_JOBS } from './jobs';
import { loadDemo } from './load-demo';
import { DEMO_SURVEYS } from './surveys';

let database: Database;
let drop: () => Promise<void>;
beforeAll(async () => {
  const schema = await freshSchema();
  drop = schema.drop;
  database = openDatabase(schema.uri);
  await migrate(database, migrations());
  await loadDemo({ database }, () => undefined);
});
afterAll(async () => {
  await database.close();
  await drop();
});

const rows = () =>
  database.rows<{ jobId: string; number: number; state: string; phase: string; waitsFor: Said }>(
    'select job_id as jobId, number, state, phase, waits_for as waitsFor from job_summary order by number',
  );

/** Names of fixed answers that a sentence carries as plain text: English stays in the middle of another language. */
function unsaidNames(x: unknown, out: Set<string>): Set<string> {
  if (typeof x !== 'object' || x === null) return out;
  if (isSaid(x)) {
    for (const [name, p] of Object.entries(x.with ?? {})) {
      // "in" is the inch here, the same everywhere, and not the word.
      if (name === 'unit' && p === 'in') continue;
      const id = typeof p === 'string' && !x.id.startsWith('value.') ? value(p).id : undefined;
      const [en, es] = id ? [(ENGLISH as Catalogue)[id], (SPANISH as Catalogue)[id]] : [];
      if (en === p && es !== en) out.add(`${x.id} {${name}}: ${p}`);
    }
  }
  for (const part of Object.values(x)) unsaidNames(part, out);
  return out;
}

describe('the demo', () => {
  it('says every fixed answer as one, so that it has words in both languages', async () => {
    const lead = (await peopleStore.bySignIn(database, 'tess'))!.person;
    const found = new Set<string>();
    for (const { jobId } of await rows()) {
      const sheet = await sheetFor(database, lead, { jobId });
      const { hazards, contradictions, story, tonnage } = surveyOf(sheet);
      const record = circuitSnapshotOf(sheet, 'recover', []).circuitRecord;
      const said = [
        [hazards, contradictions, story, tonnage, scopeOf(sheet)],
        Object.values(sheet.fits).map((f) => judgeFit(f, fitContextOf(sheet))),
        PHASES_BUILT.filter((p: PhaseDescriptor) => !p.equipped || sheet.circuit.plate).map((p: PhaseDescriptor) => [
          p.gates(sheet),
          p.checks?.(record),
          nextMoveOf(p, sheet, { maySign: true }),
        ]),
        sheet.circuit.plate ? await reportOf(database, lead, { jobId }) : [],
      ];
      unsaidNames(said, found);
    }
    expect([...found]).toEqual([]);
  });
  it('every sheet, report and ledger is of the shape that screens and devices read', async () => {
    const lead = (await peopleStore.bySignIn(database, 'tess'))!.person;
    const sent = (x: unknown): unknown => JSON.parse(JSON.stringify(x));
    const drawn = new Set<string>();
    for (const { jobId, number } of await rows()) {
      const sheet = await sheetFor(database, lead, { jobId });
      expect(sheetSchema.safeParse(sent(sheet)).error?.issues ?? [], `${number}`).toEqual([]);
      expect(readSheet({ ...sheet, runs: 3 })).toBeUndefined();
      if (sheet.circuit.plate) {
        const report = await reportOf(database, lead, { jobId }, { curves: true });
        expect(reportSchema.safeParse(sent(report)).error?.issues ?? []).toEqual([]);
        for (const chart of report.charts ?? []) drawn.add(chart.kind);
      }
    }
    // Typed proofs and a recorded run: each way of drawing one is among them.
    expect([...drawn].sort()).toEqual(['curve', 'ladder', 'lines']);
    const { companyId } = lead;
    for (const cylinder of await cylindersStore.list(database, companyId)) {
      const movements = await cylindersStore.movements(database, companyId, { cylinderId: cylinder.id });
      expect(ledgerSchema.safeParse(sent({ cylinder, movements })).error?.issues ?? [], cylinder.tag).toEqual([]);
    }
  });
  it('tells each job in the order of the work: weighed before it is trimmed, read before it is signed, done on its day', async () => {
    const lead = (await peopleStore.bySignIn(database, 'tess'))!.person;
    for (const { jobId, number } of await rows()) {
      const sheet = await sheetFor(database, lead, { jobId });
      const times = (of: (m: (typeof sheet.measurements)[number]) => boolean) =>
        sheet.measurements.filter(of).map((m) => m.occurredAt);
      const weighed = times((m) => m.phase === 'charge');
      const later = times((m) => m.phase === 'start-up');
      if (weighed.length && later.length)
        expect(weighed.toSorted().at(-1)! < later.toSorted()[0]!, `${number}`).toBe(true);
      const entries = sheet.circuitLog.map((e) => e.at);
      expect(entries, `${number}`).toEqual(entries.toSorted());
      const signed = sheet.signOffs.map((s) => s.at);
      expect(signed, `${number}`).toEqual(signed.toSorted());
      for (const s of sheet.signOffs) {
        const read = [
          ...times((m) => m.phase === s.phase),
          ...sheet.circuitLog.filter((e) => e.phase === s.phase).map((e) => e.at),
        ];
        expect(
          read.every((at) => at <= s.at),
          `${number} ${s.phase}`,
        ).toBe(true);
        expect(s.at <= new Date().toISOString(), `${number} ${s.phase}`).toBe(true);
      }
      if (sheet.signOffs.some((s) => s.phase === 'hand-over'))
        expect(signed.at(-1)!.slice(0, 10), `${number}`).toBe(sheet.job.scheduledFor);
    }
  });
  it('has jobs in every state: to charge, mid-start-up with a wrong charge, finished', async () => {
    const list = await rows();
    expect(list.length).toBe(DEMO_JOBS.length + DEMO_SURVEYS.length + DEMO_CIRCUITS.length);
    expect(list.length).toBeGreaterThanOrEqual(12);
    expect(list.filter((r) => r.state === 'done').length).toBeGreaterThanOrEqual(2);
    expect(list.some((r) => r.phase === 'charge' && /still to weigh in/.test(english(r.waitsFor)))).toBe(true);
    const running = await database.rows('select id from runs where state = :state', { state: 'running' });
    expect(running.length).toBeGreaterThanOrEqual(1);
  });
  it('has surveyed sites of different kinds, one a rooftop without a nameplate, one with a change the customer has not answered', async () => {
    const lead = (await peopleStore.bySignIn(database, 'tess'))!.person;
    const sheets = await Promise.all(
      (await rows()).filter((r) => r.number >= 2148).map((r) => sheetFor(database, lead, { jobId: r.jobId })),
    );
    expect(new Set(sheets.map((s) => surveyOf(s).systemType)).size).toBeGreaterThanOrEqual(3);
    const roof = sheets.find((s) => surveyOf(s).systemType === 'rooftop')!;
    expect(surveyOf(roof).known.outdoorPlate).toBe('missing');
    expect(surveyOf(roof).tonnage).toMatchObject({ confidence: 'high', conflict: false });
    expect(sheets.some((s) => scopeOf(s).change !== undefined)).toBe(true);
    expect(sheets.some((s) => surveyOf(s).stops.length > 0)).toBe(true);
  });
  it('has jobs in every phase of the circuit, their ledger in balance', async () => {
    const phases = (await rows()).map((r) => r.phase);
    for (const phase of ['recover', 'pressure-test', 'evacuate']) expect(phases).toContain(phase);
    const lead = (await peopleStore.bySignIn(database, 'tess'))!.person;
    const sheets = await Promise.all((await rows()).map((r) => sheetFor(database, lead, { jobId: r.jobId })));
    const recovered = sheets.reduce((s, x) => s + recoveryView(x).recoveredOz, 0);
    const [sum] = await database.rows<{ oz: number }>(
      "select sum(oz) as oz from cylinder_movements where kind = 'from system'",
    );
    expect(recovered).toBeGreaterThan(0);
    expect(Number(sum!.oz)).toBeCloseTo(recovered, 6);
    expect(sheets.some((s) => evacuationView(s).stage === 'proven')).toBe(true);
  });
  it('every reading comes from the plant, not from the air', async () => {
    const sources = await database.rows<{ source: string; runId: string | null }>(
      'select source, run_id as runId from measurements',
    );
    expect(sources.length).toBeGreaterThan(40);
    expect(sources.every((s) => s.source === 'simulated' && s.runId !== null)).toBe(true);
  });
  it('loads once only', async () => {
    expect(await loadDemo({ database }, () => undefined)).toBe(false);
    expect((await rows()).length).toBe(DEMO_JOBS.length + DEMO_SURVEYS.length + DEMO_CIRCUITS.length);
  });
  it('the list’s projection is what a rebuild gives', async () => {
    for (const row of await rows()) {
      const sheets = await everySheet(database, DEMO_COMPANY.id, row.jobId);
      expect(await summaryOf(database, DEMO_COMPANY.id, sheets)).toMatchObject(row);
    }
  });
  it('a finished job prints a PDF with readings, targets, verdicts, sources, simulated marks and overrides', async () => {
    const done = (await rows()).find((r) => r.number === 2138)!;
    const lead = (await peopleStore.bySignIn(database, 'jory'))!.person;
    const report = await reportOf(database, lead, { jobId: done.jobId });
    const pdf = await reportPdf(toldReport(report, english), paperWords(report, english));
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'mb-pdf-')), 'report.pdf');
    writeFileSync(file, pdf);
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
    for (const wanted of [
      'Commissioning report',
      'Contains simulated readings',
      'Subcooling',
      '°F',
      'Good',
      "the unit's plate",
      'Overrides',
      'Gauge battery died',
      'Jory Vance',
      'TC-38206',
      'Refrigerant movements',
      'simulated suction pressure probe',
    ]) {
      expect(text.replace(/\s+/g, ' ')).toContain(wanted);
    }
  });
});
