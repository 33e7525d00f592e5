import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { gatesIn } from '@/core/phases/phase';
import { standingOf } from '@/core/phases/standing';
import { observed } from '@/core/scope/survey/testing/observed';
import { cells, english } from '@/core/words/testing/english';
import { handOverMove } from './move';
import { handOver } from './phase';
import { dayOfJob, leftFindings, refusesEnd, visitNow, visitsOf, visitTable } from './visits';

const VISIT = { on: '2026-06-04', purpose: 'finish', what: '', who: 'Tess' } as const;
const GOOD = { safe: true, dry: true, air: 'runs', open: '' } as const;
const base = sampleSheet();
const FIRST = base.job.id;
const sheet = (log: LogBuilder['log'], who?: string) => ({
  ...base,
  job: { ...base.job, scheduledFor: '2026-06-01' },
  jobLog: log,
  survey: { ...base.survey, observations: who ? [observed('vulnerable', who)] : [] },
});
const handedOver = (s: ReturnType<typeof sheet>, at: string) => ({
  ...s,
  signOffs: [
    ...(['survey', 'scope', 'charge', 'start-up'] as const).map((phase) => ({ ...sign, phase, at })),
    { ...sign, phase: 'hand-over' as const, at },
  ],
});
const sign = { id: 's', ownerId: FIRST, by: 'Tess Orlan', certificate: null, contentHash: 'f'.repeat(64) };

describe('the visits of a job', () => {
  it('begin with the job’s own day; the one to come is the first that has not ended', () => {
    const log = new LogBuilder().add('visit', VISIT);
    expect(visitsOf(sheet(log.log)).map((v) => [v.n, v.on])).toEqual([
      [1, '2026-06-01'],
      [2, '2026-06-04'],
    ]);
    expect(dayOfJob(sheet(log.log))).toBe('2026-06-01');
    log.add('visit-end', { visitId: FIRST, on: '2026-06-01', ...GOOD });
    expect(visitNow(sheet(log.log))?.n).toBe(2);
    expect(dayOfJob(sheet(log.log))).toBe('2026-06-04');
    const planned = log.log[0]!.id;
    log.add('visit-end', { visitId: planned, on: '2026-06-04', ...GOOD });
    expect(visitNow(sheet(log.log))).toBeUndefined();
    expect(dayOfJob(sheet(log.log))).toBe('2026-06-04');
  });
  it('stand in the order of their days, and a moved one keeps its id and its end', () => {
    const log = new LogBuilder().add('visit', VISIT).add('visit', { ...VISIT, on: '2026-06-03' });
    const id = log.log[0]!.id;
    expect(visitsOf(sheet(log.log)).map((v) => v.on)).toEqual(['2026-06-01', '2026-06-03', '2026-06-04']);
    log.add('visit', { ...VISIT, on: '2026-06-08' }, { supersedesId: id });
    log.add('visit', { ...VISIT, on: '2026-06-02' }, { supersedesId: log.lastId });
    log.add('visit-end', { visitId: id, on: '2026-06-02', ...GOOD });
    const [, moved] = visitsOf(sheet(log.log));
    expect([moved!.id, moved!.on, moved!.ended !== undefined]).toEqual([id, '2026-06-02', true]);
    expect(visitsOf(sheet(log.log))).toHaveLength(3);
  });
  it('a withdrawn end opens the visit again', () => {
    const log = new LogBuilder().add('visit-end', { visitId: FIRST, on: '2026-06-01', ...GOOD });
    expect(visitNow(sheet(log.log))).toBeUndefined();
    log.add('withdrawn', { reason: 'not over' }, { supersedesId: log.lastId });
    expect(visitNow(sheet(log.log))?.n).toBe(1);
  });
  it('end by a visit that stands and not before its day', () => {
    const log = new LogBuilder().add('visit', VISIT);
    const id = log.lastId;
    const end = (visitId: string, on: string) => refusesEnd(sheet(log.log), { visitId, on, ...GOOD })?.field;
    expect(end('11111111-1111-4111-8111-111111111111', '2026-06-04')).toBe('visitId');
    expect(end(id, '2026-06-03')).toBe('on');
    expect(end(id, '2026-06-04')).toBeUndefined();
    expect(end(FIRST, '2026-05-31')).toBe('on');
    log.add('withdrawn', { reason: 'not needed' }, { supersedesId: id });
    expect(end(id, '2026-06-04')).toBe('visitId');
  });
});

