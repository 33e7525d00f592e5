import { describe, expect, it } from 'vitest';
import { fitsModel } from './fits-model';

describe('an accessory fits a cabinet by its maker’s list', () => {
  it.each([
    ['AH-36, AH-48', 'AH-48', true],
    ['AH-36; AH-48', 'ah-36', true],
    ['AH-36, AH-48', 'AH-60', false],
    ['AH-3*', 'AH-36B', true],
    ['AH-3*', 'XAH-36B', false],
    ['AH.36', 'AHX36', false],
    ['AH-(36)', 'AH-(36)', true],
    [' AH-36 ', ' AH-36 ', true],
  ])('%s holds %s: %s', (fits, model, said) => expect(fitsModel(fits, model)).toBe(said));

  it('says nothing where no list was typed', () => {
    expect(fitsModel(null, 'AH-36')).toBeUndefined();
    expect(fitsModel(undefined, 'AH-36')).toBeUndefined();
    expect(fitsModel(' , ;', 'AH-36')).toBeUndefined();
  });
});
