import { existsSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { createVitest, type TestSpecification } from 'vitest/node';
import type { Mutant } from './mutants';

/**
 * Runs one project with the mutants of `file` switched in: first once with none on, which finds the tests that reach each
 * of them, then once a mutant with those tests only. Tells the parent what it learns, a line each.
 */
const [project, file, after] = process.argv.slice(2) as ['unit' | 'server', string, string];
const mutants = JSON.parse(readFileSync(file, 'utf8')) as Mutant[];
const reachedFile = `${file}.${project}.reached`;
const tell = (what: object): void => void process.send!(what);

const vitest = await createVitest('test', {
  config: path.resolve('scripts/mutation/vitest.config.ts'),
  watch: false,
  project,
  reporters: [{}],
});

async function run(specs: TestSpecification[], mutant: number): Promise<boolean> {
  for (const p of vitest.projects) {
    p.provide('mutant', mutant);
    p.provide('reached', reachedFile);
    p.config.bail = mutant === 0 ? 0 : 1;
  }
  const result = await vitest.runTestSpecifications(specs, true);
  return result.testModules.every((m) => m.ok()) && result.unhandledErrors.length === 0;
}

const specs = await vitest.globTestSpecifications();
if (!existsSync(reachedFile)) {
  const clean = await run(specs, 0);
  tell({ clean });
  if (!clean) process.exit(1);
}
const reached = readFileSync(reachedFile, 'utf8')
  .trim()
  .split('\n')
  .map((l) => JSON.parse(l) as { test: string; ids: number[] });
for (const m of mutants) {
  if (m.id <= Number(after)) continue;
  const tests = reached.filter((r) => r.ids.includes(m.id)).map((r) => r.test);
  tell({ trying: m.id });
  const chosen = specs.filter((s) => tests.includes(s.moduleId)).sort((a, b) => near(m, a) - near(m, b));
  let lived = true;
  // Nearest tests first: a mutant that its neighbor kills costs a second.
  for (let i = 0; i < chosen.length && lived; i += i === 0 ? 2 : 8)
    lived = await run(chosen.slice(i, i === 0 ? 2 : i + 8), m.id);
  tell({ done: m.id, lived, reachedBy: tests.length });
}
rmSync(reachedFile, { force: true });
await vitest.close();
process.exit(0);

/** How far a test stands from a mutant's file, in folders. */
function near(m: Mutant, s: TestSpecification): number {
  const a = path.resolve(m.file).split('/');
  const b = s.moduleId.split('/');
  let same = 0;
  while (same < a.length && a[same] === b[same]) same++;
  const named = b.at(-1)!.startsWith(a.at(-1)!.replace(/\.ts$/, '')) ? -1 : 0;
  return a.length - same + (b.length - same) + named;
}
