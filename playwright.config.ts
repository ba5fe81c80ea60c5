import { defineConfig } from '@playwright/test';
import { chromium } from './e2e/chromium';
import { patience } from './e2e/patience';

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  outputDir: 'test-results/e2e',
  globalSetup: './e2e/demo-school.ts',
  ...patience,
  fullyParallel: false,

  workers: 2,
  reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['list'], ['json']] : 'list',
  use: { ...chromium, screenshot: 'only-on-failure', trace: 'off' },
});
