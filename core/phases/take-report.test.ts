import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { toBuy } from '@/core/plan/take-off/buy';
import { english } from '@/core/words/testing/english';
import { DEMO_PARTS } from '@/demo/parts';
import { LINE_RUN } from '@/demo/sample-entries';
import { jointsOf, takeOffOf } from './take-off';
import { TAKE_COLUMNS, takeReport, takeRow } from './take-report';

const sheet = sampleSheet();

describe('what to take, as a list', () => {
  it('has every line of the take-off, what is bought of it and what that costs', () => {
    const report = takeReport(sheet, 'Dray & Pell', DEMO_PARTS);
    const { lines } = takeOffOf(sheet);
    const [materials] = report.tables;
    expect(materials!.rows).toHaveLength(lines.length);
    for (const row of materials!.rows) expect(row).toHaveLength(materials!.columns.length);
    const cost = toBuy(lines, DEMO_PARTS).reduce((sum, r) => sum + (r.cost ?? 0), 0);
    expect(english(report.notes[0]!)).toContain(`$${cost.toFixed(2)}`);
  });
  it('says so where the truck has enough, and where the company lists no price', () => {
    const plenty = DEMO_PARTS.map((p) => ({ ...p, onTruck: 10_000 }));
    const said = (parts: typeof plenty) =>
      takeReport(sheet, 'x', parts).tables[0]!.rows.map((r) => english(r[2] as never));
    expect(said(plenty)).toContain('on the truck');
    expect(said([]).some((s) => /of/.test(s))).toBe(true);
    expect(takeReport(sheet, 'x', []).tables[0]!.rows.every((r) => r[3] === '–')).toBe(true);
  });
  it('is a row of plain figures in a CSV', () => {
    const [line] = toBuy(takeOffOf(sheet).lines, DEMO_PARTS);
    const row = takeRow(line!, 'a name');
    expect(Object.keys(row)).toEqual([...TAKE_COLUMNS]);
    expect(Number(row.need)).toBeGreaterThan(0);
    expect(takeRow({ ...line!, cost: undefined }, 'a name').cost).toBe('');
    expect(takeRow({ ...line!, cost: 12.5 }, 'a name').cost).toBe('12.50');
  });
});

describe('brazed joints of a drawn line set, counted by hand', () => {
  const run = (change: object) =>
    jointsOf({ ...LINE_RUN, kept: false, elbows: 0, pieces: [{ ft: 40, way: 'level' }], ...change } as never);
  it.each<[string, object, number]>([
    ['two lines, two ends each, a drier', {}, 6],
    ['three elbows, both sides each', { elbows: 3 }, 12],
    ['a trap and a riser of its own size', { traps: 1, riserOdIn: 0.875 }, 12],
    ['fifty feet are one roll', { pieces: [{ ft: 50, way: 'level' }] }, 6],
    ['fifty-one feet are two: a coupling in each line', { pieces: [{ ft: 51, way: 'level' }] }, 10],
    ['a hundred and ten feet are three', { pieces: [{ ft: 110, way: 'level' }] }, 14],
    ['a line set that stays keeps its elbows', { kept: true, elbows: 3 }, 6],
    ['a pre-charged kit has none', { setType: 'pre-charged', elbows: 3 }, 0],
  ])('%s: %o is %d', (_, change, joints) => expect(run(change)).toBe(joints));
});
