import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plateWarnings } from '@/core/equipment/plate-checks';
import { movementsOf, standing } from '@/core/job/movements';
import type { Phase } from '@/core/job/phases';
import { HEALTHY, letPass, measured, moved, round, sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { buildUp, judgeCharge } from '@/core/phases/charge/charge-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { phaseById } from '@/core/phases/registry';
import { roundsOf } from '@/core/phases/start-up/rounds';
import { judgeTyped, recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { airflowOf, startUpSystem } from '@/core/phases/start-up/system';
import { observed } from '@/core/scope/survey/testing/observed';
import { shown, withUnit } from '@/core/units/format';
import { typed } from '@/core/words/said';
import { cells, english, told } from '@/core/words/testing/english';
import { EMPTY_CYLINDER, LINE_RUN } from '@/demo/sample-entries';
import { buildReport } from './report';
import { snapshotOf } from './snapshot';
import { sheetGates, standingOf } from './standing';

const EARLY = '2026-06-01T15:00:00.000Z';
const LATE = '2026-06-01T15:08:00.000Z';
const at = { by: 'Tess Orlan', at: LATE };
const ALL = { filterClean: at, indoorCoilClean: at, outdoorCoilCleanDry: at, enclosureRestored: at };
const signed = (phase: Phase) => signedOff(phase, { certificate: 'TC-1', at: LATE });
const none = () => undefined;

function proven() {
  return sampleSheet({
    startUp: { confirmations: ALL },
    signOffs: [signed('charge')],
    measurements: [
      moved(25.7),
      measured('airflowCfm', 1204, { stage: 'airflow', detail: { method: 'flow grid or hood' } }),
      ...round(HEALTHY, 'a', EARLY),
      ...round(HEALTHY, 'b', LATE),
    ],
  });
}

describe('charge build-up of a sheet', () => {
  it('adds factory, line set and coil, and takes off what the unit holds', () => {
    const b = buildUp(sampleSheet().circuit.plate);
    if (!b.ok) throw new Error(english(b.refused.message));
    expect(b.value.totalOz).toBeCloseTo(143.8, 0);
    expect(b.value.parts.reduce((sum, p) => sum + p.oz, 0)).toBeCloseTo(b.value.totalOz, 9);
    expect(b.value.toWeighInOz).toBeCloseTo(b.value.totalOz - 118, 9);
  });
  it('an empty unit gets all of it from the cylinder', () => {
    const b = buildUp({ ...sampleSheet().circuit.plate, unitState: 'empty' });
    expect(b.ok && b.value.toWeighInOz).toBeCloseTo(143.8, 0);
  });
  it('an unknown line length counts nothing yet and holds part of the weigh-in back', () => {
    const plate = { ...sampleSheet().circuit.plate, lineLengthFt: null, unitState: 'empty' as const };
    const sheet = sampleSheet({ circuit: { ...sampleSheet().circuit, plate } });
    const b = buildUp(plate);
    if (!b.ok) throw new Error();
    expect(b.value).toMatchObject({ lengthUnknown: true, totalOz: 124 });
    expect(judgeCharge(sheet, b.value).state.toWeighInOz).toBeCloseTo(124 * 0.85, 6);
    expect(startUpSystem(sheet).unknownLine).toMatchObject({ includedFt: 15, trims: 0 });
  });
  it('the charge in the system is what the unit held plus every standing movement, whatever their order', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -50, max: 200 }), { maxLength: 8 }), (tenths) => {
        const sheet = sampleSheet({ measurements: tenths.map((t) => moved(t / 10)) });
        expect(startUpSystem(sheet).chargeInOz).toBeCloseTo(118 + tenths.reduce((a, b) => a + b, 0) / 10, 6);
      }),
    );
  });
  it('a superseded movement stops counting, its correction counts once', () => {
    const wrong = moved(52.7);
    const right = moved(25.7, { supersedesId: wrong.id });
    expect(standing([wrong, right])).toEqual([right]);
    expect(movementsOf([wrong, right]).map((m) => m.oz)).toEqual([25.7]);
  });
});

