import { describe, expect, it } from 'vitest';
import { passes } from '@/core/job/gates';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { splitLog } from '@/core/phases/log/circuit-log';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { gatesIn } from '@/core/phases/phase';
import { observed } from '@/core/scope/survey/testing/observed';
import { cells, english } from '@/core/words/testing/english';
import { permitTable } from './permits';
import { handOver } from './phase';

const PERMIT = { number: 'M-2211', authority: 'Harrow Mill', pulledOn: '2026-05-28' };
const INSPECTION = { on: '2026-06-02', result: 'passed', corrections: null, inspector: '' } as const;
type Log = ReturnType<typeof builder>['log'];
const builder = () => new LogBuilder();
const sheet = (jobLog: Log, asks: 'ask' | 'note', needed = true) => {
  const base = sampleSheet();
  return {
    ...base,
    jobLog,
    scopeSchools: { ...base.scopeSchools, inspection: asks },
    survey: { ...base.survey, observations: needed ? [observed('permit', 'needed')] : [] },
  };
};
const held = (s: ReturnType<typeof sheet>) =>
  gatesIn(handOver, s)
    .filter((g) => !passes(g) && ['permit', 'inspection'].includes(g.id))
    .map((g) => g.id);

describe('permit and inspection', () => {
  it('hold the hand-over only where the company asks for them', () => {
    expect(held(sheet([], 'note'))).toEqual([]);
    expect(held(sheet([], 'ask', false))).toEqual([]);
    expect(held(sheet([], 'ask'))).toEqual(['permit', 'inspection']);
    expect(held(sheet(builder().add('permit', PERMIT).log, 'ask'))).toEqual(['inspection']);
    // A permit that was pulled is inspected, whatever the survey said of it.
    expect(held(sheet(builder().add('permit', PERMIT).log, 'ask', false))).toEqual(['inspection']);
  });
  it('the newest inspection counts: corrections hold, a pass after them does not, a withdrawn pass holds again', () => {
    const log = builder().add('permit', PERMIT);
    log.add('inspection', { ...INSPECTION, result: 'corrections', corrections: 'Strap the flex' });
    expect(held(sheet(log.log, 'ask'))).toEqual(['inspection']);
    const gate = gatesIn(handOver, sheet(log.log, 'ask')).find((g) => g.id === 'inspection')!;
    expect(english(gate.say)).toContain('Strap the flex');
    expect(gate.overridable).toBe(true);
    log.add('inspection', INSPECTION);
    expect(held(sheet(log.log, 'ask'))).toEqual([]);
    log.add('withdrawn', { reason: 'other address' }, { supersedesId: log.lastId });
    expect(held(sheet(log.log, 'ask'))).toEqual(['inspection']);
  });
  it('are told in the report, each with who wrote it', () => {
    const log = builder()
      .add('permit', PERMIT)
      .add('inspection', { ...INSPECTION, result: 'failed', corrections: 'No float' });
    const rows = permitTable(log.log).rows.map(cells);
    expect(rows.map((r) => r[0])).toEqual(['Permit', 'Inspection']);
    expect(rows[0]![1]).toBe('M-2211, Harrow Mill, pulled May 28, 2026');
    expect(rows[1]![1]).toBe('Jun 2, 2026: failed (No float), inspector –');
    expect(permitTable(undefined).rows).toEqual([]);
  });
  it('a log is split into what is the job’s and what is the circuit’s, withdrawals with what they withdraw', () => {
    const log = builder().add('permit', PERMIT);
    const permit = log.lastId;
    log.add('moisture-indicator', { colour: 'dry' });
    const indicator = log.lastId;
    log.add('withdrawn', { reason: 'mistyped' }, { supersedesId: permit });
    log.add('withdrawn', { reason: 'mistyped' }, { supersedesId: indicator });
    const { circuitLog, jobLog } = splitLog(log.log);
    expect(jobLog.map((e) => e.kind)).toEqual(['permit', 'withdrawn']);
    expect(circuitLog.map((e) => e.kind)).toEqual(['moisture-indicator', 'withdrawn']);
    expect(jobLog[1]!.supersedesId).toBe(permit);
  });
});
