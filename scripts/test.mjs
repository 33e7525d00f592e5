import './node-check.mjs';
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { firstPort } from './e2e-ports.mjs';
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

/** Runs it; what it says is told whole once it is over, so that two at once do not talk across each other. */
function step(name, command, args, env = {}, aloud = false) {
  const at = Date.now();
  return new Promise((done) => {
    if (aloud) say(`\n== ${name}`);
    const run = spawn(command, args, {
      stdio: ['ignore', aloud ? 'inherit' : 'pipe', aloud ? 'inherit' : 'pipe'],
      env: { ...process.env, DATABASE_URL: '', FORCE_COLOR: '0', NO_COLOR: '1', ...env },
    });
    let said = '';
    const hear = (part) => {
      said += part;
    };
    for (const out of [run.stdout, run.stderr]) out?.on('data', hear);
    run.once('error', (error) => hear(error.message));
    run.once('close', (code) => {
      if (!aloud) say(`\n== ${name}\n${said.trimEnd()}`);
      say(`== ${name}: ${code === 0 ? 'ok' : 'FAILED'}, ${((Date.now() - at) / 1000).toFixed(1)} s`);
      done(code === 0);
    });
  });
}

/** A step that is one check. */
async function check(name, command, args) {
  if (await step(name, command, args)) passed += 1;
  else failed += 1;
}

/** A step that counts its own tests in a JSON report; a crash without a report is one failure. */
async function counted(name, command, args, report, read, aloud = false) {
  rmSync(report, { force: true });
  const good = await step(name, command, args, {}, aloud);
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

/** Starts it on ports that the browser tests are told; where it does not come up they start their own, and say why not. */
function upForBrowsers() {
  firstPort();
  process.env.MB_E2E_UP = '1';
  // What the walks are served from must not be built anew under them.
  process.env.MB_BUILT = '1';
  const run = spawn(process.execPath, ['scripts/e2e-server.mjs'], { stdio: ['ignore', 'ignore', 'inherit'] });
  const ended = new Promise((done) => run.once('close', done));
  const stop = async () => {
    run.kill('SIGTERM');
    await ended;
  };
  process.once('exit', () => run.kill('SIGTERM'));
  return { stop };
}

const bin = (name) => `node_modules/.bin/${name}`;
const vitest = (r) => ({
  passed: r.numPassedTests,
  failed: r.numFailedTests + (r.numFailedTestSuites > 0 && r.numFailedTests === 0 ? 1 : 0),
});

// Two at a time: each of these is busy with one core for most of its time.
await Promise.all([
  check('types', bin('tsc'), ['-p', '.']),
  (async () => {
    await check('lint', bin('biome'), ['ci', '--colors=off', '.']);
    await check('nothing unused', bin('knip'), ['--no-progress']);
    await check('docs/sources.md is current', bin('tsx'), ['scripts/sources.ts', '--check']);
  })(),
]);
// Before the tests: some of the server's start the built server as a company would.
await check('build', 'npm', ['run', '--silent', 'build']);
// What the browser tests walk through comes up meanwhile: its demo is half a minute of work for one core.
const walked = upForBrowsers();
// At once: a server test waits for runs to go on while a unit test works.
await Promise.all(
  ['unit', 'server'].map((project) => {
    const report = `test-results/${project}.json`;
    const args = ['run', '--project', project, '--reporter=dot', '--reporter=json', `--outputFile=${report}`];
    return counted(project, bin('vitest'), args, report, vitest);
  }),
);
await check('size of the first page', 'node', ['scripts/size.mjs']);
const walks = (r) => ({ passed: r.stats.expected + r.stats.flaky, failed: r.stats.unexpected });
await counted('browser', bin('playwright'), ['test'], 'test-results/browser.json', walks, true);
await walked.stop();

say(`\n${((Date.now() - began) / 1000).toFixed(0)} s in all`);
say(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
