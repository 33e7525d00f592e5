import { expect, it } from 'vitest';
import { readKept } from './use-kept';

function shelf(entries: Record<string, string>) {
  const all = new Map(Object.entries(entries));
  return {
    all,
    getItem: (k: string) => all.get(k) ?? null,
    setItem: (k: string, v: string) => void all.set(k, v),
    removeItem: (k: string) => void all.delete(k),
    key: (i: number) => [...all.keys()][i] ?? null,
    get length() {
      return all.size;
    },
  };
}

it('half-typed text is read back, broken text is nothing', () => {
  const s = shelf({ 'mb-kept-a': '{"text":"104"}', 'mb-kept-b': '{broken' });
  expect(readKept('a', s)).toEqual({ text: '104' });
  expect(readKept('b', s)).toBeUndefined();
  expect(readKept('c', s)).toBeUndefined();
});
