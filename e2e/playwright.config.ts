import { defineConfig } from '@playwright/test';
import { browser, BROWSER_ARGS } from './browser';

export default defineConfig({
  testDir: './tests',
  outputDir: '../test-results/pages',
  globalSetup: './globalSetup.ts',
  // A call from Today to closed is some 150 taps; a slow machine takes three times as long over them as a quick one.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  workers: 2,
  // A machine that stalls is no fault of the app; what passes only at the second go is listed as flaky, with its trace, and looked into.
  retries: 1,
  fullyParallel: true,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: '../test-results/e2e.json' }]],
  use: {
    viewport: { width: 390, height: 844 },
    locale: 'en-GB',
    screenshot: 'only-on-failure',
    trace: 'on-first-retry',
    launchOptions: browser(BROWSER_ARGS),
  },
});
