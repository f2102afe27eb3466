import { expect } from '@playwright/test';
import sharp from 'sharp';
import { allSent, beginRotor, goTo, jobAt, openBench, pinOf, verdict, test } from './bench';

test('three brakes on one job: checked in, each judged by itself, what one lever works proven for both, and signed only when all are', async ({
  page,
  browser,
}) => {
  const hands = await openBench(page, 'Teodor Vane');
  await hands.touch(hands.button('Check in a bike'));
  await page.getByLabel('Find', { exact: true }).fill('Three brakes');
  await hands.touch(hands.button('A new customer'));
  await page.getByLabel('Bike, as people call it').fill('Cargo trike');
  await hands.touch(page.getByRole('radio', { name: 'No motor' }));
  await page.getByLabel('In the rider’s own words').fill('Once over, please');
  const of = (group: string, choice: string) =>
    page.getByRole('radiogroup', { name: group, exact: true }).getByRole('radio', { name: choice });
  // Where it sits, and a lever that works it, are asked only where there is one.
  await expect(page.getByText('Where the third brake sits')).toHaveCount(0);
  await expect(of('One lever for two brakes', 'Front and third')).toHaveCount(0);
  await hands.touch(of('Brake, third', 'Disc'));
  await hands.touch(of('Where the third brake sits', 'Right front, beside the left one'));
  await hands.touch(of('One lever for two brakes', 'Front and third'));
  await hands.touch(of('Which lever works the front brake?', 'Left'));
  await hands.touch(hands.button('Check it in'));
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  const job = new URL(page.url()).pathname;
  const jobId = job.split('/')[2]!;
  for (const end of ['front (left)', 'rear', 'third (front right)'])
    await expect(page.getByRole('heading', { name: end, exact: true })).toBeVisible();

  // What was damaged when it came in is kept as a picture of the bike, and of no brake.
  const jpeg = await sharp({ create: { width: 64, height: 48, channels: 3, background: '#888' } })
    .jpeg()
    .toBuffer();
  await page
    .getByLabel('Picture of the bike as it came in', { exact: true })
    .setInputFiles({ name: 'fork.jpg', mimeType: 'image/jpeg', buffer: jpeg });
  await expect(
    page.getByRole('img', { name: /^Picture 1 of the bike as it came in/ }),
  ).toBeVisible();

  // Each is identified by itself.
  for (const end of ['front', 'rear', 'third']) {
    await goTo(page, `${job}/${end}/identify`);
    await hands.touch(hands.button(/Ostrel Tolve/));
    await hands.touch(hands.button('This is the brake'));
    await expect(page.getByRole('heading', { name: 'Which gauge?' })).toBeVisible();
  }
  await expect(page.getByText('third (front right) brake', { exact: false })).toBeVisible();
  await beginRotor(hands, 'G2 thickness gauge', 'No ridge');
  for (const digits of ['147', '150', '149', '150', '151', '150']) await hands.key(digits);
  await expect(verdict(page)).toContainText('Replace');

  // Fluid that goes in at the third goes through the lever of the front one too.
  await goTo(page, `${job}/third/fluid`);
  await hands.touch(hands.button(/Bottle A/));
  await page.getByLabel('Used, mL').fill('3');
  await hands.touch(hands.button('Book 3 mL off'));
  await allSent(page);
  const { bars } = await jobAt(page, jobId);
  expect(bars).toContainEqual({ code: 'replace-open', end: 'third', subject: 'rotor' });
  expect(bars).toContainEqual({ code: 'lever-untested', end: 'front' });
  await goTo(page, `${job}/sign-off`);
  await expect(
    page.getByText('The front brake was opened and its lever has no number', { exact: false }),
  ).toBeVisible();
  await expect(
    page.getByText('The third rotor: the work must be done', { exact: false }),
  ).toBeVisible();
  await page.getByLabel('PIN of Teodor Vane').last().fill(pinOf('Teodor Vane'));
  await hands.touch(hands.button('Sign and seal'));
  await expect(page.getByText('This job may not be signed off yet.')).toBeInViewport({ ratio: 1 });

  // Corrected, it is asked where it sits as long as it is said to be there.
  const { bike } = await jobAt(page, jobId);
  await goTo(page, `/bikes/${bike.id}/correct`);
  await expect(of('Where the third brake sits', 'Right front, beside the left one')).toBeChecked();
  await hands.touch(of('Brake, third', 'None'));
  await expect(page.getByText('Where the third brake sits')).toHaveCount(0);
  await expect(of('One lever for two brakes', 'Front and third')).toHaveCount(0);

  // A mechanic may not take it off; pressed at the foot of the form, why is brought into view.
  const context = await browser.newContext();
  const other = await openBench(await context.newPage(), 'Maren Okafor');
  await goTo(other.page, `/bikes/${bike.id}/correct`);
  const third = other.page.getByRole('radiogroup', { name: 'Brake, third', exact: true });
  await other.touch(third.getByRole('radio', { name: 'None' }));
  await other.touch(other.button('Save'));
  await expect(other.page.getByRole('alert')).toContainText('Third brake');
  await expect(
    other.page.getByText('Less would be asked of this bike', { exact: false }),
  ).toBeInViewport({ ratio: 1 });
  await context.close();
});
