import { expect, test } from '@playwright/test';
import { allSent, beginRotor, checkIn, identify, openBench, verdict } from './bench';

test('a phone on the shop’s network reaches it by the machine’s address, and its readings are kept', async ({
  browser,
}, { project }) => {
  test.skip(project.name === 'wide', 'phones');
  const phone = await browser.newContext({
    baseURL: process.env.PHONE_URL!,
    viewport: { width: 390, height: 664 },
    hasTouch: true,
    timezoneId: 'UTC',
  });
  const page = await phone.newPage();
  const hands = await openBench(page);
  expect(page.url()).not.toMatch(/localhost|127\.0\.0\.1/);
  const job = await checkIn(hands, 'Network rider', 'Network commuter');
  await identify(hands, 'Ostrel Tolve');
  await beginRotor(hands, 'G2 thickness gauge', 'No ridge');
  await hands.press(...'706968697047');
  await expect(verdict(page)).toContainText('Thinnest 1.47');
  await allSent(page);
  // The page of another site is refused there as on the loopback.
  const forged = await page.request.post(`/api${job.replace('/bench', '/jobs')}/entries`, {
    headers: { origin: 'http://elsewhere.example' },
    data: {},
  });
  expect(forged.status()).toBe(403);
  await phone.close();
});
