import { appendFileSync } from 'node:fs';
import { afterAll, expect, inject } from 'vitest';

declare module 'vitest' {
  export interface ProvidedContext {
    /** The mutant that is on in this run; 0 in the first run, which only writes down who reaches which. */
    mutant: number;
    reached: string;
  }
}

const on = inject('mutant');
const seen = new Set<number>();
const world = globalThis as { __mutant?: (id: number) => boolean };
world.__mutant =
  on === 0
    ? (id) => {
        seen.add(id);
        return false;
      }
    : (id) => id === on;

if (on === 0)
  afterAll(() => {
    appendFileSync(inject('reached'), `${JSON.stringify({ test: expect.getState().testPath, ids: [...seen] })}\n`);
  });
