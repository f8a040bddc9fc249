import { defineConfig } from '@playwright/test';
import { CHROMIUM } from '../launcher/chromium.mjs';

export default defineConfig({
  testDir: './tests',
  globalSetup: './globalSetup.ts',
  outputDir: '../test-results',
  workers: 2,
  fullyParallel: true,
  // What hangs is told; what is only slow on a machine that others use is none.
  timeout: 300_000,
  // What promises to be quick is timed where it is tried; everything else may take what a busy
  // machine takes.
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json', {}]],
  use: {
    browserName: 'chromium',
    launchOptions: CHROMIUM,
    locale: 'en-US',
    timezoneId: 'UTC',
    // A button can go as the screen moves on: pressing it then fails, instead of waiting for ever.
    actionTimeout: 60_000,
    // Keeping every page costs each new browser a second; the tests of lost networks and servers
    // allow it.
    serviceWorkers: 'block',
  },
  projects: [
    {
      name: 'table',
      use: { viewport: { width: 1280, height: 800 } },
    },
    {
      name: 'phone',
      // What a narrow screen could break: whole tasks, access and widths. The rest runs once, at
      // the table.
      testMatch: ['firstBatch.spec.ts', 'access.spec.ts', 'widths.spec.ts'],
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
    },
  ],
});
