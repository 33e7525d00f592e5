import { describe, expect, it } from 'vitest';
import { FIT_EMPTY, type FitKind, type FitRecords, type FitSheet, figurePaths } from '@/core/fit/sheets';
import { english, told } from '@/core/words/testing/english';
import { signsOf } from './fit-signs';
import { getList } from './get-list';
import { decideItems, scopeItems } from './scope';
import { sampleScope } from './testing/sample-scope';

const stored = <K extends FitKind>(kind: K, record: FitRecords[K]): FitSheet<K> => ({
  kind,
  record,
  measured: figurePaths(kind, record),
  version: 1,
  by: 'T',
  at: '',
});

describe('what must be bought or made', () => {
  it('follows the items that are in, with sizes from library and fit sheets', () => {
    const fits = {
      stack: stored('stack', {
        ...FIT_EMPTY.stack,
        plenumIn: 78,
        returnTopIn: 18,
        new: { ...FIT_EMPTY.stack.new, heightIn: 48 },
      }),
      packaged: stored('packaged', FIT_EMPTY.packaged),
    };
    const input = sampleScope({
      known: { ...sampleScope().known, liquidOdIn: '0.25', lineLengthFt: 40, breakerA: 60, conductors: 4 },
      signs: signsOf(fits),
    });
    const items = decideItems(scopeItems(input), []);
    const list = getList({ items, outdoor: input.outdoor, indoor: undefined, fits, known: input.known });
    const what = (id: string) => list.find((l) => l.id === id);
    expect(what('new-outdoor')!.what).toBe('Ostrel OHP-36T');
    expect(english(what('line-set-new')!.what)).toBe('line set, 3/8 in × 7/8 in, 44 ft');
    expect(english(what('breaker')!.what)).toBe('breaker, 18.8 to 30 A');
    expect(english(what('conductors')!.what)).toMatch(/18\/8/);
    expect(told(what('stack-plenum'))).toEqual({
      id: 'stack-plenum',
      how: 'make',
      what: 'transition at the plenum, 16 × 18 to 20 × 20 in, 12 in high',
    });
    expect(what('crossover')).toMatchObject({ how: 'make' });
    expect(what('soft-start')).toBeUndefined();
  });
  it('a drier that ships with the unit is not bought again, nor anything taken out', () => {
    const input = sampleScope({}, { driers: 'shipped' });
    const items = decideItems(scopeItems(input), [
      { itemId: 'whip', decision: 'out', reason: 'new', by: 'T', role: 'lead', at: '' },
    ]);
    const ids = getList({ items, outdoor: input.outdoor, indoor: undefined, fits: {}, known: input.known }).map(
      (l) => l.id,
    );
    expect(ids).not.toContain('liquid-drier');
    expect(ids).not.toContain('whip');
  });
});
