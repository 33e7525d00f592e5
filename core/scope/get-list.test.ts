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
  it('says what is not known instead of a size: no length, no plate, no sheet', () => {
    const line = (id: string, change: Partial<Parameters<typeof getList>[0]>) => {
      const input = sampleScope();
      const [item] = decideItems(scopeItems(input), []).filter((i) => i.standing === 'in');
      const items = [{ ...item!, id, standing: 'in' as const }];
      const found = getList({ items, outdoor: input.outdoor, indoor: undefined, fits: {}, known: {}, ...change });
      return english(found.find((l) => l.id === id)?.what);
    };
    expect(line('line-set-new', {})).toBe('line set, 3/8 in × 7/8 in, length not measured');
    // A tenth more than was measured, to the next foot.
    expect(line('line-set-new', { known: { lineLengthFt: 41 } })).toContain('46 ft');
    expect(line('line-set-new', { outdoor: undefined })).toMatch(/by the maker/);
    expect(line('breaker', { outdoor: undefined })).toBe('');
    expect(line('pad', { outdoor: undefined })).toBe('pad or stand');
    expect(line('pad', {})).toMatch(/× .* in/);
    expect(line('crossover', {})).toBe('crossover box');
    expect(line('curb', {})).toBe('adapter curb');
    expect(line('stack-return', {})).toMatch(/return/);
  });
  it('an adapter curb is as tall as its sheet says, and says what 20° would want where that is more', () => {
    const tall = (adapterHeightIn: number) => {
      const input = sampleScope();
      const [item] = decideItems(scopeItems(input), []);
      const curb = stored('curb', { ...FIT_EMPTY.curb, adapterHeightIn });
      const items = [{ ...item!, id: 'curb', standing: 'in' as const }];
      return english(getList({ items, outdoor: undefined, indoor: undefined, fits: { curb }, known: {} })[0]!.what);
    };
    // The steepest side lies 8 in over: 22 in of height are 20°.
    expect(tall(14)).toMatch(/14 in.*22 in/);
    expect(tall(24)).toMatch(/24 in/);
    expect(tall(24)).not.toMatch(/22 in/);
  });
});
