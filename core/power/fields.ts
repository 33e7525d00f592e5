import { z } from 'zod';
import { allows } from '@/core/finding/allow';
import { num, oneOf } from '@/core/finding/quantity-field';
import { AWG, CABLES, HOTTEST_F, INSULATION_C, MOST_CARRYING } from './conductors';

/** One of a few numbers, said as a list in the refusal. */
export const oneNumber = <const T extends readonly [number, ...number[]]>(...numbers: T) =>
  z.literal(numbers as unknown as T[number][] & [T[number], ...T[number][]]).meta(allows(numbers.join(', ')));

/** Fields that the calculations of conductors share. */
export const awgField = oneNumber(...AWG);
export const phasesField = oneNumber(1, 3);
export const voltsField = num(1, 1000, 'V');
export const lengthField = num(0.1, 5000, 'ft');

/** How a conductor is laid: what its ampacity depends on. */
export const laidFields = {
  insulationC: oneNumber(...INSULATION_C),
  terminationC: oneNumber(60, 75),
  ambientF: num(1, HOTTEST_F, '°F'),
  currentCarrying: num(1, MOST_CARRYING, '').int(),
  cable: oneOf(CABLES),
};
