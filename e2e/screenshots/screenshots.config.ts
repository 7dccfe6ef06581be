import { defineConfig } from '@playwright/test';
import journeys from '../playwright.config.js';

/** Takes the pictures of the main views anew, one after the other, into docs/screenshots. */
export default defineConfig(journeys, {
  testDir: '.',
  outputDir: '../../test-results',
  globalSetup: '../support/running-application.ts',
  workers: 1,
  fullyParallel: false,
  projects: [{ name: 'views', testMatch: '*.views.ts' }],
});
