import { expect } from '@playwright/test';
import { goTo, openBench, test } from './bench';
import { takeIn, takeInKnown } from './takenIn';

test('Back from a job returns to the Bench, also after a reload and by the tag', async ({
  page,
}) => {
  await openBench(page);
  await page.getByRole('link', { name: /Pilot’s gravel bike/ }).click();
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  const job = page.url();
  await page.goBack();
  await expect(page).toHaveURL(/\/bench$/);
  await expect(page.getByRole('button', { name: 'Check in a bike' })).toBeVisible();
  await page.getByRole('link', { name: /Pilot’s gravel bike/ }).click();
  await page.getByTestId('found').click();
  await expect(page).toHaveURL(`${job}/found`);
  await page.goBack();
  await expect(page).toHaveURL(job);
  await page.reload();
  await page.getByTestId('found').click();
  await expect(page).toHaveURL(`${job}/found`);
  await page.goBack();
  await expect(page).toHaveURL(job);
  await page.getByRole('button', { name: /^Back: \d+, Bench/ }).click();
  await expect(page).toHaveURL(/\/bench$/);
  await expect(page.getByRole('button', { name: 'Check in a bike' })).toBeVisible();
});

test('the tag leads from every step to its job', async ({ page }) => {
  await openBench(page);
  const job = await takeInKnown(page, 'Tag rider', 'Tag commuter');
  for (const step of [
    'found',
    'plan',
    'step',
    'sign-off',
    'edit',
    ...[
      'identify',
      'kit',
      'look',
      'rotor',
      'pads',
      'runout',
      'clearance',
      'lever',
      'mount-face',
    ].map((task) => `front/${task}`),
    ...['fit-rotor', 'fit-pads', 'bolts', 'bleed', 'parts', 'deviation', 'check', 'bed-in'].map(
      (task) => `front/${task}`,
    ),
  ]) {
    await goTo(page, `${job}/${step}`);
    await page.getByRole('button', { name: /^Back: \d+, Job/ }).click();
    await expect(page, step).toHaveURL(new RegExp(`${job}$`));
  }
});

test('an address that leads nowhere says so in our words, with a way back', async ({ page }) => {
  const hands = await openBench(page);
  const job = await takeIn(page, 'Astray rider', 'Astray commuter');
  for (const path of [
    '/nowhere',
    '/_sitemap',
    '/bench/one/two/three/four',
    '/stores/none/at/all',
  ]) {
    await page.goto(path);
    await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
    await expect(page.getByText(/sitemap|unmatched/i)).toHaveCount(0);
    await hands.touch(hands.button('To the Bench'));
    await expect(page).toHaveURL(/\/bench$/);
  }
  for (const path of ['middle/rotor', 'FRONT/rotor', 'front/nothing']) {
    await page.goto(`${job}/${path}`);
    await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
    await hands.touch(hands.button('To the job'));
    await expect(page).toHaveURL(new RegExp(`${job}$`));
  }
});

test('an entry that cannot be read does not blank the page: it is set aside and said', async ({
  page,
}) => {
  await openBench(page);
  await page.evaluate(() => localStorage.setItem('hold-fast.outbox.0', '{"jobId":"01'));
  await page.reload();
  await expect(page.getByText('One entry kept on this device cannot be read')).toBeVisible();
  await expect(page.getByRole('link', { name: /Post trike 7/ })).toBeVisible();
  await page.getByRole('button', { name: 'It is dealt with' }).click();
  await page.reload();
  await expect(page.getByRole('link', { name: /Post trike 7/ })).toBeVisible();
  await expect(page.getByText('cannot be read')).toHaveCount(0);
});
