import mdx from '@astrojs/mdx';
import node from '@astrojs/node';
import react from '@astrojs/react';
import { defineConfig, passthroughImageService } from 'astro/config';
import { bundling } from './scripts/bundling.mjs';
import { offline } from './scripts/offline.mjs';
import { threads } from './scripts/threads.mjs';

export default defineConfig({
  srcDir: './app',
  publicDir: './app/public',
  adapter: node({ mode: 'standalone' }),
  // Pictures are as large as they are shown: nothing is worked on at the build.
  image: { service: passthroughImageService() },
  integrations: [react(), mdx(), bundling(), threads(), offline()],
  // A phone waits as long for a small style sheet as for the page itself.
  build: { inlineStylesheets: 'always' },
  devToolbar: { enabled: false },
  server: { port: 4321 },
  vite: {
    build: {
      chunkSizeWarningLimit: 1200,
      modulePreload: false,
      reportCompressedSize: false,
    },
    worker: { format: 'es' },
  },
});
