import { describe, expect, it } from 'vitest';
import { judgeFurnace } from '@/core/furnace/furnace-proof';
import { SAMPLE_PROOF } from '@/core/furnace/testing/sample-proof';
import { letPass, sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { cells, english } from '@/core/words/testing/english';
import { furnaceReport } from './furnace-report';
import { deskTemplate } from './hand-over/desk-fields';
import { beforeSnapshotOf } from './snapshot';

const AT = '2026-06-01T15:00:00.000Z';
const PROOF = { ...SAMPLE_PROOF, by: 'Tess Orlan', at: AT, version: 1 };
const report = (
  change: Parameters<typeof sampleSheet>[0] = {},
  amendments: Parameters<typeof furnaceReport>[0]['amendments'] = [],
) => {
  const sheet = sampleSheet({ furnace: PROOF, ...change });
  const snapshot = beforeSnapshotOf(sheet, 'hand-over', []);
  return furnaceReport({ company: 'Dray & Pell', snapshot, signOffs: sheet.signOffs, amendments });
};
const table = (r: ReturnType<typeof report>, title: string) =>
  r.tables.find((t) => english(t.title) === title)?.rows.map(cells);
const fact = (r: ReturnType<typeof report>, label: string) =>
  cells(r.facts.find(([l]) => english(l) === label) ?? [])[1];

describe('the sheet of a furnace alone for the warranty desk', () => {
  const desk = (sheet: Parameters<typeof sampleSheet>[0], fields?: string): Map<string, string> => {
    const snapshot = beforeSnapshotOf(sampleSheet({ furnace: PROOF, ...sheet }), 'hand-over', []);
    const { desk } = furnaceReport({
      company: 'Dray & Pell',
      snapshot,
      signOffs: [],
      amendments: [],
      desk: deskTemplate(fields, undefined),
    });
    return new Map(desk!.rows.map((r) => cells(r) as [string, string]));
  };
  it('asks for its flame and its serial, and for nothing of a refrigerant', () => {
    const rows = desk({});
    expect(rows.get('Manifold pressure')).toBe('3.5 in. w.c.');
    expect(rows.get('Temperature rise')).toBe(`${PROOF.riseF} °F`);
    expect(rows.get('Furnace serial')).toBe('not written down');
    for (const none of ['Charge', 'Refrigerant', 'Subcooling', 'Outdoor serial', 'Nitrogen while brazing'])
      expect(rows.has(none), none).toBe(false);
  });
  it('tells the input that the meter gave: 2 ft³ in 90 s at 1,000 Btu/ft³ are 80,000 Btu/h, by definition', () => {
    const clocked = { meter: 'clocked', dialFt3: 2, turns: 1, seconds: 90, heatingValue: 1000 } as const;
    expect(desk({ furnace: { ...PROOF, ...clocked } }, 'input').get('Input at the meter')).toBe('80,000 Btu/h');
    expect(desk({ furnace: { ...PROOF, ...clocked, seconds: null } }, 'input').get('Input at the meter')).toBe(
      'not written down',
    );
  });
  it('what was not read is not written down; nor what nobody proved', () => {
    expect(desk({ furnace: { ...PROOF, inletInWc: null } }).get('Inlet gas pressure')).toBe('not written down');
    expect(desk({ furnace: null }).get('Inlet gas pressure')).toBe('not written down');
  });
});

describe('the report of a furnace that was installed alone', () => {
  it('is signed by the hand-over and by nothing else', () => {
    expect(report().status).toBe('draft');
    expect(report({ signOffs: [signedOff('start-up'), signedOff('charge')] }).status).toBe('draft');
    expect(report({ signOffs: [signedOff('hand-over')] }).status).toBe('signed');
  });
  it('names whoever typed the proof, or that there is none', () => {
    expect(fact(report(), 'Proof')).toMatch(/Tess Orlan/);
    const none = report({ furnace: null });
    expect(fact(none, 'Proof')).toBe('not on record');
    expect(table(none, 'Furnace, as read')).toBeUndefined();
    expect(table(none, 'Findings')).toBeUndefined();
  });
  it('prints each reading that was taken beside what is wanted, and leaves out what was not', () => {
    const rows = table(report(), 'Furnace, as read')!;
    expect(rows.every((r) => r.length === 3)).toBe(true);
    const without = table(report({ furnace: { ...PROOF, inletInWc: null } }), 'Furnace, as read')!;
    expect(without.length).toBe(rows.length - 1);
    expect(table(report(), 'Findings')!.length).toBe(judgeFurnace(PROOF, { elevationFt: 1000, stages: 1 }).length);
  });
  it('keeps overrides, signatures and amendments with who and when', () => {
    const r = report(
      {
        signOffs: [signedOff('hand-over', { certificate: 'TC-1', at: AT })],
        overrides: [{ ...letPass('hand-over', 'furnace-proof', 'Customer away, proof tomorrow'), at: AT }],
      },
      [{ phase: 'hand-over', by: 'Oda Kerrick', note: 'Filter is 16 × 25', at: AT }],
    );
    expect(table(r, 'Overrides')![0]).toEqual(expect.arrayContaining(['Customer away, proof tomorrow']));
    const [signed, amended] = table(r, 'Signatures')!;
    expect(signed).toEqual(expect.arrayContaining(['TC-1']));
    expect(amended).toEqual(expect.arrayContaining(['Oda Kerrick', 'Filter is 16 × 25']));
    expect(r.simulated).toBeNull();
  });
  it('begins with five lines: what was read and is good is proved, without a reading nothing is', () => {
    const line = (r: ReturnType<typeof report>, id: string) =>
      r
        .five!.find((l) => l.id === id)!
        .said.map((it) => english(it))
        .join(' ');
    const judged = judgeFurnace(PROOF, { elevationFt: 1000, stages: 1 });
    const read = report();
    for (const f of judged.filter((x) => x.verdict === 'good').slice(0, 7))
      expect(line(read, 'proved')).toContain(english(f.claim));
    expect(line(read, 'not-proved')).not.toContain('Not fired yet.');
    const none = report({ furnace: null });
    expect(line(none, 'proved')).toBe('Nothing yet.');
    expect(line(none, 'not-proved')).toContain('Not fired yet.');
    // There is no outdoor unit of ours to keep clear, and a smell of gas to know of.
    expect(line(read, 'yours')).toContain('Smell of gas');
    expect(line(read, 'yours')).not.toContain('outdoor unit');
  });
});
