import { startApp } from './app-process.mjs';

const app = await startApp(process.env.MB_E2E_PORT);
const stop = async () => {
  await app.stop();
  process.exit(0);
};
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());
await app.exited;
