import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { PEOPLE } from '@hold-fast/demo/people';
import { USUAL_MANNER, type Manner } from '@hold-fast/core/rules/manner';
import { beginRotor, Hands, identify, takeWrench } from './bench';
import { CHROMIUM, PHONE, WIDE } from '../scripts/chromium';
import { openDemoShop } from '../scripts/demoShop';

// One current picture of each main view, from the demo data, into docs/screenshots.

const target = path.resolve(__dirname, '../docs/screenshots');

async function main(): Promise<void> {
  const say = (words: string) => console.log(`· ${words}`);
  mkdirSync(target, { recursive: true });
  const shop = await openDemoShop(say);
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

/** The page stands still: its data is there and its type is loaded. A step with the feed open is never idle on the network. */
async function picture(page: Page, name: string): Promise<void> {
  await page.locator('main').first().waitFor();
  await page.getByText('Loading').waitFor({ state: 'detached' });
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(500);
  // Focus rings belong to whoever was clicking.
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.screenshot({ path: path.join(target, `${name}.png`) });
  console.log(`· docs/screenshots/${name}.png`);
}

/** Opens the job of a bike in hand and answers with its address. */
async function openJob(page: Page, bike: RegExp): Promise<string> {
  await page.goto('/bench');
  await page.getByRole('link', { name: bike }).click();
  await page.waitForURL(/[0-9a-f-]{36}$/);
  await page.getByText('Asked for').last().waitFor();
  return page.url();
}

/** Has everything said in a language to whoever is signed in. */
async function saidIn(page: Page, language: Manner['language']): Promise<void> {
  await page.request.put('/api/manner', { data: { manner: { ...USUAL_MANNER, language } } });
  await page.goto('/bench');
  await page.locator(`html[lang=${language}]`).waitFor();
}

async function phone(page: Page): Promise<void> {
  const hands = new Hands(page);
  await page.goto('/bench');
  await picture(page, 'bench');
  const rubs = await openJob(page, /Pilot’s gravel bike/);
  await picture(page, 'job');
  await page.goto(`${rubs}/found`);
  await page.getByTestId('found-front-clearance').waitFor();
  await picture(page, 'found');
  await saidIn(page, 'de');
  await page.goto(`${rubs}/found`);
  await page.getByRole('radio', { name: 'Für den Fahrer' }).click();
  await picture(page, 'found-rider-german');
  await saidIn(page, 'en');
  await page.goto(`${rubs}/plan`);
  await page.getByText('Bench time').waitFor();
  await page.getByRole('button', { name: 'This is the plan' }).click();
  for (let step = 1; step < 6; step++) {
    await page.getByText(`step ${step} of`).waitFor();
    await page.keyboard.press('Enter');
  }
  await page.getByText('step 6 of').waitFor();
  await picture(page, 'step');
  await page.goto(`${rubs}/front/trouble`);
  await page.getByTestId('next-check').waitFor();
  await picture(page, 'trouble');
  const wavy = await openJob(page, /Club downhill 5/);
  await page.goto(`${wavy}/rear/runout`);
  await page.getByLabel(/The turn is complete/).waitFor();
  await picture(page, 'runout');
  const job = await openJob(page, /Club downhill 3/);
  await identify(hands, 'Ostrel Tolve');
  await beginRotor(hands, 'G2 thickness gauge', 'Ridge felt');
  for (const digits of ['66', '62', '47', '56']) await hands.press(...digits);
  await hands.press('1', '4');
  await picture(page, 'rotor');
  await hands.press('Escape');
  for (const digits of ['55', '58']) await hands.press(...digits);
  await hands.button('Measure the pads').click();
  await page.getByRole('heading', { name: 'Measure the pads' }).waitFor();
  for (const digits of ['31', '35', '36', '36']) await hands.key(digits);
  await picture(page, 'pads');
  await page.goto(`${job}/sign-off`);
  await picture(page, 'sign-off');
  await page.goto('/reckoner/practice/long-and-soft');
  await page.getByTestId('check-hold-and-tissue').click();
  await page.getByTestId('check-sponge-test').click();
  await page.getByRole('radio', { name: 'Watch' }).waitFor();
  await picture(page, 'practice');
}

async function phoneDark(page: Page): Promise<void> {
  const hands = new Hands(page);
  await openJob(page, /Club downhill 3/);
  await hands
    .button(/^Torque/)
    .first()
    .click();
  await takeWrench(hands, /W2 bench/);
  await hands.button('All finger-tight').click();
  await hands.button('All clicked').click();
  for (let bolt = 0; bolt < 3; bolt++) await hands.button('It clicked').click();
  await picture(page, 'bolts-dark');
}

async function wide(page: Page): Promise<void> {
  await page.goto('/bench');
  await page.getByText('Asked for').waitFor();
  await picture(page, 'counter');
  const soft = await openJob(page, /Club downhill 5/);
  await page.goto(`${soft}/plan`);
  await page.getByText('Bench time').waitFor();
  await picture(page, 'plan-wide');
  await page.goto('/bikes');
  await page.getByRole('button', { name: /Post trike 7/ }).click();
  await page.getByText('Front rotor, by distance').waitFor();
  await picture(page, 'bike-wide');
  await page.goto('/stores');
  await picture(page, 'stores-wide');
  await page.goto('/bench/day');
  await page.getByText('Tandem').last().waitFor();
  await picture(page, 'day-wide');
  const pass = '0 620\n800 560\n1600 430\n2600 400\n3600 250\n5200 40\n6000 20';
  await page.goto(`/reckoner/heat?road=points&points=${encodeURIComponent(pass)}`);
  await page.getByTestId('size-front-203').waitFor();
  await picture(page, 'heat-wide');
  await page.goto('/ledger');
  await page.getByRole('button', { name: /^7 · / }).click();
  await picture(page, 'ledger-wide');
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
