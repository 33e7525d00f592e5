import { spawnSync } from 'node:child_process';

/** Loads the demo company where the schema is empty. True when it did: its running jobs then go on without a gap. */
export function loadDemo(env) {
  const { status } = spawnSync(process.execPath, ['dist/server/demo.js'], {
    stdio: ['ignore', 'inherit', 'inherit'],
    env,
  });
  if (status !== 0 && status !== 10) process.exit(status ?? 1);
  return status === 10;
}
