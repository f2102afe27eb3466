import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openBench } from './bench';

for (const colorScheme of ['light', 'dark'] as const)
  test(`every main view is free of serious accessibility faults, ${colorScheme}`, async ({ page }, {
    project,
  }) => {
    // Colours do not change with the width.
    test.skip(project.name === 'wide' && colorScheme === 'dark', 'dark was looked at on the phone');
    test.setTimeout(400_000);
    const hands = await openBench(page);
    await hands.touch(page.getByRole('link', { name: /Post trike 7/ }));
    await expect(page.getByText('Asked for')).toBeVisible();
    const job = new URL(page.url()).pathname;
    await page.goto('/bench');
    await hands.touch(page.getByRole('link', { name: /Pilot’s gravel bike/ }));
    await expect(page.getByText('It rubs since the last puncture').last()).toBeVisible();
    const rubs = new URL(page.url()).pathname;
    await page.emulateMedia({ colorScheme });
    for (const path of [
      '/bench',
      job,
      `${job}/front/rotor`,
      `${job}/front/pads`,
      `${job}/front/bolts`,
      `${job}/front/bolts?fastener=hose-nut-lever`,
      `${job}/rear/bleed`,
      `${job}/rear/check`,
      `${job}/rear/bed-in`,
      `${job}/rear/deviation`,
      `${job}/rear/parts`,
      `${job}/rear/fluid`,
      `${rubs}/front/runout`,
      `${rubs}/front/clearance`,
      `${rubs}/rear/lever`,
      `${rubs}/front/mount-face`,
      `${rubs}/front/look`,
      `${rubs}/front/kit`,
      `${rubs}/front/fit-pads`,
      `${rubs}/front/fit-rotor`,
      `${rubs}/found`,
      `${rubs}/plan`,
      `${rubs}/step`,
      `${job}/sign-off`,
      '/bench/check-in',
      '/bikes',
      '/reckoner',
      '/stores',
      '/stores/feed',
      '/stores/rules',
      '/stores/gauges/new',
      '/stores/wrenches/new',
      '/stores/containers/new',
      '/stores/stock/new',
      '/stores/sheets/new',
      '/stores/sheets/import',
      '/ledger',
    ]) {
      await page.goto(path);
      await expect(page.getByRole('main')).toBeVisible();
      await expect(page.getByLabel('Loading')).toHaveCount(0);
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
  });

test('every place can be reached and used by the keyboard', async ({ page }) => {
  await openBench(page);
  for (const place of ['Bikes', 'Reckoner', 'Stores', 'Ledger', 'Bench']) {
    await page.getByRole('link', { name: place, exact: true }).focus();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(new RegExp(`/${place.toLowerCase()}$`));
  }
});
