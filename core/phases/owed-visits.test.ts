import { describe, expect, it } from 'vitest';
import type { JobSheet, SheetSignOff } from '@/core/job/sheet';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import { owedVisits } from './owed-visits';

let made = 0;
const written = <K extends EntryKind>(kind: K, body: EntryBody<K>, id = `v${++made}`): CircuitEntry =>
  ({
    id,
    circuitId: 'k',
    phase: 'hand-over',
    source: 'typed',
    supersedesId: null,
    by: 'Tess Orlan',
    at: '2026-06-02T12:00:00Z',
    kind,
    body,
  }) as never;
const HANDED: SheetSignOff = {
  id: 's',
  ownerId: 'job',
  phase: 'hand-over',
  by: 'Tess Orlan',
  certificate: null,
  at: '2026-06-01T20:00:00.000Z',
  contentHash: '',
};
const job = (jobLog: CircuitEntry[], handedOver = true): JobSheet =>
  sampleSheet({ jobLog, signOffs: handedOver ? [HANDED] : [] });
/** A start-up that leaves the proof of heating to the cold. */
const heating = {
  measurements: [],
  judgement: {
    findings: [
      {
        id: 'h',
        verdict: 'not-proven',
        claim: { id: 'words.typed', with: { text: 'x' } },
        owed: { proof: 'heating', season: 'cold' },
      },
    ],
  },
} as never;
const owed = (sheet: JobSheet, recorded?: never) =>
  owedVisits([{ sheet, recorded }]).map((o) => [o.kind, o.on, o.plannedOn]);
const visit = (on: string, purpose: EntryBody<'visit'>['purpose'], id: string) =>
  written('visit', { on, purpose, what: '', who: '' }, id);
const ended = (visitId: string, on: string, open = '') =>
  written('visit-end', { visitId, on, safe: true, dry: true, air: 'runs', open });

describe('what a job owes', () => {
  it('a proof that waits for the cold: from November, planned with its visit, gone when somebody came for it', () => {
    expect(owed(job([]), heating)).toEqual([['proof', '2026-11-01', null]]);
    expect(owed(job([], false), heating)).toEqual([]);
    const planned = visit('2026-11-20', 'owed proof', 'p');
    expect(owed(job([planned]), heating)).toEqual([['proof', '2026-11-01', '2026-11-20']]);
    expect(owed(job([planned, ended('p', '2026-11-20')]), heating)).toEqual([]);
    // Too early proves nothing.
    expect(owed(job([visit('2026-10-20', 'owed proof', 'q'), ended('q', '2026-10-20')]), heating)).toEqual([
      ['proof', '2026-11-01', null],
    ]);
  });
  it('the first filter on its day, until a visit on or after it', () => {
    const first = written('filter-fitted', { kind: 'first', size: '16 × 25 × 1', changeOn: '2026-07-01', shown: true });
    expect(owed(job([first]))).toEqual([['filter', '2026-07-01', null]]);
    expect(owed(job([first, visit('2026-06-30', 'other work', 'a'), ended('a', '2026-06-30')]))).toEqual([
      ['filter', '2026-07-01', null],
    ]);
    expect(owed(job([first, visit('2026-07-01', 'other work', 'b'), ended('b', '2026-07-01')]))).toEqual([]);
    const final = written('filter-fitted', { kind: 'final', size: '16 × 25 × 4', changeOn: null, shown: true });
    expect(owed(job([final]))).toEqual([]);
  });
  it('an inspection until it passes', () => {
    const permit = written('permit', { number: 'P-1', authority: '', pulledOn: '2026-05-20' });
    const inspected = (result: EntryBody<'inspection'>['result']) =>
      written('inspection', {
        on: '2026-06-10',
        result,
        corrections: result === 'passed' ? null : 'strap the flex',
        inspector: '',
      });
    expect(owed(job([permit]))).toEqual([['inspection', '2026-06-01', null]]);
    // Handed over at half past ten in the evening of New York: owed from that day, not from Greenwich's next.
    const evening = { ...job([permit]), signOffs: [{ ...HANDED, at: '2026-06-02T02:30:00.000Z' }] };
    expect(owed(evening)).toEqual([['inspection', '2026-06-01', null]]);
    expect(owed(job([permit, inspected('corrections')]))).toEqual([['inspection', '2026-06-10', null]]);
    expect(owed(job([permit, inspected('passed')]))).toEqual([]);
    expect(owed(job([permit], false))).toEqual([]);
  });
  it('what a visit left open, and visits that nothing else asks for; the nearest first', () => {
    const open = job([ended('job', '2026-06-01', 'mastic on the return'), visit('2026-06-05', 'finish', 'f')], false);
    expect(owed(open)).toEqual([['open work', '2026-06-01', '2026-06-05']]);
    const two = job([visit('2026-08-01', 'other work', 'x'), visit('2026-07-01', 'correction', 'y')]);
    expect(owed(two)).toEqual([
      ['visit', '2026-07-01', '2026-07-01'],
      ['visit', '2026-08-01', '2026-08-01'],
    ]);
  });
});
