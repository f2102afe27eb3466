import { appendFileSync, cpSync, mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createServer as createShop } from '@hold-fast/server/server';
import type { JobLog } from '@hold-fast/contract/jobs';
import type { PersonOfShop } from '@hold-fast/contract/people';
import { SAID } from '../app/src/said';
import { expect, test, type APIRequestContext, type Browser, type Page } from '@playwright/test';
import { pino } from 'pino';
import sharp from 'sharp';
import { openShop, type RunningShop } from '../scripts/shop';
import {
  allSent,
  checkIn,
  goTo,
  Hands,
  jobAt,
  openBench,
  openJobs,
  pinOf,
  verdict,
  type PersonName,
} from './bench';
import { atRotor, takeInKnown } from './takenIn';
import { isKept, Line, phone } from './line';

// A phone whose network goes for real: between it and the shop stands a line that is cut.

const root = path.resolve(__dirname, '..');

const web = path.join(root, 'app/dist');

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await openShop({
    root,
    dataDirectory: null,
    webDirectory: web,
    port: 0,
    feedPort: 0,
    log: pino({ level: 'silent' }),
    say: () => undefined,
  });
});
test.afterAll(async () => {
  await shop?.stop();
});

/** A phone on a line that can be cut, with somebody signed in and the app kept on it. */
async function keptPhone(browser: Browser, name?: PersonName) {
  const line = new Line(shop.port);
  await line.mend();
  const page = await phone(browser, line);
  const hands = await openBench(page, name);
  await isKept(page);
  return { line, page, hands };
}

test('a job goes on with no network: through reloads, a closed tab and cuts, and nothing is lost or doubled', async ({
  browser,
}) => {
  const { line, page, hands } = await keptPhone(browser);
  const job = await atRotor(hands, 'Away', 'Out of reach');
  await hands.key('170');
  await allSent(page);

  await line.cut();
  for (const digits of ['168', '166']) await hands.key(digits);
  await page.reload();
  await expect(page.getByLabel(/Next: point 4/)).toBeVisible();
  await expect(verdict(page)).toContainText('Thinnest 1.66');
  await expect(page.getByText(/kept here and will be sent/)).toBeVisible();
  await hands.key('169');

  // The tab is closed, and another opened at the Bench: it is all there.
  const again = await page.context().newPage();
  await page.close();
  await again.goto('/bench');
  await expect(again.getByText('Out of reach')).toBeVisible();
  await again.goto(`${job}/front/rotor`);
  await expect(again.getByLabel(/Next: point 5/)).toBeVisible();
  const on = new Hands(again);
  await on.key('171');
  await on.key('170');
  await expect(verdict(again)).toContainText('Holds');

  // A PIN is the server's to know: signing waits for it, and says so.
  await again.goto(`${job}/sign-off`);
  await expect(again.getByRole('button', { name: 'Sign and seal' })).toBeVisible();

  await line.mend();
  await again.goto(`${job}/front/rotor`);
  await allSent(again);
  const { measured } = await jobAt(again, job.split('/')[2]!);
  expect(measured.map(({ readings }) => readings.map(({ valueMm }) => valueMm))).toEqual([
    // The zero check first.
    [0, 1.7, 1.68, 1.66, 1.69, 1.71, 1.7],
  ]);
  await again.context().close();
  await line.cut();
});

test('a job that was never opened here opens with no network, and its brake is identified by the sheets', async ({
  browser,
}) => {
  const { line, page, hands } = await keptPhone(browser, 'Joss Tarrel');
  await page.reload();
  await expect(hands.button('Check in a bike')).toBeVisible();
  const job = (await openJobs(page)).find(({ bikeName }) => bikeName === 'Club downhill 3')!;
  const isThere = (path: string) =>
    page.evaluate(async ([said, at]) => (await (await caches.open(said)).match(at)) !== undefined, [
      SAID,
      path,
    ] as const);
  await expect.poll(() => isThere(`/api/jobs/${job.id}`), { timeout: 20_000 }).toBe(true);
  await line.cut();
  await page.goto(`/bench/${job.id}`);
  await expect(page.getByText('Service all pistons', { exact: false }).first()).toBeVisible();
  await page.goto(`/bench/${job.id}/front/identify`);
  await hands.touch(hands.button(/Brannock Sund/));
  await hands.touch(hands.button('This is the brake'));
  await expect(page.getByRole('heading', { name: 'Which gauge?' })).toBeVisible();
  await line.mend();
  await allSent(page);
  const { identified } = await jobAt(page, job.id);
  expect(identified.front).not.toBeNull();
  await page.context().close();
  await line.cut();
});

