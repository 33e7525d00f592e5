import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

/** The server and its plant worker are bundled for Node; packages stay external. */
export default defineConfig({
  publicDir: false,
  resolve: { alias: { '@': fileURLToPath(new URL('.', import.meta.url)) } },
  build: {
    ssr: true,
    outDir: 'dist/server',
    emptyOutDir: true,
    target: 'node20',
    rollupOptions: {
      input: {
        main: 'server/main.ts',
        demo: 'demo/main.ts',
        'plant-worker': 'server/features/instruments/plant-worker.ts',
        'practice-worker': 'server/features/practice/practice-worker.ts',
        'pdf-worker': 'server/features/reports/pdf-worker.ts',
      },
    },
  },
});
