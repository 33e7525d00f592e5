import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sharing } from './share-parts';

const json = fc.jsonValue({ maxDepth: 4 });
const copy = <T>(of: T): T => structuredClone(of);

describe('what is made of the pieces that were before', () => {
  it('says what is now, whatever was', () => {
    fc.assert(
      fc.property(json, json, (before, now) => {
        const was = JSON.stringify(before);
        expect(sharing(before, copy(now))).toEqual(now);
        expect(JSON.stringify(before)).toBe(was);
      }),
    );
  });
  it('is the one before where nothing changed', () => {
    fc.assert(
      fc.property(
        json.filter((v) => typeof v === 'object' && v !== null),
        (before) => {
          expect(sharing(before, copy(before))).toBe(before);
        },
      ),
    );
  });
  it('keeps every piece beside the one that changed, in frozen ones too', () => {
    const before = { a: { x: [1, 2] }, b: [{ y: 1 }, { y: 2 }], c: 3 };
    const now = sharing(before, { a: { x: [1, 2] }, b: [{ y: 1 }, { y: 5 }], c: 3 });
    expect(now).not.toBe(before);
    expect(now.a).toBe(before.a);
    expect(now.b).not.toBe(before.b);
    expect(now.b[0]).toBe(before.b[0]);
    expect(sharing(before, Object.freeze({ ...copy(before) }))).toBe(before);
  });
  it('a piece that came or went, that is undefined or of a class of its own, is another', () => {
    expect(sharing({ a: 1 }, { a: 1, b: 2 })).toEqual({ a: 1, b: 2 });
    expect(sharing({ a: 1, b: 2 } as object, { a: 1 })).toEqual({ a: 1 });
    const gone = { a: undefined };
    expect(sharing({ b: 1 } as object, gone)).toBe(gone);
    const at = new Date(0);
    expect(sharing({ at: new Date(0) }, { at }).at).toBe(at);
    expect(sharing([1], { 0: 1 })).toEqual({ 0: 1 });
  });
});
