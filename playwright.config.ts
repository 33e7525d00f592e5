import { defineConfig } from '@playwright/test';

// One port for the server and every worker: workers inherit the environment.
process.env.MB_E2E_PORT ??= String(20_000 + Math.floor(Math.random() * 20_000));
const origin = `http://127.0.0.1:${process.env.MB_E2E_PORT}`;

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/browser',
  timeout: 240_000,
  expect: { timeout: 15_000 },
  fullyParallel: false,
  workers: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    actionTimeout: 15_000,
    baseURL: origin,
    // The worker that opens the application without a network is tried in its own flow.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    // A trace costs a quarter of the time: asked for where a failure is looked into (MB_TRACE=1).
    trace: process.env.MB_TRACE ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      chromiumSandbox: false,
      args: [
        '--disable-gpu',
        '--disable-quic',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
  webServer: {
    command: 'node scripts/e2e-server.mjs',
    url: `${origin}/api/health`,
    // A database is made and the demo company loaded first: half a minute here, more on a busy machine.
    timeout: 180_000,
    stdout: 'ignore',
    gracefulShutdown: { signal: 'SIGTERM', timeout: 10_000 },
  },
});
