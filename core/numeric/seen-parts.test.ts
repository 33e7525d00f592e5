import { expect, test } from 'vitest';
import { holdsFor, seeing } from './seen-parts';

const frozen = (n: number) => Object.freeze({ n });
type Sheet = { a: { n: number }; b: { n: number }; c: number };
const aThenB = ({ a, b }: Pick<Sheet, 'a' | 'b'>): number => (a.n > 0 ? a.n : b.n);

test('what was not looked at may be anything', () => {
  const sheet: Sheet = { a: frozen(1), b: frozen(2), c: 3 };
  const seen = seeing(sheet, ({ a }) => a.n * 2);
  expect(seen.made).toBe(2);
  expect(holdsFor(seen, { ...sheet, b: frozen(9), c: 4 })).toBe(true);
  expect(holdsFor(seen, { ...sheet, a: frozen(1) })).toBe(false);
});

test('which way the work went is decided by what it looked at', () => {
  const sheet: Sheet = { a: frozen(0), b: frozen(2), c: 3 };
  const seen = seeing(sheet, (s) => aThenB({ a: s.a, b: s.b }));
  expect(seen.made).toBe(2);
  expect(holdsFor(seen, { ...sheet, b: frozen(5) })).toBe(false);
  const other = seeing({ ...sheet, a: frozen(7) }, (s) => (s.a.n > 0 ? s.a.n : s.b.n));
  expect(holdsFor(other, { a: other.parts.get('a') as Sheet['a'], b: frozen(1), c: 0 })).toBe(true);
});

test('a copy looks at every part; figures are compared as such; what can change never holds', () => {
  const sheet: Sheet = { a: frozen(1), b: frozen(2), c: 3 };
  const copied = seeing(sheet, (s) => ({ ...s }));
  expect([...copied.parts.keys()].sort()).toEqual(['a', 'b', 'c']);
  expect(holdsFor(copied, { ...sheet })).toBe(true);
  expect(holdsFor(copied, { ...sheet, c: 4 })).toBe(false);
  const loose: Sheet = { ...sheet, a: { n: 1 } };
  expect(
    holdsFor(
      seeing(loose, ({ a }) => a.n),
      loose,
    ),
  ).toBe(false);
});
