import { defineConfig } from '@playwright/test';
import { CHROMIUM } from '../launcher/chromium.mjs';

const ALONE = ['practice.spec.ts'];

export default defineConfig({
  testDir: './tests',
  outputDir: '../test-results',
  workers: 2,
  fullyParallel: true,
  timeout: 60_000,
  reporter: [['list'], ['json', {}]],
  use: { browserName: 'chromium', launchOptions: CHROMIUM, locale: 'en-US', timezoneId: 'UTC' },
  projects: [
    {
      name: 'table',
      testIgnore: ALONE,
      use: { viewport: { width: 1280, height: 800 } },
    },
    {
      name: 'phone',
      // What a narrow screen could break: whole tasks, access and widths. The rest runs once, at the table.
      testMatch: ['firstBatch.spec.ts', 'access.spec.ts', 'widths.spec.ts'],
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
    },
    {
      name: 'tablet',
      testMatch: ['widths.spec.ts'],
      use: { viewport: { width: 820, height: 1180 } },
    },
    {
      // A pot at sixty times life burns while a busy machine looks away: it is cooked after everything else, alone.
      name: 'alone',
      testMatch: ALONE,
      dependencies: ['table', 'phone', 'tablet'],
      use: { viewport: { width: 1280, height: 800 } },
    },
  ],
});
