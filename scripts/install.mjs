import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

const STAMP = 'node_modules/.mill-bridge-lock';

/**
 * Installs the locked packages when node_modules does not match the lock file.
 * `npm install --no-save` rather than `npm ci`: the lock file may omit other systems' optional binaries, which ci refuses.
 */
export function installPackages(quiet = false) {
  const wanted = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  if (!quiet) process.stdout.write('Installing packages from the lock file …\n');
  const run = spawnSync('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'], {
    stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit'],
  });
  if (run.status !== 0) {
    process.stderr.write('npm install failed. Check the network and run the command again.\n');
    process.exit(69);
  }
  writeFileSync(STAMP, wanted);
}

const DEBIAN = {
  database: ['mariadb-server-core', 'mariadb-client-core'],
  browser: ['chromium', 'poppler-utils'],
  backup: ['mariadb-client'],
  proxy: ['haproxy'],
  faster: ['chromium-headless-shell'],
};

function missingPackages(names) {
  return names.filter((name) => {
    // biome-ignore lint/suspicious/noTemplateCurlyInString: dpkg-query's own placeholder
    const asked = spawnSync('dpkg-query', ['-W', '-f=${db:Status-Status}', name], { encoding: 'utf8' });
    return asked.status !== 0 || asked.stdout.trim() !== 'installed';
  });
}

/** Installs Debian packages that are missing; asks before it uses sudo, and says what to do where it cannot. */
export async function installDebian(what) {
  const names = what.flatMap((key) => DEBIAN[key]);
  const missing = missingPackages(names);
  if (missing.length === 0) return;
  const line = `apt-get install -y --no-install-recommends ${missing.join(' ')}`;
  const give = (why) => {
    process.stderr.write(
      `${why}\nInstall them with:  ${line}\n${what.includes('database') ? 'or set DATABASE_URL to use a server you have.\n' : ''}`,
    );
    process.exit(69);
  };
  if (spawnSync('sh', ['-c', 'command -v apt-get']).status !== 0) give(`Missing: ${missing.join(', ')}.`);
  const root = process.getuid?.() === 0;
  let prefix = [];
  if (!root) {
    if (spawnSync('sh', ['-c', 'command -v sudo']).status !== 0)
      give(`Missing: ${missing.join(', ')}, and this user cannot install them.`);
    if (!process.stdin.isTTY) give(`Missing: ${missing.join(', ')}.`);
    const { createInterface } = await import('node:readline/promises');
    const ask = createInterface({ input: process.stdin, output: process.stdout });
    const answer = await ask.question(`Install ${missing.join(', ')} with sudo? [y/N] `);
    ask.close();
    if (!/^y/i.test(answer)) give('Not installed.');
    prefix = ['sudo'];
  }
  if (!aptGets(missing, prefix)) give('apt-get failed.');
}

/** Those that make tests quicker and that nothing needs: taken where nobody has to be asked, gone without elsewhere. */
export function installIfEasy(what) {
  const missing = missingPackages(what.flatMap((key) => DEBIAN[key]));
  if (missing.length > 0 && process.getuid?.() === 0) aptGets(missing, [], 'ignore');
}

function aptGets(names, prefix, errors = 'inherit') {
  process.stdout.write(`Installing from Debian: ${names.join(', ')} …\n`);
  const run = (...args) =>
    spawnSync([...prefix, ...args][0], [...prefix, ...args].slice(1), {
      stdio: ['ignore', 'ignore', errors],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  run('apt-get', 'update', '-qq');
  const install = ['apt-get', 'install', '-y', '--no-install-recommends', ...names];
  return run('env', 'DEBIAN_FRONTEND=noninteractive', ...install).status === 0;
}
