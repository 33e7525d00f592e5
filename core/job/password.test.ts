import { describe, expect, it } from 'vitest';
import { passwordSchema } from './password';
import { hasRunOut } from './person-form';

describe('a password', () => {
  it.each([
    ['nine char', false],
    ['ten chars!', true],
    ['1234567890', false],
    ['Password12', false],
    ['password1234', false],
    ['a password nobody guesses', true],
    ['aaaaaaaaaaaa', false],
    ['mill-bridge!', false],
    ['the mill bridge over the river', true],
    ['x'.repeat(201), false],
  ])('%s: %s', (password, allowed) => {
    expect(passwordSchema.safeParse(password).success).toBe(allowed);
  });
});

describe('a certification', () => {
  it('counts through its last day and not after it; without a day it does not end', () => {
    expect(hasRunOut('2026-06-01', '2026-06-01')).toBe(false);
    expect(hasRunOut('2026-06-01', '2026-06-02')).toBe(true);
    expect(hasRunOut(null, '2100-01-01')).toBe(false);
  });
});
