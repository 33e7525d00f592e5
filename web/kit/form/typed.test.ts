import fc from 'fast-check';
import { expect, it } from 'vitest';
import { money, moneyChange } from '@/core/units/money';
import { PSI_PER_INHG } from '@/core/units/units';
import { ozFromText, weightText, weightTrouble } from '@/web/kit/weight-text';
import { readTyped, typedOf, VACUUM } from './typed';

const weight = { shown: { kind: 'weight' } } as const;
const pressure = { shown: { kind: 'pressure' } } as const;

it('a weight is typed as pounds and ounces, or ounces alone, and comes back as it was', () => {
  expect(ozFromText({ lb: '28', oz: '4' })).toBe(452);
  expect(ozFromText({ lb: '', oz: '452' })).toBe(452);
  expect(ozFromText({ lb: '2', oz: '' })).toBe(32);
  expect(ozFromText({ lb: '', oz: '' })).toBeUndefined();
  expect(ozFromText({ lb: 'two', oz: '' })).toBeUndefined();
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 600_000 }), (hundredths) => {
      expect(ozFromText(weightText(hundredths / 100))).toBeCloseTo(hundredths / 100, 6);
    }),
  );
});
it('a weight that cannot be used says which range', () => {
  expect(weightTrouble({ lb: '', oz: '' }, 1, 900)?.message).toBe('Missing.');
  expect(weightTrouble({ lb: '1', oz: 'x' }, 1, 900)?.message).toContain('not a weight');
  expect(weightTrouble({ lb: '', oz: '0.5' }, 1, 900)).toEqual({ message: 'Too light.', allowed: '1 to 900 oz' });
  expect(weightTrouble({ lb: '60', oz: '' }, 1, 900)?.message).toBe('Too heavy.');
  expect(weightTrouble({ lb: '56', oz: '4' }, 1, 900)).toBeUndefined();
});
it('vacuum is typed in inHg without a minus; 15 inHg is 7.37 psi below (NIST conversion)', () => {
  expect(readTyped(pressure, { text: '15', more: VACUUM }).value).toBeCloseTo(-7.367, 3);
  expect(readTyped(pressure, { text: '-15', more: VACUUM }).value).toBeCloseTo(-15 * PSI_PER_INHG, 9);
  expect(readTyped(pressure, { text: '118' }).value).toBe(118);
  expect(readTyped(pressure, { text: '118 psi' }).trouble).toContain('leave the unit out');
  expect(readTyped(pressure, { text: ' ' })).toEqual({});
  expect(typedOf(pressure, -10 * PSI_PER_INHG)).toEqual({ text: '10', more: VACUUM });
  expect(typedOf(pressure, 118)).toEqual({ text: '118' });
});
it('an empty field says nothing, and a weight field holds both boxes', () => {
  expect(readTyped(weight, { text: '', more: '' })).toEqual({});
  expect(readTyped(weight, { text: '4', more: '28' })).toEqual({ value: 452 });
  expect(readTyped(weight, { text: 'x', more: '28' }).trouble).toContain('28 x');
  expect(typedOf(weight, 452)).toEqual({ text: '4', more: '28' });
  expect(typedOf(weight, null)).toEqual({ text: '' });
});
it('money carries its currency and a difference its sign', () => {
  expect(money(2550.4)).toBe('$2,550');
  expect(money(-12)).toBe('−$12');
  expect(moneyChange(414)).toBe('+$414');
  expect(moneyChange(-30)).toBe('−$30');
});