describe('how a visit left the house', () => {
  const left = (body: object, who?: string) =>
    leftFindings(
      sheet(new LogBuilder().add('visit-end', { visitId: FIRST, on: '2026-06-01', ...GOOD, ...body }).log, who),
    ).map((f) => [f.id, f.verdict]);
  it.each([
    [{}, undefined, []],
    [{ air: 'temporary' }, 'ill', []],
    [{ safe: false }, undefined, [['visit-unsafe', 'stop']]],
    [{ dry: false }, undefined, [['visit-wet', 'look-again']]],
    [{ air: 'without' }, undefined, [['visit-no-air', 'look-again']]],
    [{ air: 'without' }, 'nobody at risk', [['visit-no-air', 'look-again']]],
    [{ air: 'without, agreed' }, undefined, []],
    // An agreement warms nobody: whoever is at risk is told as a stop (common practice).
    [{ air: 'without, agreed' }, 'old or small', [['visit-no-air', 'stop']]],
    [{ air: 'without' }, 'ill', [['visit-no-air', 'stop']]],
  ] as const)('%o with %s at home', (body, who, found) => {
    expect(left(body, who)).toEqual(found);
  });
  it('only the last visit counts', () => {
    const log = new LogBuilder().add('visit', VISIT);
    const id = log.lastId;
    log.add('visit-end', { visitId: FIRST, on: '2026-06-01', ...GOOD, safe: false });
    expect(leftFindings(sheet(log.log))).toHaveLength(1);
    log.add('visit-end', { visitId: id, on: '2026-06-04', ...GOOD });
    expect(leftFindings(sheet(log.log))).toEqual([]);
  });
});

describe('a visit after the hand-over', () => {
  const AT = '2026-06-01T20:00:00.000Z';
  it('opens the job in the lists again, until it ends; one planned before is over with it', () => {
    const before = new LogBuilder().add('visit', VISIT);
    expect(visitNow(handedOver(sheet(before.log), AT))).toBeUndefined();
    expect(standingOf(handedOver(sheet(before.log), AT)).state).toBe('done');
    const log = before.add(
      'visit',
      { ...VISIT, on: '2027-05-10', purpose: 'owed proof' },
      { at: '2026-06-02T08:00:00.000Z' },
    );
    const open = handedOver(sheet(log.log), AT);
    expect(standingOf(open)).toMatchObject({ state: 'open', phase: 'hand-over', mark: 'not-proven' });
    expect(english(standingOf(open).waitsFor)).toBe('Visit 3 on May 10, 2027, to make an owed proof');
    expect(handOverMove(open, true, gatesIn(handOver, open)).button?.action).toEqual({
      kind: 'write',
      entry: 'visit-end',
    });
    expect(dayOfJob(open)).toBe('2027-05-10');
    log.add('visit-end', { visitId: log.lastId, on: '2027-05-10', ...GOOD }, { at: '2027-05-10T18:00:00.000Z' });
    const done = handedOver(sheet(log.log), AT);
    expect(standingOf(done).state).toBe('done');
    expect(
      visitTable(log.log, AT)
        .rows.map(cells)
        .map((r) => r[0]),
    ).toEqual(['Visit planned', 'Visit ended']);
    expect(visitTable(log.log).rows).toHaveLength(3);
    expect(visitTable(undefined).rows).toEqual([]);
  });
});
