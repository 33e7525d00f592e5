import { startApps } from './app-process.mjs';
import { firstPort, WORKERS } from './e2e-ports.mjs';

// One for each worker of the browser tests, on ports in a row.
const apps = await startApps(Array.from({ length: WORKERS }, (_, k) => firstPort() + k));
const stop = async () => {
  await Promise.all(apps.map((app) => app.stop()));
  process.exit(0);
};
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());
await Promise.race(apps.map((app) => app.exited));
