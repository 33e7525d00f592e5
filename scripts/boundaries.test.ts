import { describe, expect, it } from 'vitest';
import { violations } from './boundaries';

const check = (...files: [string, string][]): string[] => violations(files.map(([file, text]) => ({ file, text })));

describe('the boundary check', () => {
  it('lets imports run downward', () => {
    expect(
      check(['web/a.ts', "import { b } from '@/core/units/b';"], ['core/units/b.ts', 'export const b = 1;']),
    ).toEqual([]);
  });
  it.each([
    ['core/units/a.ts', "import x from '@/web/b';", /core may not import web/],
    ['web/a.ts', "import x from '@/server/b';", /web may not import server/],
    ['server/x.ts', "import x from '@/demo/b';", /server may not import demo/],
    ['core/units/a.ts', "import x from '@/core/job/b';", /may not look up/],
    ['core/units/a.ts', "import react from 'react';", /core may not import react/],
    ['core/units/a.ts', "import fs from 'node:fs';", /core may not import node:fs/],
  ])('%s with %s is named', (file, text, wanted) => {
    expect(
      check([file, text], ['web/b.ts', ''], ['server/b.ts', ''], ['demo/b.ts', ''], ['core/job/b.ts', '']).join(),
    ).toMatch(wanted);
  });
  it('finds a circle', () => {
    expect(check(['web/a.ts', "import './b';"], ['web/b.ts', "import './a';"]).join()).toMatch(
      /circular: web\/a\.ts → web\/b\.ts → web\/a\.ts/,
    );
  });
});
