import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { headerTrouble, readRow, safeCell, writeRow } from '@/core/form/table-csv';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import { told } from '@/core/words/testing/english';
import { LIBRARY_TABLE, PAIR_TABLE } from './library-csv';
import { EQUIPMENT_KINDS, type LibraryFields } from './library-item';
import { plateFromLibrary } from './plate-from-library';

describe('equipment as rows of words', () => {
  it('what is written is read back the same, whatever the figures', () => {
    const item = fc.record({
      kind: fc.constantFrom(...EQUIPMENT_KINDS),
      tons: fc.option(fc.double({ min: 0.75, max: 50, noNaN: true })),
      heatPump: fc.boolean(),
      widthIn: fc.double({ min: 4, max: 400, noNaN: true }),
      model: fc.string({ minLength: 1, maxLength: 60 }).filter((s) => s.trim().length > 0),
      vaporOdIn: fc.constantFrom(null, 0.75, 0.875),
    });
    fc.assert(
      fc.property(item, (change) => {
        // A cell has no exponents; equipment has none either.
        fc.pre(!/e/.test(String(change.tons ?? '')) && !/e/.test(String(change.widthIn)));
        const fields: LibraryFields = { ...SAMPLE_OUTDOOR, ...change, model: change.model.trim() };
        const row = Object.entries(writeRow(LIBRARY_TABLE, fields)).map(([column, text]) => [column, safeCell(text)]);
        expect(readRow(LIBRARY_TABLE, Object.fromEntries(row), 2)).toEqual({ ok: true, value: fields });
      }),
      { numRuns: 500 },
    );
  });
  it.each([
    ['=1+1', "'=1+1"],
    ["'=1+1", "''=1+1"],
    ["''@", "'''@"],
    ['-12', '-12'],
    ["6' pipe", "6' pipe"],
  ])('a name of %s is written %s, and is the same when it is read', (model, cell) => {
    const row = writeRow(LIBRARY_TABLE, { ...SAMPLE_OUTDOOR, model });
    expect(safeCell(row.model!)).toBe(cell);
    expect(readRow(LIBRARY_TABLE, { ...row, model: safeCell(row.model!) }, 2)).toMatchObject({ value: { model } });
  });
  it.each([
    ['heatPump', 'maybe', 'yes or no'],
    ['weightLb', '12 lb', '5 to 10000 lb, with packaging'],
    ['vaporOdIn', '0.8', expect.stringMatching(/0\.75/)],
    ['refrigerant', 'R-999', expect.stringMatching(/R-410A/)],
  ])('%s: “%s” is told with what is allowed', (field, text, allowed) => {
    const read = readRow(LIBRARY_TABLE, { ...writeRow(LIBRARY_TABLE, SAMPLE_OUTDOOR), [field]: text }, 7);
    expect(told(read)).toMatchObject({ ok: false, troubles: [{ row: 7, field, allowed }] });
  });
  it('a pair needs its reference', () => {
    expect(told(readRow(PAIR_TABLE, { outdoorModel: 'A', indoorModel: 'B', coolingBtuh: '36000' }, 3))).toMatchObject({
      ok: false,
      troubles: [{ field: 'reference', message: 'reference is missing.' }],
    });
    expect(headerTrouble(['outdoorModel', 'x'], PAIR_TABLE)).toEqual({
      missing: ['indoorModel', 'reference', 'coolingBtuh'],
      unknown: ['x'],
    });
  });
});

describe('the plate of the chosen unit', () => {
  it('comes from the library, its line set from the survey; the lines found rule over the lines wanted', () => {
    expect(plateFromLibrary(SAMPLE_OUTDOOR, { vaporLineOdIn: 0.75, lineLengthFt: 31 })).toMatchObject({
      model: 'OHP-36T',
      vaporLineOdIn: 0.75,
      liquidLineOdIn: 0.375,
      lineLengthFt: 31,
      unitState: 'factory-held',
      targetSource: 'plate',
    });
    expect(plateFromLibrary(SAMPLE_OUTDOOR, {})!.lineLengthFt).toBeNull();
  });
  it('is not made up when a figure is missing', () => {
    expect(plateFromLibrary({ ...SAMPLE_OUTDOOR, factoryChargeOz: null }, {})).toBeNull();
    expect(plateFromLibrary({ ...SAMPLE_OUTDOOR, liquidOdIn: null }, {})).toBeNull();
  });
});
