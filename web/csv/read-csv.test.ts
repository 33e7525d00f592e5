import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { LIBRARY_TABLE } from '@/core/equipment/library-csv';
import { writeRow } from '@/core/form/table-csv';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import { told } from '@/core/words/testing/english';
import { MOST_ROWS, readCsv as read } from './read-csv';

const readCsv = (text: string) => read(text, ['equipment', 'pairs']);

const file = (...rows: Record<string, string>[]): string => Papa.unparse({ fields: LIBRARY_TABLE.columns, data: rows });
const good = writeRow(LIBRARY_TABLE, SAMPLE_OUTDOOR);

describe('equipment as CSV', () => {
  it('what is written is read back the same, with a byte-order mark, commas and quotes', async () => {
    const odd = { ...SAMPLE_OUTDOOR, model: 'OHP "36", tall' };
    expect(await readCsv(`\ufeff${file(writeRow(LIBRARY_TABLE, odd))}`)).toMatchObject({
      kind: 'equipment',
      good: [{ row: 2, value: odd }],
      troubles: [],
    });
  });
  it('each bad cell is named with its row, column and what is allowed; the good rows stay', async () => {
    const r = await readCsv(file(good, { ...good, tons: 'three' }, { ...good, maker: '', volts: '12' }));
    expect(r.good.length).toBe(1);
    expect(told(r.troubles)).toEqual([
      { row: 3, field: 'tons', message: 'tons: “three” cannot be used.', allowed: '0.75 to 50 tons' },
      { row: 4, field: 'maker', message: 'maker is missing.', allowed: '1 to 80 characters' },
      { row: 4, field: 'volts', message: 'volts: “12” cannot be used.', allowed: '120, 208/230, 240, 208, 460' },
    ]);
  });
  it('a strange column refuses the file and names it', async () => {
    expect((await readCsv('kind,maker,colour\noutdoor,A,red\n')).header).toMatchObject({ unknown: ['colour'] });
    expect((await readCsv('hello')).header).toBeDefined();
  });
  it('pairs are told by their columns', async () => {
    const r = await readCsv('outdoorModel,indoorModel,reference,coolingBtuh\nA,B,L-1,36000\nA,C,,12\n');
    expect(r).toMatchObject({ kind: 'pairs', good: [{ value: { outdoorModel: 'A', indoorModel: 'B' } }] });
    expect(r.troubles.map((t) => [t.row, t.field])).toEqual([
      [3, 'reference'],
      [3, 'coolingBtuh'],
    ]);
  });
  it('a file of too many rows is stopped at the limit, and nothing of it is offered', async () => {
    const many = `${file(...Array.from({ length: MOST_ROWS + 5 }, () => good))}`;
    expect(await readCsv(many)).toMatchObject({ good: [], troubles: [{ field: 'file', row: MOST_ROWS + 2 }] });
  });
});