test('what was kept is nobody else’s: signed out, or locked at the bench, a page without the server is empty', async ({
  browser,
}) => {
  const line = new Line(shop.port);
  await line.mend();
  const page = await phone(browser, line);
  await page.clock.install();
  const hands = await openBench(page, 'Teodor Vane');
  await isKept(page);
  await page.reload();
  await expect(hands.button('Check in a bike')).toBeVisible();
  await page.goto('/people');
  await hands.touch(hands.button('Make this device one'));
  await page.getByLabel('What the tablet is called').fill('Left bench');
  await hands.touch(hands.button('Make this device one'));
  await expect(page.getByText('This device is the tablet')).toBeVisible();
  await page.goto('/bench');
  await hands.touch(hands.button('Sign out'));
  await hands.touch(hands.button('Maren Okafor', true));
  await hands.press(...pinOf('Maren Okafor'));
  await expect(hands.button('Check in a bike')).toBeVisible();
  await page.reload();
  await expect(hands.button('Check in a bike')).toBeVisible();
  // It locks while the server cannot be told of it.
  await line.cut();
  await page.clock.fastForward('05:10');
  await expect(page.getByRole('heading', { name: 'Maren Okafor' })).toBeVisible();
  await page.reload();
  await expect(
    page.getByText('No connection to the shop’s server', { exact: false }),
  ).toBeVisible();
  await expect(page.getByText('Post trike 7')).toHaveCount(0);
  // Nor does the cookie let anybody in once the server answers again.
  await line.mend();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Who is here?' })).toBeVisible();
  await page.context().close();
  await line.cut();
});

test('a newer version waits while somebody works, and comes in at the Bench once everything is sent', async ({
  browser,
}) => {
  const { line, page, hands } = await keptPhone(browser);
  await atRotor(hands, 'Amid', 'In the middle');
  await hands.key('170');
  await hands.press('1', '6');

  // The shop is brought up to date: the same address gives another version.
  const newer = mkdtempSync(path.join(tmpdir(), 'hold-fast-web-'));
  cpSync(web, newer, { recursive: true });
  for (const end of ['.gz', '.br']) rmSync(path.join(newer, `sw.js${end}`));
  appendFileSync(path.join(newer, 'sw.js'), '\n// newer\n');
  const log = pino({ level: 'silent' });
  const app = createShop({ pool: shop.pool, now: () => new Date(), log }, newer);
  const server = app.listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  line.to = (server.address() as AddressInfo).port;
  await line.cut();
  await line.mend();
  await page.evaluate(async () => {
    await (await navigator.serviceWorker.ready).update();
  });
  await expect(page.getByText('A newer version is here', { exact: false })).toBeVisible();
  await hands.press('8', 'Enter');
  await expect(verdict(page)).toContainText('Thinnest 1.68');
  await allSent(page);

  await hands.touch(page.getByRole('button', { name: /^Back: \d+, Job/ }).first());
  await page.goto('/bench');
  await expect(hands.button('Check in a bike')).toBeVisible();
  await expect(page.getByText('A newer version is here', { exact: false })).toHaveCount(0);
  // The page is loaded anew while it is asked; what the older worker has in hand is brought to an end first.
  await expect(async () => {
    const waits = () =>
      page.evaluate(async () => (await navigator.serviceWorker.ready).waiting !== null);
    expect(await waits()).toBe(false);
  }).toPass({ timeout: 45_000 });
  await page.context().close();
  await line.cut();
  server.closeAllConnections();
  server.close();
  rmSync(newer, { recursive: true });
});

/** What the shop does meanwhile, by whoever leads it. */
async function asLead(browser: Browser, act: (request: APIRequestContext) => Promise<void>) {
  const context = await browser.newContext({ baseURL: `http://localhost:${shop.port}` });
  const data = { name: 'Teodor Vane', passphrase: 'three knots astern' };
  expect((await context.request.post('/api/session', { data })).status()).toBe(201);
  await act(context.request);
  await context.close();
}

/** Locks somebody out, or lets them in again. */
const lockOut = (browser: Browser, name: string, locked: boolean) =>
  asLead(browser, async (request) => {
    const people = (await (await request.get('/api/people')).json()) as PersonOfShop[];
    const { id, role, apprentice, version } = people.find((each) => each.name === name)!;
    const data = { version, name, role, apprentice, locked };
    expect((await request.put(`/api/people/${id}`, { data })).status()).toBe(200);
  });

test('who is locked out while their phone is away sends nothing more; what they measured waits for them, and nobody else sends it', async ({
  browser,
}) => {
  const { line, page, hands } = await keptPhone(browser, 'Joss Tarrel');
  const job = await atRotor(hands, 'Locked', 'Left behind');
  await allSent(page);
  const readings = async (of: Page) =>
    (await jobAt(of, job.split('/')[2]!)).measured.flatMap((each) => each.readings).length;
  const before = await readings(page);
  await line.cut();
  for (const digits of ['170', '168']) await hands.key(digits);
  await lockOut(browser, 'Joss Tarrel', true);
  await line.mend();
  await expect(page.getByText('Your session ended', { exact: false })).toBeVisible({
    timeout: 30_000,
  });
  // Another who signs in there sends their own alone.
  await page.getByLabel('Your name').fill('Maren Okafor');
  await page.getByLabel('Passphrase').fill('salt on the chain');
  await hands.touch(hands.button('Sign in'));
  await expect(hands.button('Check in a bike')).toBeVisible();
  await expect(page.getByText(/somebody else’s/i)).toBeVisible();
  expect(await readings(page)).toBe(before);
  // Let in again, they send what they measured.
  await lockOut(browser, 'Joss Tarrel', false);
  await openBench(page, 'Joss Tarrel');
  await allSent(page);
  expect(await readings(page)).toBe(before + 2);
  await page.context().close();
  await line.cut();
});

