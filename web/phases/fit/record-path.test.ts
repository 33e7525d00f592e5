import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FIT_EMPTY, FIT_KINDS, FIT_SCHEMAS, figurePaths } from '@/core/fit/sheets';
import { inkOf } from '@/web/kit/ink';
import { FIT_FIELDS, FIT_LISTS } from './fields/all-fields';
import { STAGE_STARTS } from './fields/route';
import { valueAt, withValue } from './record-path';

describe('a value at a path', () => {
  it('is put without touching the record it came from, and read back', () => {
    for (const kind of FIT_KINDS) {
      for (const path of figurePaths(kind, FIT_EMPTY[kind])) {
        const before = JSON.stringify(FIT_EMPTY[kind]);
        expect(valueAt(withValue(FIT_EMPTY[kind], path, 41), path)).toBe(41);
        expect(JSON.stringify(FIT_EMPTY[kind])).toBe(before);
      }
    }
    expect(valueAt({ a: null }, 'a.b')).toBeUndefined();
  });
});

describe('the fields of every fit sheet', () => {
  it.each(FIT_KINDS)('%s: each field names something the sheet has, each part and row starts valid', (kind) => {
    let record: unknown = FIT_EMPTY[kind];
    for (const section of FIT_FIELDS[kind]) if (section.when) record = withValue(record, section.when, section.start);
    expect(FIT_SCHEMAS[kind].safeParse(record).success).toBe(true);
    for (const section of FIT_FIELDS[kind])
      for (const f of section.fields) expect(valueAt(record, f.path), `${kind} ${f.path}`).not.toBeUndefined();
    for (const list of FIT_LISTS[kind] ?? []) {
      const withRow = withValue(record, list.path, [list.start('n1')]);
      expect(FIT_SCHEMAS[kind].safeParse(withRow).success, list.path).toBe(true);
      for (const f of list.fields) expect(valueAt(withRow, `${list.path}.0.${f.path}`)).not.toBeUndefined();
    }
  });
  it('every figure that can be assumed can be typed somewhere', () => {
    for (const kind of FIT_KINDS) {
      const typed = new Set(FIT_FIELDS[kind].flatMap((s) => s.fields.map((f) => f.path)));
      const missing = figurePaths(kind, FIT_EMPTY[kind]).filter((p) => !typed.has(p));
      expect(missing, kind).toEqual([]);
    }
  });
  it('stages of the way in start valid', () => {
    const stages = (Object.keys(STAGE_STARTS) as (keyof typeof STAGE_STARTS)[]).map((k) => STAGE_STARTS[k](k));
    expect(FIT_SCHEMAS.route.safeParse({ ...FIT_EMPTY.route, stages }).success).toBe(true);
  });
});

describe('the pen’s path', () => {
  const INK = /^(M-?\d{1,3} -?\d{1,3}(L-?\d{1,3} -?\d{1,3})+)+$/;
  it('is moves and lines on a 400 by 140 field, whatever the size it was drawn at', () => {
    const point = fc.record({
      x: fc.double({ min: 0, max: 900, noNaN: true }),
      y: fc.double({ min: 0, max: 300, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(fc.record({ points: fc.array(point, { minLength: 1, maxLength: 9 }) }), {
          minLength: 1,
          maxLength: 5,
        }),
        (strokes) => {
          expect(inkOf(strokes, 900, 300)).toMatch(INK);
        },
      ),
    );
  });
  it('nothing drawn is no signature', () => {
    expect(inkOf([], 400, 140)).toBeNull();
    expect(inkOf([{ points: [] }], 400, 140)).toBeNull();
  });
});
