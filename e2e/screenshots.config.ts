import { defineConfig } from '@playwright/test';
import { chromium } from './chromium';

export default defineConfig({
  testDir: '.',
  testMatch: 'screenshots.ts',
  outputDir: '../test-results/screenshots',
  timeout: 180_000,
  workers: 1,
  reporter: 'line',
  use: { ...chromium },
});
