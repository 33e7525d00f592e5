import { type ChildProcess, spawn } from 'node:child_process';
import { expect, it } from 'vitest';
import { endProcess, isOurs, supervise } from './supervise.mjs';

const child = (code: string) => (): ChildProcess => spawn(process.execPath, ['-e', code], { stdio: 'ignore' });
const STAYS = 'setInterval(() => {}, 1000)';
const until = async (what: () => boolean): Promise<void> => {
  for (let i = 0; i < 400 && !what(); i++) await new Promise((r) => setTimeout(r, 25));
  expect(what()).toBe(true);
};
const alive = (pid: number): boolean => {
  try {
    return process.kill(pid, 0);
  } catch {
    return false;
  }
};

it('a server that was killed is started again, and it is said how it ended', async () => {
  const pids: number[] = [];
  const said: string[] = [];
  const one = supervise({
    start: child(STAYS),
    started: (c) => pids.push(c.pid!),
    say: (line) => said.push(line),
    waitMs: 20,
  });
  for (const signal of ['SIGKILL', 'SIGSEGV'] as const) {
    const n = pids.length;
    process.kill(pids.at(-1)!, signal);
    await until(() => pids.length === n + 1);
  }
  expect(said[0]).toBe('The server ended by SIGKILL; starting it again in 0.0 s.');
  expect(said[1]).toContain('by SIGSEGV');
  await one.stop();
  await until(() => pids.every((pid) => !alive(pid)));
});

it('waits longer each time, gives up after six failures in a row, and at once where another start would not help', async () => {
  const said: string[] = [];
  const broken = supervise({ start: child('process.exit(3)'), say: (line) => said.push(line), waitMs: 10 });
  expect(await broken.gaveUp).toBe(3);
  expect(said.length).toBe(6);
  expect(said.at(-1)).toContain('6 times in a row: giving up');
  const taken = supervise({ start: child('process.exit(69)'), say: (line) => said.push(line), waitMs: 10 });
  expect(await taken.gaveUp).toBe(69);
  expect(said.length).toBe(6);
});

it('stopping while it waits starts nothing more', async () => {
  let starts = 0;
  const one = supervise({
    start: child('process.exit(3)'),
    started: () => {
      starts += 1;
    },
    say: () => undefined,
    waitMs: 300,
  });
  await until(() => starts === 1);
  await new Promise((r) => setTimeout(r, 150));
  await one.stop();
  await new Promise((r) => setTimeout(r, 500));
  expect(starts).toBe(1);
});

it('an orphan is known by its command line and ended; a stranger with its number is not ours', async () => {
  const orphan = child(`${STAYS} // left-over`)();
  await until(() => isOurs(orphan.pid, 'left-over'));
  expect(isOurs(process.pid, 'left-over-of-nobody')).toBe(false);
  expect(isOurs(undefined, 'x')).toBe(false);
  await endProcess(orphan.pid!);
  await until(() => orphan.signalCode !== null);
});
