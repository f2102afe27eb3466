import { readFileSync } from 'node:fs';
import type { BikePage, FoundBike } from '@hold-fast/contract/bikes';
import { sealPassport, type Passport } from '@hold-fast/core/passport/passport';
import { expect, type Page } from '@playwright/test';
import { goTo, openBench, pinOf, test } from './bench';
import { takeIn } from './takenIn';

const choose = (page: Page, passport: object) =>
  page.getByLabel('Choose a passport file').setInputFiles({
    name: 'passport.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(passport)),
  });
const bikesNamed = async ({ request }: Page, words: string) =>
  (
    (await (await request.get('/api/bikes', { params: { q: words } })).json()) as {
      items: FoundBike[];
    }
  ).items;

test('a passport goes out whole, and one that comes in brings its do-not-ride and proves nothing', async ({
  page,
}, { project }) => {
  const hands = await openBench(page, 'Teodor Vane');
  const rider = `Passport ${project.name}`;
  const job = await takeIn(page, rider, `Travelled ${project.name}`);
  const [bike] = await bikesNamed(page, rider);
  // One that the demo sealed, read as its file is saved.
  const { items } = (await (await page.request.get('/api/records')).json()) as {
    items: { bikeId: string }[];
  };
  const sealed = items.at(-1)!.bikeId;
  await goTo(page, `/bikes/${sealed}`);
  await hands.touch(hands.button('Passport', true));
  const downloaded = page.waitForEvent('download');
  await hands.touch(hands.button('This bike’s passport, as a file'));
  const out = JSON.parse(readFileSync(await (await downloaded).path(), 'utf8')) as Passport;
  const { customer } = (await (await page.request.get(`/api/bikes/${sealed}`)).json()) as BikePage;
  expect(JSON.stringify(out)).not.toContain(customer.name);

  // Elsewhere its brake was then found cracked: written again there, with the bike’s serial left out.
  const { seal: _, ...rest } = out;
  const cracked = { end: 'front', subject: 'rotor', found: ['crack'] } as const;
  const records: Passport['records'] = [];
  const passport = sealPassport({
    ...rest,
    bike: { ...rest.bike, serial: '' },
    doNotRide: [{ ...cracked, found: [...cracked.found] }],
    records,
  });
  await goTo(page, `/bikes/${bike!.bikeId}/passport`);
  await choose(page, { ...passport, doNotRide: [] });
  await expect(
    page.getByText('It was altered after it was written.', { exact: false }),
  ).toBeVisible();
  await expect(hands.button('Take it in')).toHaveCount(0);
  await choose(page, { nothing: true });
  await expect(page.getByText('This is no passport of a bike.', { exact: false })).toBeVisible();
  await choose(page, passport);
  await expect(
    page.getByText('see for yourself that it is this bike', { exact: false }),
  ).toBeVisible();
  await expect(page.getByText('Do not ride: front rotor')).toBeVisible();
  await hands.touch(hands.button('Take it in'));
  await expect(page.getByRole('heading', { name: /^Taken in .* by Teodor Vane/ })).toBeVisible();
  await hands.touch(page.getByRole('button', { name: 'The bike', exact: true }));
  await expect(page.getByText('Do not ride', { exact: false }).first()).toBeVisible();
  await goTo(page, `${job}/sign-off`);
  await expect(page.getByText('do-not-ride', { exact: false }).first()).toBeVisible();
});

test('a customer who asks to be forgotten is, once no bike of theirs is in the shop, by the owner’s PIN', async ({
  page,
}, { project }) => {
  const hands = await openBench(page, 'Ingrith Sula');
  const name = `Forgotten ${project.name}`;
  const job = await takeIn(page, name, `Bike to forget ${project.name}`);
  const [bike] = await bikesNamed(page, name);
  await goTo(page, `/bikes/${bike!.bikeId}`);
  await hands.touch(hands.button('Correct this customer'));
  await hands.touch(hands.button('They ask to be forgotten'));
  await expect(page.getByText(`Everything that says who ${name} is goes, for good`)).toBeVisible();
  await page.getByLabel('Who asked, and how').fill('By letter');
  await page.getByLabel('PIN of Ingrith Sula').fill(pinOf('Ingrith Sula'));
  await hands.touch(hands.button('Erase it for good'));
  await expect(page.getByText('A bike of theirs is in the shop.', { exact: false })).toBeVisible();

  await goTo(page, `${job}/sign-off`);
  await hands.touch(hands.button('It leaves unrepaired'));
  await page.getByLabel('What was said').fill('Not now');
  await page.getByLabel('Who took it away').fill(name);
  await page.getByLabel('PIN of Ingrith Sula').fill(pinOf('Ingrith Sula'));
  await hands.touch(hands.button('Close, not repaired'));
  await expect(page.getByRole('heading', { name: 'Closed, not repaired' })).toBeVisible();
  await goTo(page, `/bikes/${bike!.bikeId}/customer`);
  await hands.touch(hands.button('They ask to be forgotten'));
  await page.getByLabel('Who asked, and how').fill('By letter');
  await page.getByLabel('PIN of Ingrith Sula').fill(pinOf('Ingrith Sula'));
  await hands.touch(hands.button('Erase it for good'));
  await expect(page.getByRole('heading', { name: '—', level: 1 })).toBeVisible();
  expect(await bikesNamed(page, name)).toEqual([]);
  await goTo(page, '/ledger');
  await expect(page.getByText(name)).toHaveCount(0);
});
