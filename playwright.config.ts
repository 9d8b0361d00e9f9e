import { defineConfig } from '@playwright/test';
import { CONTEXT } from './e2e/warm-page.ts';
import { CHROMIUM_ARGUMENTS, chromiumPath } from './scripts/chromium.ts';

const PORT = 4390;

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  // A slow machine may take its time: the tests check what is computed, not how fast.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  workers: 2,
  fullyParallel: true,
  reporter: [['list'], ['./scripts/slowest-tests.ts']],
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: chromiumPath(), args: CHROMIUM_ARGUMENTS },
    serviceWorkers: CONTEXT.serviceWorkers,
    contextOptions: { reducedMotion: CONTEXT.reducedMotion },
    // A trace of every test takes a third of the time; the picture of a failure is free.
    screenshot: 'only-on-failure',
  },
  webServer: {
    command: 'node dist/server/entry.mjs',
    env: { PORT: String(PORT), HOST: '127.0.0.1' },
    url: `http://localhost:${PORT}/`,
    reuseExistingServer: false,
  },
});
