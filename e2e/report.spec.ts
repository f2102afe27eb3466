import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import jsQR from 'jsqr';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { PNG } from 'pngjs';
import { goTo, openBench, test } from './bench';

/** All the text of a PDF, read by another library than the one that made it. */
async function textOf(data: Uint8Array): Promise<{ text: string; pages: number; width: number }> {
  const pdf = await getDocument({ data: data }).promise;
  const texts: string[] = [];
  let width = 0;
  for (let number = 1; number <= pdf.numPages; number++) {
    const page = await pdf.getPage(number);
    width = page.getViewport({ scale: 1 }).width;
    const { items } = await page.getTextContent();
    texts.push(items.map((item) => ('str' in item ? item.str : '')).join(''));
  }
  return { text: texts.join('\n'), pages: pdf.numPages, width };
}

test('a report goes to its customer by an address, by paper and by the square code of a label, until it is withdrawn', async ({
  page,
  browser,
}) => {
  const hands = await openBench(page);
  const { items } = (await (await page.request.get('/api/records')).json()) as {
    items: { id: string; number: number; seal: string; bikeName: string; customerName: string }[];
  };
  const record = items.at(-1)!;
  await goTo(page, `/ledger/report/${record.id}`);
  await expect(page.getByRole('heading', { name: record.bikeName })).toBeVisible();

  // On paper: what stands there is what stands on the screen.
  const downloaded = page.waitForEvent('download');
  await hands.touch(hands.button('PDF'));
  const file = await downloaded;
  expect(file.suggestedFilename()).toBe(`report-${record.number}.pdf`);
  const { text, pages, width } = await textOf(new Uint8Array(readFileSync(await file.path())));
  // A4 in points. Source [S]: ISO 216, 210 mm.
  expect(Math.round(width)).toBe(Math.round((210 / 25.4) * 72));
  expect(pages).toBeLessThanOrEqual(2);
  const squeezed = text.replace(/\s/g, '');
  for (const says of [record.bikeName, record.customerName, record.seal, 'Please mind'])
    expect(squeezed).toContain(says.replace(/\s/g, ''));

  // The label's code leads to the report.
  await hands.touch(hands.button('Label', true));
  await expect(page.getByText('it needs an address first', { exact: false })).toBeVisible();
  await hands.touch(hands.button('Make an address'));
  const code = page.getByTestId('square-code');
  const picture = PNG.sync.read(await code.screenshot());
  const read = jsQR(new Uint8ClampedArray(picture.data), picture.width, picture.height);
  expect(read?.data).toMatch(/\/r\/[A-Za-z0-9_-]{22}$/);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: record.bikeName })).toBeHidden();
  const paper = await page.pdf({ preferCSSPageSize: true });
  const a6 = await textOf(new Uint8Array(paper));
  // A6 in points. Source [S]: ISO 216, 105 mm.
  expect(a6.text).toContain(record.bikeName);
  expect([a6.pages, Math.round(a6.width)]).toEqual([1, Math.round((105 / 25.4) * 72)]);
  await expect(code).toBeVisible();
  // Whatever the screen: on paper nothing stands beside it.
  expect((await code.boundingBox())!.x).toBeLessThan(200);
  await page.emulateMedia({ media: 'screen' });

  const customer = await (await browser.newContext({ timezoneId: 'UTC' })).newPage();
  await customer.goto(read!.data);
  await expect(customer.getByRole('heading', { name: record.bikeName })).toBeVisible();
  await expect(customer.getByText('Please mind')).toBeVisible();
  await expect(customer.getByRole('navigation')).toHaveCount(0);
  expect((await customer.request.get('/api/bench')).status()).toBe(401);

  await goTo(page, `/ledger/report/${record.id}`);
  await expect(page.getByTestId('open-address')).toHaveText(read!.data);
  await hands.touch(hands.button('Withdraw it', true));
  await hands.touch(hands.button(/^Withdraw it: it then shows nothing/));
  await expect(page.getByText(/withdrawn by Maren Okafor/).first()).toBeVisible();
  // Others of this report may have been withdrawn before: this one is known by what it shows.
  await expect(async () => {
    await customer.reload();
    await expect(customer.getByText('The workshop has withdrawn this address')).toBeVisible({
      timeout: 2000,
    });
  }).toPass();
  await expect(customer.getByText(record.bikeName)).toHaveCount(0);
  await customer.context().close();
});
