import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';
import { firstPort, WORKERS } from './scripts/e2e-ports.mjs';

/** The same Chromium without windows of its own does the work with a sixth less: taken where it is installed. */
const WITHOUT_WINDOWS = '/usr/bin/chromium-headless-shell';
const CHROMIUM = existsSync(WITHOUT_WINDOWS) ? WITHOUT_WINDOWS : '/usr/bin/chromium';

/** Walks of a minute and more begin first: none of them is waited for alone at the end. */
const LONG = ['whole', 'own-instruments', 'circuit', 'slice', 'every-page'].map((name) => `**/${name}.spec.ts`);
const portOf = (worker: number): number => firstPort() + worker;
const originOf = (worker: number): string => `http://127.0.0.1:${portOf(worker)}`;

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/browser',
  timeout: 240_000,
  // A busy machine is slow, not broken: what passes does not wait for it.
  expect: { timeout: 30_000 },
  fullyParallel: false,
  projects: [
    { name: 'long', testMatch: LONG },
    { name: 'short', testIgnore: LONG },
  ],
  workers: WORKERS,
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    actionTimeout: 30_000,
    baseURL: originOf(Number(process.env.TEST_PARALLEL_INDEX ?? 0)),
    // The worker that opens the application without a network is tried in its own flow.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    // A trace costs a quarter of the time: asked for where a failure is looked into (MB_TRACE=1).
    trace: process.env.MB_TRACE ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: CHROMIUM,
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
    // They come up one after the other.
    url: `${originOf(WORKERS - 1)}/api/health`,
    // npm test brings them up while other tests run.
    reuseExistingServer: process.env.MB_E2E_UP === '1',
    // A database is made and the demo company loaded first: half a minute here, more on a busy machine.
    timeout: 180_000,
    stdout: 'ignore',
    gracefulShutdown: { signal: 'SIGTERM', timeout: 10_000 },
  },
});
