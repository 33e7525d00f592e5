import { readFileSync } from 'node:fs';
import path from 'node:path';
import { defineConfig, type TestProjectInlineConfiguration } from 'vitest/config';
import plain from '../../vitest.config';
import { type Mutant, switched } from './mutants';

/** The product's own test projects, with a switch at every mutant named in MUTANTS. */
const mutants = JSON.parse(readFileSync(process.env.MUTANTS!, 'utf8')) as Mutant[];
const plugin = {
  name: 'mutants',
  enforce: 'pre' as const,
  transform(code: string, id: string) {
    const own = mutants.filter((m) => path.resolve(m.file) === id.split('?')[0]);
    return own.length ? { code: switched(code, own), map: null } : undefined;
  },
};

export default defineConfig({
  test: {
    projects: (plain.test!.projects as TestProjectInlineConfiguration[]).map((p) => ({
      ...p,
      plugins: [plugin],
      root: process.cwd(),
      // Which tests reach a mutant is told file by file.
      test: { ...p.test, isolate: true, setupFiles: [path.resolve('scripts/mutation/setup.ts')] },
    })),
  },
});
