import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { ENGLISH } from '@/core/catalogues';
import { en as serverEn } from '@/server/words/words.en';
import { en as screensEn } from '@/web/words/words.en';

/** Ids that stand in the code; a stored answer's words are found by its value. */
const said = new Set(
  ['core', 'contract', 'server', 'web', 'demo']
    .flatMap((layer) => readdirSync(layer, { recursive: true, encoding: 'utf8' }).map((file) => path.join(layer, file)))
    .filter((file) => /\.tsx?$/.test(file) && !/words\.e[ns]\.ts$|\.test\.tsx?$/.test(file))
    .flatMap((file) => [...readFileSync(file, 'utf8').matchAll(/'([a-z0-9]+\.[\w-]+)'/g)].map((m) => m[1]!)),
);

describe('every sentence of a catalogue', () => {
  it.each([
    ['core', ENGLISH],
    ['the server', serverEn],
    ['the screens', screensEn],
  ])('of %s is said somewhere', (_of, words) => {
    expect(Object.keys(words).filter((id) => !id.startsWith('value.') && !said.has(id))).toEqual([]);
  });
});
