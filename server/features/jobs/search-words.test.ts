import { describe, expect, it } from 'vitest';
import { againstOf, likeText, wordsOf } from './search-words';

describe('what is searched for', () => {
  it('words in small letters, six at most', () => {
    expect(wordsOf('  Bakery  FARROW ')).toEqual(['bakery', 'farrow']);
    expect(wordsOf('a b c d e f g')).toHaveLength(6);
    expect(wordsOf(' ')).toEqual([]);
  });
  it('as a part of a text, with nothing that LIKE reads as its own', () => {
    expect(likeText('50%_a\\b')).toBe('%50\\%\\_a\\\\b%');
  });
  it('as beginnings of words; what the index does not hold is left to LIKE', () => {
    expect(againstOf(['bakery', '2146'])).toBe('+bakery* +2146*');
    expect(againstOf(['2026-06-01'])).toBe('+2026*');
    expect(againstOf(['st', 'of', '11'])).toBeUndefined();
    expect(againstOf(['the', 'oak'])).toBe('+oak*');
    expect(againstOf(["o'neil", '+-*"()'])).toBeUndefined();
    expect(againstOf(['quay_side', '100%'])).toBe('+quay_side* +100*');
    expect(againstOf(['peña'])).toBe('+peña*');
  });
});