test('a browser that keeps nothing shows the shop, takes no reading, and says so', async ({
  browser,
}) => {
  const context = await browser.newContext({
    baseURL: `http://localhost:${shop.port}`,
    viewport: { width: 390, height: 664 },
    timezoneId: 'UTC',
    serviceWorkers: 'block',
  });
  await context.addInitScript(`for (const name of ['localStorage', 'sessionStorage', 'caches'])
    Object.defineProperty(globalThis, name, { get() { throw new DOMException('denied', 'SecurityError'); } });`);
  const page = await context.newPage();
  const hands = await openBench(page);
  const job = await checkIn(hands, 'Private', 'Keeps nothing');
  await hands.touch(hands.button(/^Carry on: identify, front/));
  await hands.touch(hands.button(/Ostrel Tolve/));
  await hands.touch(hands.button('This is the brake'));
  await expect(
    page.getByText('this device has no room to keep it', { exact: false }),
  ).toBeVisible();
  expect((await jobAt(page, job.split('/')[2]!)).identified.front).toBeNull();
  await context.close();
});

test('a picture taken with no network is there after a reload, is sent once, and bars the seal till then', async ({
  browser,
}) => {
  const { line, page, hands } = await keptPhone(browser);
  const job = await takeInKnown(page, 'Pictured', 'Cracked hose');
  await allSent(page);
  await page.goto(`${job}/front/look`);
  await hands.touch(page.getByRole('checkbox').first());
  await allSent(page);
  await line.cut();
  const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: 'red' } })
    .jpeg()
    .toBuffer();
  const chooser = page.getByLabel(/^Picture of/).first();
  await chooser.setInputFiles({ name: 'hose.jpg', mimeType: 'image/jpeg', buffer: jpeg });
  await expect(page.getByTestId('unsent-picture')).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('unsent-picture')).toBeVisible();
  await expect(page.getByText(/kept here and will be sent/)).toBeVisible();
  await page.goto(`${job}/sign-off`);
  await expect(page.getByText(/^A picture of this job is still on this device/)).toBeVisible();
  await page.goto(`${job}/front/look`);
  await expect(page.getByTestId('unsent-picture')).toBeVisible();
  await line.mend();
  await expect(page.getByTestId('unsent-picture')).toHaveCount(0, { timeout: 30_000 });
  await expect(page.getByLabel(/^Picture 1 of/)).toHaveCount(1);
  const { photos } = await jobAt(page, job.split('/')[2]!);
  expect(photos).toHaveLength(1);
  await page.context().close();
  await line.cut();
});

test('a phone whose clock is a day wrong measures at the shop’s time, whichever way', async ({
  browser,
}) => {
  for (const days of [-1, 1]) {
    const line = new Line(shop.port);
    await line.mend();
    const page = await phone(browser, line);
    await page.clock.setSystemTime(Date.now() + days * 86_400_000);
    const hands = await openBench(page);
    // Its day is the shop's from the first, before anything is sent.
    const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' });
    await expect(page.getByText(` ${day.format(new Date())}`).last()).toBeVisible();
    const job = await atRotor(hands, 'Clock', `Off by ${days}`);
    await isKept(page);
    // Read to its end: of an answer that is cut off nothing is kept.
    const dated = () =>
      page.evaluate(async () => {
        const answer = await fetch('/api/gauges');
        await answer.text();
        return answer.headers.get('date');
      });
    expect(await dated()).not.toBeNull();
    await line.cut();
    // What this device kept of an answer says nothing of what time it is now.
    await expect.poll(() => dated().catch(() => 'not kept yet')).toBeNull();
    await hands.key('170');
    await line.mend();
    await allSent(page);
    const { entries } = (await (
      await page.request.get(`/api/jobs/${job.split('/')[2]}`)
    ).json()) as JobLog;
    for (const { entry } of entries)
      expect(Math.abs(Date.parse(entry.at) - Date.now())).toBeLessThan(10 * 60_000);
    // Today is the shop's: nobody is asked where a bike was that came in today.
    await goTo(page, job);
    await expect(page.getByText('It waits for something')).toBeVisible();
    await expect(page.getByText(/^Has the bike been here/)).toHaveCount(0);
    await page.context().close();
    await line.cut();
  }
});
