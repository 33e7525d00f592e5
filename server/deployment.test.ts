import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort } from '../scripts/database.mjs';
import { SERVER } from '../scripts/server-command.mjs';
import { freshSchema, until } from './testing/harness';

/** The files of docs/deployment.md: units that systemd accepts, their command as it stands, and TLS in front of it. */
const has = (program: string): boolean => spawnSync('sh', ['-c', `command -v ${program}`]).status === 0;
const unit = readFileSync('deploy/mill-bridge.service', 'utf8');
const settingOf = (key: string): string => new RegExp(`^${key}=(.*)$`, 'm').exec(unit)![1]!;

const folder = mkdtempSync(path.join(tmpdir(), 'mb-deploy-'));
const children: ChildProcess[] = [];
let schema: Awaited<ReturnType<typeof freshSchema>>;
beforeAll(async () => {
  schema = await freshSchema();
});
afterAll(async () => {
  for (const child of children) child.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
  await schema.drop();
});

describe('the units', () => {
  const units = readdirSync('deploy').filter((f) => /\.(service|timer)$/.test(f));
  it.skipIf(!has('systemd-analyze'))('pass systemd-analyze verify', () => {
    const beside = path.join(folder, 'units');
    cpSync('deploy', beside, { recursive: true });
    // What Debian's own package brings.
    writeFileSync(path.join(beside, 'mariadb.service'), '[Service]\nExecStart=/bin/true\n');
    const run = spawnSync('systemd-analyze', ['verify', '--man=no', ...units.map((u) => path.join(beside, u))], {
      env: { ...process.env, SYSTEMD_UNIT_PATH: `${beside}:` },
      encoding: 'utf8',
    });
    const ours = run.stderr.split('\n').filter((line) => line.includes('mill-bridge'));
    expect({ status: run.status, ours }).toEqual({ status: 0, ours: [] });
  });
  it('name every file that they start', () => {
    expect(settingOf('ExecStart')).toBe(`/usr/bin/node ${SERVER.join(' ')}`);
    expect(readFileSync('deploy/mill-bridge-backup.service', 'utf8')).toContain('scripts/backup.mjs backup');
  });
});

describe('the command of the unit, behind TLS', () => {
  it.skipIf(!has('openssl') || !has('haproxy'))(
    'serves, says so as JSON, and keeps a browser on TLS',
    async () => {
      const [port, metrics, front] = [await freePort(), await freePort(), await freePort()];
      const environment = Object.fromEntries(
        settingOf('Environment')
          .split(' ')
          .map((pair) => pair.split('=') as [string, string]),
      );
      expect(environment).toMatchObject({
        NODE_ENV: 'production',
        HOST: '127.0.0.1',
        TRUST_PROXY: '1',
        MB_LOG: 'json',
      });
      const [, ...args] = settingOf('ExecStart').split(' ');
      const child = spawn(process.execPath, args, {
        env: {
          ...process.env,
          ...environment,
          PORT: String(port),
          METRICS_PORT: String(metrics),
          DATABASE_URL: schema.uri,
          MB_SESSION_SECRET: 'of the unit',
          ALLOWED_HOSTS: 'jobs.example.com',
        },
        stdio: ['ignore', 'pipe', 'inherit'],
      });
      children.push(child);
      let said = '';
      child.stdout!.on('data', (part) => {
        said += part;
      });
      const pem = path.join(folder, 'own.pem');
      const made = spawnSync('openssl', [
        ...'req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=jobs.example.com'.split(' '),
        ...['-keyout', `${pem}.key`, '-out', `${pem}.crt`],
      ]);
      expect(made.status).toBe(0);
      const certificate = readFileSync(`${pem}.crt`, 'utf8');
      writeFileSync(pem, certificate + readFileSync(`${pem}.key`, 'utf8'));
      const config = readFileSync('deploy/haproxy.cfg', 'utf8').replace(
        /bind "\$\{MB_BIND\}"/,
        `bind 127.0.0.1:${front} ssl crt ${pem}`,
      );
      writeFileSync(path.join(folder, 'haproxy.cfg'), config);
      const proxy = spawn('haproxy', ['-f', path.join(folder, 'haproxy.cfg'), '-db'], {
        env: { ...process.env, MB_ONE: `127.0.0.1:${port}`, MB_TWO: `127.0.0.1:${await freePort()}` },
        stdio: 'ignore',
      });
      children.push(proxy);
      const asked = (where: string) =>
        new Promise<{ status: number; headers: Record<string, unknown> } | undefined>((done) => {
          request(
            {
              host: '127.0.0.1',
              port: front,
              path: where,
              ca: certificate,
              servername: 'jobs.example.com',
              headers: { host: 'jobs.example.com' },
            },
            (reply) => {
              reply.resume();
              done({ status: reply.statusCode!, headers: reply.headers });
            },
          )
            .on('error', () => done(undefined))
            .end();
        });
      const reply = await until(async () => {
        const got = await asked('/api/health/ready');
        return got?.status === 200 ? got : undefined;
      }, 60_000);
      expect(reply.headers['strict-transport-security']).toBe('max-age=31536000');
      expect((await asked('/jobs'))!.headers['content-security-policy']).toContain("default-src 'self'");
      const lines = said
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line) as { msg: string; route?: string });
      expect(lines.some((l) => l.msg.startsWith('Mill Bridge is ready'))).toBe(true);
      await until(async () => said.includes('"msg":"request"'));
      const figures = await (await fetch(`http://127.0.0.1:${metrics}/metrics`)).text();
      expect(figures).toContain('mb_database_ready 1');
    },
    90_000,
  );
});
