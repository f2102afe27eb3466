import { execFileSync } from 'node:child_process';
import { defineConfig } from '@playwright/test';

/** Debian's Chromium, wherever it is. */
export const CHROMIUM = {
  executablePath: execFileSync('which', ['chromium'], { encoding: 'utf8' }).trim(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

export const PHONE = { width: 390, height: 844 };
export const WIDE = { width: 1280, height: 800 };

export default defineConfig({
  testDir: '.',
  outputDir: '../.cache/e2e',
  globalSetup: './openShop.ts',
  timeout: 90_000,
  expect: { timeout: 10_000 },
  workers: 2,
  reporter: [['list'], ['json', { outputFile: '../.cache/e2e.json' }]],
  use: {
    baseURL: process.env.BASE_URL,
    launchOptions: CHROMIUM,
    timezoneId: 'UTC',
    screenshot: 'only-on-failure',
    // What is kept on the device is looked at where it is the subject; elsewhere requests are to be cut by hand.
    serviceWorkers: 'block',
    // A press that finds nothing says so before the whole test is over.
    actionTimeout: 30_000,
  },
  projects: [
    { name: 'phone', use: { viewport: PHONE, hasTouch: true } },
    // What is told of a history, refused, or lost on the way does not change with the width.
    {
      name: 'wide',
      use: { viewport: WIDE },
      testIgnore: ['histories.spec.ts', 'refusals.spec.ts', 'badInput.spec.ts'],
    },
  ],
});
