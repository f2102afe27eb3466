import { expect } from '@playwright/test';
import { goTo, openBench, test } from './bench';
import { AT_THE_COUNTER } from './widths';

test('a record is found, read, reported to its customer, and prints whole', async ({ page }, {
  project,
}) => {
  const hands = await openBench(page, 'Teodor Vane');
  await goTo(page, '/ledger');
  const { items } = (await (await page.request.get('/api/records')).json()) as {
    items: { id: string; number: number; bikeName: string; customerName: string }[];
  };
  const sought = items.at(-1)!;
  await page
    .getByLabel('Customer, bike, serial, tag, mechanic, lot or part')
    .fill(sought.customerName);
  const row = hands.button(new RegExp(`^${sought.number} · `));
  await expect(row).toBeVisible();
  if (project.name !== 'wide') await hands.touch(hands.button('Narrow it down'));
  await page.getByLabel('From', { exact: true }).fill('2099-01-01');
  await expect(page.getByText('No record is like that')).toBeVisible();
  await page.getByLabel('From', { exact: true }).fill('yesterday');
  await expect(page.getByText('A day such as 2026-03-31.')).toBeVisible();
  await page.getByLabel('From', { exact: true }).fill('');
  await hands.touch(row);
  await expect(page.getByText('The text gives its seal')).toBeVisible();
  await expect(page.getByText('How it stood')).toBeVisible();
  await expect(page.getByTestId('canonical')).toHaveCount(0);
  await hands.touch(hands.button('Show the text it was sealed with'));
  await expect(page.getByTestId('canonical')).toContainText('"format":"hold-fast/job-record/');

  await hands.touch(hands.button('Customer’s report'));
  await expect(page.getByRole('heading', { name: sought.bikeName })).toBeVisible();
  await expect(page.getByText('Please mind')).toBeVisible();
  const seal = page.getByText(/^Record \d+ · seal [0-9a-f]{64}$/);
  await page.emulateMedia({ media: 'print' });
  // On paper all of it stands below each other, with nothing round it.
  await expect(page.getByRole('navigation')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Print it' })).toBeHidden();
  const { bottom, paper } = await seal.evaluate((element) => ({
    bottom: element.getBoundingClientRect().bottom + window.scrollY,
    paper: document.documentElement.scrollHeight,
  }));
  expect(bottom).toBeLessThanOrEqual(paper);
});

test('what is due stands by its week, and is put off only with a reason', async ({ page }, {
  project,
}) => {
  const hands = await openBench(page, 'Teodor Vane');
  await goTo(page, '/ledger');
  await hands.touch(hands.button('Due'));
  await expect(page.getByText(/^Week of /).first()).toBeVisible();
  const line = page.getByTestId(/^due-/).nth(project.name === 'wide' ? 1 : 0);
  const says = await line.innerText();
  const title = says.split('\n')[0]!;
  await hands.touch(
    page.getByRole('button', { name: /^Later: / }).nth(project.name === 'wide' ? 1 : 0),
  );
  const off = hands.button('Put it off');
  await expect(off).toBeDisabled();
  const reason = `Away at sea, ${project.name}`;
  await page.getByLabel('Why it can wait').fill(reason);
  await hands.touch(page.getByRole('radio', { name: '28 days' }));
  await hands.touch(off);
  await expect(page.getByText(`“${reason}”`)).toBeVisible();
  expect(title).not.toBe('');
  await hands.touch(hands.button('Calendar', true));
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    hands.touch(hands.button('Calendar file')),
  ]);
  expect(download.suggestedFilename()).toBe('due.ics');
});

test(
  'a mechanic’s work is traced to every bike it reached, and saved for a spreadsheet',
  AT_THE_COUNTER,
  async ({ page }) => {
    const hands = await openBench(page, 'Teodor Vane');
    await goTo(page, '/ledger');
    await hands.touch(hands.button('Trace'));
    await hands.touch(page.getByRole('radio', { name: 'Mechanic' }));
    await page.getByLabel('Their name').fill('Joss Tarrel');
    await hands.touch(hands.button('Trace it'));
    await expect(page.getByTestId('traced').first()).toBeVisible();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      hands.touch(hands.button('Save as CSV')),
    ]);
    expect(download.suggestedFilename()).toBe('trace.csv');
    await page.getByLabel('Their name').fill('Nobody at all');
    await hands.touch(hands.button('Trace it'));
    await expect(page.getByText('It reached nobody')).toBeVisible();
    await expect(page).toHaveURL(/by=mechanic/);
  },
);

test(
  'a customer is reminded of what is due, everybody a trace found is written to once, and all of it is read in the box',
  AT_THE_COUNTER,
  async ({ page }, { project }) => {
    const hands = await openBench(page, 'Teodor Vane');
    await goTo(page, '/ledger/due');
    await hands.touch(page.getByRole('button', { name: /^Remind: / }).first());
    const text = page.getByLabel('The message');
    await expect(text).toHaveValue(/is due by \d/);
    await text.fill(`Your brakes are due, says ${project.name}.`);
    await hands.touch(hands.button('Send it'));
    await expect(page.getByText(/Reminded \d/).first()).toBeVisible();

    await goTo(page, '/ledger/trace?by=mechanic&name=Joss%20Tarrel');
    await hands.touch(hands.button(/^Write to these \d+$/));
    await expect(page.getByLabel('The message')).toHaveValue(/Mechanic Joss Tarrel/);
    await page.getByLabel('The message').fill(`Come in, says ${project.name}.`);
    await hands.touch(hands.button('Send it'));
    await expect(page.getByText(/^Sent to /)).toBeVisible();
    await expect(page.getByRole('button', { name: '…', exact: true })).toHaveCount(0);
    const said = await page.getByText(/^Sent to \d+ of \d+$/).innerText();
    await goTo(page, '/ledger/outbox');
    await expect(
      page.getByTestId('message').filter({ hasText: `due, says ${project.name}` }),
    ).toHaveCount(1);
    await expect(
      page.getByTestId('message').filter({ hasText: `Come in, says ${project.name}` }),
    ).toHaveCount(Number(/\d+/.exec(said)![0]));
  },
);

test(
  'a calendar takes what is due from an address, is not sent twice what has not changed, and gets nothing once it is withdrawn',
  AT_THE_COUNTER,
  async ({ page, playwright, baseURL }) => {
    const hands = await openBench(page, 'Teodor Vane');
    await goTo(page, '/ledger/calendar');
    const address = page.getByTestId('open-address');
    const make = hands.button('Make an address');
    await expect(address.or(make).first()).toBeVisible();
    if ((await address.count()) === 0) await hands.touch(make);
    const url = await address.first().innerText();
    // Whoever asks is not of the shop.
    const calendar = await playwright.request.newContext({ baseURL: baseURL! });
    const first = await calendar.get(url);
    expect(first.headers()['content-type']).toBe('text/calendar; charset=utf-8');
    const text = await first.text();
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(text).toContain('SUMMARY:Post trike 7: rotor\\, front');
    expect(text).not.toMatch(/0555 \d{4}/);
    const etag = first.headers()['etag']!;
    expect((await calendar.get(url, { headers: { 'if-none-match': etag } })).status()).toBe(304);
    await hands.touch(hands.button('Withdraw it', true).first());
    await hands.touch(hands.button(/^Withdraw it: it then shows nothing/).first());
    await expect(page.getByText(/withdrawn by Teodor Vane/).first()).toBeVisible();
    // Others that were withdrawn before stand there too: this one is known by its address.
    await expect.poll(async () => (await calendar.get(url)).status()).toBe(410);
    await calendar.dispose();
  },
);
