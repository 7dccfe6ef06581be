import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './support/chromium.js';

/** Files that take longest: they are begun first, so that both workers end together. */
const LONG = [
  'cutting.spec.ts',
  'parity.spec.ts',
  'breakout-journeys.spec.ts',
  'start.spec.ts',
  'cutting-large.spec.ts',
  'accessibility.spec.ts',
  'breakout.spec.ts',
];

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  globalSetup: './support/running-application.ts',
  workers: 2,
  fullyParallel: true,
  // What needs a second try is a fault of the application or of the journey.
  retries: 0,
  timeout: 120_000,
  expect: { timeout: 30_000 },
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_FILE'] ? [['json']] : [['list']],
  projects: [
    { name: 'long', testMatch: LONG },
    { name: 'others', testMatch: '*.spec.ts', testIgnore: LONG },
  ],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    screenshot: 'only-on-failure',
    trace: 'off',
    actionTimeout: 30_000,
  },
});
