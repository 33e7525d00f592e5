import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const alias = { '@': fileURLToPath(new URL('.', import.meta.url)) };

export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit',
          include: ['{core,contract,web,scripts}/**/*.test.ts'],
          environment: 'node',
          // No test leaves anything behind in a module: what they share is loaded once for each worker.
          isolate: false,
          // Error rates over hundreds of random systems take seconds, and more on a busy machine.
          testTimeout: 60_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'server',
          include: ['{server,demo}/**/*.test.ts'],
          environment: 'node',
          isolate: false,
          globalSetup: ['server/testing/global-setup.ts'],
          // Every sixth sheet served from a copy is read again and compared.
          env: { MB_CHECK_COPIES: '6' },
          testTimeout: 60_000,
          hookTimeout: 240_000,
          // Most of a server test waits for a run to go on; each file has a schema and a server of its own.
          maxWorkers: 3,
        },
      },
    ],
  },
});
