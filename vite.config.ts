import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  root: 'web',
  plugins: [
    react(),
    tailwindcss(),
    // The whole application opens without a network; what it shows and writes then is in web/api (copies, outbox).
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: 'script-defer',
      manifest: {
        name: 'Mill Bridge',
        short_name: 'Mill Bridge',
        description: 'One job sheet for HVAC replacement crews.',
        start_url: '/jobs',
        display: 'standalone',
        background_color: '#f3eee3',
        theme_color: '#f3eee3',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /\.txt$/],
        runtimeCaching: [
          {
            urlPattern: /\/api\/photos\//,
            handler: 'CacheFirst',
            options: { cacheName: 'pictures', expiration: { maxEntries: 400 } },
          },
        ],
      },
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('.', import.meta.url)) } },
  // The one large chunk is the trend chart, loaded only when its view is opened.
  build: { outDir: '../dist/web', emptyOutDir: true, target: 'es2022', chunkSizeWarningLimit: 600 },
  server: { proxy: { '/api': 'http://127.0.0.1:4680' } },
});
