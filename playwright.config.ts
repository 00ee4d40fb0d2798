import { defineConfig } from '@playwright/test';

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
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