describe('plate warnings', () => {
  const plate = sampleSheet().circuit.plate;
  const fields = (change: Partial<typeof plate>) => plateWarnings({ ...plate, ...change }).map((w) => w.field);
  it('an ordinary plate has none', () => expect(fields({})).toEqual([]));
  it('names what looks like a slip', () => {
    expect(fields({ factoryChargeOz: 7.4 })).toEqual(['factoryChargeOz']);
    expect(fields({ compressorRlaA: 84 })).toEqual(['compressorRlaA']);
    expect(fields({ targetSubcoolingF: null })).toEqual(['targetSubcoolingF']);
    expect(fields({ targetSource: 'technician' })).toEqual(['targetSource']);
    expect(fields({ lineLengthFt: null })).toEqual(['lineLengthFt']);
  });
});

describe('where a job stands', () => {
  it('walks through its phases with what it waits for', () => {
    expect(told(standingOf(sampleSheet({ vacuum: null })))).toMatchObject({
      phase: 'recover',
      waitsFor: 'Enter what the old system should hold.',
    });
    expect(told(standingOf(sampleSheet()))).toMatchObject({
      phase: 'charge',
      waitsFor: expect.stringContaining('still to weigh in'),
    });
    expect(told(standingOf(sampleSheet({ measurements: [moved(25.7)] })))).toMatchObject({
      phase: 'charge',
      mark: 'good',
      waitsFor: 'Sign the charge',
    });
    expect(told(standingOf(sampleSheet({ signOffs: [signed('charge')] })))).toMatchObject({
      phase: 'start-up',
      waitsFor: 'Start the system',
    });
    expect(told(standingOf(sampleSheet({ signOffs: [signed('charge'), signed('start-up')] })))).toMatchObject({
      phase: 'hand-over',
      waitsFor: 'Sign the hand-over',
    });
    expect(
      standingOf(sampleSheet({ signOffs: [signed('charge'), signed('start-up'), signed('hand-over')] })),
    ).toMatchObject({ state: 'done' });
  });
  it('a recorded start-up shows the first finding that is not good', () => {
    const sheet = proven();
    expect(told(standingOf(sheet, recordedStartUp(sheet, none)))).toMatchObject({
      phase: 'start-up',
      mark: 'good',
      waitsFor: 'Sign the start-up',
    });
    const low = {
      ...sheet,
      measurements: sheet.measurements.map((m) => (m.quantity === 'liquidLineF' ? { ...m, value: 109 } : m)),
    };
    expect(told(standingOf(low, recordedStartUp(low, none)))).toMatchObject({
      mark: 'look-again',
      waitsFor: expect.stringContaining('Add'),
    });
  });
});

describe('a typed start-up', () => {
  it('is steady by two rounds that agree, and every gate holds', () => {
    const sheet = proven();
    expect(roundsOf(sheet).length).toBe(2);
    expect(recordedStartUp(sheet, none)!.steady.state).toBe('steady');
    const gates = sheetGates(sheet, 'start-up', recordedStartUp(sheet, none));
    expect(gates.filter((g) => !g.holds)).toEqual([]);
  });
  it('rests on the last round: a later, incomplete one reopens the gate', () => {
    const sheet = proven();
    const later = {
      ...sheet,
      measurements: [...sheet.measurements, ...round({ suctionPsig: 117 }, 'c', '2026-06-01T15:20:00.000Z')],
    };
    const recorded = recordedStartUp(later, none)!;
    expect(recorded.missing.length).toBeGreaterThan(5);
    expect(sheetGates(later, 'start-up', recorded).find((g) => g.id === 'readings')?.holds).toBe(false);
  });
  it('airflow is the newest measurement; a blower changed after it voids it', () => {
    const sheet = sampleSheet({
      measurements: [
        measured('airflowCfm', 900, { stage: 'airflow' }),
        measured('airflowCfm', 1200, {
          stage: 'airflow',
          runId: 'r',
          runSeconds: 300,
          detail: { method: 'strip-heat rise' },
        }),
      ],
    });
    expect(airflowOf(sheet)).toMatchObject({ cfm: 1200, method: 'strip-heat rise' });
    const run = (kind: 'setting', runSeconds: number, change: Record<string, unknown>) => ({
      samples: [],
      events: [{ kind, runSeconds, change }],
    });
    expect(airflowOf(sheet, run('setting', 200, { indoorAir: 0.9 }))).toBeDefined();
    expect(airflowOf(sheet, run('setting', 400, { outdoorF: 90 }))).toBeDefined();
    expect(airflowOf(sheet, run('setting', 400, { indoorAir: 0.9 }))).toBeUndefined();
  });
});

