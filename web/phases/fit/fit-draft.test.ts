import { expect, it } from 'vitest';
import type { FitRecord, FitSheet } from '@/core/fit/sheets';
import { resumed } from './fit-draft';

const record = (base: number) => ({ curb: { baseLeftIn: base } }) as unknown as FitRecord;
const sheet = (base: number, version: number) =>
  ({ record: record(base), version, measured: [] }) as unknown as FitSheet;
const draft = (base: number, version: number) => ({ record: record(base), version, measured: [] });

it.each([
  ['nothing was left', undefined, sheet(0, 2), 'none'],
  ['it arrived after all', draft(4, 1), sheet(4, 2), 'none'],
  ['it was left in the moment of saving', draft(4, 2), sheet(0, 2), 'goes-on'],
  ['the first save of a sheet was left', draft(4, 0), undefined, 'goes-on'],
  ['somebody saved in between', draft(4, 2), sheet(1, 3), 'conflict'],
  ['the save before it arrived', { ...draft(4, 2), under: record(1) }, sheet(1, 3), 'goes-on'],
  ['the save before it was overtaken', { ...draft(4, 2), under: record(2) }, sheet(1, 3), 'conflict'],
  ['somebody saved the first one in between', draft(4, 0), sheet(1, 1), 'conflict'],
] as const)('%s', (_, left, stored, what) => {
  expect(resumed(left, stored)).toBe(what);
});
