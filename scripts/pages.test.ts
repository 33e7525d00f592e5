import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

/** A page says what stands where; what it knows and does is in hooks and parts beside it. */
const MOST_LINES = 120;

it('every page is short', () => {
  const pages = execFileSync('git', ['ls-files', 'web/*Page.tsx'], { encoding: 'utf8' }).trim().split('\n');
  expect(pages.length).toBeGreaterThan(12);
  const long = pages.filter((f) => readFileSync(f, 'utf8').trimEnd().split('\n').length > MOST_LINES);
  expect(long).toEqual([]);
});
