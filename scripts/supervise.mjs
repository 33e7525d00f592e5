import { readFileSync } from 'node:fs';

/** Keeps one child running and ends it when asked; Node built-ins only. */

const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 30_000;
/** A child that ran this long was well: the next wait begins small again. */
const WELL_AFTER_MS = 60_000;
/** So many starts that fail at once are not worth another. */
const MOST_IN_A_ROW = 6;
/** What does not end when asked is made to, ms. */
const ASKED_MS = 8000;
/** Codes with which the server says that another start would not help: its own plain message stands above. */
const FINAL_CODES = new Set([0, 69]);

const pause = (ms) => new Promise((done) => setTimeout(done, ms));

/** Whether a process is alive and was started with this in its command line. */
export function isOurs(pid, part) {
  if (!pid) return false;
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(part);
  } catch {
    return false;
  }
}

const alive = (pid) => {
  try {
    process.kill(pid, 0);
    return !/\) Z /.test(readFileSync(`/proc/${pid}/stat`, 'utf8'));
  } catch {
    return false;
  }
};

/** Ends a process that is no child of ours: asks, waits, then makes it. */
export async function endProcess(pid) {
  for (const [signal, ms] of [
    ['SIGTERM', ASKED_MS],
    ['SIGKILL', 2000],
  ]) {
    try {
      process.kill(pid, signal);
    } catch {
      return;
    }
    for (let waited = 0; waited < ms; waited += 50) {
      if (!alive(pid)) return;
      await pause(50);
    }
  }
}

/**
 * Starts a child and starts it again when it dies by itself, waiting longer each time.
 * @param {{ start: () => import('node:child_process').ChildProcess, started?: (child: import('node:child_process').ChildProcess) => void, say: (line: string) => void, waitMs?: number }} options
 * @returns {{ stop: () => Promise<void>, gaveUp: Promise<number> }}
 */
export function supervise({ start, started, say, waitMs = FIRST_WAIT_MS }) {
  let child;
  let gone;
  let stopping = false;
  let wait = waitMs;
  let inARow = 0;
  let timer;
  let giveUp;
  const gaveUp = new Promise((done) => {
    giveUp = done;
  });

  function run() {
    const at = Date.now();
    child = start();
    started?.(child);
    gone = new Promise((done) => {
      child.once('error', () => done([1, null]));
      child.once('exit', (code, signal) => done([code, signal]));
    });
    gone.then(([code, signal]) => {
      if (stopping) return;
      if (signal === null && FINAL_CODES.has(code)) return giveUp(code);
      if (Date.now() - at > WELL_AFTER_MS) {
        wait = waitMs;
        inARow = 0;
      }
      inARow += 1;
      const how = signal ? `by ${signal}` : `with code ${code}`;
      if (inARow >= MOST_IN_A_ROW) {
        say(`The server ended ${how}, ${inARow} times in a row: giving up.`);
        return giveUp(code ?? 1);
      }
      say(`The server ended ${how}; starting it again in ${(wait / 1000).toFixed(1)} s.`);
      timer = setTimeout(run, wait);
      wait = Math.min(LONGEST_WAIT_MS, wait * 2);
    });
  }
  run();

  return {
    gaveUp,
    async stop() {
      stopping = true;
      clearTimeout(timer);
      if (child.exitCode !== null || child.signalCode !== null) return;
      child.kill('SIGTERM');
      const ended = await Promise.race([gone.then(() => true), pause(ASKED_MS).then(() => false)]);
      if (ended) return;
      say('The server does not end by itself: ending it.');
      child.kill('SIGKILL');
      await gone;
    },
  };
}
