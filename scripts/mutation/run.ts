import { fork } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { Mutant } from './mutants';
import { lineOf, sampleOf } from './sample';

/**
 * npm run mutation [-- seed [share [area,area]]]: seeded changes of logic, one at a time, against the unit and server tests.
 * Prints what lived and closes with one line, `N % of logic mutants killed (k of n, seed s)`.
 */
const seed = Number(process.argv[2] ?? 1);
const share = Number(process.argv[3] ?? 1);
/** A mutant that runs longer than this without an answer hangs, and that is found too. */
const HANG_S = { unit: 150, server: 400 };

const all = sampleOf(seed, share, process.argv[4]?.split(','));
mkdirSync('test-results', { recursive: true });
const killed = new Set<number>();
const lived: (Mutant & { reachedBy: number })[] = [];
for (const project of ['unit', 'server'] as const) {
  const own = all.filter((m) => (project === 'server') === m.file.startsWith('server/'));
  if (own.length === 0) continue;
  const file = path.resolve(`test-results/mutants-${project}.json`);
  writeFileSync(file, JSON.stringify(own));
  rmSync(`${file}.${project}.reached`, { force: true });
  let after = 0;
  while (after < own.at(-1)!.id) after = await runChild(project, file, after, own);
}
for (const m of lived)
  console.log(
    `lived  ${m.file}:${m.line}  ${m.kind}  ${m.reachedBy} tests  | ${lineOf(m).slice(0, 130)} | ${m.to.slice(0, 60)}`,
  );
for (const area of new Set(all.map(areaOf))) {
  const here = all.filter((m) => areaOf(m) === area);
  console.log(`${area.padEnd(18)} ${here.filter((m) => killed.has(m.id)).length} of ${here.length}`);
}
const percent = ((100 * killed.size) / all.length).toFixed(1);
console.log(`${percent} % of logic mutants killed (${killed.size} of ${all.length}, seed ${seed})`);

function areaOf(m: Mutant): string {
  return m.file.split('/').slice(0, 2).join('/');
}

/** Goes on from one mutant until the end, a hang or a crash; answers the last mutant that is settled. */
function runChild(project: 'unit' | 'server', file: string, after: number, own: Mutant[]): Promise<number> {
  return new Promise((resolve, reject) => {
    const child = fork('scripts/mutation/child.ts', [project, file, String(after)], {
      execArgv: ['--import', 'tsx'],
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
      detached: true,
      env: {
        ...process.env,
        DATABASE_URL: '',
        NO_COLOR: '1',
        MUTANTS: file,
        VITE_CONFIG_NATIVE_IGNORE_WARNING: 'true',
      },
    });
    let trying = 0;
    let settled = after;
    let watch: NodeJS.Timeout | undefined;
    const hang = (): void => {
      clearTimeout(watch);
      if (trying) watch = setTimeout(() => process.kill(-child.pid!, 'SIGKILL'), HANG_S[project] * 1000);
    };
    child.on(
      'message',
      (m: { clean?: boolean; trying?: number; done?: number; lived?: boolean; reachedBy?: number }) => {
        if (m.clean === false) reject(new Error('The tests fail without any mutant.'));
        if (m.trying) trying = m.trying;
        if (m.done) {
          settled = m.done;
          const mutant = own.find((x) => x.id === m.done)!;
          if (m.lived) lived.push({ ...mutant, reachedBy: m.reachedBy ?? 0 });
          else killed.add(m.done);
          if (m.lived) process.stderr.write(`lived ${mutant.file}:${mutant.line} ${mutant.kind}\n`);
        }
        hang();
      },
    );
    child.on('exit', () => {
      clearTimeout(watch);
      try {
        process.kill(-child.pid!, 'SIGKILL');
      } catch {
        // The whole group is gone already.
      }
      if (trying > settled) {
        killed.add(trying);
        settled = trying;
      }
      const next = own.find((m) => m.id > settled);
      resolve(next ? settled : own.at(-1)!.id);
    });
  });
}
