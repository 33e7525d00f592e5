import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { told } from '@/core/words/testing/english';
import { refusalFromZod } from './outcome';
import { num, oneOf } from './quantity-field';

const schema = z.strictObject({
  name: oneOf(['a', 'b']),
  size: num(0, 5, 'ft').default(1),
  list: z.array(z.strictObject({ depth: num(1, 2, 'in').optional() })).describe('a list'),
});

const refusal = (value: unknown) => {
  const checked = schema.safeParse(value);
  if (checked.success) throw new Error('was allowed');
  return refusalFromZod(schema, checked.error, value);
};

describe('a refusal from a schema', () => {
  it.each([
    [{ list: [] }, 'name', 'name is missing.', 'a, b'],
    [{ name: 'c', list: [] }, 'name', 'name: not one of the allowed values.', 'a, b'],
    [{ name: 'a', size: 9, list: [] }, 'size', 'size: outside the allowed range.', '0 to 5 ft'],
    [{ name: 'a', size: 'x', list: [] }, 'size', 'size: needs a number.', '0 to 5 ft'],
    [{ name: 'a', list: [{ depth: 7 }] }, 'list.0.depth', 'list.0.depth: outside the allowed range.', '1 to 2 in'],
    [{ name: 'a', list: 3 }, 'list', 'list: needs an array.', 'a list'],
    [{ name: 'a', list: [], extra: 1 }, 'extra', 'extra is not a field here.', 'name, size, list'],
    [null, 'input', 'input: needs an object.', expect.any(String)],
  ])('%j', (value, field, message, allowed) => {
    expect(told(refusal(value))).toEqual({ field, message, allowed });
  });
  it('an unknown field deep inside is named, and something is always said to be allowed', () => {
    expect(refusal({ name: 'a', list: [{ width: 1 }] })).toMatchObject({ field: 'width', allowed: 'depth' });
  });
});
