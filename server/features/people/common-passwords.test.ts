import { describe, expect, it } from 'vitest';
import { isUsual } from './common-passwords';

describe('passwords that are tried first', () => {
  // Common practice: they stand in every published list of stolen passwords.
  it.each(['1qaz2wsx3edc', 'Liverpool1', 'sunshine2024!', '!!elephant99', 'BASKETBALL', '123qweasdzxc'])(
    '%s is one',
    async (password) => expect(await isUsual(password)).toBe(true),
  );
  it.each([
    'a long test password',
    'demo-mill-bridge',
    'torch braze nitrogen',
    'liverpoolsunshine',
    'k7#dQ-ww01-pp',
    'sunshine-20240611',
  ])('%s is none', async (password) => expect(await isUsual(password)).toBe(false));
});
