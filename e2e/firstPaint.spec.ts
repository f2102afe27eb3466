import { expect, test, type Browser, type Page } from '@playwright/test';
import { openBench, openFromBench } from './bench';
import { AT_THE_BENCH } from './widths';

// What the server paints is what the app shows: held against each other element by element.

const PROGRAM = '**/index-*.js';

/** A page that shows the Bench to whoever is signed in at `like`, with the program or without. */
async function another(browser: Browser, like: Page, runs = true): Promise<Page> {
  const context = await browser.newContext({
    baseURL: new URL(like.url()).origin,
    viewport: like.viewportSize(),
    timezoneId: 'UTC',
    serviceWorkers: 'block',
    storageState: await like.context().storageState(),
  });
  const page = await context.newPage();
  if (!runs) await page.route(PROGRAM, (route) => route.abort());
  return page;
}

/** Every piece of text on the screen in `within`, and where it stands; at the counter without the sheet beside the list. */
const TEXTS = `((within) => {
  const found = [];
  const walk = document.createTreeWalker(document.querySelector(within), NodeFilter.SHOW_TEXT);
  for (let text = walk.nextNode(); text; text = walk.nextNode()) {
    const range = document.createRange();
    range.selectNodeContents(text);
    const { x, y, width, height } = range.getBoundingClientRect();
    if (width > 0 && y < innerHeight && x < 508)
      found.push([text.textContent, ...[x, y, width, height].map(Math.round)].join(' '));
  }
  return found;
})`;
const texts = async (page: Page, within: string) => {
  await page.evaluate('document.fonts.ready.then(() => undefined)');
  return page.evaluate<string[]>(`${TEXTS}(${JSON.stringify(within)})`);
};

const facesThere = () => [...document.fonts].filter(({ status }) => status === 'loaded').length;

test('the Bench stands painted before any program runs, and the app shows the same in the same place', async ({
  page,
  browser,
}) => {
  await openBench(page);
  const painted = await another(browser, page, false);
  const files: string[] = [];
  painted.on('request', (request) => {
    if (['font', 'stylesheet'].includes(request.resourceType())) files.push(request.url());
  });
  await painted.goto('/bench');
  await expect(painted.getByRole('heading', { name: 'Bench' })).toBeVisible();
  // Its faces stand in the page: no text waits for a file.
  expect(files).toEqual([]);
  expect(await painted.evaluate(facesThere)).toBe(4);
  const app = await another(browser, page);
  await app.goto('/bench');
  await expect(app.locator('#root').getByRole('heading', { name: 'Bench' })).toBeVisible();
  // Two shops’ worth of tests check bikes in at the same time: the list may be a row longer by now.
  await expect(async () => {
    await painted.reload();
    await app.reload();
    await expect(app.locator('.painted')).toHaveCount(0);
    const [before, after] = [await texts(painted, '.painted'), await texts(app, '#root')];
    expect(before.length).toBeGreaterThan(20);
    expect(before).toEqual(after);
  }).toPass({ timeout: 30_000 });
  await painted.context().close();
  await app.context().close();
});

test(
  'what is pressed before the program is there is pressed once it is',
  AT_THE_BENCH,
  async ({ page, browser }) => {
    await openBench(page);
    const early = await another(browser, page);
    let come = () => undefined as void;
    const comes = new Promise<void>((resolve) => (come = resolve));
    await early.route(PROGRAM, async (route) => {
      await comes;
      await route.continue();
    });
    await early.goto('/bench', { waitUntil: 'commit' });
    const row = early.locator('.painted a[href^="/bench/"]').nth(1);
    const href = (await row.getAttribute('href'))!;
    await row.click();
    await expect(early).toHaveURL(/\/bench$/);
    come();
    await expect(early).toHaveURL(new RegExp(`${href}$`));
    // Back leads to the Bench, and not out of the app.
    await early.goBack();
    await expect(early).toHaveURL(/\/bench$/);
    await early.context().close();
  },
);

test(
  'whoever signed out here is shown nothing of the Bench, though the cookie is still there',
  AT_THE_BENCH,
  async ({ page, browser }) => {
    await openBench(page);
    const left = await another(browser, page, false);
    await left.goto('/bench');
    await expect(left.locator('.painted')).toHaveCount(1);
    await left.addInitScript("localStorage.setItem('hold-fast.signed-out', '')");
    await left.reload();
    await expect(left.locator('#first')).toHaveCount(1);
    await expect(left.locator('.painted')).toHaveCount(0);
    await left.context().close();
  },
);

test(
  'a pressed job shows its head at once, before the job itself has come',
  AT_THE_BENCH,
  async ({ page }) => {
    // At the counter a job opens beside the list.
    await openBench(page);
    let come = () => undefined as void;
    const comes = new Promise<void>((resolve) => (come = resolve));
    await page.route(/\/api\/jobs\/[0-9a-f-]{36}$/, async (route) => {
      await comes;
      await route.continue();
    });
    const row = page.getByRole('link', { name: /Post trike 7/ });
    const [tab] = await Promise.all([
      page.context().waitForEvent('page'),
      row.click({ modifiers: ['ControlOrMeta'] }),
    ]);
    await expect(page).toHaveURL(/\/bench$/);
    await tab.close();
    await row.click();
    await expect(page).toHaveURL(/\/bench\/[0-9a-f-]{36}$/);
    await expect(page.getByText('Post trike 7')).toBeVisible();
    await expect(page.getByRole('status')).toBeVisible();
    await expect(page.getByRole('button', { name: /Carry on|Sign off/ })).toHaveCount(0);
    await page.getByRole('button', { name: /^Back: \d+, Bench/ }).click();
    await expect(row).toBeVisible();
    await row.click();
    come();
    await expect(page.getByRole('button', { name: /Carry on/ })).toBeVisible();
  },
);

test(
  'what is pressed while its part of the program is there, and what that shares is not, opens once it is',
  AT_THE_BENCH,
  async ({ page }) => {
    let come = () => undefined as void;
    const comes = new Promise<void>((resolve) => (come = resolve));
    await page.route(/\/__common-/, async (route) => {
      await comes;
      await route.continue();
    });
    // It comes by itself once the Bench stands.
    const part = page.waitForResponse(/\/behind-/);
    const hands = await openBench(page);
    await (await part).finished();
    await hands.touch(hands.button('Check in a bike'));
    await expect(page).toHaveURL(/check-in$/);
    come();
    await expect(page.getByLabel('Find', { exact: true })).toBeVisible();
  },
);

test(
  'a job is opened without the page being loaded anew, and its name has the focus',
  AT_THE_BENCH,
  async ({ page }) => {
    const hands = await openBench(page);
    await page.evaluate('globalThis.stays = true');
    await openFromBench(hands, /Post trike 4/);
    await expect(page.getByRole('heading', { name: 'Post trike 4' })).toBeFocused();
    await page.goBack();
    await page.getByRole('link', { name: /Post trike 7/ }).press('Enter');
    await expect(page.getByRole('heading', { name: 'Post trike 7' })).toBeFocused();
    expect(await page.evaluate('globalThis.stays')).toBe(true);
  },
);
