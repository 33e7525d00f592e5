import { startApps } from './app-process.mjs';

// One for each worker of the browser tests, on ports in a row.
const first = Number(process.env.MB_E2E_PORT);
const apps = await startApps(Array.from({ length: Number(process.env.MB_E2E_WORKERS) }, (_, k) => first + k));
const stop = async () => {
  await Promise.all(apps.map((app) => app.stop()));
  process.exit(0);
};
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());
await Promise.race(apps.map((app) => app.exited));