describe('a look-again that lead and customer let stand', () => {
  const sheetOf = (change: object, accepted: string[] = []) => {
    const sheet = proven();
    const measurements = sheet.measurements.map((m) =>
      m.quantity in change ? { ...m, value: (change as Record<string, number>)[m.quantity]! } : m,
    );
    const acceptances = accepted.map((finding) => ({
      id: finding,
      finding,
      said: typed(finding),
      reason: 'written reason',
      customer: 'A. Wren',
      by: 'Tess Orlan',
      at: LATE,
    }));
    return { ...sheet, measurements, acceptances };
  };
  const off = (...args: Parameters<typeof sheetOf>) => recordedStartUp(sheetOf(...args), none)!.judgement;
  it('is not asked for again, and stays what it is', () => {
    const low = { liquidLineF: 109 };
    expect(off(low).next.action).toMatchObject({ kind: 'weigh-in' });
    const accepted = off(low, ['subcooling']);
    expect(accepted.next.action).toEqual({ kind: 'sign' });
    expect(accepted.findings.find((f) => f.id === 'subcooling')?.verdict).toBe('look-again');
  });
  it('holds nothing after it back: charge is advised on a voltage that both let stand', () => {
    const advice = (j: ReturnType<typeof off>) => j.findings.find((f) => f.id === 'subcooling')?.next?.action?.kind;
    const high = { lineVolts: 258, liquidLineF: 109 };
    expect(advice(off(high))).not.toBe('weigh-in');
    expect(advice(off(high, ['superheat']))).not.toBe('weigh-in');
    expect(advice(off(high, ['voltage']))).toBe('weigh-in');
  });
  it('what comes next, and what the list of jobs waits for, is told under the verdict of what is still open', () => {
    const high = { lineVolts: 258 };
    expect(off(high).next.verdict).toBe('look-again');
    expect(off(high, ['voltage']).next.verdict).toBeUndefined();
    const unproven = sheetOf(high, ['voltage']);
    const sheet = { ...unproven, measurements: unproven.measurements.filter((m) => m.stage !== 'airflow') };
    const recorded = recordedStartUp(sheet, none)!;
    expect(recorded.judgement.next).toMatchObject({ verdict: 'not-proven', action: { kind: 'prove-airflow' } });
    expect(phaseById('start-up')!.waits!(sheet, recorded)).toMatchObject({ mark: 'not-proven' });
    expect(phaseById('start-up')!.note!(sheet, false)).toMatchObject({ say: { id: 'job.reading-recorded-at' } });
    expect(phaseById('start-up')!.note!({ ...sheet, measurements: [] }, false)).toBeUndefined();
    expect(phaseById('start-up')!.note!(sheet, true)).toBeUndefined();
  });
});

