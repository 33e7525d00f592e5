import { spawnSync } from 'node:child_process';
import { copyFileSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

/** One import in one place each, in a tree of its own under the project's own boundaries (biome.boundaries.json). */
const MAY = [
  ['web/a', '@/core/units/units'],
  ['server/a', '@/contract/requests'],
  ['server/main', '@/demo/load-demo'],
  ['core/startup/a', '@/core/circuit/acr-tube'],
  ['core/phases/evacuate/a', '@/core/phases/join/view'],
  ['core/phases/list', '@/core/phases/join/phase'],
  ['core/job/a', '@/core/phases/log/circuit-log'],
  ['core/phases/join/entries', '@/core/circuit/acr-tube'],
  ['core/units/zod', 'zod'],
] as const;
const MAY_NOT = [
  ['core/units/a', '@/web/b'],
  ['web/b', '@/server/b'],
  ['server/b', '@/demo/b'],
  ['contract/a', '@/server/b'],
  ['core/units/b', '@/core/job/sheet'],
  ['core/circuit/recovery/a', '@/core/phases/log/circuit-log'],
  ['core/job/b', '@/core/phases/recover/view'],
  ['core/phases/join/a', '@/core/phases/evacuate/view'],
  ['core/phases/charge/a', '@/core/phases/registry'],
  ['core/phases/charge/entries', '@/core/phases/join/view'],
  ['core/units/c', 'react'],
  ['core/units/d', 'node:fs'],
  ['core/units/e', '../job/sheet'],
] as const;

describe('the boundaries', () => {
  const root = mkdtempSync(path.join(tmpdir(), 'boundaries-'));
  let said = '';
  beforeAll(() => {
    for (const [file, imported] of [...MAY, ...MAY_NOT]) {
      mkdirSync(path.join(root, path.dirname(file)), { recursive: true });
      writeFileSync(path.join(root, `${file}.ts`), `import { x } from '${imported}';\n\nexport const y = x;\n`);
    }
    copyFileSync('biome.boundaries.json', path.join(root, 'biome.json'));
    said = spawnSync(
      path.resolve('node_modules/.bin/biome'),
      ['lint', '--only=style/noRestrictedImports', '--colors=off', '--max-diagnostics=100', '.'],
      { cwd: root, encoding: 'utf8' },
    ).stderr;
  });
  afterAll(() => rmSync(root, { recursive: true }));
  it.each(MAY)('%s may import %s', (file) => expect(said).not.toContain(`${file}.ts`));
  it.each(MAY_NOT)('%s may not import %s', (file) => expect(said).toContain(`${file}.ts`));
});
