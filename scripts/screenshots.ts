import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { PEOPLE } from '@hold-fast/demo/people';
import { pino } from 'pino';
import { beginRotor, Hands, identify } from '../e2e/bench';
import { CHROMIUM, PHONE, WIDE } from '../e2e/playwright.config';
import { openShop } from './shop';
import { exportWeb } from './web';

// One current picture of each main view, from the demo data, into docs/screenshots.

const root = path.resolve(__dirname, '..');
const target = path.join(root, 'docs/screenshots');

async function main(): Promise<void> {
  const say = (words: string) => console.log(`· ${words}`);
  mkdirSync(target, { recursive: true });
  const shop = await openShop({
    root,
    dataDirectory: null,
    webDirectory: exportWeb(root, say),
    port: 0,
    log: pino({ level: 'silent' }),
    say,
  });
  const browser = await chromium.launch(CHROMIUM);
  try {
    const open = async (viewport: typeof PHONE, colorScheme: 'light' | 'dark' = 'light') => {
      const context = await browser.newContext({
        viewport,
        colorScheme,
        timezoneId: 'UTC',
        baseURL: `http://localhost:${shop.port}`,
      });
      const [person] = PEOPLE.filter(({ role }) => role === 'mechanic');
      await context.request.post('/api/session', {
        data: { name: person!.name, passphrase: person!.passphrase },
      });
      return context.newPage();
    };
    await phone(await open(PHONE));
    await phoneDark(await open(PHONE, 'dark'));
    await wide(await open(WIDE));
  } finally {
    await browser.close();
    await shop.stop();
  }
}

async function picture(page: Page, name: string): Promise<void> {
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  // Focus rings belong to whoever was clicking.
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.screenshot({ path: path.join(target, `${name}.png`) });
  console.log(`· docs/screenshots/${name}.png`);
}

async function phone(page: Page): Promise<void> {
  const hands = new Hands(page);
  await page.goto('/bench');
  await picture(page, 'bench');
  await page.getByRole('link', { name: /Post trike 7/ }).click();
  await page.getByText('Asked for').waitFor();
  await picture(page, 'job');
  await page.goto('/bench');
  await page.getByRole('link', { name: /Club downhill 3/ }).click();
  const job = page.url();
  await identify(hands, 'Ostrel Tern');
  await beginRotor(hands, 'G2 thickness gauge', 'Ridge felt');
  for (const digits of ['166', '162', '147', '156']) await hands.key(digits);
  await hands.press('1', '4');
  await picture(page, 'rotor');
  await hands.press('Escape');
  for (const digits of ['155', '158']) await hands.key(digits);
  await hands.button('Measure the pads').click();
  await hands.button(/G2 thickness gauge/).click();
  await hands.press('Enter');
  for (const digits of ['31', '35', '36', '36']) await hands.key(digits);
  await picture(page, 'pads');
  await page.goto(`${job}/front/fluid`);
  await picture(page, 'fluid');
  await page.goto(`${job}/sign-off`);
  await picture(page, 'sign-off');
  await page.goto('/reckoner');
  await picture(page, 'reckoner');
}

async function phoneDark(page: Page): Promise<void> {
  const hands = new Hands(page);
  await page.goto('/bench');
  await page.getByRole('link', { name: /Club downhill 3/ }).click();
  await hands
    .button(/^Rotor bolts/)
    .first()
    .click();
  await hands.button(/W2 bench/).click();
  await hands.button('All finger-tight').click();
  await hands.button('All clicked').click();
  for (let bolt = 0; bolt < 3; bolt++) await hands.button('It clicked').click();
  await picture(page, 'bolts-dark');
}

async function wide(page: Page): Promise<void> {
  await page.goto('/bench');
  await page.getByText('Asked for').waitFor();
  await picture(page, 'counter');
  await page.goto('/bikes');
  await page.getByRole('button', { name: /Post trike 7/ }).click();
  await page.getByText('Front rotor, by distance').waitFor();
  await picture(page, 'bike-wide');
  await page.goto('/stores');
  await picture(page, 'stores-wide');
  await page.goto('/ledger');
  await page.getByRole('button', { name: /^7 · / }).click();
  await picture(page, 'ledger-wide');
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
