import { readFileSync } from 'node:fs';
import { readBikeTable } from '@hold-fast/contract/bikeCsv';
import { expect, type Page } from '@playwright/test';
import { goTo, openBench, test } from './bench';

const csv = (lines: readonly string[]) => ({
  name: 'fleet.csv',
  mimeType: 'text/csv',
  buffer: Buffer.from(lines.join('\r\n')),
});
const choose = (page: Page, lines: readonly string[]) =>
  page.getByLabel('Choose a CSV file').setInputFiles(csv(lines));

/** Scrolls through the list of bikes: each of the fleet comes by, never many rows are there at once, and the first come back. */
async function seesAll(page: Page, fleet: string, count: number): Promise<void> {
  const list = await page.context().newPage();
  await list.goto('/bikes');
  const rows = list.getByRole('main').getByRole('button').filter({ hasText: '·' });
  await expect(rows.first()).toBeVisible();
  const first = await rows.first().innerText();
  const seen = new Set<string>();
  let most = 0;
  await expect
    .poll(
      async () => {
        const there = await rows.allInnerTexts();
        most = Math.max(most, there.length);
        for (const text of there) if (text.includes(`\n${fleet} ·`)) seen.add(text);
        await list.mouse.move(200, 500);
        await list.mouse.wheel(0, 1500);
        return seen.size;
      },
      { timeout: 60_000, intervals: [100] },
    )
    .toBe(count);
  expect(most).toBeLessThan(150);
  expect(await rows.first().innerText()).not.toBe(first);
  await list.mouse.wheel(0, -200_000);
  await expect.poll(() => rows.first().innerText()).toBe(first);
  await list.close();
}

test('a fleet is looked through, taken in though the network fails on the way, and doubles nothing when it comes again', async ({
  page,
}, { project }) => {
  const hands = await openBench(page, 'Teodor Vane');
  await page.goto('/bikes');
  await hands.touch(hands.button('Tables'));
  const fleet = `Fleet ${project.name}`;
  const names = 'Customer;Bike;Serial;Mass kg;shoe size;Third brake';
  const good = Array.from(
    { length: 450 },
    (_, i) => `${fleet};Hire bike ${i};${project.name}-${i};;;none`,
  );

  // A cell that cannot be taken is named by its line; then all, or nothing.
  await choose(page, [
    names,
    ...good.slice(0, 3),
    `${fleet};Broken;;heavy;;none`,
    `${fleet};Unsaid;;;;`,
  ]);
  await expect(page.getByText('Line 5, mass_kg')).toBeVisible();
  await expect(page.getByText('A whole number, or nothing.')).toBeVisible();
  await expect(page.getByText('Line 6, third_brake')).toBeVisible();
  await expect(page.getByText('nobody knows here are left out: shoe_size')).toBeVisible();
  await expect(hands.button('Take in 3 rows')).toHaveCount(0);
  await hands.touch(page.getByRole('radio', { name: 'The good rows only' }));
  await hands.touch(hands.button('Take in 3 rows'));
  await expect(page.getByText('3 rows taken in.')).toBeVisible();

  // Whole, with the network lost after the first part.
  await choose(page, [names, ...good]);
  await expect(page.getByText('447 rows to take in')).toBeVisible();
  await expect(page.getByText('3 rows there already')).toBeVisible();
  let parts = 0;
  await page.route('**/api/bikes/import', async (route) => {
    parts += 1;
    if (parts !== 2) return route.continue();
    // Done, and its answer lost.
    await route.fetch();
    return route.abort();
  });
  await hands.touch(hands.button('Take in 447 rows'));
  await expect(page.getByText('It stopped after 200 rows', { exact: false })).toBeVisible();
  await hands.touch(hands.button('Go on'));
  await expect(page.getByText(/^2\d\d rows taken in\.$/)).toBeVisible();
  await page.unroute('**/api/bikes/import');

  const downloaded = page.waitForEvent('download');
  await hands.touch(hands.button('Customers and bikes'));
  const read = readBikeTable(readFileSync(await (await downloaded).path(), 'utf8'));
  if (!read.ok) throw new Error(read.code);
  const theirs = read.rows.filter(({ customer }) => customer.name === fleet);
  expect(theirs).toHaveLength(450);
  expect(new Set(theirs.map(({ bike }) => bike!.serial)).size).toBe(450);

  await seesAll(page, fleet, 450);

  // What is no table is refused whole, with the reason.
  await choose(page, ['bike;serial', 'A;B']);
  await expect(page.getByText('It has no column called “customer”.')).toBeVisible();
});

