import fc from 'fast-check';
import Papa from 'papaparse';
import { expect, it } from 'vitest';
import { CYLINDER_TABLE } from '@/core/circuit/recovery/cylinder-csv';
import { PAIR_TABLE } from '@/core/equipment/library-csv';
import { anyOf } from '@/core/finding/testing/any-of';
import { type CsvTable, readRow } from '@/core/form/table-csv';
import { HOUSE_TABLE } from '@/core/job/house-csv';
import { csv, csvOf } from './csv';

it('a spreadsheet runs nothing of what people typed, and numbers stay numbers', () => {
  const typed = ['=HYPERLINK("http://x","y")', '+cmd', '@sum', '-2+3', '\tx', 'plain', '-12.5', '3,200', ''];
  const text = csv(
    ['note'],
    typed.map((note) => ({ note })),
  );
  expect(text.startsWith('\ufeff')).toBe(true);
  const rows = Papa.parse<{ note: string }>(text.slice(1), { header: true }).data.map((r) => r.note);
  for (const cell of rows) expect(cell).not.toMatch(/^[=@\t]|^[+-](?![\d.,]+$)/);
  expect(rows.slice(0, 9)).toEqual([
    '\'=HYPERLINK("http://x","y")',
    "'+cmd",
    "'@sum",
    "'-2+3",
    "'\tx",
    'plain',
    '-12.5',
    '3,200',
    '',
  ]);
});

it.each([
  ['cylinders', CYLINDER_TABLE],
  ['customers', HOUSE_TABLE],
  ['pairs', PAIR_TABLE],
] as [string, CsvTable][])('%s: whatever the schema allows is read back as it was, dangerous cells too', (_, table) => {
  fc.assert(
    fc.property(fc.array(anyOf(table.schema), { minLength: 1, maxLength: 5 }), (rows) => {
      // A cell has no exponents; nothing of these lists is that small.
      fc.pre(rows.every((r) => Object.values(r).every((v) => typeof v !== 'number' || !/e/.test(String(v)))));
      const text = csvOf(table, rows).slice(1);
      const read = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: 'greedy' }).data;
      expect(read.map((cells, i) => readRow(table, cells, i + 2))).toEqual(
        // An empty cell is "none": nothing tells an empty text from none.
        rows.map((r) => ({
          ok: true,
          value: Object.fromEntries(Object.entries(r).map(([k, v]) => [k, v === '' ? null : v === 0 ? 0 : v])),
        })),
      );
    }),
  );
});

it('a phone number that a spreadsheet would run comes back as it was typed', () => {
  const house = {
    customerName: '=Pell',
    phone: '+1 555-0142',
    language: 'es',
    address: '-4 Mill Row',
    town: '@Weir',
    elevationFt: -12.5,
    systemName: null,
  };
  const text = csvOf(HOUSE_TABLE, [house]).slice(1);
  const [cells] = Papa.parse<Record<string, string>>(text, { header: true }).data;
  expect(cells!.phone).toBe("'+1 555-0142");
  expect(readRow(HOUSE_TABLE, cells!, 2)).toEqual({ ok: true, value: house });
});
