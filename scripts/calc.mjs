import './node-check.mjs';
import { spawnSync } from 'node:child_process';
import { installPackages } from './install.mjs';

installPackages(true);
const run = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/calc.ts', ...process.argv.slice(2)], {
  stdio: 'inherit',
});
process.exit(run.status ?? 1);
