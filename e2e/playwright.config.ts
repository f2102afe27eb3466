import { defineConfig } from '@playwright/test';
import { addHook } from 'pirates';
import { transform } from 'sucrase';
import { CHROMIUM, PHONE, WIDE } from '../scripts/chromium';
import { AT_THE_BENCH, AT_THE_COUNTER } from './widths';

const COUNTER_FILES = [
  'passport.spec.ts',
  'people.spec.ts',
  'report.spec.ts',
  'shopLife.spec.ts',
  'tables.spec.ts',
  'walk.spec.ts',
];

const BENCH_FILES = [
  'badInput.spec.ts',
  'empty.spec.ts',
  'feed.spec.ts',
  'firstScreen.spec.ts',
  'heat.spec.ts',
  'heights.spec.ts',
  'histories.spec.ts',
  'inspection.spec.ts',
  'languages.spec.ts',
  'newcomer.spec.ts',
  'offline.spec.ts',
  'plan.spec.ts',
  'practice.spec.ts',
  'reach.spec.ts',
  'refusals.spec.ts',
  'scenes.spec.ts',
  'thirdBrake.spec.ts',
  'visit.spec.ts',
  'ways.spec.ts',
  'whose.spec.ts',
];

// Compiled as for the unit tests, types left out and no more: what Playwright brings for it takes several times as long, and is turned
// off below. Each line stays where it was, so that a fault is found by it without a map.
addHook(
  (code, filePath) =>
    transform(code, { transforms: ['imports', 'typescript'], disableESTransforms: true, filePath })
      .code,
  { exts: ['.ts'] },
);

// Where a call comes from is asked at every step; it stands where it is written, so no map has to be looked through for it.
Reflect.deleteProperty(Error, 'prepareStackTrace');
Error.stackTraceLimit = 30;

/**
 * A page of a test lives for seconds, and what the engine spends on making its program quicker is seldom won back: it begins with that
 * later than it would, and still where something is reckoned for long.
 */
const LATER_OPTIMISED =
  '--js-flags=--invocation-count-for-maglev=10000 --invocation-count-for-turbofan=60000';

export default defineConfig({
  testDir: '.',
  build: { external: ['**'] },
  outputDir: '../.cache/e2e',
  globalSetup: './openShop.ts',
  // So long waits only what fails, or a machine that stands still: none of them is how long a thing may take.
  timeout: 300_000,
  expect: { timeout: 20_000 },
  // One more than the cores of a small machine: tests wait for timers, for the network to be back, for each other.
  workers: 3,
  // A busy machine can starve one press of a thousand; what passed only at a second try is named by the check.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: '../.cache/e2e.json' }]],
  use: {
    baseURL: process.env.BASE_URL,
    launchOptions: { ...CHROMIUM, args: [...CHROMIUM.args, LATER_OPTIMISED] },
    timezoneId: 'UTC',
    screenshot: 'only-on-failure',
    // What is kept on the device is looked at where it is the subject; elsewhere requests are to be cut by hand.
    serviceWorkers: 'block',
    // A press that finds nothing says so before the whole test is over.
    actionTimeout: 60_000,
  },
  // Each way is walked at the width it is worked at: a brake on the phone, the shop's own at the counter. How
  // every view looks at both is held by access.spec.ts, and what is done at either by the files in neither list, but for
  // tests of theirs that say where.
  projects: [
    {
      name: 'phone',
      use: { viewport: PHONE, hasTouch: true },
      testIgnore: COUNTER_FILES,
      grepInvert: new RegExp(AT_THE_COUNTER.tag),
    },
    {
      name: 'wide',
      use: { viewport: WIDE },
      testIgnore: BENCH_FILES,
      grepInvert: new RegExp(AT_THE_BENCH.tag),
    },
  ],
});
