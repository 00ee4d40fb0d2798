import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './tests/chromium.mjs';

export default defineConfig({
  testDir: 'tests/Browser',
  workers: 1,
  timeout: 90_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json', { outputFile: '.velko/browser.json' }]],
  outputDir: 'test-results',
  use: {
    baseURL: process.env['VELKO_TEST_URL'] ?? 'http://127.0.0.1:8520',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    screenshot: 'only-on-failure',
    launchOptions: chromiumOptions,
  },
});
