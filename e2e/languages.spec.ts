import { PEOPLE } from '@hold-fast/demo/people';
import { expect, test, type Page } from '@playwright/test';
import { allSent, goTo, openBench, openJobs, signIn, SPEAKS_GERMAN, widen } from './bench';
import { WIDE } from '../scripts/chromium';

// The interface in another language, in other units, and in one that is made to burst it.

const PLACES = [
  '/bench',
  '/bikes',
  '/reckoner',
  '/stores',
  '/ledger',
  '/manner',
  '/people',
  '/people/new',
  '/trust',
  '/stores/rules',
  '/reckoner/trouble',
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
  '/reckoner/practice',
  '/reckoner/practice/night-shift',
  '/stores/figures',
  '/stores/trouble',
  '/bikes/tables',
  '/stores/count',
  '/ledger/due',
  '/ledger/outbox',
  '/ledger/calendar',
  '/ledger/trace',
];
const TASKS = [
  'rotor',
  'pads',
  'runout',
  'clearance',
  'lever',
  'bolts',
  'fluid',
  'look',
  'kit',
  'identify',
];

/** Headings and keys that are not stretched: words of the code. Rows are left out: what the shop wrote stands in them. */
async function plainWords(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const plain: string[] = [];
    for (const button of document.querySelectorAll(
      'button, [role=button], [role=radio], [role=checkbox], h1, h2',
    )) {
      const text = (button as HTMLElement).innerText.trim();
      if (/[A-Za-z]{3}/.test(text) && !text.includes('\n') && !/[åëïøü~]/.test(text))
        plain.push(text);
    }
    return plain;
  });
}

/** Texts that reach beyond the right edge of the window. */
async function beyondEdge(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const beyond: string[] = [];
    for (const element of document.querySelectorAll<HTMLElement>(
      '[role=main] *, [role=navigation] *',
    )) {
      if (element.children.length > 0 || !element.innerText?.trim()) continue;
      const { right, left, width } = element.getBoundingClientRect();
      if (width > 0 && (right > window.innerWidth + 1 || left < -1)) beyond.push(element.innerText);
    }
    return beyond;
  });
}

test('every word of keys and headings is in the catalogue, and half as long again it still fits', async ({
  page,
}) => {
  // A lead sees every page there is.
  await openBench(page, 'Teodor Vane');
  await page.evaluate(() => localStorage.setItem('hold-fast.pseudo', ''));
  await page.goto('/bench');
  // The server knows nothing of words that are stretched on one device.
  await expect(page.locator('.painted')).toHaveCount(0);
  const [job] = await openJobs(page);
  const names = new Set<string>();
  for (const { bikeName, customerName } of await openJobs(page)) {
    names.add(bikeName);
    names.add(customerName);
  }
  const { items: records } = (await (await page.request.get('/api/records')).json()) as {
    items: { id: string; bikeName: string; customerName: string }[];
  };
  const record = records.at(-1)!;
  for (const { name } of PEOPLE) names.add(name.toUpperCase());
  names.add(record.bikeName);
  names.add(record.customerName);
  const addresses = [
    ...PLACES,
    ...['', '/report', '/label'].map((of) => `/ledger${of}/${record.id}`),
    '/bench/check-in',
    '/bench/day',
    ...['', '/found', '/plan', '/bill', '/sign-off', '/edit'].map(
      (end) => `/bench/${job!.id}${end}`,
    ),
    ...TASKS.map((task) => `/bench/${job!.id}/front/${task}`),
  ];
  const plainOfOurs = async () =>
    (await plainWords(page)).filter(
      (text) => ![...names].some((name) => text.includes(name)) && !OF_THE_SHOP.test(text),
    );
  for (const address of addresses) {
    await page.setViewportSize({ width: 390, height: 664 });
    await goTo(page, address);
    await expect(page.getByLabel(/^L[oø][aå]d[iï]ng/)).toHaveCount(0);
    expect(await plainOfOurs(), address).toEqual([]);
    // A slow machine lays a page out a moment after its width.
    await expect.poll(() => beyondEdge(page), { message: address }).toEqual([]);
    await widen(page, WIDE);
    expect(await plainOfOurs(), address).toEqual([]);
    // A slow machine lays a page out a moment after its width.
    await expect.poll(() => beyondEdge(page), { message: address }).toEqual([]);
  }
});

/** Names from the demo data and the shop's people, and what is written alike everywhere. */
const OF_THE_SHOP =
  /\d\d:\d\d|^\d{1,2}\s\w{3,4}\s20\d\d$|Ostrel|Brannock|Selkie|Harbour|Teodor|Maren|Generic|Bottle|Ampoule|Tin|Syringe|Jar|DOT|^G\d|^W\d|Tolve|PIN|gauge|wrench|dial|feelers|rule|caliper|micrometer/;

test('a mechanic chooses German, finds the Bench in it at once, and again on the next day', async ({
  page,
}) => {
  await openBench(page, SPEAKS_GERMAN);
  const german = page.getByRole('radio', { name: 'Deutsch' });
  // It stands at the end of a list that may still grow under the press.
  await expect(async () => {
    const manner = page.getByRole('button', { name: `${SPEAKS_GERMAN}: language and units` });
    if (!(await german.isVisible())) await manner.first().click({ timeout: 2_000 });
    await expect(german).toBeVisible({ timeout: 5_000 });
  }).toPass();
  await german.click();
  await expect(page.getByRole('heading', { name: 'Sprache und Einheiten' })).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('lang', 'de');
  await page.goto('/bench');
  await expect(page.getByRole('button', { name: 'Ein Rad annehmen' })).toBeVisible();

  // Another device: it hears of it when she signs in there.
  await page.context().clearCookies();
  await page.evaluate(() => localStorage.clear());
  await page.goto('/bench');
  await signIn(page, SPEAKS_GERMAN);
  await expect(page.getByRole('button', { name: 'Ein Rad annehmen' })).toBeVisible();

  // A reading keyed in it is kept in millimetres, whatever the comma.
  const jobs = await openJobs(page);
  expect(jobs.length).toBeGreaterThan(0);
  await page.goto('/manner');
  await page.getByText('Wieder wie die Werkstatt').click();
  await expect(page.getByRole('heading', { name: 'Language and units' })).toBeVisible();
  await allSent(page);
});
