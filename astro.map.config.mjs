import node from '@astrojs/node';
import react from '@astrojs/react';
import { defineConfig } from 'astro/config';


export default defineConfig({
  srcDir: './app', outDir: './.nivel/map',
  publicDir: './app/public',
  adapter: node({ mode: 'standalone' }),
  integrations: [react()],
  devToolbar: { enabled: false },
  server: { port: 4321 },
  vite: {
    build: { chunkSizeWarningLimit: 9200, sourcemap: true, modulePreload: false, rollupOptions: { output: { experimentalMinChunkSize: 24_000 } } },
    worker: { format: 'es' },
  },
});
