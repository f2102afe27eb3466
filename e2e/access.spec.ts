import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openBench } from './bench';

test('every main view is free of serious accessibility faults, day and dark', async ({ page }) => {
  test.setTimeout(240_000);
  const hands = await openBench(page);
  await hands.touch(page.getByRole('link', { name: /Post trike 7/ }));
  await expect(page.getByText('Asked for')).toBeVisible();
  const job = new URL(page.url()).pathname;
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    for (const path of [
      '/bench',
      job,
      `${job}/front/rotor`,
      `${job}/front/pads`,
      `${job}/front/bolts`,
      `${job}/rear/fluid`,
      `${job}/sign-off`,
      '/bench/check-in',
      '/bikes',
      '/reckoner',
      '/stores',
      '/ledger',
    ]) {
      await page.goto(path);
      await page.waitForLoadState('networkidle');
      await expect(page.getByRole('main')).toBeVisible();
      const { violations } = await new AxeBuilder({ page }).analyze();
      const grave = violations.filter(
        ({ impact }) => impact === 'serious' || impact === 'critical',
      );
      expect(
        grave.map(
          ({ id, nodes }) => `${path} ${colorScheme}: ${id} ${nodes[0]!.html.slice(0, 160)}`,
        ),
      ).toEqual([]);
    }
  }
});

test('every place can be reached and used by the keyboard', async ({ page }) => {
  await openBench(page);
  for (const place of ['Bikes', 'Reckoner', 'Stores', 'Ledger', 'Bench']) {
    await page.getByRole('link', { name: place, exact: true }).focus();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(new RegExp(`/${place.toLowerCase()}$`));
  }
});
