import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';

/** Checks that imports run downward only (docs/architecture.md) and that no two files import each other in a circle. */
const ALLOWED: Record<string, readonly string[]> = {
  core: ['core'],
  contract: ['contract', 'core'],
  web: ['web', 'contract', 'core'],
  server: ['server', 'contract', 'core'],
  demo: ['demo', 'server', 'contract', 'core'],
  e2e: ['e2e', 'scripts', 'core'],
  scripts: ['scripts', 'core', 'contract', 'e2e'],
};
/** The program's entry puts the demo and the server together; nothing else may. */
const EXCEPTIONS = new Set(['scripts/mutation/vitest.config.ts → vitest.config.ts', 'server/main.ts → demo']);
const CORE_PACKAGES = new Set(['zod', 'psychrolib']);
/** Floors of core: a folder may use only floors below its own. */
const FLOORS: Record<string, number> = {
  units: 0,
  numeric: 0,
  words: 0,
  finding: 0,
  refrigerant: 1,
  air: 1,
  circuit: 2,
  equipment: 3,
  furnace: 3,
  startup: 3,
  plant: 3,
  fit: 3,
  sizing: 3,
  scope: 4,
  job: 5,
};

const IMPORT = /(?:^|\n)\s*(?:import|export)\s(?:[^'";]*?\sfrom\s)?['"]([^'"]+)['"]|import\(\s*['"]([^'"]+)['"]\s*\)/g;

export type Source = { file: string; text: string };

export function importsOf({ file, text }: Source, files: ReadonlySet<string>): { target: string; inside: boolean }[] {
  return [...text.matchAll(IMPORT)].map((m) => {
    const name = (m[1] ?? m[2])!;
    if (name.startsWith('.') || name.startsWith('@/')) {
      const base = name.startsWith('@/') ? name.slice(2) : path.posix.join(path.posix.dirname(file), name);
      const found = [base, `${base}.ts`, `${base}.tsx`, `${base}/index.ts`].find((f) => files.has(f));
      return { target: found ?? base, inside: true };
    }
    return { target: name, inside: false };
  });
}

export function violations(sources: readonly Source[]): string[] {
  const files = new Set(sources.map((s) => s.file));
  const out: string[] = [];
  const graph = new Map<string, string[]>();
  for (const source of sources) {
    const layer = source.file.split('/')[0]!;
    const allowed = ALLOWED[layer];
    const test = /\.test\.tsx?$/.test(source.file) || source.file.includes('/testing/');
    const inner: string[] = [];
    for (const { target, inside } of importsOf(source, files)) {
      if (!inside) {
        const pack = target.startsWith('node:')
          ? target
          : target
              .split('/')
              .slice(0, target.startsWith('@') ? 2 : 1)
              .join('/');
        if (layer === 'core' && !test && !CORE_PACKAGES.has(pack))
          out.push(`${source.file}: core may not import ${target}`);
        continue;
      }
      if (files.has(target)) inner.push(target);
      const to = target.split('/')[0]!;
      if (!allowed || EXCEPTIONS.has(`${source.file} → ${to}`)) continue;
      // Tests may read the demo's invented jobs as sample data, start a database with the launcher's own script, and speak.
      if (test && (to === 'demo' || to === 'scripts' || to === 'contract')) continue;
      if (!allowed.includes(to)) out.push(`${source.file}: ${layer} may not import ${to} (${target})`);
      const from = source.file.split('/');
      const into = target.split('/');
      if (layer === 'core' && to === 'core' && from.length > 2 && into.length > 2 && !test) {
        const mine = FLOORS[from[1]!];
        const theirs = FLOORS[into[1]!];
        if (mine === undefined) out.push(`${source.file}: core/${from[1]} has no floor in scripts/boundaries.ts`);
        else if (theirs !== undefined && theirs > mine)
          out.push(`${source.file}: core/${from[1]} may not look up to core/${into[1]}`);
      }
    }
    graph.set(source.file, inner);
  }
  for (const circle of circles(graph)) out.push(`circular: ${circle.join(' → ')}`);
  return out;
}

function circles(graph: ReadonlyMap<string, string[]>): string[][] {
  const state = new Map<string, 'open' | 'done'>();
  const found: string[][] = [];
  const walk = (file: string, trail: string[]): void => {
    if (state.get(file) === 'done') return;
    if (state.get(file) === 'open') {
      found.push([...trail.slice(trail.indexOf(file)), file]);
      return;
    }
    state.set(file, 'open');
    for (const next of graph.get(file) ?? []) walk(next, [...trail, file]);
    state.set(file, 'done');
  };
  for (const file of graph.keys()) walk(file, []);
  return found;
}

if (process.argv[1]?.endsWith('boundaries.ts')) {
  const listed = spawnSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', '*.ts', '*.tsx'], {
    encoding: 'utf8',
  })
    .stdout.trim()
    .split('\n');
  const sources = listed
    .filter((f) => !f.endsWith('.d.ts'))
    .flatMap((file) => {
      try {
        return [{ file, text: readFileSync(file, 'utf8') }];
      } catch {
        return [];
      }
    });
  const found = violations(sources);
  for (const line of found) process.stderr.write(`${line}\n`);
  process.stdout.write(
    found.length ? `${found.length} boundary violations\n` : `Boundaries hold over ${sources.length} files\n`,
  );
  process.exit(found.length ? 1 : 0);
}
