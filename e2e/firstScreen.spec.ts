import { expect, test } from '@playwright/test';

/** Bytes of program, as sent, that the first screen may ask for: our choice, and never raised for a screen behind it. Numbers of modules alone shift it by some 150. */
const PROGRAM_BYTES = 203_200;

test('the first screen asks for no more program than it did', async ({ page }) => {
  const programs: Promise<number>[] = [];
  page.on('response', (response) => {
    if (response.url().endsWith('.js'))
      programs.push(response.headerValue('content-length').then(Number));
  });
  await page.goto('/');
  await expect(page.getByLabel('Passphrase')).toBeVisible();
  const bytes = (await Promise.all(programs)).reduce((sum, each) => sum + each, 0);
  console.log(`The first screen asks for ${bytes} bytes of program.`);
  expect(bytes).toBeGreaterThan(100_000);
  expect(bytes).toBeLessThanOrEqual(PROGRAM_BYTES);
});
