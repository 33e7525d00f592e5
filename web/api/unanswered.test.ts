import { describe, expect, it } from 'vitest';
import { openUnanswered } from './unanswered';

function shelf() {
  const kept = new Map<string, string>();
  return {
    kept,
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => void kept.set(k, v),
    removeItem: (k: string) => void kept.delete(k),
  };
}
const tap = (n: number, ounces = 8) => ({
  entries: [{ id: `id-${n}`, occurredAt: `2026-01-01T00:0${n}:00Z`, kind: 'weighed', body: { ounces } }],
});
const PATH = '/jobs/j1/entries';

describe('a write whose answer was lost', () => {
  it('goes out again as the first time, id and time too, however often it is tapped and after a reload', () => {
    const storage = shelf();
    const first = openUnanswered(storage);
    const sent = first.bodyFor('POST', PATH, tap(1));
    expect(JSON.parse(sent)).toEqual(tap(1));
    expect(first.bodyFor('POST', PATH, tap(2))).toBe(sent);
    expect(openUnanswered(storage).bodyFor('POST', PATH, tap(3))).toBe(sent);
  });
  it('is a new one after an answer, with other content, at another place', () => {
    const all = openUnanswered(shelf());
    all.bodyFor('POST', PATH, tap(1));
    expect(JSON.parse(all.bodyFor('POST', PATH, tap(2, 9)))).toEqual(tap(2, 9));
    expect(JSON.parse(all.bodyFor('POST', '/jobs/j2/entries', tap(4)))).toEqual(tap(4));
    all.answered('POST', PATH, tap(5));
    expect(JSON.parse(all.bodyFor('POST', PATH, tap(6)))).toEqual(tap(6));
  });
  it('counts as answered when something read shows its id, so that the same figure twice stays possible', () => {
    const all = openUnanswered(shelf());
    all.bodyFor('POST', PATH, tap(1));
    all.seen('{"entries":[{"id":"id-7"}]}');
    expect(JSON.parse(all.bodyFor('POST', PATH, tap(2)))).toEqual(tap(1));
    all.seen('{"entries":[{"id":"id-1"}]}');
    expect(JSON.parse(all.bodyFor('POST', PATH, tap(2)))).toEqual(tap(2));
  });
  it('is forgotten after a day and at sign-out; a full or broken store costs nothing but the memory', () => {
    let now = 0;
    const storage = shelf();
    const all = openUnanswered(storage, () => now);
    all.bodyFor('POST', PATH, tap(1));
    now = 25 * 3_600_000;
    expect(JSON.parse(all.bodyFor('POST', PATH, tap(2)))).toEqual(tap(2));
    all.forget();
    expect(storage.kept.size).toBe(0);
    const broken = {
      getItem: () => 'not json',
      setItem: () => {
        throw new Error('full');
      },
      removeItem: () => undefined,
    };
    const other = openUnanswered(broken);
    const sent = other.bodyFor('POST', PATH, tap(1));
    expect(other.bodyFor('POST', PATH, tap(2))).toBe(sent);
  });
});
