import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { ownItemId, ownLineSchema } from './own-line';
import { decideItems, scopeDelta, scopeItems, totalOf } from './scope';
import { sampleScope } from './testing/sample-scope';

const LINE = {
  id: 'a',
  say: 'Cut back the hedge',
  hours: 1.5,
  materials: 40,
  by: 'Tess Orlan',
  at: '2026-06-01T12:00:00Z',
};
const with_ = (lines = [LINE]) => scopeItems(sampleScope({ lines }));
const own = (decisions: Parameters<typeof decideItems>[1] = []) =>
  decideItems(with_(), decisions).find((i) => i.id === ownItemId('a'))!;

describe('work that no rule knows', () => {
  it('is in, in its own words, until somebody takes it out', () => {
    expect(own()).toMatchObject({ standing: 'in', own: true, hours: 1.5, materials: 40 });
    expect(english(own().say)).toBe('Cut back the hedge');
    expect(english(own().reason)).toContain('Tess Orlan');
    const out = { itemId: ownItemId('a'), decision: 'out' as const, reason: 'mistyped', by: 'T', role: 'lead', at: '' };
    expect(own([out]).standing).toBe('out');
    expect(own([out, { ...out, decision: 'in' }]).standing).toBe('in');
  });
  it('counts in hours and money, and on the day it is a change that the customer answers', () => {
    const total = (items: ReturnType<typeof with_>) => totalOf(decideItems(items, []), 100);
    expect(total(with_()).hours - total(with_([])).hours).toBeCloseTo(1.5, 9);
    expect(total(with_()).price - total(with_([])).price).toBeCloseTo(190, 9);
    const delta = scopeDelta(with_([]), with_(), 100);
    expect(delta.added.map((i) => i.id)).toEqual([ownItemId('a')]);
    expect([delta.hours, delta.price]).toEqual([1.5, 190]);
  });
  it.each([
    [{ say: 'ab' }, 'say'],
    [{ say: 'x'.repeat(201) }, 'say'],
    [{ hours: -1 }, 'hours'],
    [{ hours: 201 }, 'hours'],
    [{ materials: 100_001 }, 'materials'],
  ])('%o is refused at its field', (change, field) => {
    const { id: _i, by: _b, at: _a, ...typed } = LINE;
    expect(ownLineSchema.safeParse(typed).success).toBe(true);
    const outcome = ownLineSchema.safeParse({ ...typed, ...change });
    expect(outcome.error?.issues.map((i) => i.path[0])).toEqual([field]);
  });
});
