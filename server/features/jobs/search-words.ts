/** Words shorter than this are not in the full-text index: innodb_ft_min_token_size, MariaDB's default. */
const SHORTEST = 3;
/** Words that InnoDB leaves out of it by default (information_schema.innodb_ft_default_stopword). */
const LEFT_OUT = new Set(
  'a about an are as at be by com de en for from how i in is it la of on or that the this to was what when where who will with und www'.split(
    ' ',
  ),
);
const MOST_WORDS = 6;

/** What is searched for, word by word. */
export const wordsOf = (search: string): string[] =>
  search.toLowerCase().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);

/** A word as a part of a text, for LIKE. */
export const likeText = (word: string): string => `%${word.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;

/**
 * The words as MATCH … AGAINST in boolean mode takes them, each as the beginning of a word; undefined where the index knows
 * none of them: too short, left out, or broken by an apostrophe, which the index may take for a letter.
 */
export function againstOf(words: readonly string[]): string | undefined {
  const parts = words
    .filter((word) => !/['’]/.test(word))
    // The index takes an underscore for a letter.
    .flatMap((word) => word.split(/[^\p{L}\p{N}_]+/u))
    .filter((part) => part.length >= SHORTEST && !LEFT_OUT.has(part));
  return parts.length ? parts.map((part) => `+${part}*`).join(' ') : undefined;
}
