import Papa from 'papaparse';
import { expect, it } from 'vitest';
import { csv } from './csv';

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
