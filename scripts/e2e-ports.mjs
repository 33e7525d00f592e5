/**
 * Each worker has a server and a demo company of its own: nothing that one test does shows in another's. One more than there
 * are cores: a walk waits for simulated time as often as it works.
 */
export const WORKERS = 3;

/** The first port of a row of them, below those that connections are given of themselves; whoever is started by us inherits it. */
export function firstPort() {
  process.env.MB_E2E_PORT ??= String(20_000 + Math.floor(Math.random() * 12_000));
  return Number(process.env.MB_E2E_PORT);
}
