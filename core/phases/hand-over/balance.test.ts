import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { JobSheet } from '@/core/job/sheet';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import type { EntryBody } from '@/core/phases/log/entries';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { sheetGates } from '@/core/phases/standing';
import { registerFlow } from '@/core/set/register-flow';
import { english } from '@/core/words/testing/english';
import { balanceOf, balanceTable, refusesRegister, registersOf } from './balance';

type Register = EntryBody<'register'>;
const HOOD: Omit<Register, 'branch' | 'room' | 'wantedCfm' | 'reading'> = {
  means: 'hood',
  factor: 1,
  areaFt2: null,
  effective: false,
  damper: '',
};
const air = (...names: string[]) =>
  ({
    air: {
      record: {
        plenum: names.map((id) => ({ id, name: id, cfm: 400, kind: 'metal', existingIn: 8, slackPct: 0 })),
        trunk: [],
      },
    },
  }) as unknown as JobSheet['fits'];
function measured(fits: JobSheet['fits'], cfm: Record<string, number>): JobSheet {
  const log = new LogBuilder();
  for (const [branch, reading] of Object.entries(cfm))
    log.add('register', { ...HOOD, branch, room: branch, wantedCfm: 400, reading });
  return { ...sampleSheet(), fits, systemLog: log.log };
}

describe('flow of one register (common practice)', () => {
  it.each([
    [{ means: 'face velocity', reading: 510, areaFt2: 0.42, effective: true, factor: null }, 214.2, 17.1],
    [{ means: 'face velocity', reading: 500, areaFt2: 0.5, effective: false, factor: 0.7 }, 175, 35],
    [{ means: 'hood', reading: 200, areaFt2: null, effective: false, factor: 1.1 }, 220, 11],
    [{ means: 'hood', reading: 200, areaFt2: null, effective: false, factor: null }, 200, 20],
    // A small flow is not known better than the hood reads.
    [{ means: 'hood', reading: 40, areaFt2: null, effective: false, factor: 1 }, 40, 5],
  ] as const)('%j: %d ± %d', (r, cfm, off) => {
    const flow = registerFlow(r);
    expect(flow.cfm).toBeCloseTo(cfm, 6);
    expect(flow.uncertainty).toBeCloseTo(off, 0);
  });
});

it('a face velocity needs its area, a gross one its factor', () => {
  const face = {
    ...HOOD,
    branch: 'a',
    room: 'a',
    wantedCfm: 400,
    reading: 500,
    means: 'face velocity',
    factor: null,
  } as const;
  expect(refusesRegister(face)?.field).toBe('areaFt2');
  expect(refusesRegister({ ...face, areaFt2: 0.4 })?.field).toBe('factor');
  expect(refusesRegister({ ...face, areaFt2: 0.4, factor: 0.7 })).toBeUndefined();
  expect(refusesRegister({ ...face, areaFt2: 0.4, effective: true })).toBeUndefined();
  expect(refusesRegister({ ...face, means: 'hood' })).toBeUndefined();
});

describe('balance of a system', () => {
  it('takes its registers from the air sheet, and those added by hand', () => {
    expect(registersOf(measured(air('a', 'b'), {})).map((r) => r.branch)).toEqual(['a', 'b']);
    expect(registersOf(measured(air('a'), { c: 390 })).map((r) => [r.branch, r.sizeIn])).toEqual([
      ['a', 8],
      ['c', null],
    ]);
    const twice = measured(air('a'), { a: 300 });
    const log = new LogBuilder().add(
      'register',
      { ...HOOD, branch: 'a', room: 'den', wantedCfm: 350, reading: 340 },
      { id: 'x' },
    );
    const [row] = registersOf({ ...twice, systemLog: [...twice.systemLog, ...log.log] });
    expect(row).toMatchObject({ room: 'den', wantedCfm: 350, measured: { cfm: 340 } });
  });
  const verdict = (sheet: JobSheet) => balanceOf(sheet)?.verdict;
  it('says nothing before anybody measured, nothing proven before all are, then what to do', () => {
    const fits = air('a', 'b', 'c');
    expect(balanceOf(measured(fits, {}))).toBeUndefined();
    expect(sheetGates(measured(fits, {}), 'hand-over').some((g) => g.id === 'air-balanced')).toBe(false);
    expect(verdict(measured(fits, { a: 400, b: 400 }))).toBe('not-proven');
    expect(verdict(measured(air('a'), { a: 400 }))).toBe('not-proven');
    expect(verdict(measured(fits, { a: 400, b: 440, c: 360 }))).toBe('good');
    const off = measured(fits, { a: 500, b: 400, c: 300 });
    expect(english(balanceOf(off)!.next!.say)).toBe('Close b until it gives 75 % of what it should, as c does');
    expect(sheetGates(off, 'hand-over').find((g) => g.id === 'air-balanced')).toMatchObject({
      holds: false,
      overridable: true,
    });
    // All at one share that is too low: no damper helps.
    expect(english(balanceOf(measured(fits, { a: 300, b: 300, c: 300 }))!.next!.say)).toMatch(/set the fan/);
    expect(balanceTable(registersOf(off)).rows).toHaveLength(3);
  });
  it('is good exactly where every register is within a tenth (random flows)', () => {
    const flows = fc.array(fc.integer({ min: 200, max: 600 }), { minLength: 2, maxLength: 6 });
    fc.assert(
      fc.property(flows, (cfm) => {
        const names = cfm.map((_, i) => `r${i}`);
        const sheet = measured(air(...names), Object.fromEntries(cfm.map((x, i) => [`r${i}`, x])));
        expect(verdict(sheet) === 'good').toBe(cfm.every((x) => Math.abs(x / 400 - 1) <= 0.1 + 1e-9));
      }),
    );
  });
});
