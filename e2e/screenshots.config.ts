import { defineConfig } from '@playwright/test';
import { chromium } from './chromium';
import { patience } from './patience';

export default defineConfig({
  testDir: '.',
  testMatch: 'screenshots.ts',
  outputDir: '../test-results/screenshots',
  globalSetup: './demo-school.ts',
  ...patience,
  workers: 1,
  reporter: 'line',
  use: { ...chromium },
});
