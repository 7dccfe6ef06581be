import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './support/chromium.js';

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  outputDir: '../test-results',
  globalSetup: './support/running-application.ts',
  workers: 2,
  fullyParallel: true,
  // What needs a second try is a fault of the application or of the journey.
  retries: 0,
  timeout: 120_000,
  expect: { timeout: 15_000 },
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_FILE'] ? [['json']] : [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    screenshot: 'only-on-failure',
    trace: 'off',
    actionTimeout: 15_000,
  },
});
