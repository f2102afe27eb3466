import { get } from 'node:https';
import path from 'node:path';
import type { SessionSaid } from '@hold-fast/contract/first';
import type { Trust } from '@hold-fast/contract/trust';
import { expect, test } from '@playwright/test';
import { pino } from 'pino';
import { openShop } from '../scripts/shop';
import { allSent, openBench, verdict } from './bench';
import { atRotor } from './takenIn';

const PHONE = { viewport: { width: 390, height: 664 }, hasTouch: true, timezoneId: 'UTC' };

/** Asks the shop over TLS as somebody who trusts this root alone. */
const statusTrusting = (url: string, ca: string): Promise<number | string> =>
  new Promise((resolve) => {
    get(url, { ca }, (response) => resolve(response.statusCode!)).once('error', (error) =>
      resolve((error as NodeJS.ErrnoException).code ?? error.message),
    );
  });

test('a phone on the shop’s network is told how to trust it, reaches it encrypted alone, and its readings are kept', async ({
  browser,
  page: counter,
}) => {
  const at = process.env.PHONE_URL!;

  // Whoever types the address finds, in the clear, how to trust the shop, and nothing of it.
  const stranger = await browser.newContext({ ...PHONE, baseURL: `http://${at}` });
  const told = await stranger.newPage();
  await told.goto('/bench');
  await expect(told.getByRole('heading', { name: 'Trust the shop once' })).toBeVisible();
  await expect(told.getByText('Step 3 of 3')).toBeVisible();
  for (const path of ['/api/session', '/api/bench'])
    expect((await stranger.request.get(path)).status()).toBe(403);
  const credentials = { name: 'Maren Okafor', passphrase: 'salt on the chain' };
  const clear = await stranger.request.post('/api/session', { data: credentials });
  expect([clear.status(), clear.headers()['set-cookie']]).toEqual([403, undefined]);

  // The root it fetches is the one the counter shows, and vouches for this address.
  await counter.goto('/trust');
  await expect(counter.getByTestId('square-code')).toBeVisible();
  const { fingerprint, shop } = (await (await counter.request.get('/api/trust')).json()) as Trust;
  const pairs = fingerprint.split(':').slice(0, 8).join(' ');
  await expect(counter.getByText(pairs)).toBeVisible();
  await expect(told.getByText(pairs)).toBeVisible();
  expect(shop).toBe(`https://${at}`);
  const root = await (await stranger.request.get('/hold-fast-root.crt')).text();
  expect(await statusTrusting(`${shop}/api/session`, root)).toBe(200);
  const another = await (await counter.request.get('/fonts/fonts.css')).text();
  expect(await statusTrusting(`${shop}/api/session`, another)).not.toBe(200);
  await stranger.close();

  const phone = await browser.newContext({ ...PHONE, baseURL: shop, ignoreHTTPSErrors: true });
  const page = await phone.newPage();
  const hands = await openBench(page);
  expect(page.url()).not.toMatch(/localhost|127\.0\.0\.1/);
  expect(await page.evaluate(() => window.isSecureContext)).toBe(true);
  expect((await phone.cookies())[0]).toMatchObject({ secure: true, httpOnly: true });
  const job = await atRotor(hands, 'Network rider', 'Network commuter');
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

test('two shops on one network: a phone that trusts one does not reach the other as it, nor is it signed in there', async ({
  browser,
  page: counter,
}) => {
  const root = path.resolve(__dirname, '..');
  const first = process.env.PHONE_URL!;
  const port = Number(new URL(`https://${first}`).port);
  const options = {
    root,
    dataDirectory: null,
    webDirectory: path.join(root, 'app/dist'),
    feedPort: 0,
    empty: true,
    log: pino({ level: 'silent' }),
    say: () => undefined,
  };
  // At the address that the first one has, nobody else opens: it is said, and what to do.
  await expect(openShop({ ...options, port })).rejects.toThrow(/^Port \d+ is taken .* --port \d+/);
  const host = first.startsWith('127.0.0.2:') ? '127.0.0.3' : '127.0.0.2';
  const shop = await openShop({ ...options, port: 0, host });
  const context = await browser.newContext({ ...PHONE, ignoreHTTPSErrors: true });
  try {
    const second = `${host}:${shop.port}`;
    const rootOf = async (at: string) =>
      (await context.request.get(`http://${at}/hold-fast-root.crt`)).text();
    const [one, other] = [await rootOf(first), await rootOf(second)];
    expect(await statusTrusting(`https://${first}/api/session`, one)).toBe(200);
    expect(await statusTrusting(`https://${second}/api/session`, other)).toBe(200);
    expect(await statusTrusting(`https://${second}/api/session`, one)).not.toBe(200);
    expect(await statusTrusting(`https://${first}/api/session`, other)).not.toBe(200);

    const saidAt = async (at: string) =>
      (await (await context.request.get(`https://${at}/api/session`)).json()) as SessionSaid;
    await context.request.post(`https://${first}/api/session`, {
      data: { name: 'Maren Okafor', passphrase: 'salt on the chain' },
    });
    expect((await saidAt(first)).person?.name).toBe('Maren Okafor');
    expect(await saidAt(second)).toMatchObject({ person: null, unopened: true });
  } finally {
    await context.close();
    await shop.stop();
  }
  expect((await counter.request.get('/api/session')).status()).toBe(200);
});
