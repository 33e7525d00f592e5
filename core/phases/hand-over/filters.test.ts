import { describe, expect, it } from 'vitest';
import { entryOf } from '@/core/phases/log/entries';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { filterTable } from './filters';

describe('the filter that the house is left with', () => {
  it('is on the report with the day on which a first one is changed', () => {
    const log = new LogBuilder().add('filter-fitted', {
      kind: 'first',
      size: '16 x 25 x 1',
      changeOn: '2026-12-20',
      shown: true,
    }).log;
    expect(filterTable(log).rows[0]!.slice(0, 3)).toEqual([
      { id: 'filter.cheap-first-one' },
      '16 x 25 x 1',
      { day: '2026-12-20' },
    ]);
    expect(filterTable(undefined).rows).toEqual([]);
  });

  it('asks for that day of a first one only', () => {
    const { schema } = entryOf('filter-fitted');
    const said = { size: '16 x 25 x 4', shown: false };
    expect(schema.safeParse({ ...said, kind: 'final', changeOn: null }).success).toBe(true);
    expect(schema.safeParse({ ...said, kind: 'first', changeOn: '2026-12-20' }).success).toBe(true);
    expect(schema.safeParse({ ...said, kind: 'first', changeOn: 'soon' }).success).toBe(false);
    expect(schema.safeParse({ ...said, kind: 'first', size: '', changeOn: null }).success).toBe(false);
  });
});
