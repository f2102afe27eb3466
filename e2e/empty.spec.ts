import path from 'node:path';
import { expect, test } from '@playwright/test';
import { pino } from 'pino';
import { openShop, type RunningShop } from '../scripts/shop';
import { allSent, beginRotor, checkIn, goTo, Hands, identify, verdict } from './bench';
import { handOver, Walker } from './walker';

const root = path.resolve(__dirname, '..');
const OWNER = { name: 'Una Marr', passphrase: 'first light on the quay', pin: '5309' };

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await openShop({
    root,
    dataDirectory: null,
    webDirectory: path.join(root, 'app/dist'),
    port: 0,
    feedPort: 0,
    empty: true,
    log: pino({ level: 'silent' }),
    say: () => undefined,
  });
});
test.afterAll(() => shop?.stop());

test('a shop of one’s own is opened from nothing, and seals its first job', async ({ browser }) => {
  const here = { baseURL: `http://localhost:${shop.port}`, timezoneId: 'Europe/Lisbon' };
  const context = await browser.newContext({ ...here, viewport: { width: 390, height: 664 } });
  const page = await context.newPage();
  const hands = new Hands(page);
  await page.goto('/ledger');
  await expect(page.getByRole('heading', { name: 'Open your shop' })).toBeVisible();
  await expect(page.getByLabel('Time zone')).toHaveValue('Europe/Lisbon');
  await page.getByLabel('What it is called').fill('The Slip Workshop');
  await page.getByLabel('Your name').fill(OWNER.name);
  await page.getByLabel('Your passphrase').fill(OWNER.passphrase);
  // A PIN that anybody guesses is none; nothing is opened yet.
  await page.getByLabel('Your PIN').fill('1111');
  await hands.touch(hands.button('Open the shop'));
  await expect(page.getByText('Not one digit over and over')).toBeVisible();
  await page.getByLabel('Your PIN').fill(OWNER.pin);
  await hands.touch(hands.button('Open the shop'));
  await expect(page.getByRole('heading', { name: 'Ledger', level: 1 })).toBeVisible();
  await goTo(page, '/bench');
  await expect(page.getByRole('button', { name: 'Check in a bike' }).first()).toBeVisible();

  // Nobody else opens it again, and nobody of the demo is here.
  const late = await context.request.post('/api/shop', {
    data: {
      id: '01a20000-0000-7000-8000-000000000001',
      name: 'Mine',
      timeZone: 'UTC',
      manner: { language: 'en', length: 'mm', torque: 'N·m', distance: 'km', temperature: '°C' },
      currency: 'EUR',
      owner: 'Somebody else',
      passphrase: 'late to the quay',
      pin: '7291',
    },
  });
  expect(late.status()).toBe(403);
  const sheets = (await (await context.request.get('/api/sheets')).json()) as {
    items: { body: { title: string } }[];
  };
  expect(sheets.items.length).toBeGreaterThanOrEqual(10);
  expect(sheets.items.filter(({ body }) => !body.title.startsWith('Generic'))).toEqual([]);

  // The first gauge, and the first bike.
  await goTo(page, '/stores/gauges/new');
  await page.getByLabel('Name on the bench').fill('G1 thickness gauge');
  await hands.touch(page.getByRole('radio', { name: 'Thickness gauge' }));
  await hands.touch(page.getByRole('radio', { name: /^Point/ }));
  await page.getByLabel('Calibrated through').fill(`${new Date().getFullYear() + 1}-01-01`);
  await hands.touch(hands.button('Save', true));
  await goTo(page, '/bench');
  const job = await checkIn(hands, 'First rider', 'First commuter');
  await identify(hands, 'Generic post mount, two pistons');
  await beginRotor(hands, 'G1 thickness gauge', 'No ridge');
  for (const digits of ['170', '168', '166', '169', '171', '170']) await hands.key(digits);
  await expect(verdict(page)).toContainText('Holds');
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await handOver(new Walker(hands), OWNER, ['Rider confirms', 'Front lever firm']);
  await context.close();
});
