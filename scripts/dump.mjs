import { spawn, spawnSync } from 'node:child_process';
import { createReadStream, createWriteStream, renameSync, rmSync } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';

/** A schema as one compressed file and back, by MariaDB's own tools. Node built-ins and the shell only. */

export class DumpTrouble extends Error {}

/** Where a tool of MariaDB stands; what to do where it does not. */
export function tool(name) {
  const found = spawnSync('sh', ['-c', `command -v ${name}`], { encoding: 'utf8' }).stdout.trim();
  if (!found)
    throw new DumpTrouble(
      `${name} is not installed.\nInstall it with:  apt-get install -y --no-install-recommends mariadb-client`,
    );
  return found;
}

function reach(uri) {
  const { hostname, port, username, password, pathname } = new URL(uri);
  return {
    args: ['--no-defaults', `--host=${hostname}`, `--port=${port || 3306}`, `--user=${decodeURIComponent(username)}`],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    schema: pathname.slice(1),
  };
}

const ended = (child, what) => {
  let said = '';
  child.stderr.on('data', (part) => {
    said += part;
  });
  return new Promise((done, fail) => {
    child.on('error', fail);
    child.on('close', (code) =>
      code === 0 ? done() : fail(new DumpTrouble(`${what} failed (${code}).\n${said.trim()}`)),
    );
  });
};

/**
 * Writes a schema as it stands at one moment, while the application goes on writing. Who is signed in is left out: a restored
 * installation asks everybody to sign in again. A file that is not whole never has its final name.
 */
export async function dump(uri, file) {
  const { args, env, schema } = reach(uri);
  const part = `${file}.part`;
  const child = spawn(
    tool('mariadb-dump'),
    [
      ...args,
      '--single-transaction',
      '--quick',
      '--hex-blob',
      '--triggers',
      '--skip-comments',
      '--default-character-set=utf8mb4',
      `--ignore-table-data=${schema}.sessions`,
      schema,
    ],
    { env, stdio: ['ignore', 'pipe', 'pipe'] },
  );
  try {
    await Promise.all([
      pipeline(child.stdout, createGzip({ level: 6 }), createWriteStream(part, { mode: 0o600 })),
      ended(child, 'mariadb-dump'),
    ]);
    renameSync(part, file);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  }
}

/** Reads such a file into a schema. */
export async function load(uri, file) {
  const { args, env, schema } = reach(uri);
  const child = spawn(tool('mariadb'), [...args, '--default-character-set=utf8mb4', schema], {
    env,
    stdio: ['pipe', 'ignore', 'pipe'],
  });
  const end = ended(child, 'mariadb');
  await Promise.all([
    pipeline(createReadStream(file), createGunzip(), child.stdin).catch((error) => {
      throw new DumpTrouble(`${file} is no backup of Mill Bridge: ${error.message}`);
    }),
    end,
  ]);
}
