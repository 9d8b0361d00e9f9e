import base from '../playwright.config.ts';
export default {
  ...base,
  testDir: '../e2e',
  outputDir: '/tmp/pw-results',
  timeout: 60_000,
  expect: { timeout: 8_000 },
  reporter: [['line']],
  use: { ...base.use, actionTimeout: 10_000 },
  webServer: { ...(base.webServer as object), cwd: '/work/main' },
};
