import node from '@astrojs/node';
import react from '@astrojs/react';
import { defineConfig } from 'astro/config';
import { offline } from './scripts/offline.mjs';

export default defineConfig({
  srcDir: './app',
  publicDir: './app/public',
  adapter: node({ mode: 'standalone' }),
  integrations: [react(), offline()],
  devToolbar: { enabled: false },
  server: { port: 4321 },
  vite: {
    build: {
      chunkSizeWarningLimit: 1200,
      modulePreload: false,
      // A phone is slower at asking for sixty small scripts than at reading a few larger ones.
      rollupOptions: { output: { experimentalMinChunkSize: 24_000 } },
    },
    worker: { format: 'es' },
  },
});
