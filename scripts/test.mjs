import './node-check.mjs';
import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { installDebian, installIfEasy, installPackages } from './install.mjs';

/** npm test: installs, type-check, lint with boundaries, dead code, build, unit and server tests, browser tests; then one closing line. */
process.chdir(path.resolve(import.meta.dirname, '..'));
const began = Date.now();
const say = (line) => process.stdout.write(`${line}\n`);
let passed = 0;
let failed = 0;

await installDebian(['database', 'browser', 'proxy']);
installIfEasy(['faster']);
installPackages();
mkdirSync('test-results', { recursive: true });

function step(name, command, args, env = {}) {
  const at = Date.now();
  say(`\n== ${name}`);
  const run = spawnSync(command, args, {
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, DATABASE_URL: '', FORCE_COLOR: '0', NO_COLOR: '1', ...env },
  });
  say(`== ${name}: ${run.status === 0 ? 'ok' : 'FAILED'}, ${((Date.now() - at) / 1000).toFixed(1)} s`);
  return run.status === 0;
}

/** A step that is one check. */
function check(name, command, args) {
  if (step(name, command, args)) passed += 1;
  else failed += 1;
}

/** A step that counts its own tests in a JSON report; a crash without a report is one failure. */
function counted(name, command, args, report, read, env) {
  rmSync(report, { force: true });
  const good = step(name, command, args, env);
  let counts;
  try {
    counts = read(JSON.parse(readFileSync(report, 'utf8')));
  } catch {
    counts = { passed: 0, failed: 1 };
  }
  passed += counts.passed;
  failed += counts.failed;
  if (!good && counts.failed === 0) failed += 1;
}

const bin = (name) => `node_modules/.bin/${name}`;
const vitest = (r) => ({
  passed: r.numPassedTests,
  failed: r.numFailedTests + (r.numFailedTestSuites > 0 && r.numFailedTests === 0 ? 1 : 0),
});

check('types', bin('tsc'), ['-p', '.']);
check('lint', bin('biome'), ['ci', '--colors=off', '.']);
check('nothing unused', bin('knip'), ['--no-progress']);
check('docs/sources.md is current', bin('tsx'), ['scripts/sources.ts', '--check']);
// Before the tests: some of the server's start the built server as a company would.
check('build', 'npm', ['run', '--silent', 'build']);
for (const project of ['unit', 'server']) {
  const report = `test-results/${project}.json`;
  counted(
    project,
    bin('vitest'),
    ['run', '--project', project, '--reporter=dot', '--reporter=json', `--outputFile=${report}`],
    report,
    vitest,
  );
}
check('size of the first page', 'node', ['scripts/size.mjs']);
counted('browser', bin('playwright'), ['test'], 'test-results/browser.json', (r) => ({
  passed: r.stats.expected + r.stats.flaky,
  failed: r.stats.unexpected,
}));

say(`\n${((Date.now() - began) / 1000).toFixed(0)} s in all`);
say(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
