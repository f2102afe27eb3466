import { expect, type Page } from '@playwright/test';
import axe from 'axe-core';
import { AT_THE_BENCH } from './widths';
import { goTo, openAs, openBench, openJobs, test, widen } from './bench';
import { atRotor } from './takenIn';
import { WIDE } from '../scripts/chromium';

/** A booked job with everything begun, one that rubs, and the pages that need none. */
const VIEWS = {
  'Post trike 7': [
    '',
    '/front/rotor',
    '/front/pads',
    '/front/bolts',
    '/front/bolts?fastener=hose-nut-lever',
    '/rear/bleed',
    '/rear/check',
    '/rear/bed-in',
    '/rear/deviation',
    '/rear/parts',
    '/rear/fluid',
    '/sign-off',
    '/trail',
    '/edit',
  ],
  'Pilot’s gravel bike': [
    '/front/runout',
    '/front/clearance',
    '/rear/lever',
    '/front/mount-face',
    '/front/trouble',
    '/front/look',
    '/front/kit',
    '/front/fit-pads',
    '/front/fit-rotor',
    '/found',
    '/bill',
    '/plan',
    '/step',
  ],
  // Do not ride: the banner, and the largest thing on what was found.
  'Fish market cargo': ['', '/found'],
  '': [
    '/bench',
    '/bench/day',
    '/bench/check-in',
    '/bikes',
    '/reckoner',
    '/reckoner/trouble',
    '/reckoner/practice',
    '/reckoner/practice/post-trike',
    '/stores/trouble',
    '/bikes/tables',
    '/bikes/:bike',
    '/bikes/:bike/passport',
    '/bikes/:bike/correct',
    '/manner',
    '/people',
    '/people/new',
    '/trust',
    '/stores/count',
    '/ledger/due',
    '/ledger/trace',
    '/ledger/calendar',
    '/ledger/outbox',
    '/reckoner/wear',
    '/reckoner/pads',
    '/reckoner/runout',
    '/reckoner/life',
    '/reckoner/air',
    '/reckoner/wrench',
    '/reckoner/thread',
    '/reckoner/fit',
    '/reckoner/washers',
    '/reckoner/face',
    '/reckoner/align',
    '/reckoner/cable',
    '/reckoner/hose',
    '/reckoner/levers',
    '/reckoner/fluid',
    '/reckoner/stops',
    '/reckoner/heat',
    '/reckoner/share',
    '/stores/notices/new',
    '/stores/figures',
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
    '/nowhere',
  ],
} as const;

/** The address of a bike's job. */
async function jobOf(page: Page, bike: string): Promise<string> {
  if (bike === '') return '';
  const jobs = await openJobs(page);
  return `/bench/${jobs.find(({ bikeName }) => bikeName === bike)!.id}`;
}

/** An address with the first bike of the list in it. */
async function withBike({ request }: Page, path: string): Promise<string> {
  if (!path.includes(':bike')) return path;
  const { items } = (await (await request.get('/api/bikes')).json()) as {
    items: { bikeId: string }[];
  };
  return path.replace(':bike', items[0]!.bikeId);
}

/** What a page in a scheme has of serious faults. Violations alone, in a page without frames: the rest is not worked out. */
async function faultsOf(page: Page, rules?: string[]): Promise<string[]> {
  const { violations } = await page.evaluate(
    (options) => (window as unknown as { axe: typeof axe }).axe.run(document, options),
    {
      resultTypes: ['violations'],
      iframes: false,
      ...(rules ? { runOnly: { type: 'rule', values: rules } } : {}),
    } as axe.RunOptions,
  );
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id} ${nodes[0]!.html.slice(0, 160)}`);
}

// Each is looked at in both widths on the phone’s turn.
for (const [bike, paths] of Object.entries(VIEWS))
  for (const path of paths)
    test(`no serious accessibility fault: ${bike} ${path}`, AT_THE_BENCH, async ({ page }) => {
      await openAs(page, 'Teodor Vane');
      if (!(await page.evaluate('"axe" in globalThis'))) await page.evaluate(axe.source);
      await goTo(page, (await jobOf(page, bike)) + (await withBike(page, path)));
      await expect(page.getByRole('main')).toBeVisible();
      await expect(page.getByLabel('Loading')).toHaveCount(0);
      expect(await faultsOf(page)).toEqual([]);
      // Nothing but colours changes with the dark, and they do not change with the width.
      const paper = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
      const light = await paper();
      await page.emulateMedia({ colorScheme: 'dark' });
      await expect.poll(paper).not.toBe(light);
      expect(await faultsOf(page, ['color-contrast'])).toEqual([]);
      await page.emulateMedia({ colorScheme: 'light' });
      await widen(page, WIDE);
      expect(await faultsOf(page)).toEqual([]);
    });

test('every place can be reached and used by the keyboard, and says where one is', async ({
  page,
}) => {
  await openBench(page);
  for (const place of ['Bikes', 'Reckoner', 'Stores', 'Ledger']) {
    await page.getByRole('link', { name: place, exact: true }).focus();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(new RegExp(`/${place.toLowerCase()}$`));
    await expect(page).toHaveTitle(/ · Hold Fast$/);
    await expect(page.getByRole('heading', { level: 1 }).last()).toBeFocused();
  }
});

test('a keyboard skips the places, and a question mark shows the keys of the screen', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  if (project.name === 'wide') {
    const name = page.getByRole('main').getByRole('heading', { level: 1 });
    await expect(name).toBeVisible();
    // What comes up after the first look may take the focus once more.
    await expect(async () => {
      await page.getByRole('button', { name: 'Skip to the page' }).press('Enter');
      await expect(name).toBeFocused({ timeout: 500 });
    }).toPass();
  }
  await atRotor(hands, `Keyed ${project.name}`, `Keys ${project.name}`);
  await page.keyboard.press('?');
  await expect(page.getByText('Keys of this screen')).toBeVisible();
  await expect(page.getByText('the place before')).toBeVisible();
  await page.keyboard.press('9');
  await page.keyboard.press('Escape');
  await expect(page.getByText('Keys of this screen')).toHaveCount(0);
  await hands.key('170');
  await expect(page.getByLabel(/Next: point 2/)).toBeVisible();
});
