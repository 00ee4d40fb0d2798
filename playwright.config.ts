import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './tests/chromium.mjs';

export default defineConfig({
  testDir: 'tests/Browser',
  // A house each, see tests/Browser/house.ts.
  workers: 2,
  timeout: 150_000,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: '.velko/browser.json' }]],
  outputDir: 'test-results',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Each page would fetch the whole app once more; a test that goes offline asks for its service worker.
    serviceWorkers: 'block',
    screenshot: 'only-on-failure',
    launchOptions: chromiumOptions,
  },
});