describe('judged while it is typed', () => {
  const nowMs = Date.parse(LATE) + 60_000;
  it('the last round stands until what is typed takes its place, box by box', () => {
    const { readings } = judgeTyped(proven(), { suctionPsig: 101 }, nowMs);
    expect(readings.suctionPsig!.value).toBe(101);
    expect(readings.liquidLineF!.value).toBe(HEALTHY.liquidLineF);
    const none = judgeTyped({ ...proven(), measurements: [] }, { suctionPsig: 101 }, nowMs);
    expect(Object.keys(none.readings)).toEqual(['suctionPsig']);
  });
  it('a round that is being typed counts toward flooding; nothing typed leaves the rounds as they are', () => {
    // A suction line a degree above its dew point.
    const wet = { ...proven(), measurements: [...round({ ...HEALTHY, suctionLineF: 45.5 }, 'a', EARLY)] };
    const late = Date.parse(EARLY) + 20 * 60_000;
    const flooding = (typing: Parameters<typeof judgeTyped>[1]) =>
      judgeTyped(wet, typing, late).judgement.findings.some((f) => f.verdict === 'stop');
    expect(flooding({})).toBe(false);
    expect(flooding({ suctionLineF: 45.5 })).toBe(true);
  });
});

describe('snapshot and report', () => {
  const report = (
    sheet: ReturnType<typeof proven>,
    amendments: Parameters<typeof buildReport>[0]['amendments'] = [],
  ) => {
    const recorded = recordedStartUp(sheet, none);
    return buildReport({
      company: 'Dray & Pell',
      snapshot: snapshotOf(sheet, 'start-up', sheetGates(sheet, 'start-up', recorded), recorded),
      signOffs: sheet.signOffs,
      amendments,
    });
  };
  const table = (r: ReturnType<typeof buildReport>, title: string) => r.tables.find((t) => english(t.title) === title);

  it('a snapshot survives being stored as text', () => {
    const sheet = proven();
    const recorded = recordedStartUp(sheet, none);
    const snapshot = snapshotOf(sheet, 'start-up', [], recorded);
    const back = JSON.parse(JSON.stringify(snapshot)) as typeof snapshot;
    expect(buildReport({ company: 'x', snapshot: back, signOffs: [], amendments: [] })).toEqual(
      buildReport({ company: 'x', snapshot, signOffs: [], amendments: [] }),
    );
  });
  it('holds readings, targets, verdicts, sources, who and when', () => {
    const r = report(proven());
    expect(r.status).toBe('draft');
    expect(r.simulated).toBeNull();
    expect(told(table(r, 'Figures')!.rows.find((row) => english(row[0]) === 'Subcooling'))).toMatchObject([
      expect.any(String),
      expect.stringContaining('10.'),
      '7.0 °F to 13.0 °F',
      'Good',
      "the unit's plate",
    ]);
    const readings = table(r, 'Final readings')!;
    expect(cells(readings.rows[0])).toMatchObject([
      'Suction pressure',
      '117.5 psig ± 1.0 psig',
      'typed',
      expect.stringContaining('suction service port'),
      'Tess Orlan',
      'Jun 1, 2026, 3:08 PM UTC',
    ]);
    expect(cells(table(r, 'Charge')!.rows.at(-1))).toMatchObject(['Total in the system', '143.7 oz', '8 lb 15.7 oz']);
    expect(table(r, 'Overrides')).toBeUndefined();
  });
  it('tells the line set that was charged for, and none of a packaged unit', () => {
    const fact = (sheet: ReturnType<typeof proven>) =>
      cells(report(sheet).facts.find(([label]) => english(label) === 'Line set') ?? [])[1];
    const plate = { ...sampleSheet().circuit.plate, lineLengthFt: 41 };
    const sheet = { ...proven(), circuit: { ...proven().circuit, plate } };
    const run = (setType: 'field-charged' | 'pre-charged') =>
      new LogBuilder().add('line-run', { ...LINE_RUN, setType }).log;
    expect(fact(sheet)).toContain('41 ft');
    // 6 + 12 + 30 ft as drawn.
    expect(fact({ ...sheet, circuitLog: run('field-charged') })).toContain('48 ft');
    expect(fact({ ...sheet, circuitLog: run('pre-charged') })).toContain(`${plate.includedLineFt} ft`);
    expect(fact({ ...sheet, circuit: { ...sheet.circuit, plate: { ...plate, packaged: true } } })).toBeUndefined();
  });
  it('tells what came out of the old system: cylinder, weights, and the unit it came out of', () => {
    const body = { cylinderId: 'c1', startGrossOz: 452, endGrossOz: 590, oily: false, scale: 'scale 2', runId: null };
    const cylinder = { id: 'c1', tag: 'RC-7', ...EMPTY_CYLINDER, refrigerant: 'R-410A' as const, contentsOz: 138 };
    const log = new LogBuilder().add('recovered', { ...body, endGrossOz: 490 });
    log.add('recovered', body, { supersedesId: log.lastId });
    const r = report({
      ...proven(),
      circuitLog: log.log,
      cylinders: [cylinder],
      survey: {
        ...proven().survey,
        observations: [observed('outdoorModel', 'OHP-30'), observed('outdoorSerial', 'S-4471')],
      },
    });
    expect(table(r, 'Refrigerant recovered')!.rows.map(cells)).toEqual([
      ['RC-7', '8 lb 10.0 oz', '452.0 oz – 590.0 oz', 'typed', 'Tess Orlan', expect.any(String)],
    ]);
    expect(cells(r.facts.find(([label]) => english(label) === 'Old outdoor unit')!)[1]).toBe('OHP-30 · S-4471');
    expect(table(report(proven()), 'Refrigerant recovered')).toBeUndefined();
  });
  it('marks simulated values and a run that was not in real time', () => {
    const sheet = proven();
    const simulated = {
      ...sheet,
      measurements: sheet.measurements.map((m) => ({ ...m, source: 'simulated' as const })),
      runs: [
        {
          id: 'r',
          circuitId: 'circuit',
          phase: 'start-up',
          source: 'simulated' as const,
          speed: 60,
          state: 'stopped' as const,
          startedAt: EARLY,
        },
      ],
    };
    expect(english(report(simulated).simulated)).toBe(
      'Contains simulated readings, run at 60× real time. Not a record of a real system.',
    );
  });
  it('shows overrides and amendments with their words', () => {
    const sheet = {
      ...proven(),
      overrides: [{ ...letPass('charge', 'standing-vacuum', 'Gauge died at 9 min'), at: LATE }],
    };
    const r = report(sheet, [{ phase: 'charge', by: 'Oda Kerrick', note: 'Line is 47 ft', at: LATE }]);
    expect(table(r, 'Overrides')!.rows.map(cells)).toEqual([
      ['Charge', 'a passed standing-vacuum test', 'Gauge died at 9 min', 'Tess Orlan', 'Jun 1, 2026, 3:08 PM UTC'],
    ]);
    expect(JSON.stringify(table(r, 'Signatures'))).toContain('Line is 47 ft');
  });
  it('every row has a cell for every column', () => {
    for (const t of report(proven()).tables)
      for (const row of t.rows) expect(row.length, english(t.title)).toBe(t.columns.length);
  });
});

describe('numbers as shown', () => {
  it.each([
    [12.34, '°F', '12.3'],
    [-3.06, '°F', '−3.1'],
    [-0.01, '°F', '0.0'],
    [0.598, 'oz/ft', '0.598'],
    [1.063, 'A', '1.06'],
    [11.94, 'A', '11.9'],
    [Number.NaN, '°F', '–'],
    [undefined, '°F', '–'],
  ])('%d %s is %s', (value, unit, text) => expect(shown(value, unit)).toBe(text));
  it('carries its unit', () => expect(withUnit(143.75, 'oz')).toBe('143.8 oz'));
});
