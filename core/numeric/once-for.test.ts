import { expect, test } from 'vitest';
import { onceFor } from './once-for';

const setup = () => {
  const asked: string[] = [];
  const sum = onceFor(
    (of: { a: { n: number }; b: { n: number }; c: string }) => [of.a, of.b],
    ({ a, b, c }) => {
      asked.push(c);
      return { sum: a.n + b.n };
    },
  );
  return { asked, sum };
};
const frozen = (n: number) => Object.freeze({ n });

test('the same frozen parts are worked out once, whatever else came with them', () => {
  const { asked, sum } = setup();
  const [a, b] = [frozen(1), frozen(2)];
  const first = sum({ a, b, c: 'first' });
  expect(first).toEqual({ sum: 3 });
  expect(sum({ a, b, c: 'again' })).toBe(first);
  expect(asked).toEqual(['first']);
});

test('another part is another answer, and the one before is worked out again', () => {
  const { asked, sum } = setup();
  const [a, b] = [frozen(1), frozen(2)];
  sum({ a, b, c: 'first' });
  expect(sum({ a, b: frozen(5), c: 'other b' })).toEqual({ sum: 6 });
  expect(sum({ a: frozen(7), b, c: 'other a' })).toEqual({ sum: 9 });
  expect(sum({ a, b, c: 'back' })).toEqual({ sum: 3 });
  expect(asked).toEqual(['first', 'other b', 'other a', 'back']);
});

test('a part that can still change is never remembered by', () => {
  const { asked, sum } = setup();
  const a = { n: 1 };
  const b = frozen(2);
  expect(sum({ a, b, c: 'first' })).toEqual({ sum: 3 });
  a.n = 10;
  expect(sum({ a, b, c: 'again' })).toEqual({ sum: 12 });
  expect(sum({ a: frozen(1), b: { n: 4 }, c: 'second part' })).toEqual({ sum: 5 });
  expect(asked).toEqual(['first', 'again', 'second part']);
});