test('a shelf comes in from a table, and a kind of part that is there keeps its count', async ({
  page,
}, { project }) => {
  const hands = await openBench(page, 'Teodor Vane');
  await goTo(page, '/bikes/tables');
  const name = `Table olives ${project.name}`;
  const shelf = (count: number) => [
    'part,description,count,price_cents',
    `olive,${name},${count},150`,
  ];
  await choose(page, [...shelf(40), 'olive,Broken,many,1']);
  await expect(page.getByText('Line 3, count')).toBeVisible();
  await choose(page, shelf(40));
  await hands.touch(hands.button('Take in 1 row'));
  await expect(page.getByText('1 row taken in.')).toBeVisible();
  // Another count of the same kind is no delivery.
  await choose(page, shelf(90));
  await expect(page.getByText('1 row there already')).toBeVisible();
  await expect(hands.button(/^Take in/)).toHaveCount(0);
  const { items } = (await (await page.request.get('/api/stock')).json()) as {
    items: { description: string; count: number }[];
  };
  expect(items.find(({ description }) => description === name)).toMatchObject({ count: 40 });
});

test('a maker’s recalls come in from a list, and are met at the counter', async ({ page }, {
  project,
}) => {
  const hands = await openBench(page, 'Teodor Vane');
  await goTo(page, '/bikes/tables');
  const title = `Crown may crack, ${project.name}`;
  await choose(page, [
    'Title;Words;Source;Do not ride;Maker;Serial from;Serial to;Lot',
    `${title};Look for a line under the crown;Letter of 3 March;;Nobodys;N-1;N-9;`,
    `Backwards;Words;Source;yes;Nobodys;N-9;N-1;`,
  ]);
  await expect(page.getByText('Line 3, serial_to')).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'The good rows only' }));
  await hands.touch(hands.button('Take in 1 row'));
  await expect(page.getByText('1 row taken in.')).toBeVisible();
  await goTo(page, '/stores');
  await expect(page.getByText(title).first()).toBeVisible();
});

test('readings of before come in from a card, stand at their bike, and change nothing of how it stands', async ({
  page,
}) => {
  const hands = await openBench(page, 'Teodor Vane');
  const { items } = (await (await page.request.get('/api/bikes?q=gravel')).json()) as {
    items: { bikeId: string; bikeName: string; customerName: string }[];
  };
  const { bikeId, bikeName, customerName } = items[0]!;
  const standing = async () => {
    const answer = (await (await page.request.get(`/api/bikes/${bikeId}`)).json()) as object;
    return { ...answer, brought: null };
  };
  const before = await standing();
  await goTo(page, '/bikes/tables');
  const card = (mm: string) => [
    'at;customer;bike;end;part;place;mm;gauge',
    `2024-03-02;${customerName};${bikeName};front;rotor;1;1,72;drawer caliper`,
    `2024-03-02;${customerName};${bikeName};front;rotor;2;${mm};drawer caliper`,
  ];
  await choose(page, card('17'));
  await expect(page.getByText('Line 3, mm')).toBeVisible();
  await expect(hands.button(/^Take in/)).toHaveCount(0);
  await choose(page, card('1,7'));
  await hands.touch(hands.button('Take in 2 rows'));
  await expect(page.getByText('2 rows taken in.')).toBeVisible();
  await choose(page, card('1,7'));
  await expect(page.getByText('2 rows there already')).toBeVisible();
  await goTo(page, `/bikes/${bikeId}`);
  await expect(
    page.getByText('1.72 · 1.70 mm. With drawer caliper; brought in by Teodor Vane.', {
      exact: false,
    }),
  ).toBeVisible();
  await expect(page.getByText('They prove nothing here', { exact: false })).toBeVisible();
  expect(await standing()).toEqual(before);
});
